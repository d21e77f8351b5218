package app.zumbido.core.theme;

import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.Difference;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.color.WcagLevel;
import app.zumbido.core.palette.Palette;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Something about a theme that will be regretted in documents.
 *
 * @param slot the slot concerned
 * @param other the one that it is judged against, if it is
 * @param value contrast ratio or ΔE00, as the kind says; 0 where it is neither
 */
public record ThemeWarning(Kind kind, ThemeSlot slot, Optional<ThemeSlot> other, double value) {
    /** What it is. */
    public enum Kind {
        /** A dark slot that is not darker than the light one beside it. */
        NOT_ALTERNATING,
        /** Text and ground below 4.5:1; the value is the ratio. */
        TEXT_UNREADABLE,
        /** A link below 4.5:1 on a ground of the pages; the value is the ratio. */
        LINK_UNREADABLE,
        /** A visited link hardly differs from another; the value is ΔE00. */
        VISITED_ALIKE,
        /** Two accents hardly differ; the value is ΔE00. */
        ACCENTS_ALIKE,
        /** Two accents are the same: normal where colours are few, so only a note. */
        ACCENT_REPEATED,
        /** Nobody has given the theme a name of its own. */
        DEFAULT_NAME;

        public boolean isNote() {
            return this == ACCENT_REPEATED;
        }
    }

    /** Less is hardly told apart; ΔE00. Common practice, no published source. */
    private static final double ALIKE = 5;

    private static final List<ThemeSlot> LINKS = List.of(ThemeSlot.HYPERLINK, ThemeSlot.FOLLOWED_HYPERLINK);

    /**
     * @param defaultName what a theme is called until somebody names it
     * @return warnings in the order of the slots; empty slots are not judged
     */
    public static List<ThemeWarning> of(Theme theme, Palette palette, String defaultName) {
        Map<ThemeSlot, Rgb> colors = theme.resolve(palette);
        List<ThemeWarning> warnings = new ArrayList<>();
        if (theme.name().equals(defaultName)) {
            warnings.add(new ThemeWarning(Kind.DEFAULT_NAME, ThemeSlot.DARK_1, Optional.empty(), 0));
        }
        text(colors, warnings);
        links(colors, theme.ground(), warnings);
        accents(colors, warnings);
        return warnings;
    }

    private static void text(Map<ThemeSlot, Rgb> colors, List<ThemeWarning> warnings) {
        for (ThemeSlot dark : PageGround.LIGHT.texts()) {
            for (ThemeSlot light : PageGround.LIGHT.pages()) {
                if (colors.containsKey(dark) && colors.containsKey(light)) {
                    Rgb text = colors.get(dark);
                    Rgb ground = colors.get(light);
                    double ratio = ContrastRatio.between(text, ground).value();
                    if (ContrastRatio.relativeLuminance(text) >= ContrastRatio.relativeLuminance(ground)) {
                        warnings.add(new ThemeWarning(Kind.NOT_ALTERNATING, dark, Optional.of(light), ratio));
                    } else if (ratio < WcagLevel.AA.text()) {
                        warnings.add(new ThemeWarning(Kind.TEXT_UNREADABLE, dark, Optional.of(light), ratio));
                    }
                }
            }
        }
    }

    private static void links(Map<ThemeSlot, Rgb> colors, PageGround ground, List<ThemeWarning> warnings) {
        for (ThemeSlot link : LINKS) {
            for (ThemeSlot page : ground.pages()) {
                if (colors.containsKey(link) && colors.containsKey(page)) {
                    double ratio = ContrastRatio.between(colors.get(link), colors.get(page))
                            .value();
                    if (ratio < WcagLevel.AA.text()) {
                        warnings.add(new ThemeWarning(Kind.LINK_UNREADABLE, link, Optional.of(page), ratio));
                    }
                }
            }
        }
        if (colors.keySet().containsAll(LINKS)) {
            double difference =
                    Difference.between(colors.get(ThemeSlot.HYPERLINK), colors.get(ThemeSlot.FOLLOWED_HYPERLINK));
            if (difference < ALIKE) {
                warnings.add(new ThemeWarning(
                        Kind.VISITED_ALIKE,
                        ThemeSlot.FOLLOWED_HYPERLINK,
                        Optional.of(ThemeSlot.HYPERLINK),
                        difference));
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
                    if (difference < ALIKE) {
                        warnings.add(new ThemeWarning(
                                one.equals(other) ? Kind.ACCENT_REPEATED : Kind.ACCENTS_ALIKE,
                                ThemeSlot.ACCENTS.get(i),
                                Optional.of(ThemeSlot.ACCENTS.get(j)),
                                difference));
                    }
                }
            }
        }
    }
}
