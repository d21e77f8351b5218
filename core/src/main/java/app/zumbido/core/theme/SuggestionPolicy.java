package app.zumbido.core.theme;

import java.util.Set;

/**
 * What the person has decided before a theme is suggested.
 *
 * @param spare what stands in accents that the brand has no colour for
 * @param links where the link colours come from
 * @param highlight which accent the highlight has
 * @param kept slots that stay as they are
 */
public record SuggestionPolicy(Spare spare, LinkColors links, Highlight highlight, Set<ThemeSlot> kept) {
    public static final SuggestionPolicy USUAL =
            new SuggestionPolicy(Spare.DERIVE, LinkColors.BRAND, Highlight.LAST, Set.of());

    public SuggestionPolicy {
        kept = Set.copyOf(kept);
    }

    public SuggestionPolicy keeping(Set<ThemeSlot> slots) {
        return new SuggestionPolicy(spare, links, highlight, slots);
    }

    /** For accents with nothing of the brand. */
    public enum Spare {
        /** Lighter and darker companions, so that all six are told apart. */
        DERIVE,
        /** The brand's colours again, in their order. */
        REPEAT,
        BLACK_AND_GREY
    }

    /** For hyperlinks. */
    public enum LinkColors {
        BRAND,
        /** The blue and purple that readers of the web know. Source: HTML Living Standard, 15.3.3. */
        CUSTOMARY
    }

    /** Where the highlight stands among the accents. */
    public enum Highlight {
        /** In the last, where an ordinary chart does not reach it. */
        LAST,
        /** Like any other colour. */
        IN_ORDER_OF_USE
    }
}
