package app.zumbido.core.extraction;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.image.Pixels;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Reads flat artwork: exact values of what is really flat, never the mixtures at its edges. */
final class Artwork {
    /** Share of the picture that a colour must fill flatly; a dot of 10 x 10 in 1000 x 1000 is enough. */
    private static final double LEAST_SHARE = 0.0001;
    /** In pixels, for pictures so small that the share means nothing. */
    private static final int LEAST_PIXELS = 8;
    /** More candidates than this are no flat artwork, and the weakest are left aside. */
    private static final int MOST = 120;

    /** A band of a gradient lies no farther off the way between its stops; of 255. */
    private static final double ON_THE_WAY = 8;

    /** Share of the picture from which a flat value is no chance of where strokes lie. */
    private static final double FIRM_SHARE = 0.003;

    private Artwork() {}

    static List<Rgb> colors(Pixels pixels, Structure structure) {
        FlatAreas flat = FlatAreas.of(pixels);
        long least = Math.max(LEAST_PIXELS, Math.round(pixels.count() * LEAST_SHARE));
        List<Candidate> candidates = new ArrayList<>();
        flat.inBlocks().forEach((rgb, count) -> {
            if (count >= least) {
                candidates.add(new Candidate(Rgb.ofPacked(rgb), count));
            }
        });
        candidates.sort(Comparator.comparingLong(Candidate::pixels)
                .reversed()
                .thenComparingInt(c -> c.color().packed()));
        double firmPixels = pixels.count() * FIRM_SHARE;
        List<Candidate> own = candidates.stream()
                .filter(candidate -> !isStep(candidate, structure, firmPixels))
                .limit(MOST)
                .toList();
        return withoutPaleStrokes(structure, EdgeMixtures.without(pixels, own), firmPixels);
    }

    /**
     * A thin stroke that lies between the pixels has one mixture all along, which is flat and still paler than the stroke.
     */
    private static List<Rgb> withoutPaleStrokes(Structure structure, List<Candidate> candidates, double firmPixels) {
        List<Rgb> firm = candidates.stream()
                .filter(c -> c.pixels() >= firmPixels || isFlat(structure, Point.of(c.color())))
                .map(Candidate::color)
                .toList();
        List<Rgb> all = WornArtwork.withStops(structure, firm);
        Strokes.colors(structure, all).stream()
                .filter(stroke -> WornArtwork.isNew(stroke, all))
                // What is seen of a gradient between letters is as narrow as a stroke.
                .filter(stroke -> !Ramps.passThrough(structure.ramps().found, Point.of(stroke), ON_THE_WAY))
                .forEach(all::add);
        List<Rgb> strokes = all.subList(firm.size(), all.size());
        List<Rgb> own = candidates.stream()
                .map(Candidate::color)
                .filter(color -> !firm.contains(color) && !all.contains(color))
                .filter(color -> strokes.stream().noneMatch(stroke -> isPaler(color, stroke, firm)))
                .toList();
        all.addAll(own);
        return all;
    }

    private static boolean isPaler(Rgb color, Rgb stroke, List<Rgb> firm) {
        return firm.stream()
                .anyMatch(
                        ground -> Point.of(color).distanceToSegment(Point.of(ground), Point.of(stroke)) <= ON_THE_WAY);
    }

    private static boolean isFlat(Structure structure, Point point) {
        return structure.flats().stream().anyMatch(flat -> flat.mean().distanceTo(point) <= ON_THE_WAY);
    }

    /** Bands of a gradient are exactly flat each, but they are on the way from stop to stop. */
    private static boolean isStep(Candidate candidate, Structure structure, double firmPixels) {
        Point point = Point.of(candidate.color());
        Ramps ramps = structure.ramps();
        boolean onTheWay = Ramps.passThrough(ramps.found, point, ON_THE_WAY)
                || candidate.pixels() < firmPixels && Ramps.passThrough(ramps.shadows, point, ON_THE_WAY);
        return onTheWay && !isFlat(structure, point);
    }
}
