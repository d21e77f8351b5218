package app.zumbido.core.extraction;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.color.Difference;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.image.Pixels;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Light, shade and noise lie over everything, so no value is exact; what is expected is known from the drawing. */
class PhotographTest {
    private static final Pixels SCENE = Drawing.on(480, 320, "5C6F88")
            .box("1E4A52", 0, 190, 480, 320)
            .box("D9A066", 0, 150, 480, 190)
            .disc("F2402A", 300, 240, 15)
            .uneven(7)
            .noise(9, 7)
            .pixels();

    @Test
    void isReadAsAPhotograph() {
        assertThat(Extraction.from(SCENE).reading()).isEqualTo(Reading.PHOTOGRAPH);
    }

    @Test
    void findsWhatStandsOutHoweverSmall() {
        // The disc fills 0.46 % of the picture.
        for (String hex : new String[] {"5C6F88", "1E4A52", "D9A066", "F2402A"}) {
            Rgb expected = Rgb.ofHex(hex);
            assertThat(Extraction.from(SCENE).shown(Optional.empty(), Order.COVERAGE))
                    .as(hex)
                    .anyMatch(p -> Difference.between(p.color(), expected) < 6);
        }
    }

    @Test
    void proposesOnlyColorsThatOccurWhereItSaysTheyDo() {
        Set<Integer> occurring = IntStream.range(0, SCENE.count())
                .mapToObj(i -> SCENE.at(i) & 0xFFFFFF)
                .collect(Collectors.toSet());
        for (Proposal proposal : Extraction.from(SCENE).proposals()) {
            assertThat(occurring).contains(proposal.color().packed());
            int at = SCENE.at(proposal.place().x(), proposal.place().y()) & 0xFFFFFF;
            assertThat(at).isEqualTo(proposal.color().packed());
        }
    }

    /** A field in evening light: nowhere is there an edge, and nothing is flat. */
    private static Pixels field() {
        Drawing drawing = Drawing.on(400, 300, "000000");
        for (int y = 0; y < 300; y++) {
            for (int x = 0; x < 400; x++) {
                double light = (x + 40 * Math.sin(y / 31.0)) / 440;
                drawing.dot(
                        new Rgb(
                                (int) Math.max(0, 40 + light * 180),
                                (int) Math.max(0, 60 + light * 120 - y / 8.0),
                                (int) Math.max(0, 30 + light * 30 + y / 6.0)),
                        x,
                        y);
            }
        }
        return drawing.noise(5, 3).pixels();
    }

    @Test
    void whatPassesFromOneColorIntoTheNextIsSeveral() {
        Pixels field = field();
        Extraction extraction = Extraction.from(field, Reading.PHOTOGRAPH);
        long near = IntStream.range(0, field.count())
                .filter(i -> i % 7 == 0)
                .filter(i -> extraction.proposals().stream()
                        .anyMatch(p -> Difference.between(p.color(), Rgb.ofPacked(field.at(i) & 0xFFFFFF)) < 12))
                .count();
        assertThat(extraction.proposals()).hasSizeBetween(3, 9);
        assertThat(near).isGreaterThan((long) (0.9 * field.count() / 7));
    }

    @Test
    void canBeReadTheOtherWayOnRequest() {
        assertThat(Extraction.from(SCENE, Reading.ARTWORK).reading()).isEqualTo(Reading.ARTWORK);
    }

    /** A grey room with a little light and grain over it, in which something lies. */
    private static Drawing room() {
        return Drawing.on(400, 300, "8A8F94").box("5A5048", 0, 200, 400, 300);
    }

    private static List<Rgb> found(Drawing drawing) {
        return Photograph.colors(Structure.of(drawing.uneven(3).noise(4, 3).pixels()));
    }

    private static boolean has(List<Rgb> colors, String hex) {
        return colors.stream().anyMatch(color -> Difference.between(color, Rgb.ofHex(hex)) < 7);
    }

    /**
     * Two hundredths of a picture of 120,000 pixels are 2,400: 49 x 49. What has a hue that stands alone needs 216, about 15 x 15,
     * and more since its rim is lost.
     */
    @ParameterizedTest
    @CsvSource({
        "C9C4B4, 30, false",
        "C9C4B4, 70, true",
        "20262A, 36, false",
        "20262A, 80, true",
        "D83A56, 34, true",
        "2F6FD8, 34, true",
        "F2A900, 34, true",
        "D83A56, 6, false",
        "00807A, 40, true"
    })
    void takesWhatIsLargeAndWhatIsVivid(String hex, int side, boolean taken) {
        assertThat(has(found(room().box(hex, 100, 60, 100 + side, 60 + side)), hex))
                .isEqualTo(taken);
    }

    @Test
    void takesSeveralVividThingsAndEachOnce() {
        Drawing drawing = room().box("D83A56", 40, 40, 80, 80)
                .box("2F6FD8", 120, 40, 160, 80)
                .box("F2A900", 200, 40, 240, 80)
                .box("D0344F", 280, 40, 320, 80);
        List<Rgb> colors = found(drawing);
        for (String hex : List.of("D83A56", "2F6FD8", "F2A900", "8A8F94", "5A5048")) {
            assertThat(has(colors, hex)).as(hex).isTrue();
        }
        assertThat(colors.stream().filter(color -> Difference.between(color, Rgb.ofHex("D83A56")) < 7))
                .hasSize(1);
        assertThat(colors).hasSizeLessThanOrEqualTo(6);
    }

    /** Light falls off across a wall, and it is one wall. */
    @Test
    void takesAThingInLightAndShadeForOne() {
        List<Rgb> colors = found(Drawing.on(400, 300, "5A5048").gradient(20, 20, 380, 280, "B0392B", "8E2E23"));
        assertThat(colors.stream().filter(color -> color.red() > 1.8 * color.green()))
                .hasSize(1);
    }

    @Test
    void putsTheWeightiestFirst() {
        List<Rgb> colors = found(room().box("D83A56", 40, 40, 100, 100));
        assertThat(Difference.between(colors.get(0), Rgb.ofHex("8A8F94"))).isLessThan(5);
        assertThat(Difference.between(colors.get(1), Rgb.ofHex("5A5048"))).isLessThan(5);
    }

    @Test
    void passesOverWhatIsTransparent() {
        Drawing cut = Drawing.onNothing(400, 300).box("2F6FD8", 50, 50, 350, 250);
        List<Rgb> colors = Photograph.colors(Structure.of(cut.pixels()));
        assertThat(colors).containsExactly(Rgb.ofHex("2F6FD8"));
    }
}
