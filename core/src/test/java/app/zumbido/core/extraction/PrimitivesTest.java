package app.zumbido.core.extraction;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.image.Pixels;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** The small parts that reading a picture is made of, each against its definition, worked by hand or the long way round. */
class PrimitivesTest {
    private static final Point RED = new Point(200, 0, 0);
    private static final Point BLACK = new Point(0, 0, 0);

    /** Plain geometry in the cube of sRGB. */
    @Test
    void aPointKnowsHowFarItLiesFromALine() {
        Point beside = new Point(100, 30, 40);
        assertThat(beside.along(BLACK, RED)).isCloseTo(0.5, within(1e-12));
        assertThat(beside.distanceToLine(BLACK, RED)).isCloseTo(50, within(1e-9));
        assertThat(beside.distanceToSegment(BLACK, RED)).isCloseTo(50, within(1e-9));
        Point beyond = new Point(230, 0, 40);
        assertThat(beyond.distanceToLine(BLACK, RED)).isCloseTo(40, within(1e-9));
        assertThat(beyond.distanceToSegment(BLACK, RED)).isCloseTo(50, within(1e-9));
        Point before = new Point(-30, 40, 0);
        assertThat(before.distanceToSegment(BLACK, RED)).isCloseTo(50, within(1e-9));
        assertThat(beside.along(RED, RED)).isZero();
        assertThat(beside.distanceTo(0x641E28)).isZero();
        assertThat(BLACK.distanceTo(0x020306)).isCloseTo(7, within(1e-12));
        assertThat(new Ramp(List.of(BLACK, RED, new Point(200, 100, 0)), 9).distanceTo(new Point(230, 50, 0)))
                .isCloseTo(30, within(1e-9));
    }

    /** Light is that of ITU-T T.871, 7: 0.299, 0.587 and 0.114. */
    @ParameterizedTest
    @CsvSource({"255, 0, 0, 76.245", "0, 255, 0, 149.685", "0, 0, 255, 29.07", "10, 20, 30, 18.15"})
    void lightIsDividedAsInJpeg(double red, double green, double blue, double light) {
        assertThat(new Point(red, green, blue).light()).isCloseTo(light, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({"0, false, false", "127, false, false", "128, false, true", "254, false, true", "255, true, true"})
    void halfTransparentPixelsAreSeenButNotExact(int alpha, boolean opaque, boolean seen) {
        assertThat(Alpha.opaque(alpha << 24 | 0x123456)).isEqualTo(opaque);
        assertThat(Alpha.seen(alpha << 24 | 0x123456)).isEqualTo(seen);
    }

    /** Chessboard distance to the nearest other cell, looked for among all of them. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5})
    void depthIsTheDistanceToWhateverIsNearest(long seed) {
        int columns = 13;
        int rows = 9;
        Random random = new Random(seed);
        int[] labels = new int[columns * rows];
        for (int i = 0; i < labels.length; i++) {
            labels[i] = random.nextInt(10) == 0 ? 1 : 0;
        }
        short[] depth = Depths.of(labels, columns, rows);
        for (int i = 0; i < labels.length; i++) {
            int x = i % columns;
            int y = i / columns;
            int nearest = Math.min(Math.min(x + 1, y + 1), Math.min(columns - x, rows - y));
            for (int j = 0; j < labels.length; j++) {
                if (labels[j] != labels[i]) {
                    nearest = Math.min(nearest, Math.max(Math.abs(j % columns - x), Math.abs(j / columns - y)));
                }
            }
            assertThat((int) depth[i]).as("%d, %d", x, y).isEqualTo(nearest);
        }
    }

    /** Source of the values: M. Abramowitz, I. Stegun, Handbook of Mathematical Functions, table 7.1. */
    @ParameterizedTest
    @CsvSource({
        "0.1, 0.1124629160",
        "0.5, 0.5204998778",
        "1, 0.8427007929",
        "1.5, 0.9661051465",
        "2, 0.9953222650",
        "-0.5, -0.5204998778"
    })
    void theErrorFunctionIsThatOfTheHandbook(double x, double value) {
        assertThat(Blur.erf(x)).isCloseTo(value, within(2e-7));
    }

    /** A stroke under a Gaussian is the difference of two error functions; here it is added up cell by cell instead. */
    @ParameterizedTest
    @CsvSource({"0.7, 1", "1, 1.5", "1.5, 2", "1.5, 5", "2, 3"})
    void aBlurredStrokeKeepsWhatItsShoulderTells(double sigma, double width) {
        double middle = smeared(sigma, width, 0);
        double shoulder = smeared(sigma, width, 1) / middle;
        assertThat(new Blur(sigma).leftInTheMiddle(shoulder)).isCloseTo(middle, within(0.01));
        assertThat(new Blur(0.5).leftInTheMiddle(shoulder)).isEqualTo(1);
    }

    private static double smeared(double sigma, double width, double away) {
        double sum = 0;
        double step = 0.001;
        for (double x = -width / 2 + step / 2; x < width / 2; x += step) {
            double distance = (x - away) / sigma;
            sum += step * Math.exp(-distance * distance / 2) / (sigma * Math.sqrt(2 * Math.PI));
        }
        return sum;
    }

    @Test
    void aValueThatMuchOfAnAreaHasStandsForIt() {
        Rgb drawn = Rgb.ofHex("0F7C7A");
        Rgb near = Rgb.ofHex("107D7B");
        Rgb far = Rgb.ofHex("1F8C8A");
        Point mean = Point.of(near);
        assertThat(Representative.of(mean, Map.of(drawn, 30, near, 29, far, 41 - 12)))
                .isEqualTo(drawn);
        // Frequent, but not where the mean is; or at the mean, but not frequent.
        assertThat(Representative.of(mean, Map.of(drawn, 1, near, 1, far, 98))).isEqualTo(near);
        assertThat(Representative.of(mean, Map.of(drawn, 26, near, 25, far, 25, Rgb.BLACK, 24)))
                .isEqualTo(near);
    }

    private static Pixels row(int... argb) {
        return Pixels.wrap(argb.length, 1, argb);
    }

    private static int grey(int value) {
        return 0xFF000000 | value << 16 | value << 8 | value;
    }

    /** One bump in 250 is worn, fewer are not; a step of more than 12 is drawn, and a slope is no bump. */
    @Test
    void noiseGoesUpAndDownByALittle() {
        int[] even = new int[502];
        Arrays.fill(even, grey(100));
        assertThat(Wear.isWorn(row(even))).isFalse();
        int[] noisy = even.clone();
        noisy[50] = grey(104);
        noisy[150] = grey(96);
        assertThat(Wear.isWorn(row(noisy))).isFalse();
        noisy[250] = grey(112);
        assertThat(Wear.isWorn(row(noisy))).isTrue();
        int[] dotted = even.clone();
        int[] slope = new int[502];
        for (int i = 0; i < 502; i++) {
            dotted[i] = i % 2 == 0 ? grey(100) : grey(113);
            slope[i] = grey(i / 2);
        }
        assertThat(Wear.isWorn(row(dotted))).isFalse();
        assertThat(Wear.isWorn(row(slope))).isFalse();
        int[] blue = even.clone();
        int[] clear = even.clone();
        for (int i = 1; i < 502; i += 2) {
            blue[i] = even[i] + 3;
            clear[i] = 0x7F000000 | grey(103) & 0xFFFFFF;
        }
        assertThat(Wear.isWorn(row(blue))).isTrue();
        assertThat(Wear.isWorn(row(clear))).isFalse();
    }

    @Test
    void binsGatherNeighboursAndKeepTheirMean() {
        ColorBins bins = new ColorBins(4);
        for (int rgb : new int[] {0x101010, 0x121416, 0x1F1F1F, 0x202020, 0xF0F0F0}) {
            bins.add(rgb);
        }
        assertThat(bins.total()).isEqualTo(5);
        assertThat(bins.all()).extracting(ColorBins.Bin::count).containsExactly(3L, 1L, 1L);
        assertThat(bins.all().get(0).mean()).isEqualTo(new Point(65 / 3.0, 67 / 3.0, 69 / 3.0));
        // The cube of 0x20 touches that of 0x10, the one of 0xF0 does not.
        assertThat(bins.peak().count()).isEqualTo(4);
        assertThat(bins.peak().mean().red()).isCloseTo((65 + 32) / 4.0, within(1e-12));
    }

    @Test
    void crowdsAreHillsWithTheirWholeSlopes() {
        Crowds crowds = new Crowds();
        Random random = new Random(3);
        for (int i = 0; i < 2000; i++) {
            crowds.add(near(random, 15, 124, 122));
            if (i % 4 == 0) {
                crowds.add(near(random, 242, 104, 42));
            }
        }
        assertThat(crowds.total()).isEqualTo(2500);
        List<Crowds.Crowd> found = crowds.find();
        assertThat(found.get(0).count()).isBetween(1900L, 2000L);
        assertThat(found.get(0).meanRgb().hex()).isIn(around(15, 124, 122));
        assertThat(found.get(1).count()).isBetween(400L, 500L);
        assertThat(found.stream().mapToLong(Crowds.Crowd::count).sum()).isEqualTo(2500);
    }

    private static int near(Random random, int red, int green, int blue) {
        return red + random.nextInt(7) - 3 << 16 | green + random.nextInt(7) - 3 << 8 | blue + random.nextInt(7) - 3;
    }

    private static List<String> around(int red, int green, int blue) {
        return IntStream.range(0, 27)
                .mapToObj(i -> new Rgb(red + i / 9 - 1, green + i / 3 % 3 - 1, blue + i % 3 - 1).hex())
                .toList();
    }

    /** The edge of 12 x 3 pixels has 26, each corner once: six tenths of them are a ground, 15 are not enough. */
    @ParameterizedTest
    @CsvSource({"11, 0", "8, 0", "7, -1", "6, -1", "5, -1", "4, 1", "1, 1"})
    void theGroundRunsAlongMostOfTheEdge(int barFrom, int ground) {
        Pixels pixels =
                Drawing.on(12, 3, "FFFFFF").box("0F7C7A", barFrom, 0, 12, 3).pixels();
        Backdrop found = Backdrop.find(pixels, new Labels(pixels, List.of(Rgb.WHITE, Rgb.ofHex("0F7C7A")), true), 2);
        assertThat(found).isEqualTo(ground < 0 ? new Backdrop.None() : new Backdrop.OfColor(ground));
        assertThat(found.is(0)).isEqualTo(ground == 0);
        assertThat(found.is(1)).isEqualTo(ground == 1);
    }

    @Test
    void nothingAlongTheEdgeIsAGroundToo() {
        Pixels pixels = Drawing.onNothing(12, 3).box("0F7C7A", 5, 1, 7, 2).pixels();
        assertThat(Backdrop.find(pixels, new Labels(pixels, List.of(Rgb.ofHex("0F7C7A")), true), 1))
                .isEqualTo(new Backdrop.Transparent());
    }
}
