package app.zumbido.server.theme;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.roles.Role;
import app.zumbido.core.theme.DarkLayout;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.core.theme.TintStep;
import app.zumbido.core.theme.Unbranded;
import java.util.List;
import java.util.Map;

/**
 * Everything that the specimens are painted from, as hexes. Empty slots show the unbranded greys.
 *
 * @param accents the six accents in order
 * @param linkOnDark what links are mapped to on dark layouts, so that they read there
 * @param raised the one series that a chart raises: the highlight, where the brand has one
 * @param quiet the other series beside it
 * @param onAccents for each accent the better of Dark 1 and Light 1 as text on it
 */
public record SpecimenResponse(
        String dark1,
        String light1,
        String dark2,
        String light2,
        List<String> accents,
        List<String> onAccents,
        String link,
        String followedLink,
        String linkOnDark,
        String raised,
        String quiet,
        String headingFont,
        String bodyFont) {
    public static SpecimenResponse of(Brand brand) {
        Map<ThemeSlot, Rgb> colors = Unbranded.completing(brand.theme(), brand.palette());
        Rgb dark = colors.get(ThemeSlot.DARK_1);
        Rgb light = colors.get(ThemeSlot.LIGHT_1);
        List<Rgb> accents = ThemeSlot.ACCENTS.stream().map(colors::get).toList();
        return new SpecimenResponse(
                dark.hex(),
                light.hex(),
                colors.get(ThemeSlot.DARK_2).hex(),
                colors.get(ThemeSlot.LIGHT_2).hex(),
                accents.stream().map(Rgb::hex).toList(),
                accents.stream()
                        .map(accent -> better(dark, light, accent).hex())
                        .toList(),
                colors.get(ThemeSlot.HYPERLINK).hex(),
                colors.get(ThemeSlot.FOLLOWED_HYPERLINK).hex(),
                DarkLayout.link(colors).hex(),
                raised(brand, accents).hex(),
                quiet(colors.get(ThemeSlot.DARK_2)).hex(),
                brand.theme().fonts().heading(),
                brand.theme().fonts().body());
    }

    private static Rgb raised(Brand brand, List<Rgb> accents) {
        return brand.roles()
                .first(Role.HIGHLIGHT)
                .map(swatch -> brand.palette().get(swatch).color())
                .orElse(accents.get(0));
    }

    /** The second lightest tint that document programs make of the second dark. */
    private static Rgb quiet(Rgb dark) {
        return TintStep.offeredFor(dark).get(1).apply(dark);
    }

    private static Rgb better(Rgb one, Rgb other, Rgb ground) {
        return ContrastRatio.between(one, ground).compareTo(ContrastRatio.between(other, ground)) >= 0 ? one : other;
    }
}
