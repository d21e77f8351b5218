package app.zumbido.core.palette;

import static app.zumbido.core.palette.Swatches.palette;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.Difference;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.color.Vision;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What is proposed is judged anew here, colour by colour and eye by eye. */
class GapsTest {
    private static double least(Rgb color, Palette palette) {
        double least = Double.MAX_VALUE;
        for (Vision eyes : Vision.EYES) {
            for (Swatch swatch : palette.swatches()) {
                least = Math.min(least, Difference.between(eyes.see(color), eyes.see(swatch.color())));
            }
        }
        return least;
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "0B2A4A 0F7C7A F2682A 5B6670 FFFFFF",
                "C0392B 2E8B3A 2F5DFF",
                "FFD400",
                "7A5CD6 FF9EC0 0F7C7A B5651D F2682A"
            })
    void accentsAreToldApartFromEverythingByEverybody(String codes) {
        Palette palette = palette(codes.split(" "));
        List<Gap> accents = Gaps.accents(palette);
        assertThat(accents).isNotEmpty().hasSizeLessThanOrEqualTo(4);
        for (Gap gap : accents) {
            assertThat(gap.difference()).isGreaterThanOrEqualTo(10);
            assertThat(least(gap.color(), palette)).isCloseTo(gap.difference(), within(1e-9));
            assertThat(Difference.between(
                            gap.eyes().see(gap.color()),
                            gap.eyes().see(gap.nearest().orElseThrow().color())))
                    .isCloseTo(gap.difference(), within(1e-9));
        }
    }

    @Test
    void noTwoProposalsAreNearlyOne() {
        List<Gap> accents = Gaps.accents(palette("0B2A4A", "0F7C7A", "F2682A"));
        for (int i = 0; i < accents.size(); i++) {
            for (int j = i + 1; j < accents.size(); j++) {
                assertThat(Difference.between(
                                accents.get(i).color(), accents.get(j).color()))
                        .isGreaterThanOrEqualTo(18);
            }
        }
    }

    @Test
    void aPaletteOfGreysGetsNoAccentFromNothing() {
        assertThat(Gaps.accents(palette("222222", "888888"))).isEmpty();
        assertThat(Gaps.accents(Palette.EMPTY)).isEmpty();
    }

    @Test
    void theNeutralForTextReadsOnWhite() {
        List<Gap> neutrals = Gaps.neutrals(palette("F2682A", "FFD400"));
        assertThat(neutrals).extracting(Gap::reason).contains(Gap.Reason.TEXT);
        Gap text = neutrals.get(0);
        assertThat(ContrastRatio.between(text.color(), Rgb.WHITE).value())
                .isGreaterThan(7)
                .isEqualTo(text.onWhite());
    }

    @Test
    void whatIsNearlyThereAlreadyIsNotProposed() {
        Palette palette = palette("F2682A", "FFD400");
        Rgb text = Gaps.neutrals(palette).get(0).color();
        Palette with = palette.with(List.of(Swatches.swatch(9, text.digits())));
        assertThat(Gaps.neutrals(with)).extracting(Gap::reason).doesNotContain(Gap.Reason.TEXT);
    }
}
