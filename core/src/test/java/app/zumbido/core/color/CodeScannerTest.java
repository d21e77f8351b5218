package app.zumbido.core.color;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class CodeScannerTest {
    /** Not a press: cyan takes red away, and so on, so that a test can tell what was read. */
    private static final PressProfile INKS = new PressProfile() {
        @Override
        public Cmyk toCmyk(Rgb rgb) {
            throw new UnsupportedOperationException();
        }

        @Override
        public Rgb toRgb(Cmyk inks) {
            return new Rgb(
                    (int) (255 * (1 - inks.cyan()) * (1 - inks.black())),
                    (int) (255 * (1 - inks.magenta()) * (1 - inks.black())),
                    (int) (255 * (1 - inks.yellow()) * (1 - inks.black())));
        }
    };

    private static List<FoundCode> scan(String text) {
        return CodeScanner.scan(text, INKS);
    }

    @ParameterizedTest
    @CsvFileSource(resources = "codes.csv", useHeadersInDisplayName = true, delimiter = '|')
    void readsEveryNotation(String text, String hex, CodeNotation notation, String written) {
        assertThat(scan(text)).as(text).isNotEmpty();
        FoundCode code = scan(text).get(0);
        assertThat(code.color().digits()).isEqualTo(hex);
        assertThat(code.notation()).isEqualTo(notation);
        assertThat(code.text()).isEqualTo(written);
        assertThat(text.startsWith(written, code.offset())).isTrue();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Order 4711, 30 pieces",
                "see section 2.3.4",
                "call 030 123 45 67",
                "#12",
                "#1234567",
                "rgb(300 0 0)",
                "RGB 12 13",
                "abcdefg",
                "12:30:45",
                "C 80 M 44",
                "hsl(10 120% 50%)",
                "rgb(1 2",
                "id=x0F7C7A",
                "1.123456",
                "1,123456",
                "rgb(1 2 3",
                "rgb(1 2 3 4 5)",
                "rgb(0 256 0)",
                "rgb(-1 0 0)",
                "hsl(10 -1% 50%)",
                "hsl(10 50% 101%)",
                "hsl(10 50% -1%)",
                "lab(101 0 0)",
                "lab(-1 0 0)",
                "oklab(1.1 0 0)",
                "oklab(-0.1 0 0)",
                "cmyk(101% 0% 0% 0%)",
                "cmyk(-1% 0% 0% 0%)",
                "cmyk(1% 2% 3%)",
                "#12345",
                "#0F7C7A1",
                "#0F7C7A123",
                "0F7C7",
                "rgb(1 x 3)",
                "rgb(1 - 3)",
                "rgb(1..2 0 0)",
                "R 47 G 93 K 138",
                "RGB 1 2 x",
                "rgbx 1 2 3",
                "rgb()",
                "rgb(1234567890123 0 0)"
            })
    void readsNoCodeWhereThereIsNone(String text) {
        assertThat(scan(text)).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"The number is 123456.", "a facade is decade old: facade", "He wore a navy coat"})
    void saysWhatMayBeSomethingElse(String text) {
        assertThat(scan(text)).isNotEmpty().allMatch(FoundCode::ambiguous);
    }

    @ParameterizedTest
    @ValueSource(strings = {"0F7C7A", "#123456", "#facade", "HEX 123456", "hex: facade", "12AB56", "rgb(1 2 3)"})
    void isSureOfWhatCanBeNothingElse(String text) {
        assertThat(scan(text))
                .singleElement()
                .satisfies(code -> assertThat(code.ambiguous()).isFalse());
    }

    @Test
    void keepsTheOrderOfTheTextWhereNamesAndCodesStandTogether() {
        assertThat(scan("navy\n\n#0F7C7A\n\ncoral\n\nrgb(1 2 3) #FFFFFF"))
                .extracting(FoundCode::text)
                .containsExactly("navy", "#0F7C7A", "coral", "rgb(1 2 3)", "#FFFFFF");
    }

    @Test
    void namesOfCssArePartOfOnesOwnNamesBesideACode() {
        assertThat(scan("navy\n#0B2A4A")).singleElement().satisfies(code -> {
            assertThat(code.color().digits()).isEqualTo("0B2A4A");
            assertThat(code.name()).contains("navy");
        });
        assertThat(scan("My navy thing"))
                .singleElement()
                .satisfies(code -> assertThat(code.ambiguous()).isTrue());
        assertThat(scan("color :  teal"))
                .singleElement()
                .satisfies(code -> assertThat(code.ambiguous()).isFalse());
        assertThat(scan(": teal and more"))
                .singleElement()
                .satisfies(code -> assertThat(code.ambiguous()).isTrue());
    }

    /** 48 characters and five words are a name, more are a sentence. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "One two three four five #0F7C7A|One two three four five",
                "One two three four five six #0F7C7A|-",
                "Abcdefghijklmnop Abcdefghijklmnop Abcdefghijklmn #0F7C7A|Abcdefghijklmnop Abcdefghijklmnop Abcdefghijklmn",
                "Abcdefghijklmnop Abcdefghijklmnop Abcdefghijklmno #0F7C7A|-",
                "1. #0F7C7A|-",
                "HEX #0F7C7A|-",
                "--rope-grey: #5B6670|rope-grey",
                "Rope 2 (dark) #5B6670|Rope 2",
                "[Rope grey] #5B6670|Rope grey",
                "Rope grey: HEX #5B6670|Rope grey",
                "#5B6670 Rope grey, #FFFFFF|-",
                "#5B6670 (Rope grey)|Rope grey"
            })
    void tellsANameFromASentence(String text, String name) {
        assertThat(scan(text).get(0).name().orElse("-")).isEqualTo(name);
    }

    @Test
    void aHeadingNamesWhatStandsRightBeneathIt() {
        assertThat(scan("Harbour teal\n#0F7C7A\n\n#FFFFFF"))
                .extracting(code -> code.name().orElse("-"))
                .containsExactly("Harbour teal", "-");
        assertThat(scan("#0F7C7A\nFoam\n#EAF3F2"))
                .extracting(code -> code.name().orElse("-"))
                .containsExactly("-", "Foam");
    }

    @Test
    void takesNamesFromBesideTheCode() {
        assertThat(scan("""
                Harbour teal  #0F7C7A
                • Buoy orange: F2682A
                #EAF3F2 Foam
                --rope-grey: #5B6670;
                Night channel (HEX: 0B2A4A)
                """))
                .extracting(code -> code.name().orElse("-"))
                .containsExactly("Harbour teal", "Buoy orange", "Foam", "rope-grey", "Night channel");
    }

    @Test
    void takesNoCodeThatCannotBeReadForAName() {
        assertThat(scan("rgb(300 0 0), 12AB56"))
                .singleElement()
                .satisfies(code -> assertThat(code.name()).isEmpty());
    }

    @Test
    void givesOneNameToAllNotationsBeneathIt() {
        assertThat(scan("Harbour teal\nHEX 0F7C7A\nRGB 15 124 122\nCMYK 85 30 50 10\n\nFoam\n#EAF3F2"))
                .extracting(FoundCode::name)
                .containsExactly(Optional.of("Harbour teal"), Optional.of("Foam"));
    }

    @Test
    void readsNamesOfCssWhereTheyAreValuesOrStandAlone() {
        assertThat(scan("a { color: rebeccapurple }")).singleElement().satisfies(code -> {
            assertThat(code.color().digits()).isEqualTo("663399");
            assertThat(code.ambiguous()).isFalse();
        });
        assertThat(scan("navy, coral, teal")).hasSize(3).noneMatch(FoundCode::ambiguous);
        assertThat(scan("Harbour teal #0F7C7A")).hasSize(1);
    }

    @Test
    void staysQuickOnTextsThatAreMadeToBeSlow() {
        for (String part : List.of("#", "rgb(", "0", "C 1 M ", "rgb 1 2 ", "a:", "\n")) {
            assertThat(scan(part.repeat(50_000))).isEmpty();
        }
    }

    /** Manuals give the same colour in several notations, with their own roundings and conversions. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "Harbour teal\nHEX #0F7C7A\nRGB 15 124 122\nHSL(178.9 78.4% 27.3%)",
                "Harbour teal: rgb(15 124 122), #0F7C7A",
                "Harbour teal | #0F7C7A | RGB 15/124/122 | lab(46.6% -30.6 -8.1)",
                "Harbour teal hsl(179 78% 27%) = #0F7C7A"
            })
    void severalNotationsOfOneColorAreOneCode(String text) {
        assertThat(scan(text)).hasSize(1);
        assertThat(scan(text).get(0).color().digits()).isEqualTo("0F7C7A");
        assertThat(scan(text).get(0).name()).contains("Harbour teal");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "#0F7C7A #107D7B",
                "Teal #0F7C7A\nSea rgb(15 124 122)",
                "#0F7C7A\n\nrgb(15 124 122)",
                "#0F7C7A rgb(242 104 42)",
                "rgb(15 124 122) #0F7C7B"
            })
    void twoColorsStayTwo(String text) {
        assertThat(scan(text)).hasSize(2);
    }

    @Test
    void everyLineKeepsTheNameOfItsOwn() {
        List<FoundCode> codes = scan("Dusk C10 M20 Y0 K60\nFoam #EAF3F2\nLantern RGB 255 191 0");
        assertThat(codes).extracting(code -> code.name().orElse("")).containsExactly("Dusk", "Foam", "Lantern");
        List<FoundCode> below = scan("Dusk\nC10 M20 Y0 K60\nFoam\n#EAF3F2");
        assertThat(below).extracting(code -> code.name().orElse("")).containsExactly("Dusk", "Foam");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            40, 90, 160                | 285AA0
            Lake: 40,90,160            | 285AA0
            the blue (40, 90, 160) of  | 285AA0
            """)
    void threeBareNumbersMayBeAColor(String text, String digits) {
        assertThat(scan(text)).hasSize(1);
        assertThat(scan(text).get(0).color().digits()).isEqualTo(digits);
        assertThat(scan(text).get(0).notation()).isEqualTo(CodeNotation.RGB);
        assertThat(scan(text).get(0).ambiguous()).isTrue();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "40, 90, 160, 20",
                "40, 90",
                "40, 90, 300",
                "10, 40, 90, 160, 5",
                "1.40, 90, 160",
                "40, 90, 1600",
                "40, 90, 16.5",
                "40%, 90%, 10%",
                "1,234,567"
            })
    void otherListsOfNumbersAreNone(String text) {
        assertThat(scan(text)).isEmpty();
    }
}
