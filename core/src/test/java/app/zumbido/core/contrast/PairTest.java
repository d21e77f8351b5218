package app.zumbido.core.contrast;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.color.WcagLevel;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Thresholds of WCAG 2.2, SC 1.4.3, 1.4.6 and 1.4.11. */
class PairTest {
    @ParameterizedTest
    @CsvSource({
        "767676, AA, true, true, true",
        "777777, AA, false, true, true",
        "949494, AA, false, true, true",
        "999999, AA, false, false, false",
        "595959, AAA, true, true, true",
        "767676, AAA, false, true, true",
        "777777, AAA, false, false, true"
    })
    void judgesByTheLevel(String hex, WcagLevel level, boolean text, boolean largeText, boolean graphics) {
        Pair pair = Pair.of(Rgb.ofHex(hex), Rgb.WHITE, level);
        assertThat(List.of(pair.text(), pair.largeText(), pair.graphics())).containsExactly(text, largeText, graphics);
    }

    @Test
    void pairsEveryColorWithEveryOther() {
        Rgb teal = Rgb.ofHex("0F7C7A");
        List<Pair> pairs = Pair.all(List.of(Rgb.BLACK, Rgb.WHITE, teal, teal), WcagLevel.AA);
        assertThat(pairs).hasSize(6);
        assertThat(pairs).noneMatch(pair -> pair.foreground().equals(pair.background()));
    }
}
