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
        Parts parts = new Parts(this);
        parts.id = ids.get();
        parts.revision = 1;
        parts.name = newName;
        parts.themes = themes.each(theme -> theme.under(renamed.get(theme.id())));
        parts.alternatives = alternatives.underThemes(theme -> renamed.get(theme));
        return parts.brand();
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
        Parts parts = new Parts(this);
        parts.palette = palette.repainted(change);
        parts.roles = roles.repainted(change);
        parts.themes = themes.repainted(change);
        parts.grounds = grounds.repainted(change);
        parts.logos = logos.repainted(change);
        return parts.brand();
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
        Parts parts = new Parts(this);
        parts.revision = newRevision;
        return parts.brand();
    }

    Brand withName(String newName) {
        Parts parts = new Parts(this);
        parts.name = newName;
        return parts.brand();
    }

    Brand withShortCode(Optional<String> newShortCode) {
        Parts parts = new Parts(this);
        parts.shortCode = newShortCode;
        return parts.brand();
    }

    Brand with(Palette newPalette) {
        Parts parts = new Parts(this);
        parts.palette = newPalette;
        return parts.brand();
    }

    Brand with(Roles newRoles) {
        Parts parts = new Parts(this);
        parts.roles = newRoles;
        return parts.brand();
    }

    Brand with(Themes newThemes) {
        Parts parts = new Parts(this);
        parts.themes = newThemes;
        return parts.brand();
    }

    Brand with(FontSet newType) {
        Parts parts = new Parts(this);
        parts.type = newType;
        return parts.brand();
    }

    Brand with(Alternatives newAlternatives) {
        Parts parts = new Parts(this);
        parts.alternatives = newAlternatives;
        return parts.brand();
    }

    /** @return with another palette in force, and all that is decided on it */
    Brand standingOn(Alternative other) {
        Parts parts = new Parts(this);
        parts.palette = other.palette();
        parts.roles = other.roles();
        parts.themes = other.themes();
        parts.grounds = other.grounds();
        parts.logos = logos.repainted(paint -> standing(paint, other.palette()));
        return parts.brand();
    }

    /** Logos are the same on every palette; what followed a swatch that the other lacks keeps its colour. */
    private Paint standing(Paint paint, Palette other) {
        boolean known = paint.follows().map(other.ids()::contains).orElse(true);
        return known ? paint : new Paint.Fixed(paint.resolve(palette));
    }

    Brand with(LogoSet newLogos) {
        Parts parts = new Parts(this);
        parts.logos = newLogos;
        return parts.brand();
    }

    Brand with(TemplateDesign newTemplate) {
        Parts parts = new Parts(this);
        parts.template = newTemplate;
        return parts.brand();
    }

    Brand with(GuideDesign newGuide) {
        Parts parts = new Parts(this);
        parts.guide = newGuide;
        return parts.brand();
    }

    Brand with(GroundRules newGrounds) {
        Parts parts = new Parts(this);
        parts.grounds = newGrounds;
        return parts.brand();
    }

    /** @param pictures the same pictures under other ids */
    public Brand over(UnaryOperator<UUID> pictures) {
        return with(grounds.over(pictures))
                .with(logos.over(pictures))
                .with(guide.over(pictures))
                .with(alternatives.over(pictures));
    }

    /** Everything of a brand, so that one thing can be changed and all else stays. */
    private static final class Parts {
        private UUID id;
        private long revision;
        private String name;
        private Optional<String> shortCode;
        private Palette palette;
        private Roles roles;
        private Themes themes;
        private GroundRules grounds;
        private FontSet type;
        private LogoSet logos;
        private TemplateDesign template;
        private GuideDesign guide;
        private Alternatives alternatives;

        Parts(Brand brand) {
            id = brand.id;
            revision = brand.revision;
            name = brand.name;
            shortCode = brand.shortCode;
            palette = brand.palette;
            roles = brand.roles;
            themes = brand.themes;
            grounds = brand.grounds;
            type = brand.type;
            logos = brand.logos;
            template = brand.template;
            guide = brand.guide;
            alternatives = brand.alternatives;
        }

        Brand brand() {
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
                    alternatives);
        }
    }
}
