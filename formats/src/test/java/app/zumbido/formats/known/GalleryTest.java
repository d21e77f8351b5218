package app.zumbido.formats.known;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.extraction.Extraction;
import app.zumbido.formats.image.BitmapFile;
import app.zumbido.formats.known.KnownColor.Part;
import app.zumbido.formats.known.KnownPicture.Family;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** What people need to trust proposals, on sixty pictures; the figures themselves are printed by the benchmarks. */
class GalleryTest {
    private static final Map<Family, Score> SCORES = new EnumMap<>(Family.class);

    @BeforeAll
    static void readAll() {
        for (Family family : Family.values()) {
            SCORES.put(family, Score.of(family));
        }
        for (KnownPicture picture : Gallery.of(1, 2)) {
            Extraction extraction = Extraction.from(BitmapFile.decode(picture.file()));
            SCORES.get(picture.family()).judge(picture, extraction.shown(Optional.empty(), extraction.usualOrder()));
        }
    }

    private static void holds(Score score, double value, double goal) {
        assertThat(value).as(() -> String.join("\n", score.misses())).isGreaterThanOrEqualTo(goal);
    }

    @Test
    void findsTheExactColorsOfFlatArtwork() {
        Score flat = SCORES.get(Family.FLAT);
        holds(flat, flat.exact(), 0.97);
        holds(flat, flat.recall(), 0.98);
        holds(flat, flat.precision(), 0.97);
        holds(flat, flat.recallOfSmall(), 0.95);
        holds(flat, flat.recallOf(Part.CLOSE), 1);
        holds(flat, flat.groundsMarked(), 1);
    }

    @Test
    void findsTheColorsOfWornArtwork() {
        Score worn = SCORES.get(Family.DEGRADED);
        holds(worn, worn.recall(), 0.95);
        holds(worn, worn.precision(), 0.95);
        holds(worn, worn.groundsMarked(), 1);
    }

    @Test
    void findsTheStopsOfGradients() {
        Score gradients = SCORES.get(Family.GRADIENT);
        holds(gradients, gradients.recallOf(Part.STOP, 2.3), 0.9);
        holds(gradients, gradients.recallOf(Part.STOP), 0.95);
        holds(gradients, gradients.precision(), 0.9);
        // Letters across a diagonal gradient leave the most.
        assertThat(gradients.most()).isLessThanOrEqualTo(7);
    }

    @Test
    void findsTheChipsOfSheetsInReadingOrder() {
        Score sheets = SCORES.get(Family.CHIPS);
        holds(sheets, sheets.recallOf(Part.CHIP), 0.98);
        holds(sheets, sheets.inOrder(), 0.98);
    }

    @Test
    void findsWhatStandsOutAndWhatHoldsAScene() {
        Score scenes = SCORES.get(Family.SCENE);
        holds(scenes, scenes.recall(), 0.94);
        holds(scenes, scenes.recallOf(Part.VIVID), 1);
        holds(scenes, scenes.recallOf(Part.NEUTRAL), 0.9);
        holds(scenes, scenes.precision(), 0.88);
        assertThat(scenes.most()).isLessThanOrEqualTo(9);
    }
}
