package app.zumbido.core.theme;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.zumbido.core.color.Difference;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.Paint;
import app.zumbido.core.palette.Palette;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.palette.SwatchId;
import app.zumbido.core.roles.Role;
import app.zumbido.core.roles.Roles;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class SuggestionFromRolesTest {
    private static final Swatch NAVY = swatch(1, "0B2A4A");
    private static final Swatch TEAL = swatch(2, "0F7C7A");
    private static final Swatch ORANGE = swatch(3, "F2682A");
    private static final Swatch INK = swatch(4, "22313F");
    private static final Swatch FOAM = swatch(5, "EAF3F2");
    private static final Swatch GREEN = swatch(6, "2E7D32");
    private static final Palette PALETTE = Palette.of(List.of(NAVY, TEAL, ORANGE, INK, FOAM, GREEN));

    private static Swatch swatch(int id, String hex) {
        return Swatch.of(new SwatchId(new UUID(0, id)), hex, Rgb.ofHex(hex), List.of());
    }

    private static Suggestion suggested(Map<Role, List<SwatchId>> assigned) {
        return Suggestion.of(PALETTE, Roles.NONE.with(assigned), PageGround.LIGHT, SuggestionPolicy.USUAL);
    }

    private static Paint of(Swatch swatch) {
        return new Paint.OfSwatch(swatch.id());
    }

    @Test
    void givesTheTextSlotsToTheTextRoles() {
        Suggestion suggestion = suggested(Map.of(Role.TEXT, List.of(NAVY.id()), Role.BOX_FILL, List.of(FOAM.id())));
        assertThat(suggestion.settings())
                .containsEntry(ThemeSlot.DARK_1, SlotSetting.because(SlotReason.AS_ITS_ROLE_SAYS, of(NAVY)))
                .containsEntry(ThemeSlot.LIGHT_2, SlotSetting.because(SlotReason.AS_ITS_ROLE_SAYS, of(FOAM)));
        assertThat(suggested(Map.of()).settings().get(ThemeSlot.DARK_1).paint().orElseThrow())
                .isEqualTo(of(INK));
    }

    @Test
    void putsLegibilityAboveARole() {
        Suggestion suggestion = suggested(Map.of(Role.TEXT, List.of(ORANGE.id())));
        assertThat(suggestion.settings().get(ThemeSlot.DARK_1).paint().orElseThrow())
                .isEqualTo(of(INK));
        assertThat(suggestion.givenUp()).anySatisfy(given -> {
            assertThat(given.kind()).isEqualTo(GivenUp.Kind.ROLE_ELSEWHERE);
            assertThat(given.slot()).isEqualTo(ThemeSlot.DARK_1);
        });
    }

    @Test
    void takesAccentsInTheOrderOfChartsWithTheHighlightLast() {
        Suggestion suggestion = suggested(Map.of(
                Role.CHART, List.of(TEAL.id(), NAVY.id(), GREEN.id()),
                Role.MAIN, List.of(NAVY.id()),
                Role.HIGHLIGHT, List.of(ORANGE.id())));
        assertThat(suggestion.settings())
                .containsEntry(ThemeSlot.ACCENT_1, SlotSetting.because(SlotReason.IN_CHART_ORDER, of(TEAL)))
                .containsEntry(ThemeSlot.ACCENT_2, SlotSetting.because(SlotReason.IN_CHART_ORDER, of(NAVY)))
                .containsEntry(ThemeSlot.ACCENT_6, SlotSetting.because(SlotReason.HIGHLIGHT_LAST, of(ORANGE)));
        // What is made up is never made from the highlight.
        assertThat(suggestion
                        .settings()
                        .get(ThemeSlot.ACCENT_5)
                        .paint()
                        .orElseThrow()
                        .follows())
                .isPresent()
                .isNotEqualTo(Optional.of(ORANGE.id()));
        assertThat(suggestion.leftOut()).doesNotContain(ORANGE.id());
    }

    @Test
    void anOrdinaryChartDoesNotShowTheHighlight() {
        Theme theme = Theme.empty(new UUID(0, 9), "Test")
                .with(suggested(Map.of(Role.HIGHLIGHT, List.of(ORANGE.id()))).settings());
        Map<ThemeSlot, Rgb> colors = theme.resolve(PALETTE);
        List<Rgb> series = ThemeSeries.of(theme, colors);
        assertThat(series).hasSize(6).doesNotContain(ORANGE.color());
        for (Rgb other : series.subList(0, 5)) {
            assertThat(Difference.between(series.get(5), other)).isGreaterThanOrEqualTo(10);
        }
        Theme byHand = theme.with(ThemeSlot.ACCENT_2, SlotSetting.chosen(of(ORANGE)));
        assertThat(ThemeSeries.of(byHand, byHand.resolve(PALETTE)).get(1)).isEqualTo(ORANGE.color());
    }

    @Test
    void letsTheMainColorLeadAndTheOnesWithAMeaningFollow() {
        Suggestion suggestion = suggested(Map.of(Role.MAIN, List.of(TEAL.id()), Role.POSITIVE, List.of(NAVY.id())));
        assertThat(suggestion.settings().get(ThemeSlot.ACCENT_1).paint().orElseThrow())
                .isEqualTo(of(TEAL));
        assertThat(suggestion.settings().get(ThemeSlot.ACCENT_2).paint().orElseThrow())
                .isNotEqualTo(of(NAVY));
    }

    @Test
    void neverTakesWhatIsOffLimits() {
        Suggestion suggestion = suggested(Map.of(Role.OFF_LIMITS, List.of(NAVY.id(), TEAL.id())));
        assertThat(suggestion.settings().values())
                .noneMatch(setting -> setting.paint().flatMap(Paint::follows).stream()
                        .anyMatch(List.of(NAVY.id(), TEAL.id())::contains));
    }

    @Test
    void saysWhatItLeftOut() {
        Swatch nearlyTeal = swatch(7, "107D7B");
        Palette palette = Palette.of(List.of(NAVY, TEAL, nearlyTeal));
        Suggestion suggestion = Suggestion.of(palette, Roles.NONE, PageGround.LIGHT, SuggestionPolicy.USUAL);
        Paint second = suggestion.settings().get(ThemeSlot.ACCENT_2).paint().orElseThrow();
        assertThat(second).isEqualTo(of(TEAL));
        List<SwatchId> accents = ThemeSlot.ACCENTS.stream()
                .map(slot -> suggestion.settings().get(slot).paint().orElseThrow())
                .filter(Paint.OfSwatch.class::isInstance)
                .flatMap(fill -> fill.follows().stream())
                .toList();
        assertThat(accents.contains(nearlyTeal.id()))
                .isNotEqualTo(suggestion.leftOut().contains(nearlyTeal.id()));
    }

    /** What is told adds up to what is made as small as possible, but for lines that are not worth reading. */
    @Test
    void itemisesTheWholeCost() {
        List<Ink> brand = Ink.allOf(PALETTE, Roles.NONE);
        TextBlock text = TextBlock.best(brand, PageGround.LIGHT);
        Bill bill = Bill.itemised();
        text.charge(bill);
        assertThat(bill.total()).isCloseTo(text.cost(), within(1e-9));
        double lines = bill.lines().stream().mapToDouble(GivenUp::points).sum();
        assertThat(lines).isLessThanOrEqualTo(bill.total()).isGreaterThan(bill.total() - 1 * 16);
    }

    @Test
    void saysNothingOfSlotsThatAreKept() {
        SuggestionPolicy kept = new SuggestionPolicy(
                SuggestionPolicy.Spare.DERIVE,
                SuggestionPolicy.LinkColors.BRAND,
                SuggestionPolicy.Highlight.LAST,
                Set.of(ThemeSlot.DARK_1, ThemeSlot.DARK_2));
        Suggestion suggestion = Suggestion.of(Palette.of(List.of(ORANGE)), Roles.NONE, PageGround.LIGHT, kept);
        assertThat(suggestion.givenUp())
                .isNotEmpty()
                .noneMatch(given -> List.of(ThemeSlot.DARK_1, ThemeSlot.DARK_2).contains(given.slot()));
    }
}
