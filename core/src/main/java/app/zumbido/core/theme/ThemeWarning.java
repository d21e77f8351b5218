package app.zumbido.core.theme;

import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.Difference;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.color.WcagLevel;
import app.zumbido.core.palette.Paint;
import app.zumbido.core.palette.Palette;
import app.zumbido.core.palette.Swatch;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Something about a theme that will be regretted in documents. */
public sealed interface ThemeWarning {
    /** A dark slot that is not darker than the light one beside it. */
    record NotAlternating(ThemeSlot dark, ThemeSlot light) implements ThemeWarning {}

    /** Text and ground below 4.5:1. */
    record TextUnreadable(ThemeSlot text, ThemeSlot ground, ContrastRatio ratio) implements ThemeWarning {}

    /** A link below 4.5:1 on a ground of the pages. */
    record LinkUnreadable(ThemeSlot link, ThemeSlot ground, ContrastRatio ratio) implements ThemeWarning {}

    /**
     * A visited link hardly differs from another.
     *
     * @param difference ΔE00
     */
    record VisitedAlike(double difference) implements ThemeWarning {}

    /**
     * Two accents hardly differ.
     *
     * @param difference ΔE00
     */
    record AccentsAlike(ThemeSlot later, ThemeSlot earlier, double difference) implements ThemeWarning {}

    /** Two accents are the same: normal where colours are few, so only a note. */
    record AccentRepeated(ThemeSlot later, ThemeSlot earlier) implements ThemeWarning {}

    /**
     * A colour of the brand of which document programs make tints that look like no colour of the brand; nothing that anybody
     * has done wrong, so only a note.
     *
     * @param calmer the nearest colour whose tints do not; nothing if there is none
     */
    record NeonTints(ThemeSlot slot, Optional<Rgb> calmer) implements ThemeWarning {}

    /** Nobody has given the theme a name of its own. */
    record DefaultName() implements ThemeWarning {}

    /** Whether it is only worth a note. */
    default boolean isNote() {
        return this instanceof AccentRepeated || this instanceof NeonTints;
    }

    /** Less is hardly told apart; ΔE00. Common practice, no published source. */
    double ALIKE = 5;

    List<ThemeSlot> LINKS = List.of(ThemeSlot.HYPERLINK, ThemeSlot.FOLLOWED_HYPERLINK);

    /**
     * @param defaultName what a theme is called until somebody names it
     * @return warnings in the order of the slots; empty slots are not judged
     */
    static List<ThemeWarning> of(Theme theme, Palette palette, String defaultName) {
        Map<ThemeSlot, Rgb> colors = theme.resolve(palette);
        List<ThemeWarning> warnings = new ArrayList<>();
        if (theme.name().equals(defaultName)) {
            warnings.add(new DefaultName());
        }
        text(colors, warnings);
        links(colors, theme.ground(), warnings);
        accents(colors, warnings);
        tints(theme, palette, colors, warnings);
        return warnings;
    }

    /** What a slot is made of from others was chosen for its tints already. */
    private static void tints(Theme theme, Palette palette, Map<ThemeSlot, Rgb> colors, List<ThemeWarning> warnings) {
        Family family = Family.of(palette.swatches().stream().map(Swatch::color).toList());
        colors.forEach((slot, color) -> {
            boolean own = theme.get(slot)
                    .paint()
                    .filter(Paint.OfSwatch.class::isInstance)
                    .isPresent();
            if (own && !family.holds(color)) {
                warnings.add(new NeonTints(slot, family.nearest(color)));
            }
        });
    }

    private static void text(Map<ThemeSlot, Rgb> colors, List<ThemeWarning> warnings) {
        for (ThemeSlot dark : PageGround.LIGHT.texts()) {
            for (ThemeSlot light : PageGround.LIGHT.pages()) {
                if (colors.containsKey(dark) && colors.containsKey(light)) {
                    Rgb text = colors.get(dark);
                    Rgb ground = colors.get(light);
                    ContrastRatio ratio = ContrastRatio.between(text, ground);
                    if (ContrastRatio.relativeLuminance(text) >= ContrastRatio.relativeLuminance(ground)) {
                        warnings.add(new NotAlternating(dark, light));
                    } else if (!ratio.reaches(WcagLevel.AA.text())) {
                        warnings.add(new TextUnreadable(dark, light, ratio));
                    }
                }
            }
        }
    }

    private static void links(Map<ThemeSlot, Rgb> colors, PageGround ground, List<ThemeWarning> warnings) {
        for (ThemeSlot link : LINKS) {
            for (ThemeSlot page : ground.pages()) {
                if (colors.containsKey(link) && colors.containsKey(page)) {
                    ContrastRatio ratio = ContrastRatio.between(colors.get(link), colors.get(page));
                    if (!ratio.reaches(WcagLevel.AA.text())) {
                        warnings.add(new LinkUnreadable(link, page, ratio));
                    }
                }
            }
        }
        if (colors.keySet().containsAll(LINKS)) {
            double difference =
                    Difference.between(colors.get(ThemeSlot.HYPERLINK), colors.get(ThemeSlot.FOLLOWED_HYPERLINK));
            if (difference < ALIKE) {
                warnings.add(new VisitedAlike(difference));
            }
        }
    }

    private static void accents(Map<ThemeSlot, Rgb> colors, List<ThemeWarning> warnings) {
        for (int i = 0; i < ThemeSlot.ACCENTS.size(); i++) {
            for (int j = 0; j < i; j++) {
                Rgb one = colors.get(ThemeSlot.ACCENTS.get(i));
                Rgb other = colors.get(ThemeSlot.ACCENTS.get(j));
                if (one != null && other != null) {
                    double difference = Difference.between(one, other);
                    ThemeSlot later = ThemeSlot.ACCENTS.get(i);
                    ThemeSlot earlier = ThemeSlot.ACCENTS.get(j);
                    if (one.equals(other)) {
                        warnings.add(new AccentRepeated(later, earlier));
                    } else if (difference < ALIKE) {
                        warnings.add(new AccentsAlike(later, earlier, difference));
                    }
                }
            }
        }
    }
}
