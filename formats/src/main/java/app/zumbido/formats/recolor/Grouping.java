package app.zumbido.formats.recolor;

import app.zumbido.core.recolor.Graphic;

/** How near colours may lie to count as one. */
public final class Grouping {
    /** ΔE00; a little more than what nobody tells apart. */
    public static final double USUAL = 3;

    /** Beyond so many areas nobody sees which is which, and dealing takes long. */
    private static final int MOST_AREAS = 30;

    private static final double WIDER = 1.5;

    private Grouping() {}

    public static Graphic usual(Graphic graphic) {
        return by(USUAL, graphic);
    }

    /** @param difference ΔE00; more is taken where too many areas would be left */
    public static Graphic by(double difference, Graphic graphic) {
        double wide = difference;
        Graphic grouped = graphic.grouped(wide);
        while (grouped.areas().size() > MOST_AREAS) {
            wide = Math.max(1, wide * WIDER);
            grouped = graphic.grouped(wide);
        }
        return grouped;
    }
}
