package app.zumbido.core.extraction;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.zumbido.core.color.Oklab;
import app.zumbido.core.color.Rgb;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Clouds of colours whose middles and numbers are known. A cube is 0.02 of OKLab wide. */
class CrowdsTest {
    private final Crowds crowds = new Crowds();
    private final Random random = new Random(9);

    /** @param spread of a Gaussian in each direction of OKLab */
    private void cloud(double l, double a, double b, double spread, int count) {
        for (int i = 0; i < count; i++) {
            add(
                    l + spread * random.nextGaussian(),
                    a + spread * random.nextGaussian(),
                    b + spread * random.nextGaussian());
        }
    }

    private void add(double l, double a, double b) {
        crowds.add(new Oklab(l, a, b).toLinear().toRgb().packed());
    }

    private static void assertCrowd(Crowds.Crowd crowd, double l, double a, double b, long count) {
        assertThat(crowd.count()).isCloseTo(count, within(Math.max(20, count / 25)));
        assertThat(crowd.mean().distanceTo(new Oklab(l, a, b))).isLessThan(0.012);
    }

    @Test
    void areAsManyAsThereAreHillsWithTheirNumbers() {
        cloud(0.6, 0.05, 0.02, 0.012, 6_000);
        cloud(0.4, -0.05, -0.03, 0.012, 3_000);
        cloud(0.75, 0.02, 0.1, 0.012, 1_500);
        List<Crowds.Crowd> found = crowds.find();
        assertThat(found.get(0).count() + found.get(1).count() + found.get(2).count())
                .isGreaterThan(10_300);
        assertCrowd(found.get(0), 0.6, 0.05, 0.02, 6_000);
        assertCrowd(found.get(1), 0.4, -0.05, -0.03, 3_000);
        assertCrowd(found.get(2), 0.75, 0.02, 0.1, 1_500);
        assertThat(crowds.total()).isEqualTo(10_500);
    }

    /** In each direction of the space: summits closer than 0.045 are one colour, whatever lies between. */
    @ParameterizedTest
    @CsvSource({"0.035, 0, 0", "0, 0.035, 0", "0, 0, 0.035"})
    void areOneWhereTheirSummitsAreNear(double l, double a, double b) {
        cloud(0.6, 0.02, 0.02, 0.006, 4_000);
        cloud(0.6 + l, 0.02 + a, 0.02 + b, 0.006, 3_000);
        assertThat(crowds.find().get(0).count()).isGreaterThan(6_900);
    }

    @ParameterizedTest
    @CsvSource({"0.1, 0, 0", "-0.1, 0, 0", "0, 0.1, 0", "0, -0.1, 0", "0, 0, 0.1", "0, 0, -0.1"})
    void areTwoWhereTheDensitySinksBetweenThem(double l, double a, double b) {
        cloud(0.6, 0, 0, 0.012, 4_000);
        cloud(0.6 + l, a, b, 0.012, 3_000);
        List<Crowds.Crowd> found = crowds.find();
        assertCrowd(found.get(0), 0.6, 0, 0, 4_000);
        assertCrowd(found.get(1), 0.6 + l, a, b, 3_000);
    }

    /** A wall in the sun and the shade is one colour however wide it spreads: nowhere on the way is there a valley. */
    @ParameterizedTest
    @ValueSource(doubles = {0.1, 0.2, 0.3})
    void areOneAlongAnEvenRidge(double length) {
        for (int i = 0; i < 40_000; i++) {
            add(
                    0.4 + length * random.nextDouble(),
                    0.03 + 0.004 * random.nextGaussian(),
                    0.02 + 0.004 * random.nextGaussian());
        }
        assertThat(crowds.find().get(0).count()).isGreaterThan(38_000);
    }

    /** The wide foot of a hill belongs to it, but what it looks like is told by its core. */
    @Test
    void haveTheColorOfTheirCoreAndTheNumberOfTheWhole() {
        cloud(0.6, 0.05, 0.02, 0.004, 5_000);
        for (int i = 0; i < 1_500; i++) {
            double away = 0.01 + 0.06 * random.nextDouble();
            add(0.6 + away, 0.05, 0.02);
        }
        Crowds.Crowd crowd = crowds.find().get(0);
        assertThat(crowd.mean().l()).isCloseTo(0.6, within(0.008));
        assertThat(crowd.count()).isGreaterThan(5_600);
    }

    @Test
    void keepTheOrderOfTheirSizeAndOfTheirColorAmongEquals() {
        for (String hex : new String[] {"D83A56", "0F7C7A", "F2A900", "2F5D8A"}) {
            for (int i = 0; i < 50; i++) {
                crowds.add(Rgb.ofHex(hex).packed());
            }
        }
        crowds.add(Rgb.ofHex("F2A900").packed());
        List<Crowds.Crowd> found = crowds.find();
        assertThat(found).extracting(crowd -> crowd.meanRgb().digits()).first().isEqualTo("F2A900");
        assertThat(found).extracting(Crowds.Crowd::count).containsExactly(51L, 50L, 50L, 50L);
        assertThat(found.subList(1, 4))
                .isSortedAccordingTo((one, other) ->
                        Double.compare(one.mean().l(), other.mean().l()));
    }
}
