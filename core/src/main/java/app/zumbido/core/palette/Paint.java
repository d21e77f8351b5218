package app.zumbido.core.palette;

import app.zumbido.core.color.Mix;
import app.zumbido.core.color.Oklch;
import app.zumbido.core.color.Rgb;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.UnaryOperator;

/**
 * The one reference to a colour: as far as the palette has it, it follows the palette. Whatever holds one is
 * {@link Painted}.
 */
public sealed interface Paint {
    /** Steps that are looked at when a colour is recognised; shares of the way to the light or the dark end. */
    List<Double> STEPS = List.of(0.25, 0.5, 0.75, -0.25, -0.5, -0.75);

    record OfSwatch(SwatchId swatch) implements Paint {}

    /**
     * A step of a swatch's ladder, whether or not it is a swatch of its own.
     *
     * @param base the swatch whose ladder it is
     * @param away share of the way from the base to the light end, or below 0 to the dark one; -1 to 1, never 0
     */
    record OnLadder(SwatchId base, double away) implements Paint {
        public OnLadder {
            if (!(Math.abs(away) <= 1) || away == 0) {
                throw new IllegalArgumentException("A step lies away from its base by -1 to 1, not " + away);
            }
        }

        /** @param color of the base */
        public Rgb colorFrom(Rgb color) {
            return Ladder.at(color, away);
        }
    }

    /**
     * A swatch made lighter or darker at its own chroma.
     *
     * @param lightness what is added to the OKLCH lightness of the base, -1 to 1
     */
    record Shifted(SwatchId base, double lightness) implements Paint {
        public Shifted {
            if (!(Math.abs(lightness) <= 1)) {
                throw new IllegalArgumentException("Lightness changes by -1 to 1, not " + lightness);
            }
        }

        /** @param color of the base */
        public Rgb colorFrom(Rgb color) {
            return shift(color, lightness);
        }

        public static Rgb shift(Rgb color, double lightness) {
            return new Mix(lightness, 0, 0).apply(color).color();
        }
    }

    /** A colour of its own that follows nothing. */
    record Fixed(Rgb color) implements Paint {}

    default <T> T match(
            Function<OfSwatch, T> ofSwatch,
            Function<OnLadder, T> onLadder,
            Function<Shifted, T> shifted,
            Function<Fixed, T> fixed) {
        if (this instanceof OfSwatch value) {
            return ofSwatch.apply(value);
        }
        if (this instanceof OnLadder value) {
            return onLadder.apply(value);
        }
        if (this instanceof Shifted value) {
            return shifted.apply(value);
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
                OnLadder step = new OnLadder(swatch.id(), away);
                if (step.colorFrom(swatch.color()).equals(color)) {
                    return step;
                }
            }
        }
        return new Fixed(color);
    }

    /** @return the swatch that it follows, if any */
    default Optional<SwatchId> follows() {
        return match(
                p -> Optional.of(p.swatch()),
                p -> Optional.of(p.base()),
                p -> Optional.of(p.base()),
                p -> Optional.empty());
    }

    default boolean follows(SwatchId swatch) {
        return follows().filter(swatch::equals).isPresent();
    }

    /** @throws UnknownSwatchException if it follows a swatch that the palette lacks */
    default Rgb resolve(Palette palette) {
        return match(
                p -> palette.get(p.swatch()).color(),
                p -> p.colorFrom(palette.get(p.base()).color()),
                p -> p.colorFrom(palette.get(p.base()).color()),
                Fixed::color);
    }

    /** @param lightness what is added to the OKLCH lightness; a ladder's step stays on its ladder */
    default Paint lightened(double lightness, Palette palette) {
        return match(
                p -> new Shifted(p.swatch(), lightness),
                p -> {
                    Rgb base = palette.get(p.base()).color();
                    double away = Ladder.awayAt(base, Oklch.of(resolve(palette)).l() + lightness);
                    return away == 0 ? new OfSwatch(p.base()) : new OnLadder(p.base(), away);
                },
                p -> new Shifted(p.base(), Math.max(-1, Math.min(1, p.lightness() + lightness))),
                p -> new Fixed(Shifted.shift(p.color(), lightness)));
    }

    /** What followed one swatch follows another, in the same manner. */
    static UnaryOperator<Paint> moving(SwatchId gone, SwatchId kept) {
        return paint -> paint.follows(gone)
                ? paint.match(
                        p -> new OfSwatch(kept),
                        p -> new OnLadder(kept, p.away()),
                        p -> new Shifted(kept, p.lightness()),
                        p -> p)
                : paint;
    }

    /**
     * What followed a swatch keeps the colour that it has now.
     *
     * @param palette that the swatch is still in
     */
    static UnaryOperator<Paint> releasing(SwatchId gone, Palette palette) {
        return paint -> paint.follows(gone) ? new Fixed(paint.resolve(palette)) : paint;
    }
}
