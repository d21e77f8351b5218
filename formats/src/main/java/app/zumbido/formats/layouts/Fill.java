package app.zumbido.formats.layouts;

import app.zumbido.core.brand.ThemedRun;
import app.zumbido.core.color.Fraction;
import app.zumbido.core.theme.SlotColor;

/** What an area is filled with. */
public sealed interface Fill {
    /** @param opacity how much of it shows */
    record Solid(SlotColor color, Fraction opacity) implements Fill {}

    /** @param angle degrees clockwise from rightwards */
    record Gradual(ThemedRun run, int angle) implements Fill {}

    static Fill of(SlotColor color) {
        return new Solid(color, Fraction.of(1));
    }
}
