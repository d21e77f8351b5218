package app.zumbido.core.extraction;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.color.Difference;
import app.zumbido.core.color.Rgb;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Blurred lines in known colours: no pixel has the colour any more, and it must be reasoned out. */
class WornStrokesTest {
    /** ΔE00; what is reasoned out is seldom exact, and two pixels wide is the hardest: none is in the middle. */
    private static final double NEAR = 12;

    /** The edge of a large shape, which runs in every direction, tells how far the picture is blurred. */
    private static Drawing sheet(String ground) {
        return Drawing.on(400, 240, ground).disc("5B6670", 340, 120, 55);
    }

    /** As in lettering, they lie on the pixels and between them. */
    private static Drawing lines(Drawing drawing, String stroke, int from, int to) {
        for (double x = from; x < to; x += 20.25) {
            drawing.box(stroke, x, 20, x + 2, 220);
        }
        return drawing;
    }

    private static List<Rgb> find(Drawing drawing, String... known) {
        return WornStrokes.colors(
                Structure.of(drawing.pixels()),
                List.of(known).stream().map(Rgb::ofHex).toList());
    }

    @ParameterizedTest
    @CsvSource({
        "FFFFFF, 0B2A4A, 0.8",
        "FFFFFF, D83A56, 0.8",
        "FFFFFF, 0F7C7A, 1.0",
        "0B2A4A, F2A900, 0.8",
        "EAF3F2, 7A2EA0, 0.9"
    })
    void areReasonedOutFromWhatBlurHasLeft(String ground, String stroke, double sigma) {
        List<Rgb> found = find(lines(sheet(ground), stroke, 40, 260).blurred(sigma), ground, "5B6670");
        assertThat(found).hasSize(1);
        assertThat(Difference.between(found.get(0), Rgb.ofHex(stroke)))
                .as(found.get(0).hex())
                .isLessThan(NEAR);
    }

    @Test
    void areToldApartByTheirDirectionFromTheGround() {
        Drawing drawing = lines(lines(sheet("FFFFFF"), "0B2A4A", 40, 150), "D83A56", 170, 280)
                .blurred(0.8);
        List<Rgb> found = find(drawing, "FFFFFF", "5B6670");
        assertThat(found).hasSize(2);
        for (String stroke : List.of("0B2A4A", "D83A56")) {
            assertThat(found)
                    .anySatisfy(color -> assertThat(Difference.between(color, Rgb.ofHex(stroke)))
                            .isLessThan(NEAR));
        }
    }

    @Test
    void areNoNewsIfTheyLieOnTheWayToAKnownColor() {
        Drawing drawing = lines(sheet("FFFFFF"), "0B2A4A", 40, 260).blurred(0.8);
        assertThat(find(drawing, "FFFFFF", "5B6670", "0B2A4A")).isEmpty();
        assertThat(find(drawing, "FFFFFF", "5B6670", "F2A900")).hasSize(1);
    }

    @Test
    void areNotMadeOfAFewPlaces() {
        Drawing drawing = sheet("FFFFFF").box("0B2A4A", 60, 60, 62, 76).blurred(0.8);
        assertThat(find(drawing, "FFFFFF", "5B6670")).isEmpty();
    }

    @Test
    void areNotFoundWhereThereAreNone() {
        assertThat(find(sheet("FFFFFF").blurred(1), "FFFFFF", "5B6670")).isEmpty();
    }
}
