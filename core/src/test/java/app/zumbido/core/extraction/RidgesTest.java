package app.zumbido.core.extraction;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.zumbido.core.color.Rgb;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Strokes of one pixel, whose middle, strength and surroundings can be told by hand. Light: ITU-T T.871, 7. */
class RidgesTest {
    /** Rows and columns along the edge are not looked at. */
    private static final int EDGE = 8;

    private static List<Ridge> of(Drawing drawing) {
        return Ridges.of(Structure.of(drawing.pixels()));
    }

    private static double light(String hex) {
        Rgb rgb = Rgb.ofHex(hex);
        return 0.299 * rgb.red() + 0.587 * rgb.green() + 0.114 * rgb.blue();
    }

    @ParameterizedTest
    @CsvSource({"FFFFFF, 0B2A4A", "0B2A4A, FFFFFF", "EAF3F2, D83A56", "202020, 0F7C7A"})
    void areTheMiddlesOfAnUprightStroke(String ground, String stroke) {
        List<Ridge> ridges = of(Drawing.on(100, 60, ground).box(stroke, 50, 0, 51, 60));
        assertThat(ridges).hasSize(60 - 2 * EDGE);
        Point away = Point.of(Rgb.ofHex(stroke)).minus(Point.of(Rgb.ofHex(ground)));
        for (Ridge ridge : ridges) {
            assertThat(ridge.ground()).isZero();
            assertThat(ridge.light()).isCloseTo(Math.abs(light(stroke) - light(ground)), within(1e-6));
            assertThat(ridge.shoulder()).isCloseTo(0, within(1e-9));
            assertThat(ridge.around().distanceTo(new Point(0, 0, 0).plus(away, 17)))
                    .isLessThan(1e-6);
        }
    }

    @Test
    void areTheMiddlesOfALyingStroke() {
        List<Ridge> ridges = of(Drawing.on(100, 60, "FFFFFF").box("0B2A4A", 0, 30, 100, 31));
        assertThat(ridges).hasSize(100 - 2 * EDGE);
        assertThat(ridges).allMatch(ridge -> ridge.shoulder() == 0);
    }

    /** Beside its middle half of the stroke is left on both sides. */
    @Test
    void tellWhatIsLeftBesideTheMiddle() {
        List<Ridge> ridges = of(Drawing.on(100, 60, "FFFFFF")
                .box("808080", 49, 0, 50, 60)
                .box("000000", 50, 0, 51, 60)
                .box("808080", 51, 0, 52, 60));
        assertThat(ridges).hasSize(60 - 2 * EDGE);
        assertThat(ridges).allSatisfy(ridge -> {
            assertThat(ridge.light()).isCloseTo(255, within(1e-6));
            assertThat(ridge.shoulder()).isCloseTo(127.0 / 255, within(1e-9));
            assertThat(ridge.around().red()).isCloseTo(-17 * (255 + 2 * 127), within(1e-6));
        });
    }

    /** 66 of red are 19.7 of light, which may be noise; 68 are 20.3. */
    @ParameterizedTest
    @CsvSource({"808080, C28080, 0", "808080, C48080, 44", "C48080, 808080, 44", "C28080, 808080, 0"})
    void areStrongerThanNoise(String ground, String stroke, int count) {
        assertThat(of(Drawing.on(100, 60, ground).box(stroke, 50, 0, 51, 60))).hasSize(count);
    }

    @Test
    void areNotToldWhereTwoGroundsMeet() {
        assertThat(of(Drawing.on(100, 60, "FFFFFF")
                        .box("F2C400", 55, 0, 100, 60)
                        .box("0B2A4A", 50, 0, 51, 60)))
                .isEmpty();
    }

    @Test
    void areNotToldWhereThePictureIsTransparent() {
        Drawing drawing = Drawing.onNothing(100, 60).box("FFFFFF", 0, 0, 56, 60).box("0B2A4A", 50, 0, 51, 60);
        assertThat(of(drawing)).isEmpty();
    }

    @Test
    void areNotTheEdgeOfSomethingWide() {
        assertThat(of(Drawing.on(100, 60, "FFFFFF").box("0B2A4A", 40, 0, 60, 60).blurred(0.8)))
                .isEmpty();
    }

    @Test
    void tellTheColorForEachStepOfLight() {
        Ridge ridge = new Ridge(0, new Point(-20, -40, 60), 30, 0);
        double light = Math.abs(0.299 * -20 + 0.587 * -40 + 0.114 * 60);
        Point per = ridge.perLight();
        assertThat(per.red()).isCloseTo(-20 / light, within(1e-9));
        assertThat(per.green()).isCloseTo(-40 / light, within(1e-9));
        assertThat(per.blue()).isCloseTo(60 / light, within(1e-9));
    }
}
