package app.zumbido.core.theme;

import app.zumbido.core.color.Hsl;
import app.zumbido.core.color.Rgb;
import java.util.List;

/**
 * A tint that document programs derive from a theme colour: HSL lightness is multiplied and then raised.
 * Source: ECMA-376 Part 1, 20.1.2.3.20 (lumMod) and 20.1.2.3.21 (lumOff).
 *
 * @param lumMod percent that lightness is multiplied by
 * @param lumOff percentage points added afterwards
 */
public record TintStep(int lumMod, int lumOff) {
    private static final List<TintStep> USUAL = List.of(lighter(80), lighter(60), lighter(40), darker(25), darker(50));
    private static final List<TintStep> BLACK = List.of(lighter(50), lighter(35), lighter(25), lighter(15), lighter(5));
    private static final List<TintStep> WHITE = List.of(darker(5), darker(15), darker(25), darker(35), darker(50));
    private static final List<TintStep> VERY_DARK =
            List.of(lighter(90), lighter(75), lighter(50), lighter(25), lighter(10));
    private static final List<TintStep> VERY_LIGHT =
            List.of(darker(10), darker(25), darker(50), darker(75), darker(90));

    /** Below this HSL lightness a colour is offered the steps for very dark ones; from memory, as the steps are. */
    private static final double DARK_BELOW = 0.2;
    /** Above this HSL lightness a colour is offered the steps for very light ones; from memory, as the steps are. */
    private static final double LIGHT_ABOVE = 0.8;

    static TintStep lighter(int percent) {
        return new TintStep(100 - percent, percent);
    }

    static TintStep darker(int percent) {
        return new TintStep(100 - percent, 0);
    }

    /** @return the five steps that document programs offer for the colour, from light to dark */
    public static List<TintStep> offeredFor(Rgb color) {
        if (color.equals(Rgb.BLACK)) {
            return BLACK;
        }
        if (color.equals(Rgb.WHITE)) {
            return WHITE;
        }
        double lightness = Hsl.of(color).lightness();
        if (lightness < DARK_BELOW) {
            return VERY_DARK;
        }
        return lightness > LIGHT_ABOVE ? VERY_LIGHT : USUAL;
    }

    /** @return the colour that document programs show, rounded half up */
    public Rgb apply(Rgb base) {
        Hsl hsl = Hsl.of(base);
        double lightness = Math.min(1, Math.max(0, hsl.lightness() * lumMod / 100.0 + lumOff / 100.0));
        return hsl.withLightness(lightness).toRgb();
    }
}
