package app.zumbido.core.theme;

import app.zumbido.core.color.Mix;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.Palette;
import app.zumbido.core.palette.SwatchId;
import java.util.Optional;
import java.util.function.Function;

/** What stands in a theme slot. */
public sealed interface SlotFill {
    /** A swatch; the slot follows it. */
    record OfSwatch(SwatchId swatch) implements SlotFill {}

    /**
     * A swatch made lighter or darker; the slot follows it.
     *
     * @param lightness what is added to the swatch's OKLCH lightness, -1 to 1
     */
    record Derived(SwatchId swatch, double lightness) implements SlotFill {
        public Derived {
            if (!(Math.abs(lightness) <= 1)) {
                throw new IllegalArgumentException("Lightness changes by -1 to 1, not " + lightness);
            }
        }

        public static Rgb shift(Rgb base, double lightness) {
            return new Mix(lightness, 0, 0).apply(base).color();
        }
    }

    /** A colour of its own that follows nothing. */
    record Fixed(Rgb color) implements SlotFill {}

    /** Nobody has set it. */
    record Empty() implements SlotFill {}

    Empty EMPTY = new Empty();

    default <T> T match(
            Function<OfSwatch, T> ofSwatch,
            Function<Derived, T> derived,
            Function<Fixed, T> fixed,
            Function<Empty, T> empty) {
        if (this instanceof OfSwatch value) {
            return ofSwatch.apply(value);
        }
        if (this instanceof Derived value) {
            return derived.apply(value);
        }
        if (this instanceof Fixed value) {
            return fixed.apply(value);
        }
        return empty.apply((Empty) this);
    }

    /** @return the swatch that this fill follows, if any */
    default Optional<SwatchId> follows() {
        return match(
                f -> Optional.of(f.swatch()),
                f -> Optional.of(f.swatch()),
                f -> Optional.empty(),
                f -> Optional.empty());
    }

    /** @return the same on another swatch, where it follows the one that goes */
    default SlotFill following(SwatchId gone, SwatchId kept) {
        return match(
                f -> f.swatch().equals(gone) ? new OfSwatch(kept) : f,
                f -> f.swatch().equals(gone) ? new Derived(kept, f.lightness()) : f,
                f -> f,
                f -> f);
    }

    /** @return the colour that it comes to; nothing for an empty slot */
    default Optional<Rgb> resolve(Palette palette) {
        return match(
                f -> Optional.of(palette.get(f.swatch()).color()),
                f -> Optional.of(Derived.shift(palette.get(f.swatch()).color(), f.lightness())),
                f -> Optional.of(f.color()),
                f -> Optional.empty());
    }
}
