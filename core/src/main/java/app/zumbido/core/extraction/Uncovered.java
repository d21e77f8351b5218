package app.zumbido.core.extraction;

import app.zumbido.core.color.Oklab;
import app.zumbido.core.color.Rgb;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * What of a photograph no colour stands for yet. In photographs one colour passes into the next, and hills of density do
 * not show where; so where most is left that lies together, there is one more colour, until little is left anywhere.
 */
final class Uncovered {
    /** A cell that lies no farther from a colour is covered by it; OKLab units. */
    private static final double COVERED = 0.055;
    /** What lies so near to a middle is one colour; OKLab units. */
    private static final double TOGETHER = 0.05;
    /** Width of a cube that counts; OKLab units. */
    private static final double CUBE = 0.02;
    /** Share of the picture that one more colour must stand for, dull and strong. */
    private static final double LEAST_SHARE = 0.02;

    private static final double LEAST_STRONG_SHARE = 0.01;
    /** From this chroma a colour is strong; OKLCH. */
    private static final double STRONG = 0.09;

    private static final int OFFSET = 128;

    private static final class Cube {
        private long count;
        private double l;
        private double a;
        private double b;

        private Oklab mean() {
            return new Oklab(l / count, a / count, b / count);
        }
    }

    private final Map<Integer, Cube> cubes = new HashMap<>();
    private long total;

    void add(int rgb) {
        Oklab lab = Oklab.of(Rgb.ofPacked(rgb));
        Cube cube = cubes.computeIfAbsent(axis(lab.l()) << 16 | axis(lab.a()) << 8 | axis(lab.b()), key -> new Cube());
        cube.count++;
        cube.l += lab.l();
        cube.a += lab.a();
        cube.b += lab.b();
        total++;
    }

    private static int axis(double value) {
        return (int) Math.floor(value / CUBE) + OFFSET;
    }

    /**
     * @param means what stands for a part of the picture already
     * @param most how many colours there shall be with those
     * @return the colours that the rest of it has, the largest first
     */
    List<Oklab> beside(List<Oklab> means, int most) {
        List<Cube> left = cubes.entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .map(Map.Entry::getValue)
                .filter(cube -> means.stream().allMatch(mean -> mean.distanceTo(cube.mean()) > COVERED))
                .collect(java.util.stream.Collectors.toCollection(ArrayList::new));
        List<Oklab> more = new ArrayList<>();
        while (means.size() + more.size() < most && !left.isEmpty()) {
            Cube best = around(left.get(0).mean(), left);
            for (Cube cube : left) {
                Cube near = around(cube.mean(), left);
                best = near.count > best.count ? near : best;
            }
            // Where the middle of it lies, there may be a little more.
            Cube settled = around(best.mean(), left);
            Oklab mean = (settled.count >= best.count ? settled : best).mean();
            double share = (double) Math.max(settled.count, best.count) / total;
            if (share < (mean.chroma() >= STRONG ? LEAST_STRONG_SHARE : LEAST_SHARE)) {
                break;
            }
            more.add(mean);
            left.removeIf(cube -> mean.distanceTo(cube.mean()) <= COVERED);
        }
        return more;
    }

    private static Cube around(Oklab middle, List<Cube> cubes) {
        Cube all = new Cube();
        for (Cube cube : cubes) {
            if (middle.distanceTo(cube.mean()) <= TOGETHER) {
                all.count += cube.count;
                all.l += cube.l;
                all.a += cube.a;
                all.b += cube.b;
            }
        }
        return all;
    }
}
