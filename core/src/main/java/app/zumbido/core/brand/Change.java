package app.zumbido.core.brand;

/** Everything that a person can do to a brand. Carries the ids it makes, so that it can be applied again. */
public sealed interface Change
        permits BrandChange,
                PaletteChange,
                AlternativeChange,
                GroupChange,
                RoleChange,
                ThemeChange,
                ThemesChange,
                GroundChange,
                TypeChange,
                LogoChange,
                GuideChange {
    /** @return the brand afterwards, under the same revision */
    Brand applyTo(Brand brand);

    /** Whether it puts colours in another order of use, which accents hear that were suggested. */
    default boolean reorders() {
        return false;
    }

    /** @return what the trail says about it, given the brand as it was before */
    TrailNote note(Brand before);
}
