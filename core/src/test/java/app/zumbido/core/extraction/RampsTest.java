package app.zumbido.core.extraction;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.color.Rgb;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Gradients and shadows that were drawn, so their stops and where they lie are known. */
class RampsTest {
    /** An end is drawn out by what smoothing and the edge hide, which is a guess; of 255. */
    private static final double NEAR = 9;

    private static Ramps of(Drawing drawing) {
        return Structure.of(drawing.pixels()).ramps();
    }

    private static void assertStops(Ramp ramp, String... stops) {
        List<Point> found = new ArrayList<>(ramp.stops());
        assertThat(found).hasSize(stops.length);
        Point first = Point.of(Rgb.ofHex(stops[0]));
        if (found.get(0).distanceTo(first) > found.get(found.size() - 1).distanceTo(first)) {
            Collections.reverse(found);
        }
        for (int i = 0; i < stops.length; i++) {
            assertThat(found.get(i).distanceTo(Point.of(Rgb.ofHex(stops[i]))))
                    .as("stop %d of %s", i, found)
                    .isLessThan(NEAR);
        }
    }

    @ParameterizedTest
    @CsvSource({"0B2A4A, EAF3F2", "F2682A, 0F7C7A", "2E7D32, F2C400", "D83A56, F2A900"})
    void findsBothEndsOfAGradient(String from, String to) {
        Ramps ramps = of(Drawing.on(300, 200, "FFFFFF").gradient(20, 20, 280, 180, from, to));
        assertThat(ramps.found).hasSize(1);
        assertThat(ramps.shadows).isEmpty();
        assertStops(ramps.found.get(0), from, to);
        assertThat(ramps.labels[100 * 300 + 150]).isZero();
        assertThat(ramps.labels[5 * 300 + 5]).isEqualTo(Patches.NONE);
        assertThat(ramps.found.get(0).cells()).isBetween(30_000L, 260L * 160);
    }

    @Test
    void findsTheStopBetween() {
        Ramps ramps = of(Drawing.on(300, 200, "FFFFFF").gradient(20, 20, 280, 180, "0B2A4A", "F2682A", "F2C400"));
        assertThat(ramps.found).hasSize(1);
        assertStops(ramps.found.get(0), "0B2A4A", "F2682A", "F2C400");
    }

    @Test
    void findsTwoThatLieApart() {
        Ramps ramps = of(Drawing.on(300, 200, "FFFFFF")
                .gradient(20, 20, 140, 180, "0B2A4A", "0F7C7A")
                .gradient(160, 20, 280, 180, "F2682A", "F2C400"));
        assertThat(ramps.found).hasSize(2);
        assertStops(ramps.found.get(0), "0B2A4A", "0F7C7A");
        assertStops(ramps.found.get(1), "F2682A", "F2C400");
        assertThat(ramps.labels[100 * 300 + 80]).isZero();
        assertThat(ramps.labels[100 * 300 + 220]).isEqualTo(1);
    }

    /** Four thousandths of 300 x 200 cells are 240. */
    @Test
    void passesOverWhatIsTooSmall() {
        Ramps ramps = of(Drawing.on(300, 200, "FFFFFF").gradient(20, 20, 48, 28, "0B2A4A", "0F7C7A"));
        assertThat(ramps.found).isEmpty();
    }

    /** The edge between two colours is a gradient as well when it is blurred, and nowhere deep. */
    @Test
    void takesNoBlurredEdgeForAGradient() {
        Ramps ramps = of(
                Drawing.on(300, 200, "FFFFFF").box("0B2A4A", 100, 40, 200, 160).blurred(1.5));
        assertThat(ramps.found).isEmpty();
    }

    @Test
    void takesWhatOnlyDarkensAFlatColorForAShadow() {
        Drawing drawing = Drawing.on(300, 200, "F0C8A0").gradient(60, 20, 240, 180, "F0C8A0", "78644F");
        Ramps ramps = of(drawing);
        assertThat(ramps.found).isEmpty();
        assertThat(ramps.shadows).hasSize(1);
        assertThat(ramps.labels[100 * 300 + 200]).isEqualTo(Ramps.SHADOW);
    }

    /** From the same flat colour, but to another hue: somebody has drawn that. */
    @Test
    void takesWhatBecomesAnotherHueForAGradient() {
        Ramps ramps = of(Drawing.on(300, 200, "F0C8A0").gradient(60, 20, 240, 180, "F0C8A0", "1F4E8C"));
        assertThat(ramps.shadows).isEmpty();
        assertThat(ramps.found).hasSize(1);
    }

    /** 27 of 255 from end to end: a stain on paper. */
    @Test
    void takesWhatHardlyChangesForAStain() {
        Ramps ramps = of(Drawing.on(300, 200, "F0F0F0").gradient(20, 20, 280, 180, "F0F0F0", "E4E4E4"));
        assertThat(ramps.found).isEmpty();
    }

    @Test
    void knowsWhatLiesOnTheWay() {
        Ramp ramp = new Ramp(List.of(new Point(0, 0, 0), new Point(200, 0, 0), new Point(200, 200, 0)), 9);
        List<Ramp> ramps = List.of(new Ramp(List.of(new Point(0, 0, 255), new Point(0, 9, 255)), 9), ramp);
        assertThat(Ramps.passThrough(ramps, new Point(100, 8, 0), 8)).isTrue();
        assertThat(Ramps.passThrough(ramps, new Point(100, 9, 0), 8)).isFalse();
        assertThat(Ramps.passThrough(ramps, new Point(193, 100, 0), 8)).isTrue();
        assertThat(Ramps.passThrough(ramps, new Point(-9, 0, 0), 8)).isFalse();
        assertThat(Ramps.passThrough(List.of(), new Point(0, 0, 0), 8)).isFalse();
    }
}
