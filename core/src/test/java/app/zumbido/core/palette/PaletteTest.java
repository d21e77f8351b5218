package app.zumbido.core.palette;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.zumbido.core.color.Rgb;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PaletteTest {
    private static final Swatch A = swatch(1, "A");
    private static final Swatch B = swatch(2, "B");
    private static final Swatch C = swatch(3, "C");
    private static final Palette PALETTE = Palette.of(List.of(A, B, C));

    private static Swatch swatch(int number, String name) {
        return Swatch.of(new SwatchId(new UUID(0, number)), name, Rgb.BLACK, List.of());
    }

    @ParameterizedTest
    @CsvSource({"0, BAC", "1, ABC", "2, ACB", "99, ACB", "-5, BAC"})
    void movesASwatchToAPlace(int index, String order) {
        String names = PALETTE.moving(B.id(), index).swatches().stream()
                .map(Swatch::name)
                .reduce("", String::concat);
        assertThat(names).isEqualTo(order);
    }

    @Test
    void holdsNoSwatchTwice() {
        assertThatThrownBy(() -> PALETTE.with(List.of(A))).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void doesNotChangeWithTheListItWasMadeOf() {
        List<Swatch> list = new ArrayList<>(List.of(A));
        Palette palette = Palette.of(list);
        list.add(B);
        assertThat(palette.swatches()).containsExactly(A);
    }

    @Test
    void knowsWhatIsNotInIt() {
        Palette without = PALETTE.without(B.id());
        assertThat(without.find(B.id())).isEmpty();
        assertThatThrownBy(() -> without.get(B.id())).isInstanceOf(UnknownSwatchException.class);
        assertThatThrownBy(() -> without.replacing(B)).isInstanceOf(UnknownSwatchException.class);
    }

    @Test
    void refusesANameThatIsNone() {
        assertThatThrownBy(() -> A.withName("  ")).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> A.withName("x".repeat(81))).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void whatNobodyCanTellApartIsTheSame() {
        Swatch teal = Swatch.of(new SwatchId(new UUID(3, 3)), "Harbour teal", Rgb.ofHex("0F7C7A"), List.of());
        Palette palette = Palette.of(List.of(teal));
        assertThat(palette.sameAs(Rgb.ofHex("107D7B"))).contains(teal);
        assertThat(palette.sameAs(Rgb.ofHex("138F8C"))).isEmpty();
    }

    @Test
    void theNearestOfThoseThatNobodyCanTellApartIsMeant() {
        Palette teals = Swatches.palette("107E7C", "0F7C7A", "0F7D7B");
        assertThat(teals.sameAs(Rgb.ofHex("0F7C7A")).map(Swatch::id)).contains(Swatches.id(2));
        assertThat(teals.sameAs(Rgb.ofHex("0F7D7B")).map(Swatch::id)).contains(Swatches.id(3));
        assertThat(teals.sameAs(Rgb.ofHex("0F6C7A"))).isEmpty();
    }

    @Test
    void speaksOfNoSwatchThatIsNotThere() {
        Palette palette = Swatches.palette("0F7C7A");
        assertThatThrownBy(() -> palette.inOrder(List.of(Swatches.id(9)))).isInstanceOf(UnknownSwatchException.class);
        assertThatThrownBy(() -> palette.sorting(List.of(Swatches.id(9)), Group.EXTENDED))
                .isInstanceOf(UnknownSwatchException.class);
    }

    @Test
    void aRemarkIsPutAsideOnceAndSpokenAgain() {
        Palette aside = Swatches.palette("0F7C7A").puttingAside("too-few", true).puttingAside("too-few", true);
        assertThat(aside.asides()).containsExactly("too-few");
        assertThat(aside.puttingAside("too-few", false).asides()).isEmpty();
    }

    private static Swatch step(int number, int base) {
        return Swatches.swatch(number, "000000")
                .following(new Paint.OnLadder(Swatches.id(base), 0.4), Rgb.ofHex("0F7C7A"));
    }

    @Test
    void whatGathersTheSwatchThatItFollowedFollowsNothing() {
        Palette chain = Swatches.palette("0F7C7A", "F2682A").with(List.of(step(3, 1), step(4, 3)));
        assertThat(chain.gathering(Swatches.id(3), Swatches.id(1))
                        .get(Swatches.id(3))
                        .step())
                .isEmpty();
        assertThat(chain.gathering(Swatches.id(4), Swatches.id(1))
                        .get(Swatches.id(4))
                        .step())
                .isEmpty();
        assertThat(chain.gathering(Swatches.id(4), Swatches.id(2))
                        .get(Swatches.id(4))
                        .step())
                .isPresent();
    }

    @Test
    void noSwatchFollowsItself() {
        Palette two = Swatches.palette("0F7C7A").with(List.of(step(2, 1), step(3, 2)));
        assertThatThrownBy(() -> two.replacing(step(1, 3))).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> two.replacing(step(1, 1))).isInstanceOf(IllegalArgumentException.class);
    }
}
