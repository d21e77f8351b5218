package app.zumbido.core.extraction;

import app.zumbido.core.color.Oklab;
import app.zumbido.core.color.Rgb;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Colours that crowd together: hills of density in OKLab. From every cube the way leads uphill to a summit; summits between
 * which the density hardly sinks are one hill.
 */
final class Crowds {
    /** Width of a cube; OKLab units, about what is just noticeable. */
    private static final double CUBE = 0.02;
    /** Summits with a saddle of at least this share of the lower one are one hill. */
    private static final double SADDLE = 0.45;
    /** Summits nearer than this are one colour in any case; OKLab units. */
    private static final double NEAR = 0.045;

    private static final int OFFSET = 128;

    /** Of one cube, later of one hill. */
    private static final class Cube {
        private final int key;
        private long count;
        private double l;
        private double a;
        private double b;
        private double density;
        private Cube hill = this;

        private Cube(int key) {
            this.key = key;
        }

        private Cube summit() {
            Cube top = this;
            while (top.hill != top) {
                top = top.hill;
            }
            return top;
        }
    }

    /**
     * @param mean of its core
     * @param count of cells on the whole hill
     */
    record Crowd(Oklab mean, long count) {
        /** @return 0xRRGGBB */
        Rgb meanRgb() {
            return mean.toLinear().toRgb();
        }
    }

    private final Map<Integer, Cube> cubes = new HashMap<>();
    private long total;

    void add(int rgb) {
        Oklab lab = Oklab.of(Rgb.ofPacked(rgb));
        Cube cube = cubes.computeIfAbsent(key(axis(lab.l()), axis(lab.a()), axis(lab.b())), Cube::new);
        cube.count++;
        cube.l += lab.l();
        cube.a += lab.a();
        cube.b += lab.b();
        total++;
    }

    long total() {
        return total;
    }

    private static int axis(double value) {
        return (int) Math.floor(value / CUBE) + OFFSET;
    }

    private static int key(int l, int a, int b) {
        return l << 16 | a << 8 | b;
    }

    /** @return the colours that were added, those that lie in one cube together; in an order that is always the same */
    List<Crowd> cubes() {
        return cubes.values().stream()
                .sorted(Comparator.comparingInt(cube -> cube.key))
                .map(cube -> new Crowd(mean(cube), cube.count))
                .toList();
    }

    /** @return largest first */
    List<Crowd> find() {
        List<Cube> byDensity = new ArrayList<>(cubes.values());
        byDensity.forEach(cube -> cube.density = densityAround(cube));
        byDensity.sort(Comparator.comparingDouble((Cube c) -> -c.density).thenComparingInt(c -> c.key));
        climb(byDensity);
        Map<Cube, List<Cube>> hills = new HashMap<>();
        byDensity.forEach(cube ->
                hills.computeIfAbsent(cube.summit(), c -> new ArrayList<>()).add(cube));
        return hills.entrySet().stream()
                .sorted(Comparator.comparingInt(hill -> hill.getKey().key))
                .map(hill -> crowd(hill.getKey(), hill.getValue()))
                .sorted(Photograph.BY_SIZE)
                .toList();
    }

    private double densityAround(Cube cube) {
        double density = 0;
        for (int i = 0; i < 27; i++) {
            int dl = i / 9 - 1;
            int da = i / 3 % 3 - 1;
            int db = i % 3 - 1;
            Cube near = cubes.get(cube.key + (dl << 16) + (da << 8) + db);
            if (near != null) {
                density += near.count / (double) (1 << Math.abs(dl) + Math.abs(da) + Math.abs(db));
            }
        }
        return density;
    }

    /** From the densest cube down: each joins its neighbours, and where two hills meet the saddle decides. */
    private void climb(List<Cube> byDensity) {
        Map<Integer, Cube> done = new HashMap<>();
        for (Cube cube : byDensity) {
            Cube highest = null;
            List<Cube> around = new ArrayList<>();
            for (int i = 0; i < 27; i++) {
                Cube near = done.get(cube.key + ((i / 9 - 1) << 16) + ((i / 3 % 3 - 1) << 8) + i % 3 - 1);
                if (near != null) {
                    around.add(near);
                    highest = highest == null || near.density > highest.density ? near : highest;
                }
            }
            if (highest != null) {
                cube.hill = highest.summit();
                for (Cube near : around) {
                    join(cube, near.summit());
                }
            }
            done.put(cube.key, cube);
        }
    }

    private static void join(Cube saddle, Cube other) {
        Cube own = saddle.summit();
        if (own != other) {
            Cube higher = own.density >= other.density ? own : other;
            Cube lower = higher == own ? other : own;
            if (saddle.density >= SADDLE * lower.density || mean(own).distanceTo(mean(other)) < NEAR) {
                lower.hill = higher;
            }
        }
    }

    private static Oklab mean(Cube cube) {
        return new Oklab(cube.l / cube.count, cube.a / cube.count, cube.b / cube.count);
    }

    /** The slopes of a hill reach into mixtures, so its mean is taken of what is at least half as dense as the summit. */
    private static Crowd crowd(Cube summit, List<Cube> hill) {
        long all = 0;
        long core = 0;
        double l = 0;
        double a = 0;
        double b = 0;
        for (Cube cube : hill) {
            all += cube.count;
            if (cube.density * 3 >= summit.density) {
                core += cube.count;
                l += cube.l;
                a += cube.a;
                b += cube.b;
            }
        }
        return new Crowd(new Oklab(l / core, a / core, b / core), all);
    }
}
