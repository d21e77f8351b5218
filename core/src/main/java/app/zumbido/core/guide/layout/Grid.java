package app.zumbido.core.guide.layout;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiFunction;

/** Things of equal width in rows. */
final class Grid {
    /** Where there is room for them. */
    private static final int FEWEST = 3;

    private Grid() {}

    /**
     * @param make a thing at the upper left corner of nothing, given its width
     * @return rows as high as the highest in each
     */
    static <T> List<Part> rows(List<T> things, int columns, Setting setting, BiFunction<T, Double, Part> make) {
        double wide = (setting.width() - setting.seam() * (columns - 1)) / columns;
        List<Part> rows = new ArrayList<>();
        for (int from = 0; from < things.size(); from += columns) {
            List<Part> parts = new ArrayList<>();
            double height = 0;
            for (T thing : things.subList(from, Math.min(things.size(), from + columns))) {
                Part part = make.apply(thing, wide).moved(parts.size() * (wide + setting.seam()), 0);
                height = Math.max(height, part.box().height());
                parts.add(part);
            }
            rows.add(Part.holding(Tag.GROUP, new Box(0, 0, setting.width(), height), parts));
        }
        return rows;
    }

    /** @param least in sizes of text @return how many things of that width stand beside each other, at most so many */
    static int columns(int things, double least, int most, Setting setting) {
        int fitting = (int) ((setting.width() + setting.seam()) / (setting.base() * least + setting.seam()));
        int columns = Math.max(1, Math.min(most, fitting));
        // Four of five in one row leave one alone: as many rows, equally filled. Two are not blown up.
        int rows = (int) Math.ceil((double) things / columns);
        int even = (int) Math.ceil((double) things / Math.max(1, rows));
        return Math.max(even, Math.min(columns, FEWEST));
    }
}
