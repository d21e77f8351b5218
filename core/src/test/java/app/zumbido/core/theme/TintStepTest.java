package app.zumbido.core.theme;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.zumbido.core.color.Rgb;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import org.junit.jupiter.params.provider.CsvSource;

class TintStepTest {
    @ParameterizedTest
    @CsvFileSource(resources = "tint-steps.csv", useHeadersInDisplayName = true)
    void computesWhatDocumentProgramsCompute(String base, String l80, String l60, String l40, String d25, String d50) {
        Rgb color = Rgb.ofHex(base);
        List<String> tints = List.of(
                        TintStep.lighter(80),
                        TintStep.lighter(60),
                        TintStep.lighter(40),
                        TintStep.darker(25),
                        TintStep.darker(50))
                .stream()
                .map(step -> step.apply(color).digits())
                .toList();
        assertThat(tints).containsExactly(l80, l60, l40, d25, d50);
    }

    @ParameterizedTest
    @CsvFileSource(resources = "tint-encodings.csv", useHeadersInDisplayName = true)
    void isWrittenByWordProcessorsAndSpreadsheetsInTheirOwnWay(
            String base, int percent, String value, String document, double tint, String workbook) {
        Rgb color = Rgb.ofHex(base);
        TintStep step = percent > 0 ? TintStep.lighter(percent) : TintStep.darker(-percent);
        assertThat(step.documentValue()).isEqualTo(Integer.parseInt(value, 16));
        assertThat(step.inDocuments(color).digits()).isEqualTo(document);
        assertThat(step.workbookTint()).isCloseTo(tint, within(1e-12));
        assertThat(step.inWorkbooks(color).digits()).isEqualTo(workbook);
    }

    /** Which steps are offered is from memory; their values were worked in exact fractions and rounded half up. */
    @ParameterizedTest
    @CsvSource({
        "000000, 808080 595959 404040 262626 0D0D0D",
        "FFFFFF, F2F2F2 D9D9D9 BFBFBF A6A6A6 808080",
        "0B2A4A, DAEAFA A3C9F1 4694E4 195FA7 113F6F",
        "EAF3F2, CCE2DF 9EC8C3 579891 2B4C48 111E1D",
        "333333, D6D6D6 ADADAD 858585 262626 1A1A1A",
        "CCCCCC, F5F5F5 EBEBEB E0E0E0 999999 666666"
    })
    void offersFiveStepsByLightness(String base, String tints) {
        Rgb color = Rgb.ofHex(base);
        assertThat(TintStep.offeredFor(color)).hasSize(5);
        String computed = TintStep.offeredFor(color).stream()
                .map(step -> step.apply(color).digits())
                .reduce((one, other) -> one + " " + other)
                .orElseThrow();
        assertThat(computed).isEqualTo(tints);
    }
}
