package app.zumbido.formats.fonts;

import java.nio.ByteBuffer;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * How pairs of glyphs stand nearer to or farther from each other: pair adjustments of the feature 'kern' (OpenType 1.9, GPOS,
 * lookup types 2 and 9). A font without them has no kerning.
 */
final class Kerning {
    static final Kerning NONE = new Kerning(List.of());
    private static final int PAIRS = 2;
    private static final int EXTENSION = 9;
    private static final int X_ADVANCE = 4;
    /** More are no font but an attack. */
    private static final int MOST_SUBTABLES = 2_000;

    /** Of one lookup the first subtable that speaks of a pair counts. */
    private final List<List<Subtable>> lookups;

    private final Map<Long, Integer> known = new java.util.concurrent.ConcurrentHashMap<>();

    private Kerning(List<List<Subtable>> lookups) {
        this.lookups = lookups;
    }

    /** @param gpos the whole table; what is damaged in it is left out */
    static Kerning of(byte[] gpos) {
        try {
            return new Kerning(new Reader(ByteBuffer.wrap(gpos)).lookups());
        } catch (RuntimeException e) {
            return NONE;
        }
    }

    /** @return added to the advance of the left glyph, in units of the font */
    int between(int left, int right) {
        return lookups.isEmpty()
                ? 0
                : known.computeIfAbsent((long) left << 32 | right, pair -> adjustment(left, right));
    }

    private int adjustment(int left, int right) {
        int sum = 0;
        for (List<Subtable> lookup : lookups) {
            for (Subtable subtable : lookup) {
                Integer found = subtable.find(left, right);
                if (found != null) {
                    sum += found;
                    break;
                }
            }
        }
        return sum;
    }

    /** One way of saying which pairs are adjusted. */
    private interface Subtable {
        /** @return nothing if it does not speak of the pair */
        @org.jspecify.annotations.Nullable
        Integer find(int left, int right);
    }

    private record Reader(ByteBuffer table) {
        private int at(int place) {
            return table.getShort(place) & 0xFFFF;
        }

        private int long32(int place) {
            return table.getInt(place);
        }

        List<List<Subtable>> lookups() {
            int features = at(6);
            int list = at(8);
            List<List<Subtable>> all = new ArrayList<>();
            for (int lookup : kerning(features)) {
                int place = list + at(list + 2 + 2 * lookup);
                List<Subtable> subtables = new ArrayList<>();
                int type = at(place);
                for (int i = 0; i < Math.min(at(place + 4), MOST_SUBTABLES); i++) {
                    int subtable = place + at(place + 6 + 2 * i);
                    boolean extended = type == EXTENSION;
                    int real = extended ? at(subtable + 2) : type;
                    if (real == PAIRS) {
                        subtables.add(pairs(extended ? subtable + long32(subtable + 4) : subtable));
                    }
                }
                if (!subtables.isEmpty()) {
                    all.add(subtables);
                }
            }
            return all;
        }

        /** @return lookups of the feature, whichever script names it; in their order, each once */
        private Set<Integer> kerning(int features) {
            Set<Integer> lookups = new java.util.TreeSet<>();
            Set<Integer> seen = new LinkedHashSet<>();
            for (int i = 0; i < at(features); i++) {
                int record = features + 2 + 6 * i;
                int feature = features + at(record + 4);
                if (long32(record) == 0x6B65726E && seen.add(feature)) {
                    for (int j = 0; j < at(feature + 2); j++) {
                        lookups.add(at(feature + 4 + 2 * j));
                    }
                }
            }
            return lookups;
        }

        private Subtable pairs(int place) {
            Map<Integer, Integer> coverage = coverage(place + at(place + 2));
            int first = at(place + 4);
            int second = at(place + 6);
            int size = 2 * (Integer.bitCount(first) + Integer.bitCount(second));
            // Where the advance stands among the values that are given.
            int advance = (first & X_ADVANCE) == 0 ? -1 : 2 * Integer.bitCount(first & (X_ADVANCE - 1));
            return at(place) == 1 ? single(place, coverage, size, advance) : classes(place, coverage, size, advance);
        }

        private Subtable single(int place, Map<Integer, Integer> coverage, int size, int advance) {
            Map<Integer, Map<Integer, Integer>> pairs = new HashMap<>();
            coverage.forEach((glyph, index) -> {
                int set = place + at(place + 10 + 2 * index);
                Map<Integer, Integer> rights = new HashMap<>();
                for (int i = 0; i < at(set); i++) {
                    int record = set + 2 + i * (2 + size);
                    rights.put(at(record), advance < 0 ? 0 : (int) table.getShort(record + 2 + advance));
                }
                pairs.put(glyph, rights);
            });
            return (left, right) -> {
                Map<Integer, Integer> rights = pairs.get(left);
                return rights == null ? null : rights.get(right);
            };
        }

        private Subtable classes(int place, Map<Integer, Integer> coverage, int size, int advance) {
            Map<Integer, Integer> lefts = glyphClasses(place + at(place + 8));
            Map<Integer, Integer> rights = glyphClasses(place + at(place + 10));
            int columns = at(place + 14);
            return (left, right) -> {
                if (!coverage.containsKey(left)) {
                    return null;
                }
                int row = lefts.getOrDefault(left, 0);
                int column = rights.getOrDefault(right, 0);
                int record = place + 16 + (row * columns + column) * size;
                return advance < 0 ? 0 : (int) table.getShort(record + advance);
            };
        }

        /** Source: OpenType 1.9, common table formats, coverage. */
        private Map<Integer, Integer> coverage(int place) {
            Map<Integer, Integer> glyphs = new HashMap<>();
            int count = at(place + 2);
            for (int i = 0; i < count; i++) {
                if (at(place) == 1) {
                    glyphs.put(at(place + 4 + 2 * i), i);
                } else {
                    int range = place + 4 + 6 * i;
                    for (int glyph = at(range); glyph <= at(range + 2); glyph++) {
                        glyphs.put(glyph, at(range + 4) + glyph - at(range));
                    }
                }
            }
            return glyphs;
        }

        /** Source: OpenType 1.9, common table formats, class definitions. */
        private Map<Integer, Integer> glyphClasses(int place) {
            Map<Integer, Integer> classes = new HashMap<>();
            if (at(place) == 1) {
                int start = at(place + 2);
                for (int i = 0; i < at(place + 4); i++) {
                    classes.put(start + i, at(place + 6 + 2 * i));
                }
            } else {
                for (int i = 0; i < at(place + 2); i++) {
                    int range = place + 4 + 6 * i;
                    for (int glyph = at(range); glyph <= at(range + 2); glyph++) {
                        classes.put(glyph, at(range + 4));
                    }
                }
            }
            return classes;
        }
    }
}
