package app.zumbido.core.contrast;

import app.zumbido.core.color.Fraction;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.Paint;
import app.zumbido.core.palette.Swatch;
import java.util.List;
import java.util.Optional;

/** A ground for text that people use again and again, made from one colour. Common practice, no published source. */
public record Recipe(Kind kind, Gradient gradient, Optional<Overlay> overlay, Rgb text) {
    /** What it is. */
    public enum Kind {
        /** Dark gradient with white over it; dark text. */
        WHITE_OVER_DARK,
        /** Light gradient with a dark brand colour over it; white text. */
        DARK_OVER_LIGHT,
        /** Dark, medium and light under white text: judged at the light one. */
        TITLE_BAND
    }

    private static final Fraction SOLID = Fraction.of(0.7);
    private static final double DARK = -0.5;
    private static final double LIGHT = 0.75;
    private static final double MEDIUM = 0.25;

    /**
     * @param main whose ladder the stops are taken from
     * @param dark the brand's dark text colour
     */
    public static List<Recipe> of(Swatch main, Rgb dark) {
        Rgb base = main.color();
        Rgb darker = step(main, DARK);
        Rgb lighter = step(main, LIGHT);
        return List.of(
                new Recipe(
                        Kind.WHITE_OVER_DARK,
                        new Gradient(List.of(darker, base)),
                        Optional.of(new Overlay(Rgb.WHITE, SOLID)),
                        dark),
                new Recipe(
                        Kind.DARK_OVER_LIGHT,
                        new Gradient(List.of(lighter, step(main, MEDIUM))),
                        Optional.of(new Overlay(dark, SOLID)),
                        Rgb.WHITE),
                new Recipe(
                        Kind.TITLE_BAND,
                        new Gradient(List.of(darker, base, step(main, MEDIUM))),
                        Optional.empty(),
                        Rgb.WHITE));
    }

    private static Rgb step(Swatch main, double away) {
        return new Paint.OnLadder(main.id(), away).colorFrom(main.color());
    }
}
