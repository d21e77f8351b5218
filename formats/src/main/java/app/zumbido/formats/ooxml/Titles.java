package app.zumbido.formats.ooxml;

import app.zumbido.core.inspect.ColorUse;
import app.zumbido.core.inspect.Frame;
import app.zumbido.core.inspect.Purpose;
import app.zumbido.core.inspect.Use;
import app.zumbido.core.inspect.Written;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Which text of a page is its title although nothing says so, and what titles stand on. */
final class Titles {
    /** A title is so many times larger than most of what is written; set by eye, no published source. */
    private static final double LARGER = 1.25;
    /** It begins in the upper part of the page; share. */
    private static final double UPPER = 0.4;

    private static final double COVERED = 0.6;
    /** What lies under a title and much else is no band; share of the page. */
    private static final double LARGEST_BAND = 0.5;

    private Titles() {}

    /** @param uses of one page in the order of their painting @return the same, with what was found out about titles */
    static List<Use> found(List<Use> uses) {
        List<Use> found = new ArrayList<>(uses);
        boolean said = uses.stream().anyMatch(use -> use.purpose() == Purpose.TITLE);
        if (!said) {
            largest(uses).ifPresent(title -> found.replaceAll(use -> isOf(title, use) ? as(use, Purpose.TITLE) : use));
        }
        for (int i = 0; i < found.size(); i++) {
            if (found.get(i).purpose() == Purpose.TITLE) {
                band(found, i);
            }
        }
        return found;
    }

    private static Optional<Use> largest(List<Use> uses) {
        List<Use> texts = uses.stream()
                .filter(use -> use.what() == ColorUse.TEXT && points(use) > 0)
                .toList();
        if (texts.size() < 2) {
            return Optional.empty();
        }
        double median = texts.stream().mapToDouble(Titles::points).sorted().toArray()[texts.size() / 2];
        return texts.stream()
                .filter(use ->
                        use.place().frame().filter(frame -> frame.y() < UPPER).isPresent())
                .max(Comparator.comparingDouble(Titles::points))
                .filter(use -> points(use) >= LARGER * median);
    }

    private static double points(Use use) {
        return use.written().map(Written::points).orElse(0.0);
    }

    private static boolean isOf(Use title, Use use) {
        return use.what() == ColorUse.TEXT
                && use.place().part().equals(title.place().part())
                && use.place().shape().equals(title.place().shape())
                && use.place().thing().equals(title.place().thing())
                && points(use) == points(title);
    }

    private static Use as(Use use, Purpose purpose) {
        return new Use(use.place(), purpose, use.color(), use.setting(), use.standing(), use.written());
    }

    /** The last that was painted under the title, and all of its colours. */
    private static void band(List<Use> uses, int title) {
        Optional<Frame> frame = uses.get(title).place().frame();
        if (frame.isEmpty()) {
            return;
        }
        Set<Purpose> fills = Set.of(Purpose.SHAPE_FILL, Purpose.BOX_FILL);
        for (int i = title - 1; i >= 0; i--) {
            Use use = uses.get(i);
            Optional<Frame> under = use.place().frame();
            if (fills.contains(use.purpose())
                    && under.filter(it ->
                                    it.area() < LARGEST_BAND && frame.get().coveredBy(it) >= COVERED)
                            .isPresent()) {
                for (int j = i; j >= 0 && uses.get(j).place().equals(use.place()); j--) {
                    uses.set(j, as(uses.get(j), Purpose.TITLE_BAND));
                }
                return;
            }
        }
    }
}
