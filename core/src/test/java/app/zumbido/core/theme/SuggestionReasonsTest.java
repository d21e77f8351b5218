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
import app.zumbido.core.roles.Role;
import app.zumbido.core.roles.Roles;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What is said of each slot; the words of the trade, no published source. */
class SuggestionReasonsTest {
    private static SwatchId id(int number) {
        return new SwatchId(new UUID(0, number));
    }

    private static Palette palette(String... hexes) {
        List<Swatch> swatches = new ArrayList<>();
        for (String hex : hexes) {
            swatches.add(Swatch.of(id(swatches.size() + 1), "Swatch " + swatches.size(), Rgb.ofHex(hex), List.of()));
        }
        return Palette.of(swatches);
    }

    private static Suggestion suggest(Palette palette, Roles roles) {
        return Suggestion.of(palette, roles, PageGround.LIGHT, SuggestionPolicy.USUAL);
    }

    private static SlotReason reason(Suggestion suggestion, ThemeSlot slot) {
        return suggestion.settings().get(slot).reason().orElseThrow();
    }

    private static String color(Suggestion suggestion, Palette palette, ThemeSlot slot) {
        return suggestion
                .settings()
                .get(slot)
                .paint()
                .orElseThrow()
                .resolve(palette)
                .digits();
    }

    @Test
    void theBrandsOwnTextAndGroundAreSaidToReadOrToBeLight() {
        Palette ferries = palette("0B2A4A", "0F7C7A", "F2682A", "EAF3F2", "FFFFFF");
        Suggestion suggestion = suggest(ferries, Roles.NONE);
        assertThat(reason(suggestion, ThemeSlot.DARK_1)).isEqualTo(SlotReason.READS_BEST_ON_LIGHT);
        assertThat(reason(suggestion, ThemeSlot.LIGHT_1)).isEqualTo(SlotReason.LIGHTEST);
        assertThat(reason(suggestion, ThemeSlot.LIGHT_2)).isEqualTo(SlotReason.SECOND_LIGHT);
        assertThat(reason(suggestion, ThemeSlot.ACCENT_1)).isEqualTo(SlotReason.IN_ORDER_OF_USE);
    }

    @Test
    void blackAndWhiteThatAreNotOfTheBrandAreSaidToBeSo() {
        Suggestion suggestion = suggest(palette("F2682A", "F2A900"), Roles.NONE);
        assertThat(reason(suggestion, ThemeSlot.DARK_1)).isEqualTo(SlotReason.BLACK_OR_WHITE);
        assertThat(reason(suggestion, ThemeSlot.LIGHT_1)).isEqualTo(SlotReason.BLACK_OR_WHITE);
        assertThat(reason(suggestion, ThemeSlot.DARK_2)).isEqualTo(SlotReason.REPEATED_TO_STAY_LEGIBLE);
        assertThat(reason(suggestion, ThemeSlot.LIGHT_2)).isEqualTo(SlotReason.REPEATED_TO_STAY_LEGIBLE);
    }

    /** Yellow is lighter than any field but white; only its role makes it the ground of text on dark. */
    @Test
    void aRoleOutweighsWhatWouldBePreferred() {
        Palette palette = palette("0B2A4A", "FFFFFF", "FFE45C", "EAF3F2");
        assertThat(color(suggest(palette, Roles.NONE), palette, ThemeSlot.LIGHT_1))
                .isEqualTo("FFFFFF");
        Suggestion onDark = suggest(palette, Roles.NONE.with(Role.TEXT_ON_DARK, List.of(id(3))));
        assertThat(color(onDark, palette, ThemeSlot.LIGHT_1)).isEqualTo("FFE45C");
        assertThat(reason(onDark, ThemeSlot.LIGHT_1)).isEqualTo(SlotReason.AS_ITS_ROLE_SAYS);
        Suggestion field = suggest(palette, Roles.NONE.with(Role.BOX_FILL, List.of(id(3))));
        assertThat(color(field, palette, ThemeSlot.LIGHT_2)).isEqualTo("FFE45C");
        assertThat(reason(field, ThemeSlot.LIGHT_2)).isEqualTo(SlotReason.AS_ITS_ROLE_SAYS);
        assertThat(color(suggest(palette, Roles.NONE), palette, ThemeSlot.LIGHT_2))
                .isNotEqualTo("FFE45C");
    }

    @Test
    void theOrderOfAChartAndTheHighlightAreSaidToBeWhyAnAccentStandsThere() {
        Palette palette = palette("0B2A4A", "0F7C7A", "F2682A", "5B6670", "7A5CD6");
        Suggestion suggestion = suggest(
                palette, Roles.NONE.with(Map.of(Role.CHART, List.of(id(5), id(2)), Role.HIGHLIGHT, List.of(id(3)))));
        assertThat(reason(suggestion, ThemeSlot.ACCENT_1)).isEqualTo(SlotReason.IN_CHART_ORDER);
        assertThat(color(suggestion, palette, ThemeSlot.ACCENT_1)).isEqualTo("7A5CD6");
        assertThat(color(suggestion, palette, ThemeSlot.ACCENT_2)).isEqualTo("0F7C7A");
        assertThat(reason(suggestion, ThemeSlot.ACCENT_3)).isEqualTo(SlotReason.IN_ORDER_OF_USE);
        assertThat(reason(suggestion, ThemeSlot.ACCENT_6)).isEqualTo(SlotReason.HIGHLIGHT_LAST);
        assertThat(color(suggestion, palette, ThemeSlot.ACCENT_6)).isEqualTo("F2682A");
    }

    @Test
    void aColorThatStandsTwiceInThePaletteIsOneAccent() {
        Palette palette = palette("0F7C7A", "0F7C7A", "F2682A");
        Suggestion suggestion = suggest(palette, Roles.NONE);
        assertThat(color(suggestion, palette, ThemeSlot.ACCENT_1)).isEqualTo("0F7C7A");
        assertThat(color(suggestion, palette, ThemeSlot.ACCENT_2)).isEqualTo("F2682A");
        assertThat(suggestion.leftOut()).isEmpty();
    }

    @Test
    void aLinkThatReadsStaysAndOneThatDoesNotIsSaidToBeMoved() {
        Palette teal = palette("0F7C7A");
        assertThat(reason(suggest(teal, Roles.NONE), ThemeSlot.HYPERLINK)).isEqualTo(SlotReason.LINK_READS);
        Palette yellow = palette("FFD400");
        assertThat(reason(suggest(yellow, Roles.NONE), ThemeSlot.HYPERLINK)).isEqualTo(SlotReason.LINK_DEEPENED);
        Suggestion dark = Suggestion.of(palette("0B2A4A"), Roles.NONE, PageGround.DARK, SuggestionPolicy.USUAL);
        assertThat(reason(dark, ThemeSlot.HYPERLINK)).isEqualTo(SlotReason.LINK_LIGHTENED);
        assertThat(reason(dark, ThemeSlot.FOLLOWED_HYPERLINK)).isEqualTo(SlotReason.VISITED_DIFFERS);
    }

    /** Of what is kept nothing is said, and nothing is charged. */
    @Test
    void whatIsKeptIsNeitherSetNorCharged() {
        SuggestionPolicy policy = new SuggestionPolicy(
                SuggestionPolicy.Spare.DERIVE,
                SuggestionPolicy.LinkColors.CUSTOMARY,
                SuggestionPolicy.Highlight.LAST,
                Set.of(ThemeSlot.DARK_1, ThemeSlot.LIGHT_1));
        Suggestion suggestion = Suggestion.of(palette("F2682A"), Roles.NONE, PageGround.LIGHT, policy);
        assertThat(suggestion.settings()).doesNotContainKeys(ThemeSlot.DARK_1, ThemeSlot.LIGHT_1);
        assertThat(suggestion.givenUp())
                .extracting(GivenUp::slot)
                .doesNotContain(ThemeSlot.DARK_1, ThemeSlot.LIGHT_1, ThemeSlot.HYPERLINK)
                .contains(ThemeSlot.DARK_2);
        assertThat(reason(suggestion, ThemeSlot.HYPERLINK)).isEqualTo(SlotReason.CUSTOMARY_LINK);
        assertThat(color(suggestion, Palette.EMPTY, ThemeSlot.HYPERLINK)).isEqualTo("0000EE");
        assertThat(color(suggestion, Palette.EMPTY, ThemeSlot.FOLLOWED_HYPERLINK))
                .isEqualTo("551A8B");
    }

    /** A brand of a highlight alone has nothing else to make companions of, and they fill the five accents before it. */
    @Test
    void companionsAreMadeOfTheHighlightWhereItIsAlone() {
        Palette orange = palette("F2682A");
        Suggestion suggestion = suggest(orange, Roles.NONE.with(Role.HIGHLIGHT, List.of(id(1))));
        for (ThemeSlot slot : ThemeSlot.ACCENTS.subList(0, 5)) {
            assertThat(suggestion.settings().get(slot).paint().orElseThrow().follows())
                    .contains(id(1));
            assertThat(reason(suggestion, slot)).isIn(SlotReason.LIGHTER_COMPANION, SlotReason.DARKER_COMPANION);
        }
        assertThat(color(suggestion, orange, ThemeSlot.ACCENT_6)).isEqualTo("F2682A");
    }

    @Test
    void whereNothingOfTheBrandCanBeSeenCompanionsAreMadeOfTheText() {
        SuggestionPolicy repeat = new SuggestionPolicy(
                SuggestionPolicy.Spare.REPEAT,
                SuggestionPolicy.LinkColors.BRAND,
                SuggestionPolicy.Highlight.LAST,
                Set.of());
        Palette pale = palette("FFFFFF");
        Suggestion suggestion = Suggestion.of(pale, Roles.NONE, PageGround.LIGHT, repeat);
        assertThat(ThemeSlot.ACCENTS)
                .allSatisfy(slot -> assertThat(reason(suggestion, slot))
                        .isIn(SlotReason.LIGHTER_COMPANION, SlotReason.DARKER_COMPANION));
    }

    /** The colour itself is the link where it reads, and the text keeps a hint of it. */
    @ParameterizedTest
    @ValueSource(strings = {"0F7C7A", "1F4E8C FFFFFF", "B00020", "6A1B9A", "00134D"})
    void aBrandOfOneColorIsWrittenInANearBlackOfIt(String hexes) {
        Palette palette = palette(hexes.split(" "));
        Suggestion suggestion = suggest(palette, Roles.NONE);
        Rgb text = Rgb.ofHex(color(suggestion, palette, ThemeSlot.DARK_1));
        Rgb brand = palette.swatches().get(0).color();
        assertThat(reason(suggestion, ThemeSlot.DARK_1)).isEqualTo(SlotReason.NEARLY_BLACK);
        assertThat(Oklch.of(text).l()).isLessThan(0.3);
        assertThat(Oklch.of(text)
                        .hue()
                        .orElseThrow()
                        .distanceTo(Oklch.of(brand).hue().orElseThrow()))
                .isLessThan(15);
        assertThat(color(suggestion, palette, ThemeSlot.HYPERLINK)).isEqualTo(brand.digits());
        assertThat(color(suggestion, palette, ThemeSlot.ACCENT_1)).isEqualTo(brand.digits());
    }

    @Test
    void aBrandWithADarkGreyIsWrittenInThat() {
        Palette palette = palette("0F7C7A", "2B2B2B");
        assertThat(color(suggest(palette, Roles.NONE), palette, ThemeSlot.DARK_1))
                .isEqualTo("2B2B2B");
    }

    /**
     * Of the shades of each base, eighteen of its ladder and five of its own chroma, the one that is told apart best:
     * difference up to 20 and 4 for each point of contrast up to 3:1, less 150 for each step of lightness below 0.35; never below
     * 1.25:1, within ΔE00 5 of another or 10 of the one before, or with tints out of the family.
     */
    @ParameterizedTest
    @ValueSource(strings = {"0F7C7A F2682A", "FFD400", "0B2A4A", "D83A56 5B6670", "2E7D32 FFD400 7A2EA0"})
    void theBestCompanionComesNext(String hexes) {
        Palette palette = palette(hexes.split(" "));
        Suggestion suggestion = suggest(palette, Roles.NONE);
        List<Rgb> standing = new ArrayList<>();
        palette.swatches().forEach(swatch -> standing.add(swatch.color()));
        double strongest =
                standing.stream().mapToDouble(rgb -> Oklch.of(rgb).c()).max().orElseThrow();
        for (ThemeSlot slot : ThemeSlot.ACCENTS.subList(standing.size(), 6)) {
            double best = 0;
            for (Swatch base : palette.swatches()) {
                for (int step = -9; step <= 9; step++) {
                    Paint paint = step == 0 ? new Paint.OfSwatch(base.id()) : new Paint.OnLadder(base.id(), step * 0.1);
                    best = Math.max(best, worth(paint.resolve(palette), standing, strongest));
                }
                for (double lightness : new double[] {0.2, -0.2, 0.35, -0.1, 0.1}) {
                    Paint paint = new Paint.Shifted(base.id(), lightness);
                    best = Math.max(best, worth(paint.resolve(palette), standing, strongest));
                }
            }
            Rgb chosen = Rgb.ofHex(color(suggestion, palette, slot));
            assertThat(worth(chosen, standing, strongest)).as(chosen.hex()).isCloseTo(best, within(1e-9));
            standing.add(chosen);
        }
    }

    private static double worth(Rgb color, List<Rgb> standing, double strongest) {
        double contrast = ContrastRatio.between(color, Rgb.WHITE).value();
        double apart = standing.stream()
                .mapToDouble(other -> Difference.between(color, other))
                .min()
                .orElseThrow();
        double before = Difference.between(color, standing.get(standing.size() - 1));
        boolean fit = contrast >= 1.25 && apart >= 5 && before >= 10 && isInFamily(color, strongest);
        double dark = 150 * Math.max(0, 0.35 - Oklch.of(color).l());
        return fit ? Math.min(20, apart) + 4 * Math.min(3, contrast) - dark : Double.NEGATIVE_INFINITY;
    }

    private static boolean isInFamily(Rgb color, double strongest) {
        return TintStep.offeredFor(color).stream()
                .map(step -> Oklch.of(step.apply(color)))
                .noneMatch(tint -> tint.c() > 1.25 * strongest + 0.03
                        || tint.c() >= 0.03
                                && Oklch.of(color).c() >= 0.03
                                && tint.hue()
                                                .orElseThrow()
                                                .distanceTo(
                                                        Oklch.of(color).hue().orElseThrow())
                                        > 15);
    }
}
