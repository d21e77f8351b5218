package app.zumbido.core.palette;

import static app.zumbido.core.palette.Swatches.palette;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.Degrees;
import app.zumbido.core.color.Difference;
import app.zumbido.core.color.Oklch;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.color.Vision;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What is proposed is judged anew here, colour by colour and eye by eye. */
class GapsTest {
    private static List<Gap> accents(Palette palette) {
        return Gaps.accents(palette, palette);
    }

    private static List<Gap> neutrals(Palette palette) {
        return Gaps.neutrals(palette, palette);
    }

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
        List<Gap> accents = accents(palette);
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

    /** By the angle from their base: the relations of the colour wheel, which have those names everywhere. */
    private static final Map<Gap.Reason, Integer> ANGLES =
            Map.of(Gap.Reason.COMPLEMENTARY, 180, Gap.Reason.SPLIT, 150, Gap.Reason.TRIAD, 120, Gap.Reason.TETRAD, 90);

    private static List<Palette> randomPalettes() {
        Random random = new Random(14);
        List<Palette> palettes = new ArrayList<>();
        for (int i = 0; i < 300; i++) {
            List<String> hexes = new ArrayList<>();
            for (int j = 0; j <= i % 5; j++) {
                hexes.add(String.format("%06X", random.nextInt(1 << 24)));
            }
            palettes.add(palette(hexes.toArray(String[]::new)));
        }
        return palettes;
    }

    private static double hue(Rgb color) {
        return Oklch.of(color).hue().orElseThrow().value();
    }

    /** The middle of the widest part of the circle without a colourful swatch, looked for degree by degree. */
    private static double emptiest(Palette palette) {
        double best = 0;
        double widest = -1;
        for (int degree = 0; degree < 3600; degree++) {
            Degrees hue = Degrees.of(degree / 10.0);
            double nearest = palette.swatches().stream()
                    .filter(swatch -> Oklch.of(swatch.color()).isColorful())
                    .mapToDouble(swatch -> hue.distanceTo(Degrees.of(hue(swatch.color()))))
                    .min()
                    .orElseThrow();
            if (nearest > widest) {
                widest = nearest;
                best = degree / 10.0;
            }
        }
        return best;
    }

    @Test
    void accentsStandWhereTheirReasonSays() {
        Set<Gap.Reason> told = EnumSet.noneOf(Gap.Reason.class);
        for (Palette palette : randomPalettes()) {
            for (Gap gap : accents(palette)) {
                double expected = gap.base()
                        .map(base -> (double) ANGLES.get(gap.reason()))
                        .orElse(0.0);
                double from = gap.base().map(base -> hue(base.color())).orElseGet(() -> emptiest(palette));
                double away = Degrees.of(from).distanceTo(Degrees.of(hue(gap.color())));
                // Bringing a strong colour onto the screen and rounding it turn it a little.
                assertThat(away).as("%s %s", gap.color().hex(), gap.reason()).isCloseTo(expected, within(15.0));
                told.add(gap.reason());
            }
        }
        assertThat(told).contains(Gap.Reason.COMPLEMENTARY, Gap.Reason.TRIAD, Gap.Reason.EMPTY_STRETCH);
    }

    /** Up to 28 for being told apart, 4 for being made out on white, less the farther the relation of hue is. */
    @Test
    void theBestComesFirst() {
        for (Palette palette : randomPalettes()) {
            List<Double> worths = accents(palette).stream()
                    .map(gap -> Math.min(28, gap.difference())
                            + (gap.onWhite() >= 3 ? 4 : 0)
                            - gap.reason().ordinal())
                    .toList();
            assertThat(worths).isSortedAccordingTo(Comparator.reverseOrder());
        }
    }

    /** As strong as the one in the middle of the palette, neither shrill nor faint. */
    @ParameterizedTest
    @CsvSource({"2F5DFF FF0000 FFD400, 0.17, 0.21", "5B6F8A 8A5B5B, 0.05, 0.095", "0F7C7A D83A56 F2682A, 0.15, 0.19"})
    void accentsAreAsStrongAsThePalette(String codes, double least, double most) {
        List<Gap> accents = accents(palette(codes.split(" ")));
        assertThat(accents).isNotEmpty();
        // What the screen does not have at its lightness becomes fainter, never stronger.
        assertThat(accents).allMatch(gap -> Oklch.of(gap.color()).c() < most);
        assertThat(accents).anyMatch(gap -> Oklch.of(gap.color()).c() > least);
    }

    @Test
    void neutralsLeanTowardsTheFirstColorfulSwatch() {
        List<Gap> neutrals = neutrals(palette("888888", "F2682A", "2F5DFF"));
        assertThat(neutrals)
                .extracting(Gap::reason)
                .containsExactly(Gap.Reason.TEXT, Gap.Reason.MIDDLE, Gap.Reason.FIELD);
        double[] lightness = {0.27, 0.5, 0.955};
        double[] chroma = {0.022, 0.02, 0.008};
        for (int i = 0; i < neutrals.size(); i++) {
            Oklch lch = Oklch.of(neutrals.get(i).color());
            assertThat(lch.l()).isCloseTo(lightness[i], within(0.004));
            assertThat(lch.c()).isCloseTo(chroma[i], within(0.004));
            assertThat(lch.hue().orElseThrow().distanceTo(Degrees.of(hue(Rgb.ofHex("F2682A")))))
                    .isLessThan(20);
        }
        assertThat(neutrals(palette("101010")))
                .allMatch(gap -> Oklch.of(gap.color()).c() < 0.001);
    }

    @Test
    void noTwoProposalsAreNearlyOne() {
        List<Gap> accents = accents(palette("0B2A4A", "0F7C7A", "F2682A"));
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
        assertThat(accents(palette("222222", "888888"))).isEmpty();
        assertThat(accents(Palette.EMPTY)).isEmpty();
    }

    @Test
    void theNeutralForTextReadsOnWhite() {
        List<Gap> neutrals = neutrals(palette("F2682A", "FFD400"));
        assertThat(neutrals).extracting(Gap::reason).contains(Gap.Reason.TEXT);
        Gap text = neutrals.get(0);
        assertThat(ContrastRatio.between(text.color(), Rgb.WHITE).value())
                .isGreaterThan(7)
                .isEqualTo(text.onWhite());
    }

    @Test
    void whatIsNearlyThereAlreadyIsNotProposed() {
        Palette palette = palette("F2682A", "FFD400");
        Rgb text = neutrals(palette).get(0).color();
        Palette with = palette.with(List.of(Swatches.swatch(9, text.digits())));
        assertThat(neutrals(with)).extracting(Gap::reason).doesNotContain(Gap.Reason.TEXT);
    }

    @Test
    void whatIsOffLimitsHasNoCompanyAndIsNotProposedAgain() {
        Palette palette = palette("D02020", "0F7C7A");
        Swatch crossedOut = palette.swatches().get(0);
        Palette usable = palette.without(crossedOut.id());
        List<Gap> accents = Gaps.accents(palette, usable);
        assertThat(accents).isNotEmpty();
        assertThat(accents).extracting(Gap::base).doesNotContain(Optional.of(crossedOut));
        assertThat(accents)
                .allMatch(gap -> Difference.between(gap.color(), crossedOut.color()) >= Difference.TOLD_APART);
        assertThat(Gaps.neutrals(palette, usable)).extracting(Gap::base).doesNotContain(Optional.of(crossedOut));
    }
}
