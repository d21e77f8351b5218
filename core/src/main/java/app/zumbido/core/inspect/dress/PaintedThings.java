package app.zumbido.core.inspect.dress;

import app.zumbido.core.color.Oklch;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.inspect.Purpose;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** The colours of boxes and shapes, seen beside each other. Found once: a file may have thousands. */
final class PaintedThings {
    /**
     * How loud a colour cries.
     *
     * @param chroma in OKLCH
     */
    private record Loudness(double chroma, int uses) {}

    private final List<Loudness> loudness;
    private final Map<Rgb, Integer> ranks = new HashMap<>();

    private PaintedThings(List<Loudness> loudness) {
        this.loudness = loudness;
    }

    /** @param tallies most used first */
    static PaintedThings of(List<Tally> tallies) {
        List<Tally> things = tallies.stream()
                .filter(tally -> !tally.text())
                .filter(tally -> tally.purpose() == Purpose.BOX_FILL || tally.purpose() == Purpose.SHAPE_FILL)
                .toList();
        PaintedThings painted = new PaintedThings(things.stream()
                .map(tally ->
                        new Loudness(Oklch.of(tally.color()).c(), tally.uses().size()))
                .toList());
        things.stream()
                .filter(tally -> tally.purpose() == Purpose.SHAPE_FILL)
                .map(Tally::color)
                .filter(color -> Oklch.of(color).isColorful())
                .forEach(color -> painted.ranks.put(color, painted.ranks.size()));
        return painted;
    }

    /** Of all that is painted in boxes and shapes only the one that cries loudest is the one thing that matters. */
    boolean isMostVivid(Tally tally) {
        double own = Oklch.of(tally.color()).c();
        return loudness.stream()
                .noneMatch(other ->
                        other.chroma() > own && other.uses() < tally.uses().size());
    }

    /** @return place among the colourful shapes, the most used one 0; -1 of others */
    int rank(Rgb color) {
        return ranks.getOrDefault(color, -1);
    }
}
