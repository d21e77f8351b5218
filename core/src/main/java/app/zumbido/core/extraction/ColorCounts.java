package app.zumbido.core.extraction;

import java.util.Arrays;

/** Counts per exact colour: an open hash table from 0xRRGGBB to a number, without boxing. */
final class ColorCounts {
    private static final int FREE = -1;

    private int[] keys = new int[1 << 12];
    private int[] counts = new int[keys.length];
    private int size;

    ColorCounts() {
        Arrays.fill(keys, FREE);
    }

    void add(int rgb, int amount) {
        int slot = slot(rgb);
        if (keys[slot] == FREE) {
            if (size * 2 >= keys.length) {
                grow();
                slot = slot(rgb);
            }
            keys[slot] = rgb;
            size++;
        }
        counts[slot] += amount;
    }

    int count(int rgb) {
        int slot = slot(rgb);
        return keys[slot] == FREE ? 0 : counts[slot];
    }

    int size() {
        return size;
    }

    void forEach(Visitor visitor) {
        for (int i = 0; i < keys.length; i++) {
            if (keys[i] != FREE) {
                visitor.visit(keys[i], counts[i]);
            }
        }
    }

    interface Visitor {
        void visit(int rgb, int count);
    }

    private int slot(int rgb) {
        int mask = keys.length - 1;
        // Fibonacci hashing spreads neighbouring colours, which come in clusters.
        int slot = rgb * 0x9E3779B9 >>> 7 & mask;
        while (keys[slot] != FREE && keys[slot] != rgb) {
            slot = slot + 1 & mask;
        }
        return slot;
    }

    private void grow() {
        int[] oldKeys = keys;
        int[] oldCounts = counts;
        keys = new int[oldKeys.length * 4];
        counts = new int[keys.length];
        Arrays.fill(keys, FREE);
        for (int i = 0; i < oldKeys.length; i++) {
            if (oldKeys[i] != FREE) {
                int slot = slot(oldKeys[i]);
                keys[slot] = oldKeys[i];
                counts[slot] = oldCounts[i];
            }
        }
    }
}
