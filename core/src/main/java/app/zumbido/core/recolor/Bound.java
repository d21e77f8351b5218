package app.zumbido.core.recolor;

/** What the families that are left cost at least. */
final class Bound {
    private Bound() {}

    /**
     * Each family's cheapest choice among those that nobody has taken; costs between families that are left are none yet.
     *
     * @param from the first family that is left
     */
    static double of(double[][] scores, int[][] keys, int from, boolean[] used, boolean distinct) {
        double bound = 0;
        for (int f = from; f < scores.length; f++) {
            double least = Double.MAX_VALUE / 1e6;
            boolean alone = scores[f].length == 1;
            for (int c = 0; c < scores[f].length; c++) {
                if (scores[f][c] < least && (!distinct || alone || !used[keys[f][c]])) {
                    least = scores[f][c];
                }
            }
            bound += least;
        }
        return bound;
    }
}
