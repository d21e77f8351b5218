package app.zumbido.core.extraction;

import app.zumbido.core.color.Oklab;
import java.util.ArrayList;
import java.util.List;

/**
 * What of a photograph no colour stands for yet. In photographs one colour passes into the next, and hills of density do
 * not show where; so where most is left that lies together, there is one more colour, until little is left anywhere. The
 * limits were measured on photographs.
 */
final class Uncovered {
    /** What lies no farther from a colour is covered by it; OKLab units. */
    private static final double COVERED = 0.055;
    /** What lies so near to a middle is one colour; OKLab units. */
    private static final double TOGETHER = 0.05;
    /** Share of the picture that one more colour must stand for, a dull and a vivid one. */
    private static final double LEAST_SHARE = 0.02;

    private static final double LEAST_VIVID_SHARE = 0.01;

    private Uncovered() {}

    /**
     * @param means what stands for a part of the picture already
     * @param most how many colours there shall be with those
     * @return the colours that the rest of it has, the largest first
     */
    static List<Oklab> beside(Crowds crowds, List<Oklab> means, int most) {
        List<Crowds.Crowd> left = new ArrayList<>(crowds.cubes().stream()
                .filter(cube -> means.stream().allMatch(mean -> mean.distanceTo(cube.mean()) > COVERED))
                .toList());
        List<Oklab> more = new ArrayList<>();
        while (means.size() + more.size() < most && !left.isEmpty()) {
            Crowds.Crowd best = largest(left);
            Oklab mean = best.mean();
            double least = mean.chroma() >= Photograph.VIVID ? LEAST_VIVID_SHARE : LEAST_SHARE;
            if (best.count() < least * crowds.total()) {
                break;
            }
            more.add(mean);
            left.removeIf(cube -> mean.distanceTo(cube.mean()) <= COVERED);
        }
        return more;
    }

    private static Crowds.Crowd largest(List<Crowds.Crowd> cubes) {
        Crowds.Crowd best = around(cubes.get(0).mean(), cubes);
        for (Crowds.Crowd cube : cubes) {
            Crowds.Crowd near = around(cube.mean(), cubes);
            best = near.count() > best.count() ? near : best;
        }
        // Where the middle of it lies, there may be a little more.
        Crowds.Crowd settled = around(best.mean(), cubes);
        return settled.count() >= best.count() ? settled : best;
    }

    /** @return all that lies about a middle, as one */
    private static Crowds.Crowd around(Oklab middle, List<Crowds.Crowd> cubes) {
        long count = 0;
        double l = 0;
        double a = 0;
        double b = 0;
        for (Crowds.Crowd cube : cubes) {
            if (middle.distanceTo(cube.mean()) <= TOGETHER) {
                count += cube.count();
                l += cube.mean().l() * cube.count();
                a += cube.mean().a() * cube.count();
                b += cube.mean().b() * cube.count();
            }
        }
        return count == 0
                ? new Crowds.Crowd(middle, 0)
                : new Crowds.Crowd(new Oklab(l / count, a / count, b / count), count);
    }
}
