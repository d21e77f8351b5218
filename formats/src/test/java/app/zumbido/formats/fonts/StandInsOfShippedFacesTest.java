package app.zumbido.formats.fonts;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.type.CommonFamily;
import app.zumbido.core.type.Face;
import app.zumbido.core.type.Language;
import app.zumbido.core.type.Place;
import app.zumbido.core.type.StandIn;
import app.zumbido.core.type.StandIns;
import java.awt.Font;
import java.awt.FontFormatException;
import java.awt.font.FontRenderContext;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class StandInsOfShippedFacesTest {
    /** Words that lines are not measured with. */
    private static final String TEXT =
            "The last boat of the evening waits for the train, and whoever misses it finds a bed at the harbour. "
                    + "Bicycles travel free until March; dogs always do. Ask the crew for times on holidays, when fewer boats sail.";

    private static final List<Face> FACES = new ArrayList<>();
    private static final Map<String, Font> DRAWN = new HashMap<>();

    @BeforeAll
    static void read() throws IOException, FontFormatException {
        for (ShippedFaces.Family family : ShippedFaces.families()) {
            for (ShippedFaces.File file : family.faces()) {
                byte[] bytes = ShippedFaces.bytes(file.file());
                FACES.add(new Face(
                        family.family(),
                        family.faceKind(),
                        file.weight(),
                        file.isItalic(),
                        FontFile.trusted(bytes).measured().metrics()));
                DRAWN.put(
                        key(family.family(), file.weight(), file.isItalic()),
                        Font.createFont(Font.TRUETYPE_FONT, new ByteArrayInputStream(bytes))
                                .deriveFont(100f));
            }
        }
    }

    private static String key(String family, int weight, boolean italic) {
        return family + weight + italic;
    }

    private static double length(Face face) {
        String family =
                CommonFamily.named(face.family()).flatMap(CommonFamily::twin).orElse(face.family());
        return DRAWN.get(key(family, face.weight(), face.italic()))
                .createGlyphVector(new FontRenderContext(null, true, true), TEXT)
                .getLogicalBounds()
                .getWidth();
    }

    @ParameterizedTest
    @EnumSource
    void keepsTheKindAndMostlyTheLength(Place place) {
        StandIns standIns = StandIns.among(FACES);
        long near = FACES.stream()
                .map(face -> {
                    StandIn first =
                            standIns.ranked(face, place, Language.ENGLISH).get(0);
                    assertThat(face.kind().keeps(first.face().kind()))
                            .as(face.family() + " by " + first.face().family())
                            .isTrue();
                    return first;
                })
                .filter(first -> Math.abs(first.longer()) <= 0.05)
                .count();
        assertThat(near).isGreaterThanOrEqualTo(Math.round(0.8 * FACES.size()));
    }

    /** Laid out by the JDK, in text that nothing was measured with. */
    @Test
    void keepsTheLengthOfALineAtTheSizeThatItNames() {
        StandIns standIns = StandIns.among(FACES);
        int compared = 0;
        for (Face face : FACES) {
            for (StandIn standIn : standIns.ranked(face, Place.SITE, Language.ENGLISH)) {
                if (standIn.evidence() == StandIn.Evidence.PUBLISHED
                        || !face.kind().keeps(standIn.face().kind())) {
                    continue;
                }
                double ratio = length(standIn.face()) * standIn.size() / length(face);
                assertThat(ratio).as(face + " by " + standIn).isBetween(0.98, 1.02);
                compared += Math.abs(ratio - 1) <= 0.01 ? 1 : 0;
                break;
            }
        }
        assertThat(compared).isGreaterThanOrEqualTo((int) (0.95 * FACES.size()));
    }
}
