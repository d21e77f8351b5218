package app.zumbido.core.extraction;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Many colours gathered in cubes of sRGB, each with its mean. */
final class ColorBins {
    private final int shift;
    private final Map<Integer, Bin> bins = new HashMap<>();
    private long total;
    /** Neighbouring cells fall into the same cube more often than not. */
    private Bin last = new Bin(-1);

    /** @param shift a cube is {@code 1 << shift} wide; of 255 */
    ColorBins(int shift) {
        this.shift = shift;
    }

    /** One cube and what is in it. */
    static final class Bin {
        private final int key;
        private long count;
        private long red;
        private long green;
        private long blue;

        private Bin(int key) {
            this.key = key;
        }

        long count() {
            return count;
        }

        Point mean() {
            return new Point((double) red / count, (double) green / count, (double) blue / count);
        }

        private void add(Bin other) {
            count += other.count;
            red += other.red;
            green += other.green;
            blue += other.blue;
        }
    }

    void add(int rgb) {
        int key = (rgb >> 16 & 0xFF) >> shift << 16 | (rgb >> 8 & 0xFF) >> shift << 8 | (rgb & 0xFF) >> shift;
        if (key != last.key) {
            last = bins.computeIfAbsent(key, Bin::new);
        }
        last.count++;
        last.red += rgb >> 16 & 0xFF;
        last.green += rgb >> 8 & 0xFF;
        last.blue += rgb & 0xFF;
        total++;
    }

    long total() {
        return total;
    }

    /** @return fullest first */
    List<Bin> all() {
        List<Bin> all = new ArrayList<>(bins.values());
        all.sort(Comparator.comparingLong(Bin::count).reversed().thenComparingInt(bin -> bin.key));
        return all;
    }

    /** @return the cube that holds most together with the cubes around it, and these; nothing is left out of the mean */
    Bin peak() {
        Bin best = new Bin(0);
        for (Bin bin : bins.values()) {
            Bin together = new Bin(bin.key);
            for (int i = 0; i < 27; i++) {
                int key = bin.key + ((i / 9 - 1) << 16) + ((i / 3 % 3 - 1) << 8) + i % 3 - 1;
                Bin near = bins.get(key);
                if (near != null) {
                    together.add(near);
                }
            }
            if (together.count > best.count || together.count == best.count && together.key < best.key) {
                best = together;
            }
        }
        return best;
    }
}
