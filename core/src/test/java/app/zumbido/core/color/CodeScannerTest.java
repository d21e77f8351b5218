package app.zumbido.core.color;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
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
    @CsvFileSource(resources = "codes.csv", numLinesToSkip = 5, delimiter = '|')
    void readsEveryNotation(String text, String hex, CodeNotation notation, String written) {
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
                "1.123456"
            })
    void readsNoCodeWhereThereIsNone(String text) {
        assertThat(scan(text)).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"The number is 123456.", "a facade is decade old: facade", "He wore a navy coat"})
    void saysWhatMayBeSomethingElse(String text) {
        assertThat(scan(text)).isNotEmpty().allMatch(FoundCode::ambiguous);
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
                .containsExactly(
                        Optional.of("Harbour teal"),
                        Optional.of("Harbour teal"),
                        Optional.of("Harbour teal"),
                        Optional.of("Foam"));
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
}
