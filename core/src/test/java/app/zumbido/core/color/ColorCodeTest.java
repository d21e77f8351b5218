package app.zumbido.core.color;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** The notations of W3C CSS Color Module Level 4, 5.1 and 5.2. */
class ColorCodeTest {
    private static final PressProfile NO_PRESS = new PressProfile() {
        @Override
        public Cmyk toCmyk(Rgb rgb) {
            throw new UnsupportedOperationException();
        }

        @Override
        public Rgb toRgb(Cmyk inks) {
            throw new UnsupportedOperationException();
        }
    };

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "#0B2A4A|#0B2A4A",
                "0b2a4a|#0B2A4A",
                " #0b2A4a |#0B2A4A",
                "#fa0|#FFAA00",
                "FA0|#FFAA00",
                "rgb(11, 42, 74)|#0B2A4A",
                "rgb(11 42 74)|#0B2A4A",
                "RGB(11,42,74)|#0B2A4A",
                "rgb(100%, 50%, 0%)|#FF8000",
                "rgb(10.5 0 0)|#0B0000",
                "#123|#112233",
                "rgb(0 0 0)|#000000",
                "rgb(255 255 255)|#FFFFFF",
                "rgb(100% 0% 100%)|#FF00FF"
            })
    void readsWhatPeopleType(String text, String hex) {
        assertThat(ColorCode.parse(text).orElseThrow().hex()).isEqualTo(hex);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "#",
                "#12",
                "#12345",
                "#1234567",
                "#GGGGGG",
                "rgb(1,2)",
                "rgb(1,2,3,4)",
                "rgb(256,0,0)",
                "rgb(-1,0,0)",
                "rgb(1,2,3",
                "rgb()",
                "rgb(1..2 0 0)",
                "rgb(100.5% 0 0)",
                "rgb(% 0 0)",
                "rgb(0:0 0 0)",
                "rgb(0/0 0 0)",
                "#00000G",
                "teal-ish",
                "٣٣٣"
            })
    void saysNothingToWhatIsNoCode(String text) {
        assertThat(ColorCode.parse(text)).isEmpty();
    }

    /** Numbers as the functions of CSS Color 4 mean them. */
    @ParameterizedTest
    @CsvSource({
        "RGB, 15, 124, 122, 0F7C7A",
        "HSL, 120, 100, 25, 008000",
        "LAB, 54.29, 80.80, 69.89, FF0000",
        "LCH, 54.29, 106.84, 40.86, FF0000",
        "OKLAB, 0.628, 0.2249, 0.1258, FF0000",
        "OKLCH, 0.628, 0.2577, 29.23, FF0000"
    })
    void makesAColorOfTheNumbersOfAFunction(CodeNotation notation, double one, double two, double three, String hex) {
        assertThat(ColorCode.ofNumbers(notation, one, two, three).orElseThrow().digits())
                .isEqualTo(hex);
    }

    @Test
    void makesNoColorOfNumbersBeyondTheirRange() {
        assertThat(ColorCode.ofNumbers(CodeNotation.RGB, 256, 0, 0)).isEmpty();
        assertThat(ColorCode.ofNumbers(CodeNotation.CMYK, 0, 0, 0)).isEmpty();
    }

    @Test
    void writesTheCodesThatArePasted() {
        Rgb navy = Rgb.ofHex("0B2A4A");
        assertThat(navy.hex()).isEqualTo("#0B2A4A");
        assertThat(navy.digits()).isEqualTo("0B2A4A");
        assertThat(ColorCode.rgbFunction(navy)).isEqualTo("rgb(11 42 74)");
        assertThat(ColorCode.hslFunction(navy)).isEqualTo("hsl(210.5 74.1% 16.7%)");
        assertThat(ColorCode.hslFunction(Rgb.WHITE)).isEqualTo("hsl(0 0% 100%)");
    }

    @Test
    void refusesWhatCannotBeAColor() {
        assertThatThrownBy(() -> new Rgb(0, 256, 0)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Rgb(-1, 0, 0)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Rgb(0, 0, 256)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> Rgb.ofHex("nothing")).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> Fraction.of(1.1)).isInstanceOf(IllegalArgumentException.class);
    }

    /** What is written can be read again, to within what rounding takes away. */
    @ParameterizedTest
    @ValueSource(strings = {"0B2A4A", "0F7C7A", "F2682A", "5B6670", "EAF3F2", "FFFFFF", "000000", "FF00B0"})
    void functionsOfEverySpaceAreReadAgain(String hex) {
        Rgb rgb = Rgb.ofHex(hex);
        for (String code :
                new String[] {ColorCode.labFunction(rgb), ColorCode.lchFunction(rgb), ColorCode.oklchFunction(rgb)}) {
            Rgb read = CodeScanner.scan(code, NO_PRESS).get(0).color();
            assertThat(Difference.between(read, rgb)).as(code).isLessThan(0.6);
        }
    }

    @Test
    void writesInksInWholePercents() {
        assertThat(ColorCode.inks(new Cmyk(1, 0.444, 0.005, 0))).isEqualTo("C 100 M 44 Y 1 K 0");
    }
}
