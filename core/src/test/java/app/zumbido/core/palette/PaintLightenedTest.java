package app.zumbido.core.palette;

import static app.zumbido.core.palette.Swatches.palette;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.zumbido.core.color.Oklch;
import app.zumbido.core.color.Rgb;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A paint that is made lighter or darker keeps following what it follows. */
class PaintLightenedTest {
    /** Rounding to 8 bits moves the OKLCH lightness of these colours by less. */
    private static final double ROUNDED = 0.006;

    private static final Palette FERRIES = palette("0F7C7A", "F2682A");

    private static double lightness(Rgb color) {
        return Oklch.of(color).l();
    }

    @ParameterizedTest
    @CsvSource({
        "0F7C7A, 0.7",
        "0F7C7A, 0.9",
        "0F7C7A, 0.4",
        "0F7C7A, 0.25",
        "F2682A, 0.71",
        "F2682A, 0.5",
        "777777, 0.6"
    })
    void aLadderIsClimbedToALightness(String hex, double lightness) {
        Rgb color = Rgb.ofHex(hex);
        double away = Ladder.awayAt(color, lightness);
        assertThat(Math.signum(away)).isEqualTo(Math.signum(lightness - lightness(color)));
        assertThat(lightness(Ladder.at(color, away))).isCloseTo(lightness, within(ROUNDED));
    }

    @Test
    void aLadderIsNotClimbedBeyondItsEnds() {
        Rgb teal = Rgb.ofHex("0F7C7A");
        assertThat(Ladder.awayAt(teal, 1)).isEqualTo(1);
        assertThat(Ladder.awayAt(teal, 0)).isEqualTo(-1);
        assertThat(Ladder.awayAt(Rgb.WHITE, 1)).isZero();
    }

    @Test
    void aStepStaysOnItsLadder() {
        Paint step = new Paint.OnLadder(Swatches.id(1), 0.5);
        Paint lighter = step.lightened(0.1, FERRIES);
        assertThat(lighter).isInstanceOf(Paint.OnLadder.class);
        assertThat(lightness(lighter.resolve(FERRIES)))
                .isCloseTo(lightness(step.resolve(FERRIES)) + 0.1, within(2 * ROUNDED));
    }

    @Test
    void aStepThatComesBackToItsColorIsIt() {
        Palette white = palette("FFFFFF");
        assertThat(new Paint.OnLadder(Swatches.id(1), -0.5).lightened(1, white))
                .isEqualTo(new Paint.OfSwatch(Swatches.id(1)));
    }

    @Test
    void whatIsShiftedIsShiftedFurtherAndNoFurtherThanThereIs() {
        Paint shifted = new Paint.Shifted(Swatches.id(2), 0.3);
        assertThat(shifted.lightened(0.25, FERRIES)).isEqualTo(new Paint.Shifted(Swatches.id(2), 0.55));
        assertThat(shifted.lightened(0.9, FERRIES)).isEqualTo(new Paint.Shifted(Swatches.id(2), 1));
        assertThat(shifted.lightened(-1.5, FERRIES)).isEqualTo(new Paint.Shifted(Swatches.id(2), -1));
        assertThat(new Paint.OfSwatch(Swatches.id(2)).lightened(0.1, FERRIES))
                .isEqualTo(new Paint.Shifted(Swatches.id(2), 0.1));
    }
}
