package app.zumbido.core.theme;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.Difference;
import app.zumbido.core.color.Oklch;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.Paint;
import app.zumbido.core.palette.Palette;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.palette.SwatchId;
import app.zumbido.core.roles.Roles;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * The three parts of a suggestion against every assignment that there is. What an assignment costs is written out here once
 * more, from the weights as docs/decisions/0014 tells them, without a line of the program that searches.
 */
class BruteForceTest {
    private static final int RANDOM = 60;

    private static Palette palette(String hexes) {
        List<Swatch> swatches = new ArrayList<>();
        for (String hex : hexes.split(" ")) {
            SwatchId id = new SwatchId(new UUID(0, swatches.size() + 1));
            swatches.add(Swatch.of(id, hex, Rgb.ofHex(hex), List.of()));
        }
        return Palette.of(swatches);
    }

    /** Fixed seeds: the same palettes every time. */
    private static List<String> palettes(int most, String... more) {
        Random random = new Random(20260816);
        List<String> palettes = new ArrayList<>(Arrays.asList(more));
        for (int i = 0; i < RANDOM; i++) {
            List<String> hexes = new ArrayList<>();
            for (int j = 0; j < 1 + i % most; j++) {
                hexes.add(String.format("%06X", random.nextInt(1 << 24)));
            }
            palettes.add(String.join(" ", hexes));
        }
        return palettes;
    }

    static List<String> forText() {
        return palettes(
                4,
                "0B2A4A 0F7C7A F2682A EAF3F2",
                "FFD400 FF00B0 101010 F0F0F0",
                "5B6670 777777 888888 999999",
                "000000 FFFFFF",
                "FFFBF0 0B2A4A F2682A",
                "0B2A4A FFF8F0 F8FFF8",
                "EAF3F2 EAF3F2 0B2A4A 0B2A4A");
    }

    private static double l(Ink ink) {
        return Oklch.of(ink.color()).l();
    }

    private static double c(Ink ink) {
        return Oklch.of(ink.color()).c();
    }

    private static double ratio(Ink one, Ink other) {
        return ContrastRatio.between(one.color(), other.color()).value();
    }

    private static double reads(Ink dark, Ink light) {
        double ratio = ratio(dark, light);
        boolean legible = l(dark) < l(light) && ratio >= 4.5;
        return legible ? 0.3 * Math.max(0, 7 - ratio) : 100 + Math.max(0, 4.5 - ratio);
    }

    private static double loudText(Ink dark) {
        return 30 * Math.max(0, c(dark) - 0.08);
    }

    private static double tintedField(Ink light) {
        return 8 * c(light) + 100 * Math.max(0, c(light) - 0.06);
    }

    private static double textCost(Ink dark1, Ink light1, Ink dark2, Ink light2) {
        double darks = 4 * l(dark1) + loudText(dark1) + 0.05 * dark2.rank();
        double lights =
                30 * (1 - l(light1)) + 10 * c(light1) + 15 * Math.max(0, 0.92 - l(light2)) + tintedField(light2);
        double strangers = (dark1.ofBrand() ? 0 : 4)
                + (dark2.ofBrand() ? 0 : 4)
                + (light1.ofBrand() ? 0 : 1)
                + (light2.ofBrand() ? 0 : 3);
        double repeats =
                (dark1.color().equals(dark2.color()) ? 2 : 0) + (light1.color().equals(light2.color()) ? 2 : 0);
        double legibility = reads(dark1, light1) + reads(dark1, light2) + reads(dark2, light1) + reads(dark2, light2);
        return darks + lights + strangers + repeats + legibility;
    }

    @ParameterizedTest
    @MethodSource("forText")
    void findsTheCheapestTextBlockOfAll(String hexes) {
        List<Ink> brand = Ink.allOf(palette(hexes), Roles.NONE);
        List<Ink> inks = TextBlock.candidates(brand);
        double cheapest = Double.POSITIVE_INFINITY;
        for (Ink a : inks) {
            for (Ink b : inks) {
                for (Ink c : inks) {
                    for (Ink d : inks) {
                        cheapest = Math.min(cheapest, textCost(a, b, c, d));
                    }
                }
            }
        }
        TextBlock best = TextBlock.best(brand, PageGround.LIGHT);
        assertThat(textCost(best.dark1(), best.light1(), best.dark2(), best.light2()))
                .isCloseTo(cheapest, within(1e-9));
        assertThat(best.cost()).isCloseTo(cheapest, within(1e-9));
    }

    static List<String> forAccents() {
        return palettes(
                9,
                "0B2A4A 0F7C7A F2682A EAF3F2",
                "0F7C7A 107D7B 0F7C7B 5B6670",
                "0F7C7A 107D7B 0F7C7B 0E7B79 0F7C79 107C7A 0F7D7A 5B6670");
    }

    private static double accentCost(List<Ink> chosen, TextBlock text) {
        double cost = 0;
        for (int place = 0; place < chosen.size(); place++) {
            Ink ink = chosen.get(place);
            cost += ink.rank() - place - 100 - (c(ink) >= 0.05 ? 10_000 : 0);
            cost += ratio(ink, text.light1()) < 3 ? 1 : 0;
            if (place > 0) {
                double apart = Difference.between(chosen.get(place - 1).color(), ink.color());
                cost += apart < 10 ? 30 - apart : 0;
            }
        }
        return cost;
    }

    @ParameterizedTest
    @MethodSource("forAccents")
    void findsTheCheapestChoiceOfAccentsOfAll(String hexes) {
        List<Ink> brand = Ink.allOf(palette(hexes), Roles.NONE);
        TextBlock text = TextBlock.best(brand, PageGround.LIGHT);
        List<Ink> eligible = Accents.eligible(brand, text);
        double cheapest = 0;
        for (int subset = 0; subset < 1 << eligible.size(); subset++) {
            List<Ink> chosen = new ArrayList<>();
            for (int i = 0; i < eligible.size(); i++) {
                if ((subset >> i & 1) == 1) {
                    chosen.add(eligible.get(i));
                }
            }
            cheapest = chosen.size() > 6 ? cheapest : Math.min(cheapest, accentCost(chosen, text));
        }
        assertThat(accentCost(Accents.choose(eligible, text, 6), text)).isCloseTo(cheapest, within(1e-9));
    }

    private static double linkCost(Ink link, Ink visited, TextBlock text) {
        double cost = 0.2 * link.rank() + 0.05 * visited.rank() + 4 * c(visited) + (c(link) < 0.04 ? 4 : 0);
        for (Ink ink : List.of(link, visited)) {
            double worst = Math.min(ratio(ink, text.light1()), ratio(ink, text.light2()));
            cost += worst < 4.5 ? 104.5 - worst : 0;
        }
        cost += (link.isDerived() ? 2 : 0) + (visited.isDerived() ? 1.5 : 0);
        double unlikeText = Difference.between(link.color(), text.dark1().color());
        cost += likeText(unlikeText, text);
        double apart = Difference.between(link.color(), visited.color());
        return cost + (apart < 10 ? 60 - apart : 0);
    }

    /** Text that is made of the only colour of a brand may be like it. */
    private static double likeText(double unlikeText, TextBlock text) {
        return text.dark1().paint() instanceof Paint.OnLadder ? 0 : 0.2 * Math.max(0, 25 - unlikeText);
    }

    static List<String> forLinks() {
        return palettes(30, "0B2A4A 0F7C7A F2682A EAF3F2", "FFD400 FF00B0 101010 F0F0F0", "FFFFFF", "000000");
    }

    @ParameterizedTest
    @MethodSource("forLinks")
    void findsTheCheapestLinksOfAll(String hexes) {
        List<Ink> brand = Ink.allOf(palette(hexes), Roles.NONE);
        TextBlock text = TextBlock.best(brand, PageGround.LIGHT);
        double cheapest = Double.POSITIVE_INFINITY;
        List<Ink> candidates = Links.candidates(brand, text);
        for (Ink link : candidates) {
            for (Ink visited : candidates) {
                cheapest = Math.min(cheapest, linkCost(link, visited, text));
            }
        }
        Links best = Links.best(brand, text);
        assertThat(linkCost(best.link(), best.visited(), text)).isCloseTo(cheapest, within(1e-9));
    }

    /** Each colour, the nearest of its shades that reads, and from there one farther and one back. */
    private static List<Ink> linkCandidates(List<Ink> bases, TextBlock text, int away) {
        List<Ink> candidates = new ArrayList<>();
        for (Ink base : bases) {
            Ink reads = base;
            for (int step = 1; text.worstOnPages(reads) < 4.5; step++) {
                reads = base.shifted(away * 0.01 * step);
            }
            candidates.add(base);
            if (reads != base) {
                candidates.add(reads);
            }
            candidates.add(reads.shifted(away * 0.12));
            candidates.add(reads.shifted(away * -0.25));
        }
        return candidates;
    }

    @ParameterizedTest
    @ValueSource(strings = {"F2682A 0B2A4A", "FFD400 777777 FF00B0", "2F5DFF 0F7C7A EAF3F2", "101010 F0F0F0"})
    void linksAreLookedForAmongTheShadesThatRead(String hexes) {
        List<Ink> brand = Ink.allOf(palette(hexes), Roles.NONE);
        TextBlock light = TextBlock.best(brand, PageGround.LIGHT);
        assertThat(Links.candidates(brand, light)).isEqualTo(linkCandidates(brand, light, -1));
        TextBlock dark = TextBlock.best(brand, PageGround.DARK);
        assertThat(Links.candidates(brand, dark)).isEqualTo(linkCandidates(brand, dark, 1));
        assertThat(Links.candidates(List.of(), light)).isEqualTo(linkCandidates(List.of(light.dark1()), light, -1));
    }

    /** The step at which a link begins to read is found by halving; here it is looked for one by one. */
    @ParameterizedTest
    @ValueSource(strings = {"F2682A", "FFD400", "A9D3DE", "B0D03A", "777777", "39FF14", "FFFFFF"})
    void aLinkIsMovedByTheLeastStepAtWhichItReads(String hex) {
        List<Ink> brand = Ink.allOf(palette(hex), Roles.NONE);
        TextBlock text = TextBlock.best(brand, PageGround.LIGHT);
        Ink ink = brand.get(0);
        int step = 1;
        while (text.worstOnPages(ink.shifted(-0.01 * step)) < 4.5) {
            step++;
        }
        assertThat(Links.candidates(brand, text).get(1)).isEqualTo(ink.shifted(-0.01 * step));
    }

    /** Points of one slot, as a person would add them up from the lines; lines of less than one are not told. */
    private static double told(Suggestion suggestion, GivenUp.Kind kind, ThemeSlot slot) {
        return suggestion.givenUp().stream()
                .filter(line -> line.kind() == kind && line.slot() == slot)
                .mapToDouble(GivenUp::points)
                .sum();
    }

    private static void assertTold(Suggestion suggestion, GivenUp.Kind kind, ThemeSlot slot, double points) {
        assertThat(told(suggestion, kind, slot))
                .as("%s of %s", kind, slot)
                .isCloseTo(points < 1 ? 0 : points, within(1e-9));
    }

    @ParameterizedTest
    @MethodSource("forText")
    void tellsWhatTheTextBlockGaveUp(String hexes) {
        List<Ink> brand = Ink.allOf(palette(hexes), Roles.NONE);
        TextBlock text = TextBlock.best(brand, PageGround.LIGHT);
        Suggestion told = Suggestion.of(palette(hexes), Roles.NONE, PageGround.LIGHT, SuggestionPolicy.USUAL);
        assertTold(told, GivenUp.Kind.NOT_DARK, ThemeSlot.DARK_1, 4 * l(text.dark1()));
        assertTold(told, GivenUp.Kind.VIVID, ThemeSlot.DARK_1, loudText(text.dark1()));
        assertTold(told, GivenUp.Kind.NOT_LIGHT, ThemeSlot.LIGHT_1, 30 * (1 - l(text.light1())));
        assertTold(told, GivenUp.Kind.NOT_LIGHT, ThemeSlot.LIGHT_2, 15 * Math.max(0, 0.92 - l(text.light2())));
        assertTold(told, GivenUp.Kind.TINTED_GROUND, ThemeSlot.LIGHT_1, 10 * c(text.light1()));
        assertTold(told, GivenUp.Kind.TINTED_GROUND, ThemeSlot.LIGHT_2, tintedField(text.light2()));
        assertTold(
                told, GivenUp.Kind.NOT_OF_BRAND, ThemeSlot.DARK_1, text.dark1().ofBrand() ? 0 : 4);
        assertTold(
                told, GivenUp.Kind.NOT_OF_BRAND, ThemeSlot.DARK_2, text.dark2().ofBrand() ? 0 : 4);
        assertTold(
                told,
                GivenUp.Kind.NOT_OF_BRAND,
                ThemeSlot.LIGHT_1,
                text.light1().ofBrand() ? 0 : 1);
        assertTold(
                told,
                GivenUp.Kind.NOT_OF_BRAND,
                ThemeSlot.LIGHT_2,
                text.light2().ofBrand() ? 0 : 3);
        boolean sameDark = text.dark1().color().equals(text.dark2().color());
        boolean sameLight = text.light1().color().equals(text.light2().color());
        assertTold(told, GivenUp.Kind.REPEATED, ThemeSlot.DARK_2, sameDark ? 2 : 0);
        assertTold(told, GivenUp.Kind.REPEATED, ThemeSlot.LIGHT_2, sameLight ? 2 : 0);
        assertReads(told, ThemeSlot.DARK_1, reads(text.dark1(), text.light1()));
        assertReads(told, ThemeSlot.DARK_2, reads(text.dark2(), text.light1()));
        double onSecond = List.of(text.dark1(), text.dark2()).stream()
                .mapToDouble(dark -> reads(dark, text.light2()))
                .filter(points -> points >= 1)
                .sum();
        assertReads(told, ThemeSlot.LIGHT_2, onSecond);
    }

    /** Either one line says that nothing reads, or another how far it is from reading strictly. */
    private static void assertReads(Suggestion suggestion, ThemeSlot slot, double points) {
        double told = told(suggestion, GivenUp.Kind.ILLEGIBLE, slot)
                + told(suggestion, GivenUp.Kind.CONTRAST_BELOW_STRICT, slot);
        assertThat(told).as("reading of %s", slot).isCloseTo(points < 1 ? 0 : points, within(1e-9));
        assertThat(told(suggestion, GivenUp.Kind.ILLEGIBLE, slot) > 0).isEqualTo(points >= 100);
    }

    @ParameterizedTest
    @MethodSource("forAccents")
    void tellsWhatTheAccentsGaveUp(String hexes) {
        List<Ink> brand = Ink.allOf(palette(hexes), Roles.NONE);
        TextBlock text = TextBlock.best(brand, PageGround.LIGHT);
        List<Ink> eligible = Accents.eligible(brand, text);
        List<Ink> chosen = Accents.choose(eligible, text, 6);
        Suggestion told = Suggestion.of(palette(hexes), Roles.NONE, PageGround.LIGHT, SuggestionPolicy.USUAL);
        for (int place = 0; place < chosen.size(); place++) {
            ThemeSlot slot = ThemeSlot.ACCENTS.get(place);
            Ink ink = chosen.get(place);
            assertTold(told, GivenUp.Kind.LATE_IN_ORDER, slot, ink.rank() - place);
            assertTold(told, GivenUp.Kind.WEAK_ON_PAGE, slot, ratio(ink, text.light1()) < 3 ? 1 : 0);
            double apart =
                    place == 0 ? 10 : Difference.between(chosen.get(place - 1).color(), ink.color());
            assertTold(told, GivenUp.Kind.LIKE_ITS_NEIGHBOUR, slot, apart < 10 ? 30 - apart : 0);
        }
        List<String> left = told.leftOut().stream()
                .map(id -> palette(hexes).get(id).color().hex())
                .toList();
        assertThat(left)
                .containsExactlyElementsOf(eligible.stream()
                        .filter(ink -> !chosen.contains(ink))
                        .map(ink -> ink.color().hex())
                        .toList());
    }

    @ParameterizedTest
    @MethodSource("forLinks")
    void tellsWhatTheLinksGaveUp(String hexes) {
        List<Ink> brand = Ink.allOf(palette(hexes), Roles.NONE);
        TextBlock text = TextBlock.best(brand, PageGround.LIGHT);
        Links links = Links.best(brand, text);
        Suggestion told = Suggestion.of(palette(hexes), Roles.NONE, PageGround.LIGHT, SuggestionPolicy.USUAL);
        ThemeSlot followed = ThemeSlot.FOLLOWED_HYPERLINK;
        assertTold(
                told,
                GivenUp.Kind.LATE_IN_ORDER,
                ThemeSlot.HYPERLINK,
                0.2 * links.link().rank());
        assertTold(
                told,
                GivenUp.Kind.LATE_IN_ORDER,
                followed,
                0.05 * links.visited().rank());
        assertTold(told, GivenUp.Kind.VIVID, followed, 4 * c(links.visited()));
        assertTold(told, GivenUp.Kind.GREYISH, ThemeSlot.HYPERLINK, c(links.link()) < 0.04 ? 4 : 0);
        double unlike = Difference.between(links.link().color(), text.dark1().color());
        assertTold(told, GivenUp.Kind.LIKE_TEXT, ThemeSlot.HYPERLINK, likeText(unlike, text));
        double apart = Difference.between(links.link().color(), links.visited().color());
        assertTold(told, GivenUp.Kind.VISITED_ALIKE, followed, apart < 10 ? 60 - apart : 0);
        assertTold(told, GivenUp.Kind.DERIVED, ThemeSlot.HYPERLINK, moved(links.link()) ? 2 : 0);
        assertTold(told, GivenUp.Kind.DERIVED, followed, moved(links.visited()) ? 1.5 : 0);
    }

    private static boolean moved(Ink ink) {
        return ink.paint() instanceof Paint.Shifted;
    }
}
