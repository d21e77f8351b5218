package app.zumbido.core.extraction;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.color.Difference;
import app.zumbido.core.color.Rgb;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Lines of a pixel and less in known colours on known grounds. */
class StrokesTest {
    private static final List<Rgb> NOTHING = List.of();

    private static List<Rgb> find(Drawing drawing, List<Rgb> known) {
        return Strokes.colors(Structure.of(drawing.pixels()), known);
    }

    private static Rgb rgb(String hex) {
        return Rgb.ofHex(hex);
    }

    /** Some lines lie on the pixels and some between them, where they are paler. */
    private static Drawing lines(Drawing drawing, String stroke, int from, int to) {
        double between = 0;
        for (int x = from; x < to; x += 20) {
            drawing.box(stroke, x + between, 10, x + between + 1, 110);
            between = between == 0 ? 0.25 : between == 0.25 ? 0.5 : 0;
        }
        return drawing;
    }

    @ParameterizedTest
    @CsvSource({"FFFFFF, 0B2A4A", "FFFFFF, D83A56", "0B2A4A, F2A900", "EAF3F2, 0F7C7A", "808080, FFFFFF"})
    void haveTheValueThatComesAgainAndAgain(String ground, String stroke) {
        assertThat(find(lines(Drawing.on(200, 120, ground), stroke, 20, 180), NOTHING))
                .contains(rgb(stroke))
                .hasSize(1);
    }

    @Test
    void areFoundInTwoColorsOnOneGround() {
        Drawing drawing = lines(lines(Drawing.on(300, 120, "FFFFFF"), "0B2A4A", 20, 140), "D83A56", 160, 280);
        assertThat(find(drawing, NOTHING)).containsExactlyInAnyOrder(rgb("0B2A4A"), rgb("D83A56"));
    }

    @Test
    void areFoundOnEachGround() {
        Drawing drawing = Drawing.on(300, 120, "FFFFFF").box("0B2A4A", 150, 0, 300, 120);
        lines(drawing, "D83A56", 20, 130);
        lines(drawing, "F2A900", 170, 280);
        assertThat(find(drawing, NOTHING)).containsExactlyInAnyOrder(rgb("D83A56"), rgb("F2A900"));
    }

    /** They are thin parts of something that was found by its area. */
    @Test
    void areNoNewsIfTheirColorIsKnown() {
        Drawing drawing = lines(Drawing.on(200, 120, "FFFFFF"), "0B2A4A", 20, 180);
        assertThat(find(drawing, List.of(rgb("0B2A4A")))).isEmpty();
        // What is paler than a known colour, or a little beyond it, is mixed of it.
        assertThat(find(drawing, List.of(rgb("000B24")))).isEmpty();
        assertThat(find(drawing, List.of(rgb("30547A")))).isEmpty();
        assertThat(find(drawing, List.of(rgb("F2A900")))).containsExactly(rgb("0B2A4A"));
    }

    /** 33 of 255 from the ground may be noise. */
    @ParameterizedTest
    @CsvSource({"DEFFFF, 0", "D8FFFF, 1", "FFFFDE, 0", "FFFFD8, 1"})
    void areStrongerThanNoise(String stroke, int count) {
        Drawing drawing = Drawing.on(200, 120, "FFFFFF");
        for (int x = 20; x < 180; x += 20) {
            drawing.box(stroke, x, 10, x + 1, 110);
        }
        assertThat(find(drawing, NOTHING)).hasSize(count);
    }

    /** Nine pixels that stand out are chance. */
    @ParameterizedTest
    @CsvSource({"9, 0", "11, 1"})
    void areLongerThanChance(int length, int count) {
        assertThat(find(Drawing.on(200, 120, "FFFFFF").box("0B2A4A", 50, 20, 51, 20 + length), NOTHING))
                .hasSize(count);
    }

    /** No value comes twice, so the stroke is as strong as most of its stronger places. */
    @Test
    void haveTheStrengthOfTheirStrongerPlacesWhereNoValueRepeats() {
        Random random = new Random(4);
        Drawing drawing = Drawing.on(300, 220, "FFFFFF");
        Point ground = new Point(255, 255, 255);
        Point way = Point.of(rgb("D83A56")).minus(ground);
        for (int x = 20; x < 280; x += 20) {
            for (int y = 10; y < 210; y++) {
                double strength = 0.9 + 0.1 * random.nextDouble();
                Rgb shaken = ground.plus(way, strength)
                        .plus(new Point(random.nextInt(9) - 4, random.nextInt(9) - 4, random.nextInt(9) - 4), 1)
                        .toRgb();
                drawing.dot(shaken, x, y);
            }
        }
        List<Rgb> found = find(drawing, NOTHING);
        assertThat(found).hasSize(1);
        assertThat(Difference.between(found.get(0), rgb("D83A56"))).isLessThan(4);
    }

    @Test
    void areAtMostFour() {
        String[] strokes = {"FF0000", "0000FF", "00A000", "F2A900", "C000C0", "00C0C0"};
        Drawing drawing = Drawing.on(600, 120, "FFFFFF");
        for (int i = 0; i < strokes.length; i++) {
            lines(drawing, strokes[i], 20 + i * 90, 100 + i * 90);
        }
        assertThat(find(drawing, NOTHING)).hasSize(4);
    }

    @Test
    void areNotToldWhereTwoGroundsMeet() {
        Drawing drawing = Drawing.on(200, 120, "FFFFFF").box("F2C400", 103, 0, 200, 120);
        assertThat(find(drawing.box("0B2A4A", 100, 10, 101, 110), NOTHING)).isEmpty();
    }
}
