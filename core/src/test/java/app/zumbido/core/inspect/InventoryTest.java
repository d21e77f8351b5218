package app.zumbido.core.inspect;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.color.Rgb;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class InventoryTest {
    private static final Rgb TEAL = Rgb.ofHex("0F7C7A");
    private static final Rgb ORANGE = Rgb.ofHex("F2682A");

    private final Inventory.Tally tally = new Inventory.Tally();

    private void use(Rgb color, ColorUse what, Rgb... grounds) {
        tally.use(new Use(Place.of("", "p"), what, color, new Setting.Implied(), List.of(grounds)));
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
