package app.zumbido.core.roles;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.color.Vision;
import app.zumbido.core.palette.Ladder;
import app.zumbido.core.palette.Palette;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.palette.SwatchId;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class ChartColorsTest {
    private static ChartColors colors(String... hexes) {
        return new ChartColors(Arrays.stream(hexes).map(Rgb::ofHex).toList());
    }

    /**
     * Source of the set: M. Okabe, K. Ito 2008. Figures under Lab D50, the first confirmed with colorjs.io 0.7.1; that orange
     * and sky blue are alike in grey (0.6) is told in published comments on the set.
     */
    @Test
    void tellsHowWellTheSetOfOkabeAndItoIsToldApart() {
        Map<Vision, ChartColors.Least> least = colors(
                        "000000", "E69F00", "56B4E9", "009E73", "F0E442", "0072B2", "D55E00", "CC79A7")
                .least();
        assertThat(least.get(Vision.NORMAL).neighbours()).isCloseTo(33.59, within(0.01));
        assertThat(least.get(Vision.DEUTAN).neighbours()).isCloseTo(31.12, within(0.01));
        assertThat(least.get(Vision.GREY).all()).isCloseTo(0.6, within(0.05));
        for (Vision eyes : Vision.EYES) {
            assertThat(least.get(eyes).toldApart()).isEqualTo(ChartColors.ToldApart.ALL);
        }
    }

    @Test
    void oneSeriesAloneIsToldApart() {
        assertThat(colors("0F7C7A").least().get(Vision.NORMAL).toldApart()).isEqualTo(ChartColors.ToldApart.ALL);
        assertThat(colors("0F7C7A").bestOrder()).containsExactly(0);
    }

    @Test
    void neighboursThatHardlyDifferAreNotToldApart() {
        ChartColors.Least least = colors("0F7C7A", "107D7B", "FFD400").least().get(Vision.NORMAL);
        assertThat(least.toldApart()).isEqualTo(ChartColors.ToldApart.NO);
        assertThat(least.neighbours()).isEqualTo(least.all()).isLessThan(1);
    }

    /** From ΔE00 10 on, and exactly there too. */
    @ParameterizedTest
    @CsvSource({"10, 10, ALL", "12, 9.99, NEIGHBOURS", "10, 3, NEIGHBOURS", "9.99, 9.99, NO"})
    void saysWhoIsToldApart(double neighbours, double all, ChartColors.ToldApart toldApart) {
        assertThat(new ChartColors.Least(neighbours, all).toldApart()).isEqualTo(toldApart);
    }

    /** Fourteen are still put in order, fifteen are not. */
    @Test
    void veryManyKeepTheirOrder() {
        List<String> pairs = new ArrayList<>(List.of("0B2A4A"));
        for (int i = 0; i < 13; i++) {
            pairs.add(i < 7 ? "0B2A4" + i : "FFD40" + (i - 7));
        }
        assertThat(colors(pairs.toArray(String[]::new)).bestOrder())
                .isNotEqualTo(IntStream.range(0, 14).boxed().toList());
        pairs.add("FFD40A");
        assertThat(colors(pairs.toArray(String[]::new)).bestOrder())
                .isEqualTo(IntStream.range(0, 15).boxed().toList());
    }

    private static double least(List<Rgb> series) {
        return new ChartColors(series)
                .least().entrySet().stream()
                        .filter(entry -> entry.getKey() != Vision.GREY)
                        .mapToDouble(entry -> entry.getValue().neighbours())
                        .min()
                        .orElseThrow();
    }

    /** Against every order there is with the first held. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "0B2A4A 0F7C7A 2E8B3A A9743A D83A56 6A3FB5",
                "C0392B 2E8B3A B5651D 4F6B3A FFD400",
                "0B2A4A 14142B 0F7C7A 138F8C"
            })
    void noOrderIsBetterThanTheBest(String codes) {
        List<Rgb> series = Arrays.stream(codes.split(" ")).map(Rgb::ofHex).toList();
        List<Integer> order = new ChartColors(series).bestOrder();
        assertThat(order).hasSize(series.size()).doesNotHaveDuplicates().startsWith(0);
        double best = least(order.stream().map(series::get).toList());
        List<List<Rgb>> all = new ArrayList<>();
        permute(new ArrayList<>(series.subList(1, series.size())), 0, all);
        double bruteForce = all.stream()
                .mapToDouble(rest -> {
                    List<Rgb> whole = new ArrayList<>(List.of(series.get(0)));
                    whole.addAll(rest);
                    return least(whole);
                })
                .max()
                .orElseThrow();
        assertThat(best).isCloseTo(bruteForce, within(1e-9)).isGreaterThanOrEqualTo(least(series));
    }

    /** Where nothing is gained the series stay as they are. */
    @Test
    void equallyGoodOrdersLeaveThePresentOne() {
        assertThat(colors("777777", "777777", "777777", "777777").bestOrder()).containsExactly(0, 1, 2, 3);
        assertThat(colors("0B2A4A", "FFD400").bestOrder()).containsExactly(0, 1);
        // The first and the second hardly differ, so anything may stand between them.
        assertThat(colors("0B2A4A", "0C2B4B", "FFD400").bestOrder()).containsExactly(0, 2, 1);
    }

    private static void permute(List<Rgb> rest, int from, List<List<Rgb>> all) {
        if (from == rest.size()) {
            all.add(List.copyOf(rest));
            return;
        }
        for (int i = from; i < rest.size(); i++) {
            Collections.swap(rest, from, i);
            permute(rest, from + 1, all);
            Collections.swap(rest, from, i);
        }
    }

    @Test
    void saysWhatIsMadeOutOnAGround() {
        assertThat(colors("0B2A4A", "FFD400").madeOutOn(Rgb.WHITE)).containsExactly(true, false);
    }

    @Test
    void goesOnWithTintsInTheStatedOrder() {
        Swatch teal = Swatch.of(new SwatchId(new UUID(0, 1)), "Teal", Rgb.ofHex("0F7C7A"), List.of());
        Swatch navy = Swatch.of(new SwatchId(new UUID(0, 2)), "Navy", Rgb.ofHex("0B2A4A"), List.of());
        Palette palette = Palette.of(List.of(teal, navy));
        Roles roles = Roles.NONE
                .with(Role.CHART, List.of(teal.id(), navy.id()))
                .with(Role.TINTS_OFF_LIMITS, List.of(navy.id()));
        List<Rgb> series = ChartSeries.of(roles, palette, 6);
        assertThat(series).hasSize(5).startsWith(teal.color(), navy.color()).doesNotHaveDuplicates();
        assertThat(series.subList(2, 5))
                .as("steps of the teal, none of the navy")
                .containsExactly(
                        Ladder.at(teal.color(), 0.45), Ladder.at(teal.color(), -0.45), Ladder.at(teal.color(), 0.7));
        assertThat(ChartSeries.of(roles, palette, 1)).containsExactly(teal.color());
    }

    /** The two blues are ΔE00 3 apart and never stand beside each other. */
    @Test
    void tellsWhenOnlyNeighboursAreToldApart() {
        ChartColors.Least least = colors("2F5D8A", "F2A900", "335F8C").least().get(Vision.NORMAL);
        assertThat(least.all()).isLessThan(5);
        assertThat(least.neighbours()).isGreaterThan(10);
        assertThat(least.toldApart()).isEqualTo(ChartColors.ToldApart.NEIGHBOURS);
    }
}
