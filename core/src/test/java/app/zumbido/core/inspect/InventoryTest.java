package app.zumbido.core.inspect;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.theme.ThemeSlot;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class InventoryTest {
    private static final Rgb TEAL = Rgb.ofHex("0F7C7A");
    private static final Rgb ORANGE = Rgb.ofHex("F2682A");

    private final Inventory.Tally tally = new Inventory.Tally();

    private void use(Rgb color, ColorUse what, Rgb... grounds) {
        tally.use(Use.of(Place.of("", "p"), what, color, new Setting.Implied(), List.of(grounds)));
    }

    @Test
    void listsTheMostUsedFirstAndTellsWhatFor() {
        use(TEAL, ColorUse.TEXT);
        use(ORANGE, ColorUse.GROUND);
        use(ORANGE, ColorUse.GROUND);
        use(ORANGE, ColorUse.GROUND);
        use(ORANGE, ColorUse.BORDER);
        Inventory inventory = tally.inventory(Optional.empty(), true);
        assertThat(inventory.colors()).extracting(UsedColor::color).containsExactly(ORANGE, TEAL);
        assertThat(inventory.colors().get(0).uses()).isEqualTo(Map.of(ColorUse.GROUND, 3, ColorUse.BORDER, 1));
        assertThat(inventory.colors().get(0).count()).isEqualTo(4);
    }

    private void often(int times, String hex) {
        for (int i = 0; i < times; i++) {
            use(Rgb.ofHex(hex), ColorUse.GRAPHIC);
        }
    }

    /** A deck as it comes back from many hands; that such colours are accidents is common practice, no published source. */
    @Test
    void whatIsUsedOnceOrLiesJustBesideAnotherIsAFault() {
        often(60, "0B2A4A");
        often(30, "0F7C7A");
        often(9, "107F7D");
        often(8, "F2682A");
        often(1, "C0392B");
        FoundTheme theme = new FoundTheme("Deck", Map.of(ThemeSlot.ACCENT_1, Rgb.ofHex("0B2A4A")), Optional.empty());
        assertThat(tally.inventory(Optional.of(theme), true).meant())
                .extracting(used -> used.color().digits())
                .containsExactly("0B2A4A", "0F7C7A", "F2682A");
    }

    @Test
    void whatHasANameOrStandsInTheThemeIsMeantHoweverSeldom() {
        often(90, "0B2A4A");
        often(1, "7A5CD6");
        tally.named(Rgb.ofHex("0B2B4B"), "--night");
        FoundTheme theme = new FoundTheme("Deck", Map.of(ThemeSlot.ACCENT_2, Rgb.ofHex("7A5CD6")), Optional.empty());
        assertThat(tally.inventory(Optional.of(theme), true).meant())
                .extracting(used -> used.color().digits())
                .containsExactly("0B2A4A", "7A5CD6", "0B2B4B");
    }

    @Test
    void ofASmallFileEverythingIsMeant() {
        often(1, "0B2A4A");
        often(1, "F2682A");
        assertThat(tally.inventory(Optional.empty(), true).meant()).hasSize(2);
    }

    @Test
    void keepsTheFirstNameOfAColor() {
        tally.named(TEAL, "Harbour teal");
        tally.named(TEAL, "Link");
        UsedColor named = tally.inventory(Optional.empty(), true).colors().get(0);
        assertThat(named.name()).contains("Harbour teal");
        assertThat(named.count()).isZero();
    }

    @Test
    void countsCombinationsButNoColorOnItself() {
        use(Rgb.WHITE, ColorUse.TEXT, TEAL);
        use(ORANGE, ColorUse.TEXT, TEAL);
        use(ORANGE, ColorUse.TEXT, TEAL);
        use(TEAL, ColorUse.TEXT, TEAL);
        assertThat(tally.inventory(Optional.empty(), true).combinations())
                .containsExactly(new Combination(ORANGE, TEAL, 2), new Combination(Rgb.WHITE, TEAL, 1));
    }

    @Test
    void countsTextOnAGradientOnEachOfItsColorsAndOnlyText() {
        use(Rgb.WHITE, ColorUse.TEXT, TEAL, ORANGE);
        use(Rgb.WHITE, ColorUse.BORDER, TEAL);
        assertThat(tally.inventory(Optional.empty(), true).combinations())
                .containsExactly(new Combination(Rgb.WHITE, TEAL, 1), new Combination(Rgb.WHITE, ORANGE, 1));
    }
}
