package app.zumbido.core.theme;

import java.util.Set;

/**
 * What the person has decided before a theme is suggested.
 *
 * @param spare what stands in accents that the brand has no colour for
 * @param links where the link colours come from
 * @param kept slots that stay as they are
 */
public record SuggestionPolicy(Spare spare, LinkColors links, Set<ThemeSlot> kept) {
    public static final SuggestionPolicy USUAL = new SuggestionPolicy(Spare.DERIVE, LinkColors.BRAND, Set.of());

    public SuggestionPolicy {
        kept = Set.copyOf(kept);
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
}
