package app.zumbido.core.recolor;

/**
 * What a deal costs, by what was given up; 0 is as good as can be. Unitless.
 *
 * @param lightness light areas that became darker, and dark ones that became lighter
 * @param contrast touching areas that are told apart less than before
 * @param families shades that are none any more, and areas that have become one
 * @param importance the main colour on small areas, the highlight on large ones
 * @param mood how far it is from the word that was chosen
 */
public record DealCost(double lightness, double contrast, double families, double importance, double mood) {
    public double total() {
        return lightness + contrast + families + importance + mood;
    }
}
