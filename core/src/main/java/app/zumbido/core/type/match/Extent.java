package app.zumbido.core.type.match;

/**
 * From where to where there is ink, along one direction.
 *
 * @param first row or column that is covered by half somewhere
 * @param last one of them; before the first where there is none
 * @param begin where ink begins, in pixels and fractions: how much of the first row is covered says how much of it
 * @param end where it ends
 */
record Extent(int first, int last, double begin, double end) {
    private static final float HALF = 0.5f;

    static Extent ofRows(Ink ink) {
        float[] most = new float[ink.height()];
        for (int i = 0; i < ink.values().length; i++) {
            int row = i / ink.width();
            most[row] = Math.max(most[row], ink.values()[i]);
        }
        return of(most);
    }

    static Extent ofColumns(Ink ink) {
        float[] most = new float[ink.width()];
        for (int i = 0; i < ink.values().length; i++) {
            int column = i % ink.width();
            most[column] = Math.max(most[column], ink.values()[i]);
        }
        return of(most);
    }

    /** @param most of each row or column its darkest pixel */
    private static Extent of(float[] most) {
        int first = 0;
        while (first < most.length && most[first] < HALF) {
            first++;
        }
        int last = most.length - 1;
        while (last >= first && most[last] < HALF) {
            last--;
        }
        if (last < first) {
            return new Extent(first, last, first, first);
        }
        float before = first > 0 ? most[first - 1] : 0;
        float after = last + 1 < most.length ? most[last + 1] : 0;
        return new Extent(
                first, last, first + 1 - Math.min(1, most[first] + before), last + Math.min(1, most[last] + after));
    }
}
