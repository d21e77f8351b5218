package app.zumbido.core.color;

/**
 * What a screen shows of a colour that was asked for.
 *
 * @param inside whether it is what was asked for; if not, it was brought into the gamut of sRGB
 */
public record Shown(Rgb color, boolean inside) {
    /** Half of what is just noticeable: digits that were rounded on paper are not worth a word; OKLab units. */
    private static final double TOLD = 0.01;

    static Shown of(Oklch asked) {
        Rgb color = GamutMapping.toRgb(asked);
        boolean near = asked.toOklab().distanceTo(Oklab.of(LinearRgb.of(color))) <= TOLD;
        return new Shown(color, near || GamutMapping.inGamut(asked));
    }

    /** A colour that every screen has. */
    public static Shown exactly(Rgb color) {
        return new Shown(color, true);
    }
}
