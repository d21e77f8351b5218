package app.zumbido.core.theme;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.Paint;
import app.zumbido.core.palette.Palette;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.palette.SwatchId;
import app.zumbido.core.roles.Role;
import app.zumbido.core.roles.Roles;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** Invented colours; that a chart follows the order of the palette is common practice, no published source. */
class AccentOrderTest {
    private static final Swatch BLUE = swatch(1, "1F5FA8");
    private static final Swatch GREEN = swatch(2, "2E8B57");
    private static final Swatch ORANGE = swatch(3, "E07A1F");
    private static final Swatch PLUM = swatch(4, "7A2E6B");
    private static final Palette PALETTE = Palette.of(List.of(BLUE, GREEN, ORANGE, PLUM));
    private static final Palette TURNED = Palette.of(List.of(PLUM, ORANGE, GREEN, BLUE));

    private static Swatch swatch(int number, String hex) {
        return Swatch.of(new SwatchId(new UUID(0, number)), "S" + number, Rgb.ofHex(hex), List.of());
    }

    private static Theme suggested(Roles roles, SuggestionPolicy policy) {
        Theme empty = Theme.empty(new UUID(1, 1), "Day").heeding(policy);
        return empty.with(Suggestion.of(PALETTE, roles, empty, policy).settings());
    }

    private static List<String> accents(Theme theme) {
        Map<ThemeSlot, Rgb> colors = theme.resolve(PALETTE);
        return ThemeSlot.ACCENTS.stream().map(colors::get).map(Rgb::digits).toList();
    }

    private static Theme turned(Theme theme) {
        return AccentOrder.heard(theme, PALETTE, Roles.NONE, TURNED, Roles.NONE);
    }

    @Test
    void suggestedAccentsStandInTheNewOrder() {
        Theme theme = suggested(Roles.NONE, SuggestionPolicy.USUAL);
        assertThat(accents(theme)).startsWith("1F5FA8", "2E8B57", "E07A1F", "7A2E6B");
        assertThat(accents(turned(theme))).startsWith("7A2E6B", "E07A1F", "2E8B57", "1F5FA8");
    }

    @Test
    void onlyTheAccentsHearIt() {
        Theme theme = suggested(Roles.NONE, SuggestionPolicy.USUAL);
        Theme heard = turned(theme);
        assertThat(heard.slots())
                .containsAllEntriesOf(Map.of(
                        ThemeSlot.DARK_1,
                        theme.get(ThemeSlot.DARK_1),
                        ThemeSlot.HYPERLINK,
                        theme.get(ThemeSlot.HYPERLINK)));
    }

    @Test
    void whatIsKeptStaysAndIsNotRepeatedBesideIt() {
        Theme theme = suggested(Roles.NONE, SuggestionPolicy.USUAL)
                .heeding(SuggestionPolicy.USUAL.keeping(Set.of(ThemeSlot.ACCENT_1)));
        assertThat(accents(turned(theme)))
                .startsWith("1F5FA8", "7A2E6B", "E07A1F", "2E8B57")
                .doesNotHaveDuplicates();
    }

    @Test
    void whatAPersonChoseStays() {
        Theme theme = suggested(Roles.NONE, SuggestionPolicy.USUAL)
                .with(ThemeSlot.ACCENT_2, SlotSetting.chosen(new Paint.Fixed(Rgb.ofHex("123456"))));
        assertThat(accents(turned(theme)).get(1)).isEqualTo("123456");
    }

    @Test
    void aPaletteThatHasMovedOnOnlyChangesThePlacesOfWhatStands() {
        Theme theme = suggested(Roles.NONE, SuggestionPolicy.USUAL);
        Swatch late = swatch(5, "B8860B");
        Palette more = PALETTE.with(List.of(late));
        Theme heard = AccentOrder.heard(theme, more, Roles.NONE, more.moving(PLUM.id(), 0), Roles.NONE);
        assertThat(accents(heard)).startsWith("7A2E6B", "1F5FA8", "2E8B57", "E07A1F");
        assertThat(accents(heard)).containsExactlyInAnyOrderElementsOf(accents(theme));
    }

    @Test
    void rolesAreAnOrderToo() {
        Theme theme = suggested(Roles.NONE, SuggestionPolicy.USUAL);
        Roles chart = Roles.NONE.with(Role.CHART, List.of(ORANGE.id(), BLUE.id()));
        assertThat(accents(AccentOrder.heard(theme, PALETTE, Roles.NONE, PALETTE, chart)))
                .startsWith("E07A1F", "1F5FA8", "2E8B57", "7A2E6B");
    }

    @Test
    void aRoleThatIsNoOrderChangesNothing() {
        Theme theme = suggested(Roles.NONE, SuggestionPolicy.USUAL);
        Roles text = Roles.NONE.with(Role.TEXT, List.of(PLUM.id()));
        assertThat(AccentOrder.heard(theme, PALETTE, Roles.NONE, PALETTE, text)).isEqualTo(theme);
    }

    @Test
    void aHighlightStandsLastUntilThatIsUndone() {
        Roles roles = Roles.NONE.with(Role.HIGHLIGHT, List.of(GREEN.id()));
        assertThat(accents(suggested(roles, SuggestionPolicy.USUAL)).get(5)).isEqualTo("2E8B57");
        SuggestionPolicy repeating = new SuggestionPolicy(
                SuggestionPolicy.Spare.REPEAT,
                SuggestionPolicy.LinkColors.BRAND,
                SuggestionPolicy.Highlight.IN_ORDER_OF_USE,
                Set.of());
        assertThat(accents(suggested(roles, repeating)))
                .containsExactly("1F5FA8", "2E8B57", "E07A1F", "7A2E6B", "1F5FA8", "2E8B57");
    }
}
