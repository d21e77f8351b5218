package app.zumbido.core.type;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class PairProposalTest {
    private static Face face(String family, FaceKind kind, double xHeight, double contrast) {
        return new Face(
                family, kind, 400, false, new FaceMetrics(0.9, 0.2, 0, xHeight, 0.7, 0.45, 0.09, contrast, Map.of()));
    }

    private static final List<Face> FACES = List.of(
            face("Serif", FaceKind.SERIF, 0.50, 0.5),
            face("Sans", FaceKind.SANS, 0.505, 0.8),
            face("Slab", FaceKind.SLAB, 0.51, 0.8),
            face("Tall", FaceKind.SANS, 0.60, 0.8),
            face("Hairline", FaceKind.SERIF, 0.50, 0.1),
            face("Hand", FaceKind.SCRIPT, 0.50, 0.8));

    @Test
    void joinsFacesOfOneXHeightThatAreMadeDifferently() {
        List<PairProposal> pairs = PairProposal.among(FACES, 20);
        assertThat(pairs)
                .isNotEmpty()
                .allSatisfy(pair -> assertThat(pair.heading().kind().generic())
                        .isNotEqualTo(pair.body().kind().generic()))
                .allSatisfy(pair -> assertThat(pair.xHeightApart()).isLessThan(0.06))
                .noneMatch(pair -> pair.heading().name().equals("Tall")
                        || pair.body().name().equals("Tall"))
                // Its thin strokes vanish in running text, and nobody reads long text by hand.
                .noneMatch(pair -> pair.body().name().equals("Hairline"))
                .noneMatch(pair -> pair.body().name().equals("Hand"));
        assertThat(pairs.get(0).xHeightApart()).isLessThan(0.011);
    }

    @Test
    void proposesHandwritingLast() {
        List<PairProposal> pairs = PairProposal.among(FACES, 20);
        assertThat(pairs.get(pairs.size() - 1).heading().kind()).isEqualTo(FaceKind.SCRIPT);
        assertThat(pairs.subList(0, pairs.size() / 2))
                .noneMatch(pair -> pair.heading().kind() == FaceKind.SCRIPT);
    }

    @Test
    void proposesNoMoreThanAsked() {
        assertThat(PairProposal.among(FACES, 2)).hasSize(2);
    }
}
