package app.zumbido.core.type;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * A heading and a body for people who have none, and why they go together: their small letters are equally tall, and they
 * are made differently, so that nobody takes one for a mistake of the other (common practice, no published source).
 *
 * @param xHeightApart how far the x-heights lie apart, as a fraction
 */
public record PairProposal(FontFamily heading, FontFamily body, double xHeightApart) {
    private static final double MOST_APART = 0.06;
    private static final int MOST_OFTEN = 2;
    private static final Set<FaceKind> READS_LONG = EnumSet.of(FaceKind.SERIF, FaceKind.SANS);
    /** Strokes thinner than this share of the upright ones vanish at text sizes. */
    private static final double LEAST_CONTRAST = 0.3;

    /** @param regulars the regular face of each family to choose from @return the best first, no family too often */
    public static List<PairProposal> among(List<Face> regulars, int most) {
        List<PairProposal> all = new ArrayList<>();
        for (Face body : regulars) {
            if (!READS_LONG.contains(body.kind()) || body.metrics().contrast() < LEAST_CONTRAST) {
                continue;
            }
            for (Face heading : regulars) {
                double apart = Likeness.relative(
                        heading.metrics().xHeight(), body.metrics().xHeight());
                if (heading.kind().generic() != body.kind().generic() && apart <= MOST_APART) {
                    all.add(new PairProposal(family(heading), family(body), apart));
                }
            }
        }
        all.sort(Comparator.comparing(PairProposal::isUnusual)
                .thenComparingDouble(PairProposal::xHeightApart)
                .thenComparing(pair -> pair.heading().name())
                .thenComparing(pair -> pair.body().name()));
        Map<String, Integer> uses = new HashMap<>();
        return all.stream()
                .filter(pair -> uses.merge(pair.heading().name(), 1, Integer::sum) <= MOST_OFTEN
                        && uses.merge(pair.body().name(), 1, Integer::sum) <= MOST_OFTEN)
                .limit(most)
                .toList();
    }

    /** A heading by hand or of a typewriter is for few brands. */
    private boolean isUnusual() {
        return heading.kind() == FaceKind.SCRIPT || heading.kind() == FaceKind.MONO;
    }

    private static FontFamily family(Face face) {
        return new FontFamily(face.family(), face.kind());
    }
}
