package app.zumbido.core.theme;

/** Why the suggestion put a colour in a slot. The page words it. */
public enum SlotReason {
    /** Its role says so: text, text on dark or box fill. */
    AS_ITS_ROLE_SAYS,
    /** The dark brand colour that reads best on the light grounds. */
    READS_BEST_ON_LIGHT,
    /** A second dark brand colour that still reads on both light grounds. */
    SECOND_DARK,
    /** The lightest brand colour: the paper. */
    LIGHTEST,
    /** A quiet light brand colour on which dark text still reads. */
    SECOND_LIGHT,
    /** The brand has no colour for this slot that reads, so black or white does it. */
    BLACK_OR_WHITE,
    /** The same dark or light again, since no second one reads. */
    REPEATED_TO_STAY_LEGIBLE,
    /** Next in the order of the palette. */
    IN_ORDER_OF_USE,
    /** Next in the order that charts use. */
    IN_CHART_ORDER,
    /** The highlight stands last, where an ordinary chart does not reach it. */
    HIGHLIGHT_LAST,
    /** The palette has no more colours that can be told apart: one of them, made lighter. */
    LIGHTER_COMPANION,
    /** The palette has no more colours that can be told apart: one of them, made darker. */
    DARKER_COMPANION,
    /** The palette has no more colours: one of them again, in their order. */
    REPEATED_ACCENT,
    /** The palette has no more colours: black or a grey. */
    BLACK_OR_GREY,
    /** The blue or purple that readers of the web know. */
    CUSTOMARY_LINK,
    /** A brand colour that reads on both grounds of the pages. */
    LINK_READS,
    /** A brand colour made darker until it reads on both light grounds. */
    LINK_DEEPENED,
    /** A brand colour made lighter until it reads on both dark grounds. */
    LINK_LIGHTENED,
    /** Reads on both grounds of the pages and differs from the link. */
    VISITED_DIFFERS,
    /** The colour of the theme that it was made from, lighter or darker until it is seen on the other ground. */
    TURNED_TO_BE_SEEN,
    /** The brand's only colour, so dark that it is nearly black. */
    NEARLY_BLACK
}
