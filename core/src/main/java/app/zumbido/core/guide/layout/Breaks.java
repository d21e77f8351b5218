package app.zumbido.core.guide.layout;

import java.util.ArrayList;
import java.util.List;

/**
 * Where pages begin: on as few pages as can be, and those evenly filled, so that facing pages are balanced. No heading stands
 * alone at the foot.
 */
final class Breaks {
    /** What a break costs within a section and within a table; pages are counted in shares that are left empty. */
    private static final double WITHIN_SECTION = 0.25;

    private static final double WITHIN_TABLE = 0.3;
    /** A heading alone at the foot is never wanted, but better than nothing. */
    private static final double ALONE = 1000;

    private Breaks() {}

    /** A strip, and the section that it belongs to. */
    record Item(Strip strip, Object section) {}

    /** @return index of the first item of every page, 0 first */
    static List<Integer> of(List<Item> items, double height) {
        int count = items.size();
        int[] pages = new int[count + 1];
        double[] costs = new double[count + 1];
        int[] starts = new int[count + 1];
        for (int end = 1; end <= count; end++) {
            pages[end] = Integer.MAX_VALUE;
            double filled = 0;
            for (int start = end - 1; start >= 0; start--) {
                Strip first = items.get(start).strip();
                double all = filled + first.height() + Assembly.repeated(first);
                if (all > height && start < end - 1) {
                    break;
                }
                double empty = Math.max(0, 1 - all / height);
                double cost = costs[start] + empty * empty + broken(items, end);
                int needed = pages[start] + 1;
                if (needed < pages[end] || needed == pages[end] && cost < costs[end]) {
                    pages[end] = needed;
                    costs[end] = cost;
                    starts[end] = start;
                }
                filled += first.height() + first.before();
            }
            // One page more is better than a heading that stands alone.
            if (end < count && items.get(end - 1).strip().keepsNext()) {
                pages[end]++;
            }
        }
        List<Integer> places = new ArrayList<>();
        for (int end = count; end > 0; end = starts[end]) {
            places.add(0, starts[end]);
        }
        return places;
    }

    private static double broken(List<Item> items, int end) {
        if (end == items.size()) {
            return 0;
        }
        Item last = items.get(end - 1);
        Item next = items.get(end);
        if (last.strip().keepsNext()) {
            return ALONE;
        }
        if (!last.section().equals(next.section())) {
            return 0;
        }
        return last.strip().within().isPresent()
                        && last.strip().within().equals(next.strip().within())
                ? WITHIN_TABLE
                : WITHIN_SECTION;
    }
}
