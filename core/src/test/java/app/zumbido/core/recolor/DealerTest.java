package app.zumbido.core.recolor;

import static app.zumbido.core.recolor.Graphics.bands;
import static app.zumbido.core.recolor.Graphics.colors;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.Difference;
import app.zumbido.core.color.Oklch;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.recolor.Stock.Importance;
import app.zumbido.core.recolor.Stock.Offered;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What a person expects of a first deal is common practice; no published source. */
class DealerTest {
    private static final List<Rgb> BRAND = colors("0B2A4A", "0F7C7A", "F2682A", "5B6670", "EAF3F2", "FFFFFF");

    private static Deal first(Graphic graphic, Stock stock) {
        return new Dealer(graphic, stock, Map.of(), Optional.empty()).next().orElseThrow();
    }

    private static List<Deal> deals(Dealer dealer, int most) {
        List<Deal> deals = new ArrayList<>();
        for (Optional<Deal> next = dealer.next(); next.isPresent() && deals.size() < most; next = dealer.next()) {
            deals.add(next.get());
        }
        return deals;
    }

    /** All orders of the colours are tried and weighed one by one. */
    private static double cheapest(Graphic graphic, Stock stock, List<Rgb> left, List<Rgb> taken) {
        if (taken.size() == graphic.areas().size()) {
            return new Weighing(graphic, stock, Optional.empty())
                    .deal(taken)
                    .cost()
                    .total();
        }
        double least = Double.MAX_VALUE;
        for (Rgb color : left) {
            List<Rgb> rest = new ArrayList<>(left);
            rest.remove(color);
            List<Rgb> more = new ArrayList<>(taken);
            more.add(color);
            least = Math.min(least, cheapest(graphic, stock, rest, more));
        }
        return least;
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 6})
    void isAsCheapAsTheBestOfAllArrangements(int count) {
        Random random = new Random(count);
        for (int i = 0; i < 20; i++) {
            Graphic graphic = Graphics.random(random, count);
            List<Rgb> offered = Graphics.offered(random, 6);
            Stock stock = new Stock(
                    offered.stream()
                            .map(color -> new Offered(color, Importance.values()[Math.abs(color.packed()) % 3]))
                            .toList(),
                    random.nextBoolean());
            assertThat(first(graphic, stock).cost().total())
                    .isCloseTo(cheapest(graphic, stock, offered, List.of()), within(1e-9));
        }
    }

    @Test
    void givesLightAreasLightColorsAndDarkOnesDark() {
        Graphic graphic = bands("111133", "884422", "CC9966", "FFEEDD");
        Stock stock = Stock.of(colors("F7F5EF", "14142B", "C9CED6", "7A5CD6"));
        assertThat(first(graphic, stock).mapping().values())
                .containsExactlyElementsOf(colors("14142B", "7A5CD6", "C9CED6", "F7F5EF"));
    }

    @Test
    void tellsTouchingAreasApart() {
        // By lightness alone the two oranges would lie side by side.
        Graphic graphic = bands("E06020", "30A0E0");
        Stock stock = Stock.of(colors("F2682A", "F0702F", "123048"));
        Deal deal = first(graphic, stock);
        assertThat(deal.mapping().values()).contains(Rgb.ofHex("123048"));
        assertThat(deal.leastContrast().orElseThrow()).isGreaterThan(3);
    }

    @Test
    void tellsWhereContrastHasSunk() {
        Graphic graphic = bands("000000", "FFFFFF");
        Deal deal = first(graphic, Stock.of(colors("777777", "999999")));
        assertThat(deal.weaker()).singleElement().satisfies(weaker -> {
            assertThat(weaker.before()).isCloseTo(21, within(1e-9));
            assertThat(weaker.after())
                    .isCloseTo(
                            ContrastRatio.between(Rgb.ofHex("777777"), Rgb.ofHex("999999"))
                                    .value(),
                            within(1e-9));
        });
        assertThat(deal.cost().contrast()).isPositive();
    }

    @Test
    void givesTheMainColorMuchAndTheHighlightLittle() {
        Graphic graphic = bands(new double[] {0.9, 0.1}, "888888", "8A8A8A");
        Rgb main = Rgb.ofHex("0F7C7A");
        Rgb highlight = Rgb.ofHex("C05A1A");
        Stock stock = new Stock(
                List.of(new Offered(highlight, Importance.HIGHLIGHT), new Offered(main, Importance.MAIN)), true);
        assertThat(first(graphic.grouped(0), stock).mapping().get(Rgb.ofHex("888888")))
                .isEqualTo(main);
    }

    /** Shades of teal become shades of one colour of the brand, as dark among each other as before. */
    @Test
    void keepsShadesOfOneColorAFamily() {
        Graphic graphic = bands(new double[] {0.4, 0.3, 0.2, 0.1}, "1F9E9A", "0C5F5C", "63C9C5", "F2C14E");
        Map<Rgb, Rgb> mapping =
                first(graphic, Stock.of(colors("7A2E5D", "E8D9C5", "2B2B2B"))).mapping();
        List<Oklch> shades = colors("0C5F5C", "1F9E9A", "63C9C5").stream()
                .map(mapping::get)
                .map(Oklch::of)
                .toList();
        assertThat(shades).extracting(Oklch::l).isSorted();
        assertThat(shades)
                .allMatch(shade ->
                        shade.hue().orElseThrow().distanceTo(shades.get(1).hue().orElseThrow()) < 12);
        assertThat(new HashSet<>(mapping.values())).hasSize(4);
    }

    @ParameterizedTest
    @ValueSource(ints = {2, 4, 8, 14, 20})
    void bringsInNothingThatWasNotOffered(int count) {
        Random random = new Random(7 + count);
        Graphic graphic = Graphics.random(random, Math.min(count, 10));
        Stock stock = Stock.of(Graphics.offered(random, 3));
        Set<Rgb> may = stock.all();
        for (Deal deal : deals(new Dealer(graphic, stock, Map.of(), Optional.empty()), 6)) {
            assertThat(may).containsAll(deal.mapping().values());
            assertThat(deal.mapping().keySet()).hasSize(graphic.areas().size());
        }
        Stock plain = new Stock(stock.offered(), false);
        assertThat(stock.colors()).containsAll(first(graphic, plain).mapping().values());
    }

    @Test
    void dealsMoreThatDifferVisiblyBestFirstAndNoneTwice() {
        Graphic graphic = bands("CDE7F5", "FFC93C", "7FB069", "3C6E47", "F4EBD9", "C8553D");
        List<Deal> deals = deals(new Dealer(graphic, Stock.of(BRAND), Map.of(), Optional.empty()), 12);
        assertThat(deals).hasSize(12);
        for (int i = 0; i < deals.size(); i++) {
            for (int j = 0; j < i; j++) {
                Deal one = deals.get(i);
                Deal other = deals.get(j);
                assertThat(graphic.areas().stream()
                                .filter(area -> Difference.between(
                                                one.mapping().get(area.color()),
                                                other.mapping().get(area.color()))
                                        >= 10)
                                .mapToDouble(ColorArea::share)
                                .sum())
                        .isGreaterThanOrEqualTo(0.08 - 1e-9);
            }
        }
        assertThat(deals).extracting(deal -> deal.cost().total()).isSorted();
    }

    @Test
    void endsWhenNothingElseDiffers() {
        Dealer dealer = new Dealer(
                bands("000000", "FFFFFF"),
                new Stock(Stock.of(colors("112233", "EEDDCC")).offered(), false),
                Map.of(),
                Optional.empty());
        assertThat(deals(dealer, 10)).hasSize(2);
    }

    @Test
    void keepsWhatSomebodyHasDecided() {
        Graphic graphic = bands("CDE7F5", "FFC93C", "7FB069");
        Map<Rgb, Rgb> kept = Map.of(Rgb.ofHex("FFC93C"), Rgb.ofHex("0B2A4A"));
        List<Deal> deals = deals(new Dealer(graphic, Stock.of(BRAND), kept, Optional.empty()), 5);
        assertThat(deals).hasSize(5).allSatisfy(deal -> {
            assertThat(deal.mapping()).containsEntry(Rgb.ofHex("FFC93C"), Rgb.ofHex("0B2A4A"));
            assertThat(new HashSet<>(deal.mapping().values())).hasSize(3);
        });
        assertThatThrownBy(() ->
                        new Dealer(graphic, Stock.of(BRAND), Map.of(Rgb.ofHex("123456"), Rgb.WHITE), Optional.empty()))
                .hasMessageContaining("#123456");
    }

    /** Somebody sets a small light shade: the others become darker shades of that, as they were. */
    @Test
    void measuresAFamilyByTheShadeThatSomebodyHasDecided() {
        Graphic graphic = bands(new double[] {0.5, 0.3, 0.2}, "1F9E9A", "0C5F5C", "63C9C5");
        Rgb light = Rgb.ofHex("F2A07A");
        Dealer dealer = new Dealer(graphic, Stock.of(BRAND), Map.of(Rgb.ofHex("63C9C5"), light), Optional.empty());
        Map<Rgb, Rgb> mapping = dealer.next().orElseThrow().mapping();
        assertThat(mapping).containsEntry(Rgb.ofHex("63C9C5"), light);
        assertThat(colors("0C5F5C", "1F9E9A", "63C9C5").stream()
                        .map(mapping::get)
                        .map(color -> Oklch.of(color).l()))
                .isSorted()
                .doesNotHaveDuplicates();
    }

    @Test
    void leavesAloneWhatTakesNoPart() {
        ColorArea still = new ColorArea(colors("FFC93C"), 0.5, 0.5, 0.5, true);
        Graphic graphic =
                new Graphic(List.of(still, ColorArea.of(Rgb.ofHex("FFD75E"), 0.5)), new double[][] {{0, 1}, {1, 0}});
        Deal deal = first(graphic, Stock.of(colors("FFCC44", "0B2A4A")));
        assertThat(deal.mapping()).containsOnlyKeys(Rgb.ofHex("FFD75E"));
    }

    @ParameterizedTest
    @EnumSource(Mood.class)
    void followsTheWordThatWasChosen(Mood mood) {
        Graphic graphic = bands("8A8A5A", "5A8A8A");
        Stock stock = Stock.of(colors("2A5FA8", "C65A1E", "8A8F98", "2B2014", "F3E9D2", "E0218A"));
        Deal usual = first(graphic, stock);
        Deal moody =
                new Dealer(graphic, stock, Map.of(), Optional.of(mood)).next().orElseThrow();
        assertThat(likes(mood, moody)).isGreaterThanOrEqualTo(likes(mood, usual));
        assertThat(stock.colors()).containsAll(moody.mapping().values());
    }

    private static double likes(Mood mood, Deal deal) {
        return deal.mapping().values().stream()
                .mapToDouble(color -> mood.likes(Oklch.of(color)))
                .sum();
    }

    @Test
    void groupsNearEqualColorsAndMapsThemAlike() {
        Graphic graphic = bands("1F9E9A", "209F9B", "F2C14E").grouped(3);
        assertThat(graphic.areas()).hasSize(2);
        Map<Rgb, Rgb> mapping = first(graphic, Stock.of(BRAND)).mapping();
        assertThat(mapping.get(Rgb.ofHex("1F9E9A"))).isEqualTo(mapping.get(Rgb.ofHex("209F9B")));
    }

    /** In one the yellow touches blue, in the other green: both borders count. */
    @Test
    void servesSeveralGraphicsWithOneMapping() {
        Graphic both = Graphic.together(List.of(bands("FFC93C", "2A5FA8"), bands("FFC93C", "3C6E47")));
        assertThat(both.areas()).hasSize(3);
        assertThat(both.areas().get(0).share()).isCloseTo(0.5, within(1e-9));
        assertThat(both.touch(0, 1)).isTrue();
        assertThat(both.touch(0, 2)).isTrue();
        assertThat(both.touch(1, 2)).isFalse();
    }
}
