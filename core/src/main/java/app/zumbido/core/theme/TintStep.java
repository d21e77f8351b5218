package app.zumbido.core.theme;

import app.zumbido.core.color.Hsl;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.color.Rounding;
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

    /** Whether it goes towards white. */
    public boolean isLighter() {
        return lumOff > 0;
    }

    /**
     * The same step as word processors write it: of a lighter one the share of the colour that stays (themeTint), of a
     * darker one the share of its lightness (themeShade). Source: ECMA-376 Part 1, 17.3.2.6 and 17.18.97.
     *
     * @return 255ths, rounded half up
     */
    public int documentValue() {
        return Rounding.halfUp(255 * lumMod / 100.0);
    }

    /** @return the colour that word processors show, since a 255th is not quite a percent; rounded half up */
    public Rgb inDocuments(Rgb base) {
        double share = documentValue() / 255.0;
        Hsl hsl = Hsl.of(base);
        return hsl.withLightness(hsl.lightness() * share + (isLighter() ? 1 - share : 0))
                .toRgb();
    }

    /**
     * The same step as spreadsheets write it. Source: ECMA-376 Part 1, 18.8.3 (tint).
     *
     * @return above 0 towards white, below 0 towards black; -1 to 1
     */
    public double workbookTint() {
        return isLighter() ? lumOff / 100.0 : (lumMod - 100) / 100.0;
    }

    /** @return the colour that spreadsheets show, rounded half up */
    public Rgb inWorkbooks(Rgb base) {
        double tint = workbookTint();
        Hsl hsl = Hsl.of(base);
        double lightness = tint < 0 ? hsl.lightness() * (1 + tint) : hsl.lightness() * (1 - tint) + tint;
        return hsl.withLightness(lightness).toRgb();
    }
}
