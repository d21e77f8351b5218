package app.zumbido.core.extraction;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.color.Fraction;
import app.zumbido.core.color.Rgb;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class OrderTest {
    private static Proposal proposal(String hex, double coverage, int x, int y) {
        return new Proposal(Rgb.ofHex(hex), Fraction.of(coverage), false, new Place(x, y));
    }

    private static final Extraction EXTRACTION = new Extraction(
            Reading.ARTWORK,
            List.of(
                    new Proposal(Rgb.WHITE, Fraction.of(0.5), true, new Place(0, 0)),
                    proposal("0F7C7A", 0.1, 50, 10),
                    proposal("D02020", 0.3, 10, 90),
                    proposal("808080", 0.05, 90, 10),
                    proposal("14142B", 0.02, 30, 50)),
            false,
            false,
            true);

    @ParameterizedTest
    @CsvSource({
        "COVERAGE, D02020 0F7C7A 808080 14142B FFFFFF",
        "PLACE, 0F7C7A 808080 14142B D02020 FFFFFF",
        "LIGHTNESS, 14142B 0F7C7A D02020 808080 FFFFFF",
        "HUE, D02020 0F7C7A 14142B 808080 FFFFFF"
    })
    void putsTheGroundLastWhateverTheOrder(Order order, String digits) {
        assertThat(EXTRACTION.shown(Optional.empty(), order).stream()
                        .map(proposal -> proposal.color().digits()))
                .containsExactly(digits.split(" "));
    }

    @ParameterizedTest
    @CsvSource({"1, 2", "3, 4", "4, 5", "12, 5"})
    void showsAtMostAsManyAsAskedAndTheGround(int most, int shown) {
        assertThat(EXTRACTION.shown(Optional.of(most), Order.COVERAGE)).hasSize(shown);
    }
}
