package app.zumbido.core.extraction;

import app.zumbido.core.image.Pixels;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

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
        return new Structure(cells, bends, plateaus, ramps, withoutSteps(plateaus, ramps));
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

    /** A gradient that changes slowly, or in steps, looks flat in places. */
    private static List<Plateau> withoutSteps(Plateaus plateaus, Ramps ramps) {
        int[] inside = new int[plateaus.found.size()];
        int[] all = new int[inside.length];
        for (int i = 0; i < plateaus.labels.length; i++) {
            int label = plateaus.labels[i];
            if (label != Patches.NONE) {
                all[label]++;
                inside[label] += ramps.labels[i] == Patches.NONE ? 0 : 1;
            }
        }
        List<Plateau> flats = new ArrayList<>();
        for (int i = 0; i < inside.length; i++) {
            if (inside[i] * 2 <= all[i]) {
                flats.add(plateaus.found.get(i));
            }
        }
        return List.copyOf(flats);
    }

    /**
     * Grain goes away in the mean of a block; the texture of a thing that was photographed does not.
     *
     * @return how far the means of blocks typically lie from the mean of their plateau; of 255
     */
    double texture() {
        List<Double> off = new ArrayList<>();
        for (int top = 0; top + BLOCK <= cells.height; top += BLOCK) {
            for (int left = 0; left + BLOCK <= cells.width; left += BLOCK) {
                blockOff(left, top).ifPresent(off::add);
            }
        }
        off.sort(null);
        return off.isEmpty() ? 0 : off.get(off.size() / 2);
    }

    private OptionalDouble blockOff(int left, int top) {
        int label = plateaus.labels[top * cells.width + left];
        Point sum = new Point(0, 0, 0);
        for (int y = top; y < top + BLOCK; y++) {
            for (int x = left; x < left + BLOCK; x++) {
                int cell = y * cells.width + x;
                if (label == Patches.NONE || plateaus.labels[cell] != label) {
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
        long seen = 0;
        long drawn = 0;
        for (int i = 0; i < cells.count(); i++) {
            seen += cells.at(i) == Cells.NOTHING ? 0 : 1;
            drawn += part(i) == Patches.NONE ? 0 : 1;
        }
        return seen == 0 ? 0 : (double) drawn / seen;
    }
}
