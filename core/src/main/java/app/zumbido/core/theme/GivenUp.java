package app.zumbido.core.theme;

/**
 * What a suggestion gave up in a slot so that the whole is best.
 *
 * @param points what it cost; the sum of all is what the suggestion makes as small as it can
 */
public record GivenUp(Kind kind, ThemeSlot slot, double points) {
    /** In the order in which the slots are filled. */
    public enum Kind {
        /** Another colour has the role that the slot is for. */
        ROLE_ELSEWHERE,
        /** Black or white stands there. */
        NOT_OF_BRAND,
        /** It could be darker. */
        NOT_DARK,
        /** It could be lighter. */
        NOT_LIGHT,
        /** A ground with a colour of its own. */
        TINTED_GROUND,
        /** The same as the slot before it. */
        REPEATED,
        /** Others that come before it in the order of use were passed over. */
        LATE_IN_ORDER,
        /** Reads, but below 7:1. */
        CONTRAST_BELOW_STRICT,
        /** Below 4.5:1: nothing reads. */
        ILLEGIBLE,
        /** Below 3:1 on the page. */
        WEAK_ON_PAGE,
        /** Hardly told from the accent before it. */
        LIKE_ITS_NEIGHBOUR,
        /** Made lighter or darker, so no longer exactly the brand's. */
        DERIVED,
        /** A link without colour looks like text. */
        GREYISH,
        LIKE_TEXT,
        /** Text or a visited link that is louder than it need be. */
        VIVID,
        VISITED_ALIKE
    }
}
