package app.zumbido.core.inspect.dress;

import app.zumbido.core.inspect.Findings;
import app.zumbido.core.inspect.Purpose;
import app.zumbido.core.inspect.Spot;
import app.zumbido.core.inspect.Use;
import app.zumbido.core.inspect.Written;
import app.zumbido.core.inspect.check.Edit;
import app.zumbido.core.inspect.dress.DressWarnings.Measure;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Headings that take more lines in the new face than in the old one. */
public final class Headings {
    /** Smaller letters would be no heading any more; share, set by eye. */
    private static final double LEAST = 0.6;
    /** Programs break lines a little earlier than advances say. */
    private static final double MARGIN = 0.97;

    private Headings() {}

    /**
     * A heading that wraps.
     *
     * @param scale of its letters at which it takes as many lines as before
     * @param spot where that can be said
     */
    public record Heading(int page, double scale, Optional<Spot> spot) {}

    public static List<Heading> wrapping(Findings findings, Measure before, Measure after) {
        Map<List<Object>, List<Written>> headings = new LinkedHashMap<>();
        for (Use use : findings.uses()) {
            boolean measured = use.purpose() == Purpose.TITLE
                    && use.place().page().isPresent()
                    && use.written().filter(written -> written.room() > 0).isPresent();
            if (measured) {
                headings.computeIfAbsent(
                                List.of(
                                        use.place().page().getAsInt(),
                                        use.place().shape(),
                                        use.place().paragraph()),
                                key -> new ArrayList<>())
                        .add(use.written().get());
            }
        }
        List<Heading> wrapping = new ArrayList<>();
        headings.forEach((key, runs) -> {
            int lines = lines(runs, before);
            if (lines(runs, after) > lines) {
                double scale = MARGIN * lines * runs.get(0).room() / width(runs, after);
                wrapping.add(new Heading(
                        (Integer) key.get(0),
                        Math.max(LEAST, scale),
                        runs.get(0).holder()));
            }
        });
        return wrapping;
    }

    private static double width(List<Written> heading, Measure measure) {
        return heading.stream().mapToDouble(measure::width).sum();
    }

    private static int lines(List<Written> heading, Measure measure) {
        return Math.max(
                1, (int) Math.ceil(width(heading, measure) / heading.get(0).room()));
    }

    /** @return letters so small that the headings keep their lines */
    public static List<Edit> smaller(List<Heading> headings) {
        return headings.stream()
                .flatMap(heading -> heading.spot().stream().<Edit>map(spot -> new Edit.Shrink(spot, heading.scale())))
                .toList();
    }
}
