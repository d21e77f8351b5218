package app.zumbido.core.contrast;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.zumbido.core.color.Compositing;
import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.Fraction;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.image.Pixels;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.palette.SwatchId;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WorstPlaceTest {
    private static Gradient gradient(String codes) {
        return new Gradient(Arrays.stream(codes.split(" ")).map(Rgb::ofHex).toList());
    }

    /** Against every column of the same ground drawn 2000 pixels wide. */
    @ParameterizedTest
    @CsvSource({
        "0B2A4A 0F7C7A, FFFFFF, 0.7, 0B2A4A",
        "0B2A4A 0F7C7A, FFFFFF, 0.3, 000000",
        "0B2A4A 0F7C7A EAF3F2, 000000, 0, FFFFFF",
        "F2682A FFD400, 0B2A4A, 0.7, FFD400",
        "000000 FFFFFF, 808080, 0.2, 777777"
    })
    void isAsHardAsTheHardestPixel(String stops, String overlay, double opacity, String text) {
        Gradient gradient = gradient(stops);
        Overlay laid = new Overlay(Rgb.ofHex(overlay), Fraction.of(opacity));
        double least = Double.MAX_VALUE;
        for (int x = 0; x < 2000; x++) {
            Rgb seen = Compositing.over(laid.color(), laid.opacity(), gradient.at(x / 1999.0));
            least = Math.min(least, ContrastRatio.between(Rgb.ofHex(text), seen).value());
        }
        WorstPlace.OnGradient worst = WorstPlace.on(gradient, Optional.of(laid), Rgb.ofHex(text));
        assertThat(worst.ratio().value()).isCloseTo(least, within(0.03));
        Rgb there = laid.over(gradient.at(worst.place()));
        assertThat(worst.ground()).isEqualTo(there);
    }

    /** Worked with the published formulas: white at opacity 70 % over these leaves black at 11.28 and 13.82. */
    @Test
    void judgesAtTheWorseEnd() {
        Overlay white = new Overlay(Rgb.WHITE, Fraction.of(0.7));
        WorstPlace.OnGradient black = WorstPlace.on(gradient("0B2A4A 0F7C7A"), Optional.of(white), Rgb.BLACK);
        assertThat(black.ratio().value()).isCloseTo(11.28, within(0.005));
        assertThat(black.place()).isZero();
        WorstPlace.OnGradient yellow =
                WorstPlace.on(gradient("0B2A4A 0F7C7A"), Optional.of(white), Rgb.ofHex("FFD400"));
        assertThat(yellow.ratio().value()).isCloseTo(1.06, within(0.005));
        assertThat(yellow.place()).isEqualTo(1);
        Overlay thin = new Overlay(Rgb.WHITE, Fraction.of(0.3));
        assertThat(WorstPlace.on(gradient("0B2A4A 0F7C7A"), Optional.of(thin), Rgb.BLACK)
                        .ratio()
                        .value())
                .isCloseTo(3.75, within(0.005));
    }

    @Test
    void looksAtEveryPixelOfAPicture() {
        Random random = new Random(20261126);
        int[] argb = new int[40 * 30];
        for (int i = 0; i < argb.length; i++) {
            argb[i] = 0xFF000000 | random.nextInt(1 << 24);
        }
        argb[7] = 0x00FF0000;
        Pixels picture = Pixels.wrap(40, 30, argb);
        Optional<Overlay> overlay = Optional.of(new Overlay(Rgb.ofHex("0B2A4A"), Fraction.of(0.6)));
        WorstPlace.OnPicture worst = WorstPlace.on(picture, overlay, Rgb.WHITE);
        double least = Double.MAX_VALUE;
        for (int pixel : argb) {
            Rgb under = pixel >>> 24 == 0 ? Rgb.WHITE : Rgb.ofPacked(pixel & 0xFFFFFF);
            least = Math.min(
                    least,
                    ContrastRatio.between(Rgb.WHITE, Compositing.over(Rgb.ofHex("0B2A4A"), Fraction.of(0.6), under))
                            .value());
        }
        assertThat(worst.ratio().value()).isCloseTo(least, within(1e-9));
        assertThat(worst.x() + 40 * worst.y()).isEqualTo(7);
    }

    /** Half of black over white is 128 by simple alpha compositing (W3C Compositing Level 1, 5.1): 3.95 to white. */
    /** Half black, half white: white text reads where it stands, though not everywhere. */
    @Test
    void looksOnlyWhereTheTextStands() {
        int[] argb = new int[40 * 10];
        for (int i = 0; i < argb.length; i++) {
            argb[i] = i % 40 < 20 ? 0xFF000000 : 0xFFFFFFFF;
        }
        argb[3 * 40 + 7] = 0xFF777777;
        Pixels picture = Pixels.wrap(40, 10, argb);
        WorstPlace.OnPicture there =
                WorstPlace.on(picture, new WorstPlace.Frame(5, 2, 15, 100), Optional.empty(), Rgb.WHITE);
        assertThat(there.x()).isEqualTo(7);
        assertThat(there.y()).isEqualTo(3);
        // WCAG 2.2: 777777 on white is 4.478.
        assertThat(there.ratio().value()).isCloseTo(4.478, within(0.001));
        assertThat(WorstPlace.on(picture, Optional.empty(), Rgb.WHITE).ratio().value())
                .isEqualTo(1);
    }

    @Test
    void whatShinesThroughStandsOnWhite() {
        Pixels picture = Pixels.wrap(3, 1, new int[] {0xFFFFFFFF, 0x80000000, 0x40000000});
        WorstPlace.OnPicture worst = WorstPlace.on(picture, Optional.empty(), Rgb.BLACK);
        assertThat(worst.ground().digits()).isEqualTo("7F7F7F");
        assertThat(worst.x()).isEqualTo(1);
        assertThat(worst.ratio().value())
                .isCloseTo(ContrastRatio.between(Rgb.ofHex("7F7F7F"), Rgb.BLACK).value(), within(1e-12));
    }

    /** Of a whole plateau of equal places the first is told, and a dip of one percent of the way is found. */
    @Test
    void findsTheFirstOfTheHardestPlaces() {
        WorstPlace.OnGradient even = WorstPlace.on(gradient("777777 777777"), Optional.empty(), Rgb.WHITE);
        assertThat(even.place()).isZero();
        WorstPlace.OnGradient crossing =
                WorstPlace.on(gradient("000000 FFFFFF"), Optional.empty(), Rgb.ofHex("777777"));
        // 0x77 of 0xFF along the way.
        assertThat(crossing.place()).isCloseTo(119 / 255.0, within(0.005));
        assertThat(crossing.ratio().value()).isCloseTo(1, within(0.02));
    }

    @Test
    void looksAsCloselyBetweenThreeStopsAsBetweenTwo() {
        WorstPlace.OnGradient worst =
                WorstPlace.on(gradient("000000 FFFFFF 000000"), Optional.empty(), Rgb.ofHex("777777"));
        assertThat(worst.place()).isCloseTo(119 / 255.0 / 2, within(0.0025));
    }

    /** Common practice, no published source; a dark main colour makes all three readable. */
    @Test
    void recipesOfADarkColorAreReadable() {
        Swatch navy = Swatch.of(new SwatchId(new UUID(0, 1)), "Navy", Rgb.ofHex("0B2A4A"), List.of());
        List<Recipe> recipes = Recipe.of(navy, navy.color());
        assertThat(recipes).extracting(Recipe::kind).containsExactly(Recipe.Kind.values());
        assertThat(recipes)
                .allSatisfy(recipe -> assertThat(WorstPlace.on(recipe.gradient(), recipe.overlay(), recipe.text())
                                .ratio()
                                .reaches(4.5))
                        .isTrue());
    }
}
