package app.zumbido.core.color;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;

class ContrastRatioTest {
    @ParameterizedTest
    @CsvFileSource(resources = "contrast-ratios.csv", useHeadersInDisplayName = true)
    void agreesWithThePublishedRatios(String foreground, String background, double ratio) {
        ContrastRatio between = ContrastRatio.between(Rgb.ofHex(foreground), Rgb.ofHex(background));
        assertThat(between.value()).isCloseTo(ratio, within(0.005));
        assertThat(ContrastRatio.between(Rgb.ofHex(background), Rgb.ofHex(foreground)))
                .isEqualTo(between);
    }

    @Test
    void failsWhatOnlyPrintsAsTheThreshold() {
        assertThat(new ContrastRatio(4.499).reaches(WcagLevel.AA.text())).isFalse();
        assertThat(new ContrastRatio(4.5).reaches(WcagLevel.AA.text())).isTrue();
    }

    @Test
    void alwaysFindsAnInkThatReads() {
        for (int grey = 0; grey < 256; grey++) {
            Rgb ground = new Rgb(grey, grey, grey);
            assertThat(ContrastRatio.between(ground.ink(), ground).reaches(WcagLevel.AA.text()))
                    .as(ground.hex())
                    .isTrue();
        }
    }
}
