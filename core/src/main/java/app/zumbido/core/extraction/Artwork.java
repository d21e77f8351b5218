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

    private Artwork() {}

    static List<Rgb> colors(Pixels pixels, FlatAreas flat) {
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
        List<Candidate> ends = Gradients.toEnds(candidates.stream().limit(MOST).toList());
        return EdgeMixtures.without(pixels, ends).stream().map(Candidate::color).toList();
    }
}
