package app.zumbido.core.extraction;

import app.zumbido.core.color.LinearRgb;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.image.Pixels;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Drops colours that are only the seam between two others: mixed of both in value, and lying between both in place.
 * Happens where artwork was enlarged, so that a smoothed edge grew wide enough to look flat.
 */
final class EdgeMixtures {
    /** How far a mixture's channels may lie off the straight line between its parents; of 255. */
    private static final int OFF_LINE = 6;
    /** How far from a seam its parents are looked for; pixels. */
    private static final int REACH = 3;
    /** Share of a colour's pixels that must lie between the parents. */
    private static final double MOSTLY = 0.7;
    /** A colour with this share of pixels inside a flat 3 x 3 block is an area of its own, whatever it is mixed of. */
    private static final double SOLID = 0.3;
    /** So many pixels of each colour are looked at. */
    private static final int WITNESSES = 400;

    private final Pixels pixels;
    private final Map<Integer, List<Place>> witnesses = new HashMap<>();

    private EdgeMixtures(Pixels pixels, List<Candidate> candidates) {
        this.pixels = pixels;
        Map<Integer, Sampling> samplings = new HashMap<>();
        for (Candidate candidate : candidates) {
            List<Place> places = new ArrayList<>();
            int packed = candidate.color().packed();
            witnesses.put(packed, places);
            samplings.put(packed, new Sampling(places, (int) Math.max(1, candidate.pixels() / WITNESSES)));
        }
        int last = 0;
        Sampling current = samplings.get(last);
        for (int y = 0; y < pixels.height(); y++) {
            for (int x = 0; x < pixels.width(); x++) {
                int packed = pixels.at(x, y) & 0xFFFFFF;
                if (packed != last) {
                    last = packed;
                    current = samplings.get(packed);
                }
                if (current != null) {
                    current.see(x, y);
                }
            }
        }
    }

    /** Takes every so many pixels of a colour as a witness. */
    private static final class Sampling {
        private final List<Place> places;
        private final int stride;
        private int seen;

        Sampling(List<Place> places, int stride) {
            this.places = places;
            this.stride = stride;
        }

        void see(int x, int y) {
            if (++seen % stride == 0 && places.size() < WITNESSES) {
                places.add(new Place(x, y));
            }
        }
    }

    /** @param candidates the strongest first */
    static List<Candidate> without(Pixels pixels, List<Candidate> candidates) {
        EdgeMixtures mixtures = new EdgeMixtures(pixels, candidates);
        List<Candidate> kept = new ArrayList<>();
        for (Candidate candidate : candidates) {
            if (mixtures.isSolid(candidate) || !mixtures.isSeam(candidate, kept)) {
                kept.add(candidate);
            }
        }
        return kept;
    }

    private boolean isSolid(Candidate candidate) {
        List<Place> places = witnesses.get(candidate.color().packed());
        long solid = places.stream().filter(this::isInsideFlatBlock).count();
        return solid > places.size() * SOLID;
    }

    private boolean isInsideFlatBlock(Place place) {
        return around(place, 1).size() == 1;
    }

    private boolean isSeam(Candidate candidate, List<Candidate> stronger) {
        for (int i = 0; i < stronger.size(); i++) {
            for (int j = i + 1; j < stronger.size(); j++) {
                Rgb one = stronger.get(i).color();
                Rgb other = stronger.get(j).color();
                if (isMixture(candidate.color(), one, other) && liesBetween(candidate, one, other)) {
                    return true;
                }
            }
        }
        return false;
    }

    /** Drawing programs mix in encoded sRGB or in linear light; both are asked. */
    static boolean isMixture(Rgb color, Rgb one, Rgb other) {
        return onLine(encoded(color), encoded(one), encoded(other), OFF_LINE)
                || onLine(linear(color), linear(one), linear(other), OFF_LINE / 255.0);
    }

    private static double[] encoded(Rgb rgb) {
        return new double[] {rgb.red(), rgb.green(), rgb.blue()};
    }

    private static double[] linear(Rgb rgb) {
        LinearRgb linear = LinearRgb.of(rgb);
        return new double[] {linear.red(), linear.green(), linear.blue()};
    }

    private static boolean onLine(double[] color, double[] from, double[] to, double tolerance) {
        double along = 0;
        double length = 0;
        for (int i = 0; i < 3; i++) {
            along += (color[i] - from[i]) * (to[i] - from[i]);
            length += (to[i] - from[i]) * (to[i] - from[i]);
        }
        double t = length == 0 ? 0 : along / length;
        if (t <= 0 || t >= 1) {
            return false;
        }
        for (int i = 0; i < 3; i++) {
            if (Math.abs(from[i] + t * (to[i] - from[i]) - color[i]) > tolerance) {
                return false;
            }
        }
        return true;
    }

    private boolean liesBetween(Candidate candidate, Rgb one, Rgb other) {
        List<Place> places = witnesses.get(candidate.color().packed());
        Set<Integer> parents = Set.of(one.packed(), other.packed());
        long between = places.stream()
                .filter(place -> around(place, REACH).containsAll(parents))
                .count();
        return between > places.size() * MOSTLY;
    }

    private Set<Integer> around(Place place, int reach) {
        Set<Integer> colors = new HashSet<>();
        for (int y = place.y() - reach; y <= place.y() + reach; y++) {
            for (int x = place.x() - reach; x <= place.x() + reach; x++) {
                if (pixels.contains(x, y)) {
                    colors.add(pixels.at(x, y) & 0xFFFFFF);
                }
            }
        }
        return colors;
    }
}
