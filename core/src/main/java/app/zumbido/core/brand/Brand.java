package app.zumbido.core.brand;

import app.zumbido.core.contrast.GroundRules;
import app.zumbido.core.guide.GuideDesign;
import app.zumbido.core.logos.LogoSet;
import app.zumbido.core.palette.Paint;
import app.zumbido.core.palette.Painted;
import app.zumbido.core.palette.Palette;
import app.zumbido.core.palette.SwatchId;
import app.zumbido.core.palette.UnknownSwatchException;
import app.zumbido.core.roles.Roles;
import app.zumbido.core.theme.AccentOrder;
import app.zumbido.core.theme.Theme;
import app.zumbido.core.theme.Themes;
import app.zumbido.core.type.FontSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;

/**
 * One client with everything that is decided about its look.
 *
 * @param revision grows by one with every change, 1 at first; never comes twice
 * @param name 1 to 120 characters
 * @param shortCode the letters put in front of a swatch's name in what is handed over
 * @param type how it is set, whatever palette is in force
 * @param logos its logo in all forms, and what else belongs to it
 * @param template what is chosen about its presentation template
 * @param guide what is decided about its style guide
 * @param alternatives other palettes of the brand, with all that is decided on each
 */
public record Brand(
        UUID id,
        long revision,
        String name,
        Optional<String> shortCode,
        Palette palette,
        Roles roles,
        Themes themes,
        GroundRules grounds,
        FontSet type,
        LogoSet logos,
        TemplateDesign template,
        GuideDesign guide,
        Alternatives alternatives)
        implements Painted<Brand> {
    public static final int LONGEST_NAME = 120;
    public static final int LONGEST_SHORT_CODE = 8;
    /** A regular expression for the whole of it. */
    public static final String SHORT_CODE = "[A-Z0-9]{1," + LONGEST_SHORT_CODE + "}";

    public Brand {
        if (name.isBlank() || name.length() > LONGEST_NAME) {
            throw new IllegalArgumentException("A brand's name has 1 to " + LONGEST_NAME + " characters");
        }
        if (shortCode.filter(code -> !code.matches(SHORT_CODE)).isPresent()) {
            throw new IllegalArgumentException(
                    "A short code has 1 to " + LONGEST_SHORT_CODE + " capital letters or digits");
        }
        requireKnown(palette, roles, themes, grounds, logos);
    }

    /** @throws UnknownSwatchException if one of the others speaks of a swatch that the palette lacks */
    static void requireKnown(Palette palette, Painted<?>... holders) {
        Set<SwatchId> known = palette.ids();
        for (Painted<?> holder : holders) {
            for (Paint paint : holder.paints()) {
                paint.follows().filter(swatch -> !known.contains(swatch)).ifPresent(swatch -> {
                    throw new UnknownSwatchException(swatch);
                });
            }
        }
    }

    public static Brand begin(UUID id, String name, Optional<String> shortCode, UUID themeId) {
        return BrandDefaults.USUAL.begin(id, name, shortCode, themeId);
    }

    /** A brand of its own that begins as this one stands. */
    public Brand copy(Supplier<UUID> ids, String newName) {
        Map<UUID, UUID> renamed = new HashMap<>();
        alternatives.themeIds().forEach(theme -> renamed.put(theme, ids.get()));
        themes.ids().forEach(theme -> renamed.putIfAbsent(theme, ids.get()));
        Themes copied = themes.each(theme -> theme.under(renamed.get(theme.id())));
        return new Brand(
                ids.get(),
                1,
                newName,
                shortCode,
                palette,
                roles,
                copied,
                grounds,
                type,
                logos,
                template,
                guide,
                alternatives.underThemes(theme -> renamed.get(theme)));
    }

    /** @return the brand as it looks in the theme that is handed over first */
    public Look look() {
        return new Look(this, themes.first().id());
    }

    /** @throws app.zumbido.core.theme.UnknownThemeException if there is no theme of that id */
    public Look look(UUID theme) {
        return new Look(this, theme);
    }

    /** @return one for each theme, in their order */
    public List<Look> looks() {
        return themes.ids().stream().map(this::look).toList();
    }

    @Override
    public Brand repainted(UnaryOperator<Paint> change) {
        return new Brand(
                id,
                revision,
                name,
                shortCode,
                palette.repainted(change),
                roles.repainted(change),
                themes.repainted(change),
                grounds.repainted(change),
                type,
                logos.repainted(change),
                template,
                guide,
                alternatives);
    }

    /** @param swatch that nothing refers to any more */
    Brand without(SwatchId swatch) {
        return with(palette.without(swatch));
    }

    /** @return what its theme is called until somebody names it */
    public String usualThemeName() {
        return themeName(name);
    }

    static String themeName(String brandName) {
        return brandName.length() > Theme.LONGEST_NAME ? brandName.substring(0, Theme.LONGEST_NAME) : brandName;
    }

    /** @return the palette without what is off-limits */
    public Palette usable() {
        return roles.usable(palette);
    }

    /** @throws app.zumbido.core.palette.UnknownSwatchException if the change speaks of a swatch that is not there */
    public Brand apply(Change change) {
        Brand changed = change.applyTo(this);
        return (change.reorders() ? changed.heardSince(this) : changed).at(revision + 1);
    }

    private Brand heardSince(Brand before) {
        Roles heard = roles.following(before.palette, palette);
        return with(heard)
                .with(themes.each(theme -> AccentOrder.heard(theme, before.palette, before.roles, palette, heard)));
    }

    /** The same brand under another revision, as undo and redo need it. */
    public Brand at(long newRevision) {
        return new Brand(
                id,
                newRevision,
                name,
                shortCode,
                palette,
                roles,
                themes,
                grounds,
                type,
                logos,
                template,
                guide,
                alternatives);
    }

    Brand withName(String newName) {
        return new Brand(
                id,
                revision,
                newName,
                shortCode,
                palette,
                roles,
                themes,
                grounds,
                type,
                logos,
                template,
                guide,
                alternatives);
    }

    Brand withShortCode(Optional<String> newShortCode) {
        return new Brand(
                id,
                revision,
                name,
                newShortCode,
                palette,
                roles,
                themes,
                grounds,
                type,
                logos,
                template,
                guide,
                alternatives);
    }

    Brand with(Palette newPalette) {
        return new Brand(
                id,
                revision,
                name,
                shortCode,
                newPalette,
                roles,
                themes,
                grounds,
                type,
                logos,
                template,
                guide,
                alternatives);
    }

    Brand with(Roles newRoles) {
        return new Brand(
                id,
                revision,
                name,
                shortCode,
                palette,
                newRoles,
                themes,
                grounds,
                type,
                logos,
                template,
                guide,
                alternatives);
    }

    Brand with(Themes newThemes) {
        return new Brand(
                id,
                revision,
                name,
                shortCode,
                palette,
                roles,
                newThemes,
                grounds,
                type,
                logos,
                template,
                guide,
                alternatives);
    }

    Brand with(FontSet newType) {
        return new Brand(
                id,
                revision,
                name,
                shortCode,
                palette,
                roles,
                themes,
                grounds,
                newType,
                logos,
                template,
                guide,
                alternatives);
    }

    Brand with(Alternatives newAlternatives) {
        return new Brand(
                id,
                revision,
                name,
                shortCode,
                palette,
                roles,
                themes,
                grounds,
                type,
                logos,
                template,
                guide,
                newAlternatives);
    }

    /** @return with another palette in force, and all that is decided on it */
    Brand standingOn(Alternative other) {
        return new Brand(
                id,
                revision,
                name,
                shortCode,
                other.palette(),
                other.roles(),
                other.themes(),
                other.grounds(),
                type,
                logos.repainted(paint -> standing(paint, other.palette())),
                template,
                guide,
                alternatives);
    }

    /** Logos are the same on every palette; what followed a swatch that the other lacks keeps its colour. */
    private Paint standing(Paint paint, Palette other) {
        boolean known = paint.follows().map(other.ids()::contains).orElse(true);
        return known ? paint : new Paint.Fixed(paint.resolve(palette));
    }

    Brand with(LogoSet newLogos) {
        return new Brand(
                id,
                revision,
                name,
                shortCode,
                palette,
                roles,
                themes,
                grounds,
                type,
                newLogos,
                template,
                guide,
                alternatives);
    }

    Brand with(TemplateDesign newTemplate) {
        return new Brand(
                id,
                revision,
                name,
                shortCode,
                palette,
                roles,
                themes,
                grounds,
                type,
                logos,
                newTemplate,
                guide,
                alternatives);
    }

    Brand with(GuideDesign newGuide) {
        return new Brand(
                id,
                revision,
                name,
                shortCode,
                palette,
                roles,
                themes,
                grounds,
                type,
                logos,
                template,
                newGuide,
                alternatives);
    }

    Brand with(GroundRules newGrounds) {
        return new Brand(
                id,
                revision,
                name,
                shortCode,
                palette,
                roles,
                themes,
                newGrounds,
                type,
                logos,
                template,
                guide,
                alternatives);
    }

    /** @param pictures the same pictures under other ids */
    public Brand over(UnaryOperator<UUID> pictures) {
        return with(grounds.over(pictures))
                .with(logos.over(pictures))
                .with(guide.over(pictures))
                .with(alternatives.over(pictures));
    }
}
