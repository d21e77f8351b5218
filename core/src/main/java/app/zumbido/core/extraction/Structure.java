package app.zumbido.core.extraction;

import app.zumbido.core.image.Pixels;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.function.IntPredicate;

/**
 * What a picture is made of as a whole: its cells, its flat colours and its gradients.
 *
 * @param bends as {@link Cells#bends()} tells
 * @param flats plateaus that are no part of a gradient
 */
record Structure(Cells cells, byte[] bends, Plateaus plateaus, Ramps ramps, List<Plateau> flats) {
    /** Changes up to this are noise or slow; larger ones are edges and say nothing about noise. Of 255. */
    private static final int EDGE = 40;
    /** When half of the cells that are no edge change by more, the noise is smoothed over a wider area. Of 255. */
    private static final int NOISY = 4;

    private static final int WIDEST = 3;
    /** Side of a block, in cells. */
    private static final int BLOCK = 8;
    /** A stretch of a gradient between letters is no larger; share of the picture. */
    private static final double SMALL = 0.02;
    /** So small it may even have one value. */
    private static final double SMALLEST = 0.005;
    /** What was drawn flat has mostly one value, a stretch of a gradient has many; share of its cells. */
    private static final double ONE_VALUE = 0.6;
    /** A stretch lies no farther off the way between the stops; of 255. */
    private static final double ON_THE_WAY = 8;
    /** The same where a slope is looked at. */
    private static final int SLOPE = 12;

    static Structure of(Pixels pixels) {
        int reach = 1;
        Cells cells = Cells.of(pixels);
        byte[] changes = cells.changes();
        while (reach < WIDEST && typical(changes) > NOISY) {
            cells = cells.smoothed(++reach);
            changes = cells.changes();
        }
        Plateaus plateaus = new Plateaus(cells, changes);
        byte[] bends = cells.bends();
        Ramps ramps = new Ramps(cells, plateaus, bends);
        return new Structure(cells, bends, plateaus, ramps, withoutSteps(cells, plateaus, ramps));
    }

    private static int typical(byte[] changes) {
        int[] counts = new int[EDGE];
        long total = 0;
        for (byte change : changes) {
            if ((change & 0xFF) < EDGE) {
                counts[change]++;
                total++;
            }
        }
        long sum = 0;
        for (int i = 0; i < EDGE; i++) {
            sum += counts[i];
            if (sum * 2 >= total) {
                return i;
            }
        }
        return EDGE;
    }

    /** A gradient that changes slowly, or in steps, looks flat in places; between letters upon it there are many such. */
    private static List<Plateau> withoutSteps(Cells cells, Plateaus plateaus, Ramps ramps) {
        int[] inside = new int[plateaus.found.size()];
        int[] all = new int[inside.length];
        List<Map<Integer, Integer>> values = new ArrayList<>();
        plateaus.found.forEach(plateau -> values.add(new HashMap<>()));
        for (int i = 0; i < plateaus.labels.length; i++) {
            int label = plateaus.labels[i];
            if (label != Patches.NONE) {
                all[label]++;
                inside[label] += ramps.labels[i] == Patches.NONE ? 0 : 1;
                values.get(label).merge(cells.pixel(i), 1, Integer::sum);
            }
        }
        List<Plateau> flats = new ArrayList<>();
        for (int i = 0; i < inside.length; i++) {
            Plateau plateau = plateaus.found.get(i);
            int mode = values.get(i).values().stream().max(Integer::compare).orElse(0);
            boolean stretch = all[i] < (mode < ONE_VALUE * all[i] ? SMALL : SMALLEST) * cells.count()
                    && Ramps.passThrough(ramps.found, plateau.mean(), ON_THE_WAY);
            if (inside[i] * 2 <= all[i] && !stretch) {
                flats.add(plateau);
            }
        }
        return List.copyOf(flats);
    }

    /**
     * Grain goes away in the mean of a flat block; the texture of a thing that was photographed does not.
     *
     * @return how far the means of blocks typically lie from the mean of their plateau; of 255
     */
    double texture() {
        BitSet flat = new BitSet();
        for (int i = 0; i < plateaus.found.size(); i++) {
            flat.set(i, flats.contains(plateaus.found.get(i)));
        }
        List<Double> off = new ArrayList<>();
        for (int top = 0; top + BLOCK <= cells.height; top += BLOCK) {
            for (int left = 0; left + BLOCK <= cells.width; left += BLOCK) {
                blockOff(left, top, flat).ifPresent(off::add);
            }
        }
        off.sort(null);
        return off.isEmpty() ? 0 : off.get(off.size() / 2);
    }

    private OptionalDouble blockOff(int left, int top, BitSet flat) {
        int label = plateaus.labels[top * cells.width + left];
        if (label == Patches.NONE || !flat.get(label)) {
            return OptionalDouble.empty();
        }
        Point sum = new Point(0, 0, 0);
        for (int y = top; y < top + BLOCK; y++) {
            for (int x = left; x < left + BLOCK; x++) {
                int cell = y * cells.width + x;
                if (plateaus.labels[cell] != label) {
                    return OptionalDouble.empty();
                }
                sum = sum.plus(Point.of(cells.at(cell)), 1.0 / (BLOCK * BLOCK));
            }
        }
        return OptionalDouble.of(sum.distanceTo(plateaus.found.get(label).mean()));
    }

    /** @return which plateau or gradient a cell belongs to, {@link Patches#NONE} if to no such thing */
    int part(int cell) {
        int ramp = ramps.labels[cell];
        return ramp == Patches.NONE ? plateaus.labels[cell] : plateaus.found.size() + ramp;
    }

    /** @return share of what is not transparent that is flat or a gradient, 0 to 1 */
    double share() {
        return share(cell -> part(cell) != Patches.NONE);
    }

    /** @return share of what is not transparent that is flat and no gradient, 0 to 1 */
    double flatShare() {
        return share(cell -> plateaus.labels[cell] != Patches.NONE && ramps.labels[cell] == Patches.NONE);
    }

    private double share(IntPredicate counts) {
        long seen = 0;
        long drawn = 0;
        for (int i = 0; i < cells.count(); i++) {
            seen += cells.at(i) == Cells.NOTHING ? 0 : 1;
            drawn += counts.test(i) ? 1 : 0;
        }
        return seen == 0 ? 0 : (double) drawn / seen;
    }

    /**
     * What was drawn is even, or slopes evenly; what was photographed does not, however soft it is.
     *
     * @return how far the colours of a block inside the flat parts and gradients typically lie from an even slope; of 255
     */
    double unevenness() {
        List<Double> off = new ArrayList<>();
        for (int top = 0; top + SLOPE <= cells.height; top += SLOPE) {
            for (int left = 0; left + SLOPE <= cells.width; left += SLOPE) {
                if (isInside(left, top)) {
                    off.add(offSlope(left, top));
                }
            }
        }
        off.sort(null);
        return off.isEmpty() ? 0 : off.get(off.size() / 2);
    }

    private boolean isInside(int left, int top) {
        for (int y = top; y < top + SLOPE; y++) {
            for (int x = left; x < left + SLOPE; x++) {
                if (part(y * cells.width + x) == Patches.NONE) {
                    return false;
                }
            }
        }
        return true;
    }

    /** @return deviation from the plane that fits a block best, of the channel that is farthest off */
    private double offSlope(int left, int top) {
        double worst = 0;
        for (int shift = 0; shift <= 16; shift += 8) {
            double sum = 0;
            double squares = 0;
            double across = 0;
            double down = 0;
            double spread = 0;
            for (int i = 0; i < SLOPE * SLOPE; i++) {
                double x = i % SLOPE - (SLOPE - 1) / 2.0;
                double y = i / SLOPE - (SLOPE - 1) / 2.0;
                int value = cells.at((top + i / SLOPE) * cells.width + left + i % SLOPE) >> shift & 0xFF;
                sum += value;
                squares += (double) value * value;
                across += x * value;
                down += y * value;
                spread += x * x;
            }
            int count = SLOPE * SLOPE;
            double mean = sum / count;
            double unexplained = squares / count - mean * mean - (across * across + down * down) / spread / count;
            worst = Math.max(worst, Math.sqrt(Math.max(0, unexplained)));
        }
        return worst;
    }
}
