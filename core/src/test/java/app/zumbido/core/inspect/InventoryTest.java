package app.zumbido.core.inspect;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.color.Rgb;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class InventoryTest {
    private static final Rgb TEAL = Rgb.ofHex("0F7C7A");
    private static final Rgb ORANGE = Rgb.ofHex("F2682A");

    private final Inventory.Tally tally = new Inventory.Tally();

    @Test
    void listsTheMostUsedFirstAndTellsWhatFor() {
        tally.use(TEAL, ColorUse.TEXT);
        tally.use(ORANGE, ColorUse.GROUND, 3);
        tally.use(ORANGE, ColorUse.BORDER);
        Inventory inventory = tally.inventory(Optional.empty(), true);
        assertThat(inventory.colors()).extracting(UsedColor::color).containsExactly(ORANGE, TEAL);
        assertThat(inventory.colors().get(0).uses()).isEqualTo(Map.of(ColorUse.GROUND, 3, ColorUse.BORDER, 1));
        assertThat(inventory.colors().get(0).count()).isEqualTo(4);
    }

    @Test
    void keepsTheFirstNameOfAColor() {
        tally.name(TEAL, "Harbour teal");
        tally.name(TEAL, "Link");
        UsedColor named = tally.inventory(Optional.empty(), true).colors().get(0);
        assertThat(named.name()).contains("Harbour teal");
        assertThat(named.count()).isZero();
    }

    @Test
    void countsCombinationsButNoColorOnItself() {
        tally.combine(Rgb.WHITE, TEAL);
        tally.combine(ORANGE, TEAL, 2);
        tally.combine(TEAL, TEAL);
        assertThat(tally.inventory(Optional.empty(), true).combinations())
                .containsExactly(new Combination(ORANGE, TEAL, 2), new Combination(Rgb.WHITE, TEAL, 1));
    }
}
