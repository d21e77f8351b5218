package app.zumbido.formats.paths;

import java.awt.geom.PathIterator;
import java.util.Locale;

/** Outlines as path data. Source: SVG 2, 9.3. */
public final class PathData {
    /** The letter of each kind of segment and how many numbers it has, by the constants of PathIterator. */
    private static final String LETTERS = "MLQCZ";

    private static final int[] NUMBERS = {2, 2, 4, 6, 0};

    private PathData() {}

    public static String of(PathIterator outline) {
        StringBuilder data = new StringBuilder();
        double[] at = new double[6];
        for (; !outline.isDone(); outline.next()) {
            int segment = outline.currentSegment(at);
            data.append(LETTERS.charAt(segment));
            for (int i = 0; i < NUMBERS[segment]; i++) {
                data.append(i == 0 ? "" : " ").append(String.format(Locale.ROOT, "%.2f", at[i]));
            }
        }
        return data.toString();
    }
}
