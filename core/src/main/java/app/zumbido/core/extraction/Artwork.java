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
        List<Candidate> own = candidates.stream()
                .filter(candidate -> !isStep(candidate, structure))
                .limit(MOST)
                .toList();
        List<Rgb> colors =
                EdgeMixtures.without(pixels, own).stream().map(Candidate::color).toList();
        return WornArtwork.withStopsAndStrokes(structure, colors);
    }

    /** Bands of a gradient are exactly flat each, but they are on the way from stop to stop. */
    private static boolean isStep(Candidate candidate, Structure structure) {
        Point point = Point.of(candidate.color());
        return structure.ramps().passThrough(point, ON_THE_WAY)
                && structure.flats().stream().noneMatch(flat -> flat.mean().distanceTo(point) <= ON_THE_WAY);
    }
}
