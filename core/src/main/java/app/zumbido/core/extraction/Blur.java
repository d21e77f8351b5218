package app.zumbido.core.extraction;

import java.util.ArrayList;
import java.util.List;

/**
 * How far the edges of a picture are smoothed, as by a Gaussian, and what that does to a thin stroke.
 *
 * @param sigma in cells
 */
record Blur(double sigma) {
    /** Of a picture without edges that could tell; cells. */
    private static final Blur USUAL = new Blur(0.5);
    /** Less is as good as sharp: a pixel inside a stroke is all stroke. Cells. */
    private static final double SHARP = 0.55;
    /** An edge is crossed within so many cells, or it is a gradient. */
    private static final int WIDEST_EDGE = 12;
    /** Weaker edges are uncertain by noise; light, of 255. */
    private static final double LEAST_STEP = 50;

    private static final int LEAST_EDGES = 20;
    /** Edges that are crossed aslant look softer, so more than the middle one is asked; share. */
    private static final double STRAIGHT_ACROSS = 0.6;

    private static final double NARROWEST = 0.3;
    private static final double WIDEST = 12;
    /** Halvings of an interval until it is narrow enough. */
    private static final int HALVINGS = 40;

    /** Reads the edges between plateaus, by rows and by columns. */
    static Blur of(Cells cells, Plateaus plateaus) {
        List<Double> steepest = new ArrayList<>();
        for (int y = 0; y < cells.height; y++) {
            addEdges(cells, plateaus, y * cells.width, 1, cells.width, steepest);
        }
        for (int x = 0; x < cells.width; x++) {
            addEdges(cells, plateaus, x, cells.width, cells.height, steepest);
        }
        if (steepest.size() < LEAST_EDGES) {
            return USUAL;
        }
        steepest.sort(null);
        return ofSteepness(steepest.get((int) (steepest.size() * STRAIGHT_ACROSS)));
    }

    /** Adds for each edge along a line the share of its whole step that lies between two neighbouring cells at most. */
    private static void addEdges(
            Cells cells, Plateaus plateaus, int start, int step, int length, List<Double> steepest) {
        int last = -1;
        for (int i = 0; i < length; i++) {
            int label = plateaus.labels[start + i * step];
            if (label == Patches.NONE) {
                continue;
            }
            int before = last < 0 ? label : plateaus.labels[start + last * step];
            if (before != label && i - last <= WIDEST_EDGE) {
                double whole = plateaus.found.get(label).mean().light()
                        - plateaus.found.get(before).mean().light();
                if (Math.abs(whole) >= LEAST_STEP) {
                    double most = 0;
                    for (int k = last; k < i; k++) {
                        double change = cells.light(start + (k + 1) * step) - cells.light(start + k * step);
                        most = Math.max(most, change * Math.signum(whole));
                    }
                    steepest.add(most / Math.abs(whole));
                }
            }
            last = i;
        }
    }

    private static Blur ofSteepness(double share) {
        double sharp = 0.1;
        double soft = 4;
        for (int i = 0; i < HALVINGS; i++) {
            double sigma = (sharp + soft) / 2;
            // An edge lies between two cells, or through the middle of one; mostly somewhere between.
            double steepness = (erf(0.5 / sigma / Math.sqrt(2)) + erf(1 / sigma / Math.sqrt(2)) / 2) / 2;
            if (steepness > share) {
                sharp = sigma;
            } else {
                soft = sigma;
            }
        }
        return new Blur(sharp);
    }

    /**
     * @param shoulder of a stroke: what is left of its strength one cell beside its middle, 0 to 1
     * @return how much of its strength is left in its middle, 0 to 1
     */
    double leftInTheMiddle(double shoulder) {
        if (sigma < SHARP) {
            return 1;
        }
        double narrow = NARROWEST;
        double wide = WIDEST;
        for (int i = 0; i < HALVINGS; i++) {
            double width = (narrow + wide) / 2;
            if (strength(width, 1) / strength(width, 0) < shoulder) {
                narrow = width;
            } else {
                wide = width;
            }
        }
        return strength(narrow, 0);
    }

    /** @return of a stroke of a width, so far from its middle; of 1 */
    private double strength(double width, double away) {
        double scale = sigma * Math.sqrt(2);
        return (erf((width / 2 + away) / scale) + erf((width / 2 - away) / scale)) / 2;
    }

    /** Source: M. Abramowitz, I. Stegun, Handbook of Mathematical Functions, 7.1.26; within 1.5e-7. */
    static double erf(double x) {
        double t = 1 / (1 + 0.3275911 * Math.abs(x));
        double sum = ((((1.061405429 * t - 1.453152027) * t + 1.421413741) * t - 0.284496736) * t + 0.254829592) * t;
        return Math.signum(x) * (1 - sum * Math.exp(-x * x));
    }
}
