package app.zumbido.core.palette;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.zumbido.core.color.Degrees;
import app.zumbido.core.color.Fraction;
import app.zumbido.core.color.Oklch;
import app.zumbido.core.color.Rgb;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class MoodWordTest {
    private static final Fraction WHOLE = Fraction.of(1);

    private static Oklch after(MoodWord word, String hex) {
        return Oklch.of(word.apply(Rgb.ofHex(hex), WHOLE));
    }

    private static Oklch before(String hex) {
        return Oklch.of(Rgb.ofHex(hex));
    }

    @ParameterizedTest
    @ValueSource(strings = {"0F7C7A", "F2682A", "7A5CD6", "2E8B3A", "C0392B"})
    void eachWordDoesWhatItSays(String hex) {
        assertThat(after(MoodWord.DARKER, hex).l()).isLessThan(before(hex).l() - 0.05);
        assertThat(after(MoodWord.PALER, hex).l()).isGreaterThan(before(hex).l() + 0.05);
        assertThat(after(MoodWord.QUIETER, hex).c()).isLessThan(before(hex).c() * 0.7);
        assertThat(after(MoodWord.LIVELIER, hex).c())
                .isGreaterThanOrEqualTo(before(hex).c() - 0.002);
        assertThat(after(MoodWord.EARTHIER, hex).c()).isLessThan(before(hex).c());
        assertThat(away(after(MoodWord.WARMER, hex), 55)).isLessThanOrEqualTo(away(before(hex), 55) + 1);
        assertThat(away(after(MoodWord.COOLER, hex), 240)).isLessThan(away(before(hex), 240));
    }

    @ParameterizedTest
    @CsvFileSource(resources = "moods.csv", useHeadersInDisplayName = true)
    void movesAColorAsTheReferenceDoes(MoodWord word, double amount, String hex, String becomes) {
        Swatches.assertNearly(word.apply(Rgb.ofHex(hex), Fraction.of(amount)), becomes);
    }

    private static double away(Oklch color, double hue) {
        return color.hue().orElseThrow().distanceTo(Degrees.of(hue));
    }

    @ParameterizedTest
    @EnumSource
    void nothingOfItChangesNothing(MoodWord word) {
        Rgb teal = Rgb.ofHex("0F7C7A");
        assertThat(word.apply(teal, Fraction.of(0))).isEqualTo(teal);
        assertThat(word.apply(Rgb.WHITE, WHOLE)).isEqualTo(Rgb.WHITE);
        assertThat(word.apply(Rgb.BLACK, WHOLE)).isEqualTo(Rgb.BLACK);
    }

    /** Or the text would not be read on the paper any more. */
    @ParameterizedTest
    @EnumSource
    void inkAndPaperKeepTheirLightness(MoodWord word) {
        for (String hex : new String[] {"0B2A4A", "EAF3F2", "222222", "777777"}) {
            assertThat(after(word, hex).l()).isCloseTo(before(hex).l(), within(0.01));
        }
    }

    @ParameterizedTest
    @EnumSource
    void isTheSameEveryTime(MoodWord word) {
        Rgb orange = Rgb.ofHex("F2682A");
        assertThat(word.apply(orange, Fraction.of(0.5))).isEqualTo(word.apply(orange, Fraction.of(0.5)));
    }
}
