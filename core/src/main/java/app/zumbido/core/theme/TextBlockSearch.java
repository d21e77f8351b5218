package app.zumbido.core.theme;

import app.zumbido.core.roles.Role;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.function.BiConsumer;
import java.util.stream.IntStream;

/**
 * Finds the text block of least cost exactly, in cubic time. What an assignment costs is a sum over single inks and over pairs
 * of a dark and a light one; two darks or two lights share nothing but what repeating costs. So with both darks given, each
 * light is chosen by itself, and only a repeated one has to be weighed against the second best.
 */
final class TextBlockSearch {
    private final List<Ink> inks;
    private final PageGround ground;
    private final Set<Role> given;
    private final double[] dark1;
    private final double[] dark2;
    private final double[] light1;
    private final double[] light2;
    /** By dark, then by light. */
    private final double[][] legibility;
    /** The same number for the same colour. */
    private final int[] colors;

    TextBlockSearch(List<Ink> inks, PageGround ground, Set<Role> given) {
        this.inks = inks;
        this.ground = ground;
        this.given = given;
        dark1 = costs((bill, ink) -> TextBlock.chargeDark1(bill, ink, given));
        dark2 = costs(TextBlock::chargeDark2);
        light1 = costs((bill, ink) -> TextBlock.chargeLight1(bill, ink, given));
        light2 = costs((bill, ink) -> TextBlock.chargeLight2(bill, ink, given));
        int n = inks.size();
        legibility = new double[n][n];
        for (int dark = 0; dark < n; dark++) {
            for (int light = 0; light < n; light++) {
                Bill bill = Bill.sum();
                TextBlock.chargeLegibility(bill, ThemeSlot.DARK_1, inks.get(dark), inks.get(light));
                legibility[dark][light] = bill.total();
            }
        }
        colors = inks.stream().mapToInt(ink -> ink.color().packed()).toArray();
    }

    private double[] costs(BiConsumer<Bill, Ink> charge) {
        return inks.stream()
                .mapToDouble(ink -> {
                    Bill bill = Bill.sum();
                    charge.accept(bill, ink);
                    return bill.total();
                })
                .toArray();
    }

    TextBlock best() {
        int n = inks.size();
        double lowest = Double.POSITIVE_INFINITY;
        int[] best = new int[4];
        double[] first = new double[n];
        double[] second = new double[n];
        // What both lights cost at least, whatever stands beside them: with it nothing better can come of dear darks.
        double lights = min(light1) + min(light2);
        int[] cheapestFirst = cheapestFirst(dark2);
        for (int a : cheapestFirst(dark1)) {
            if (dark1[a] + min(dark2) + lights >= lowest) {
                break;
            }
            for (int b : cheapestFirst) {
                if (dark1[a] + dark2[b] + lights >= lowest) {
                    break;
                }
                double darks = dark1[a] + dark2[b] + (colors[a] == colors[b] ? TextBlock.REPEATED : 0);
                for (int light = 0; light < n; light++) {
                    double readsOn = legibility[a][light] + legibility[b][light];
                    first[light] = light1[light] + readsOn;
                    second[light] = light2[light] + readsOn;
                }
                int cheapest = cheapest(second, -1);
                int otherwise = cheapest(second, colors[cheapest]);
                for (int light = 0; light < n; light++) {
                    boolean repeats = colors[light] == colors[cheapest];
                    double again = second[cheapest] + (repeats ? TextBlock.REPEATED : 0);
                    boolean other = repeats && otherwise >= 0 && second[otherwise] < again;
                    double cost = darks + first[light] + (other ? second[otherwise] : again);
                    if (cost < lowest) {
                        lowest = cost;
                        best = new int[] {a, light, b, other ? otherwise : cheapest};
                    }
                }
            }
        }
        return new TextBlock(inks.get(best[0]), inks.get(best[1]), inks.get(best[2]), inks.get(best[3]), ground, given);
    }

    private static double min(double[] costs) {
        return Arrays.stream(costs).min().orElseThrow();
    }

    /** @return places */
    private static int[] cheapestFirst(double[] costs) {
        return IntStream.range(0, costs.length)
                .boxed()
                .sorted(Comparator.comparingDouble(place -> costs[place]))
                .mapToInt(Integer::intValue)
                .toArray();
    }

    /** @param without a colour that is passed over; -1: none @return the place of the least, -1 if there is none */
    private int cheapest(double[] costs, int without) {
        int cheapest = -1;
        for (int i = 0; i < costs.length; i++) {
            if (colors[i] != without && (cheapest < 0 || costs[i] < costs[cheapest])) {
                cheapest = i;
            }
        }
        return cheapest;
    }
}
