package app.zumbido.core.theme;

import app.zumbido.core.color.Difference;
import app.zumbido.core.color.Rgb;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;

/**
 * A colour as document programs refer to it, so that it follows the theme: a slot, or one of the steps that are offered of it.
 */
public record SlotColor(ThemeSlot slot, Optional<TintStep> step) {
    /** What anything but a text looks for a colour in: links mean what they say. Accents first, of two alike. */
    private static final List<ThemeSlot> SLOTS = Stream.concat(ThemeSlot.ACCENTS.stream(), ThemeSlot.GROUNDS.stream())
            .toList();

    public static SlotColor of(ThemeSlot slot) {
        return new SlotColor(slot, Optional.empty());
    }

    /** @param colors all twelve @return the slot or step that comes nearest to a colour; a slot, where one is the colour */
    public static SlotColor nearest(Rgb wanted, Map<ThemeSlot, Rgb> colors) {
        return SLOTS.stream()
                .filter(slot -> colors.get(slot).equals(wanted))
                .findFirst()
                .map(SlotColor::of)
                .orElseGet(() -> nearest(wanted, colors, color -> true).orElseThrow());
    }

    /** @return the one that comes nearest to a colour of those that are fit for something */
    public static Optional<SlotColor> nearest(Rgb wanted, Map<ThemeSlot, Rgb> colors, Predicate<Rgb> fit) {
        return SLOTS.stream()
                .flatMap(slot -> Stream.concat(Stream.of(of(slot)), of(slot).steps(colors)))
                .filter(color -> fit.test(color.in(colors)))
                .min((one, other) -> Double.compare(
                        Difference.between(one.in(colors), wanted), Difference.between(other.in(colors), wanted)));
    }

    /** @return the steps that are offered of the slot, whatever its own step is */
    public Stream<SlotColor> steps(Map<ThemeSlot, Rgb> colors) {
        return TintStep.offeredFor(colors.get(slot)).stream().map(offered -> new SlotColor(slot, Optional.of(offered)));
    }

    /** @param colors all twelve @return what is seen */
    public Rgb in(Map<ThemeSlot, Rgb> colors) {
        Rgb base = colors.get(slot);
        return step.map(tint -> tint.apply(base)).orElse(base);
    }
}
