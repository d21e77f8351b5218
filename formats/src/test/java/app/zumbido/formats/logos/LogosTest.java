package app.zumbido.formats.logos;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.data.Offset.offset;

import app.zumbido.core.color.Difference;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.image.Pixels;
import app.zumbido.core.logos.LogoPart;
import app.zumbido.formats.svg.SvgFile;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.geom.Area;
import java.awt.image.BufferedImage;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class LogosTest {
    private static final List<Rgb> DARK_GROUNDS =
            List.of(Rgb.BLACK, Rgb.ofHex("0B2A4A"), Rgb.ofHex("14142B"), Rgb.ofHex("3B2C20"));

    private static final Map<String, LogoDrawing> LOGOS = DrawnLogos.all();

    static Stream<String> names() {
        return LOGOS.keySet().stream();
    }

    @Test
    void takesShapesOutOfADrawingWhereTheyStand() {
        LogoDrawing blocks = LOGOS.get("four blocks");
        assertThat(blocks.parts())
                .extracting(part -> part.color().hex())
                .containsExactlyInAnyOrder("#0B2A4A", "#0F7C7A", "#F2682A", "#5B6670");
        assertThat(blocks.parts()).allSatisfy(part -> assertThat(part.share()).isCloseTo(0.25, offset(1e-6)));
        // 36 of 100 units, drawn 1200 wide.
        assertThat(blocks.shapes().get(0).shape().getBounds2D().getWidth()).isCloseTo(432, offset(0.01));
        // Half a disc over a whole one, cut by its clip.
        assertThat(LOGOS.get("clipped half").parts())
                .allSatisfy(part -> assertThat(part.share()).isCloseTo(0.5, offset(0.001)));
    }

    /** Worked by hand: a ring between radius 40 and 22, and a disc of radius 10. */
    @Test
    void measuresPartsByWhatIsSeenOfThem() {
        double ring = 40 * 40 - 22 * 22;
        assertThat(LOGOS.get("ring and dot").parts().get(0).share()).isCloseTo(ring / (ring + 100), offset(0.002));
        assertThat(LOGOS.get("badge").parts())
                .extracting(part -> part.color().hex())
                .containsExactly("#14142B", "#F0A35A");
    }

    @ParameterizedTest
    @MethodSource("names")
    void readsOnDarkGroundsInTheVersionForThem(String name) {
        LogoDrawing logo = LOGOS.get(name);
        for (Rgb ground : DARK_GROUNDS) {
            LogoDrawing dark = Logos.forDark(logo, ground);
            assertThat(LogoPart.read(dark.parts(), ground))
                    .as(name + " on " + ground.hex())
                    .isTrue();
            // Nothing has moved.
            assertThat(Mask.of(dark, true).differing(Mask.of(logo, true))).isZero();
        }
    }

    @ParameterizedTest
    @MethodSource("names")
    void keepsTouchingPartsOfTheVersionForDarkApart(String name) {
        LogoDrawing logo = LOGOS.get(name);
        int before =
                logo.touching().values().stream().mapToInt(java.util.Set::size).sum();
        LogoDrawing dark = Logos.forDark(logo, Rgb.ofHex("0B2A4A"));
        int after =
                dark.touching().values().stream().mapToInt(java.util.Set::size).sum();
        assertThat(after).isEqualTo(before);
        dark.touching()
                .forEach((one, others) -> others.forEach(other -> assertThat(Difference.between(one, other))
                        .as(name + ": " + one.hex() + " beside " + other.hex())
                        .isGreaterThan(Difference.TOLD_APART)));
    }

    @ParameterizedTest
    @MethodSource("names")
    void keepsSilhouetteCountersAndPartsInOneColor(String name) {
        LogoDrawing logo = LOGOS.get(name);
        LogoDrawing one = Logos.oneColor(logo, Rgb.BLACK);
        assertThat(one.parts()).extracting(LogoPart::color).containsExactly(Rgb.BLACK);
        Mask original = Mask.of(logo, false);
        Mask drawn = Mask.of(one, false);
        // Gaps of 1.8 % of 400 pixels are gone once it is closed by four.
        int radius = 4;
        assertThat(drawn.closed(radius).differing(original.closed(radius)))
                .as(name)
                .isLessThanOrEqualTo((int) (0.015 * original.area()));
        int parts = logo.visible().entrySet().stream()
                .filter(part -> !part.getKey().equals(Rgb.WHITE))
                .mapToInt(part -> pieces(logo, part.getValue(), part.getKey()))
                .sum();
        assertThat(drawn.pieces()).as(name + ": parts stay apart").isGreaterThanOrEqualTo(parts);
    }

    /** Written, read and drawn again it covers the same. */
    @ParameterizedTest
    @MethodSource("names")
    void isTheSameDrawingAfterItIsWritten(String name) {
        LogoDrawing logo = LOGOS.get(name);
        LogoDrawing again = LogoDrawing.of(SvgFile.read(logo.svg()));
        assertThat(again.parts()).hasSameSizeAs(logo.parts());
        assertThat(Mask.of(again, false).differing(Mask.of(logo, false)))
                .isLessThanOrEqualTo((int) (0.001 * Mask.of(logo, false).area()));
    }

    /** Drawn small with soft edges, with and without a ground, and taken apart again. */
    @ParameterizedTest
    @MethodSource("names")
    void takesShapesOutOfAPicture(String name) {
        LogoDrawing logo = LOGOS.get(name);
        List<Rgb> colors = logo.parts().stream().map(LogoPart::color).toList();
        Mask original = Mask.of(logo, true);
        BufferedImage clear = logo.draw(300);
        LogoDrawing cut = LogoDrawing.of(pixels(clear), colors, Optional.empty());
        assertThat(Mask.of(cut, true).differing(original)).as(name).isLessThan((int) (0.015 * original.area()));
        Rgb ground = Rgb.ofHex("EAF3F2");
        LogoDrawing onGround = LogoDrawing.of(pixels(over(clear, ground)), colors, Optional.of(ground));
        assertThat(Mask.of(onGround, true).differing(original))
                .as(name + " on a ground")
                .isLessThan((int) (0.02 * original.area()));
    }

    @Test
    void trimsEmptyMarginsAndKeepsItsProportions() {
        LogoDrawing trimmed = LOGOS.get("four blocks").trimmed();
        assertThat(trimmed.width()).isCloseTo(864, offset(0.01));
        assertThat(trimmed.height()).isCloseTo(864, offset(0.01));
        assertThat(trimmed.draw(100).getRGB(2, 2)).isEqualTo(0xFF0B2A4A);
        LogoDrawing bars = LOGOS.get("stacked bars").trimmed();
        assertThat(bars.width() / bars.height()).isCloseTo(70.0 / 66, offset(1e-4));
        assertThat(bars.draw(140).getHeight()).isEqualTo(132);
    }

    private static BufferedImage over(BufferedImage image, Rgb ground) {
        BufferedImage flat = new BufferedImage(image.getWidth(), image.getHeight(), BufferedImage.TYPE_INT_ARGB);
        Graphics2D graphics = flat.createGraphics();
        graphics.setColor(new Color(ground.red(), ground.green(), ground.blue()));
        graphics.fillRect(0, 0, image.getWidth(), image.getHeight());
        graphics.drawImage(image, 0, 0, null);
        graphics.dispose();
        return flat;
    }

    private static Pixels pixels(BufferedImage image) {
        int width = image.getWidth();
        return Pixels.wrap(width, image.getHeight(), image.getRGB(0, 0, width, image.getHeight(), null, 0, width));
    }

    private static int pieces(LogoDrawing logo, Area area, Rgb color) {
        return Mask.of(new LogoDrawing(logo.width(), logo.height(), List.of(new PaintedShape(area, color, 1))), true)
                .pieces();
    }
}
