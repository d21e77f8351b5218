package app.zumbido.core.palette;

import app.zumbido.core.color.Rgb;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/** A colour that something is painted with: as far as the palette has it, it follows the palette. */
public sealed interface Paint {
    /** Steps that are looked at when a colour is recognised; shares of the way to the light or the dark end. */
    List<Double> STEPS = List.of(0.25, 0.5, 0.75, -0.25, -0.5, -0.75);

    record OfSwatch(SwatchId swatch) implements Paint {}

    /** A step of a swatch's ladder, whether or not it is a swatch of its own. */
    record OnLadder(LadderStep step) implements Paint {}

    /** A colour of its own that follows nothing. */
    record Fixed(Rgb color) implements Paint {}

    default <T> T match(Function<OfSwatch, T> ofSwatch, Function<OnLadder, T> onLadder, Function<Fixed, T> fixed) {
        if (this instanceof OfSwatch value) {
            return ofSwatch.apply(value);
        }
        if (this instanceof OnLadder value) {
            return onLadder.apply(value);
        }
        return fixed.apply((Fixed) this);
    }

    /** @return the first swatch of that colour, or the first step of a swatch's ladder, or the colour itself */
    static Paint of(Rgb color, Palette palette) {
        for (Swatch swatch : palette.swatches()) {
            if (swatch.color().equals(color)) {
                return new OfSwatch(swatch.id());
            }
        }
        for (Swatch swatch : palette.swatches()) {
            for (double away : STEPS) {
                LadderStep step = new LadderStep(swatch.id(), away);
                if (step.colorFrom(swatch.color()).equals(color)) {
                    return new OnLadder(step);
                }
            }
        }
        return new Fixed(color);
    }

    /** @return the swatch that it follows, if any */
    default Optional<SwatchId> follows() {
        return match(p -> Optional.of(p.swatch()), p -> Optional.of(p.step().base()), p -> Optional.empty());
    }

    default Rgb resolve(Palette palette) {
        return match(
                p -> palette.get(p.swatch()).color(),
                p -> p.step().colorFrom(palette.get(p.step().base()).color()),
                Fixed::color);
    }

    /** @return the same on another swatch, where it follows the one that goes */
    default Paint following(SwatchId gone, SwatchId kept) {
        if (follows().filter(gone::equals).isEmpty()) {
            return this;
        }
        return match(
                p -> new OfSwatch(kept),
                p -> new OnLadder(new LadderStep(kept, p.step().away())),
                p -> p);
    }

    /** @return its present colour by itself, where it follows the swatch that leaves the palette */
    default Paint releasing(SwatchId swatch, Palette palette) {
        return follows().filter(swatch::equals).isPresent() ? new Fixed(resolve(palette)) : this;
    }
}
