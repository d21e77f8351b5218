package app.zumbido.formats.swatches;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.GroundChange;
import app.zumbido.core.color.Fraction;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.contrast.ComposedGround;
import app.zumbido.core.palette.Paint;
import app.zumbido.formats.BrandExample;
import app.zumbido.formats.delivery.Assets;
import app.zumbido.formats.delivery.Order;
import app.zumbido.formats.delivery.PagePictures;
import app.zumbido.formats.delivery.PictureSize;
import app.zumbido.formats.svg.SvgFile;
import com.helger.css.reader.CSSReader;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BackgroundsTest {
    private static final PictureSize SMALL = new PictureSize(320, 180);

    private static Brand keeping(boolean radial, int angle, Optional<ComposedGround.Laid> laid) {
        ComposedGround ground = new ComposedGround(
                new UUID(4, 1),
                "Evening & <Sea>",
                new ComposedGround.Base.OfGradient(
                        List.of(new Paint.Fixed(Rgb.ofHex("0B2A4A")), new Paint.Fixed(Rgb.ofHex("F2682A"))),
                        radial,
                        angle),
                laid,
                new Paint.Fixed(Rgb.WHITE));
        return BrandExample.ferries().apply(new GroundChange.KeepGround(ground));
    }

    private static Map<String, byte[]> files(Brand brand) {
        return new Backgrounds().files(new Order(brand.look(), Assets.NONE, SMALL, PagePictures.USUAL));
    }

    private static BufferedImage picture(Map<String, byte[]> files, String name) throws Exception {
        return ImageIO.read(new ByteArrayInputStream(files.get(name)));
    }

    /** Source of where a gradient ends at an angle: W3C CSS Images Level 3, 3.1. */
    @ParameterizedTest
    @CsvSource({"0, 160, 179, 160, 0", "90, 0, 90, 319, 90", "180, 160, 0, 160, 179", "270, 319, 90, 0, 90"})
    void runsFromTheFirstStopToTheLastInTheSizeAskedFor(int angle, int fromX, int fromY, int toX, int toY)
            throws Exception {
        BufferedImage image = picture(files(keeping(false, angle, Optional.empty())), "evening-sea.png");
        assertThat(image.getWidth()).isEqualTo(320);
        assertThat(image.getHeight()).isEqualTo(180);
        close(image.getRGB(fromX, fromY), Rgb.ofHex("0B2A4A"));
        close(image.getRGB(toX, toY), Rgb.ofHex("F2682A"));
    }

    private static void close(int rgb, Rgb wanted) {
        assertThat(rgb >> 16 & 0xFF).isCloseTo(wanted.red(), within(2));
        assertThat(rgb >> 8 & 0xFF).isCloseTo(wanted.green(), within(2));
        assertThat(rgb & 0xFF).isCloseTo(wanted.blue(), within(2));
    }

    /** The drawing through a renderer of others. */
    @ParameterizedTest
    @CsvSource({"false, 30", "false, 90", "false, 200", "true, 0"})
    void drawingAndPictureShowTheSame(boolean radial, int angle) throws Exception {
        Map<String, byte[]> files = files(keeping(
                radial, angle, Optional.of(new ComposedGround.Laid(new Paint.Fixed(Rgb.WHITE), Fraction.of(0.3)))));
        BufferedImage painted = picture(files, "evening-sea.png");
        var drawn = SvgFile.read(files.get("evening-sea.svg")).draw();
        for (int[] at : new int[][] {{10, 10}, {160, 90}, {300, 20}, {40, 170}, {310, 175}}) {
            double times = (double) drawn.width() / painted.getWidth();
            int other = drawn.at((int) ((at[0] + 0.5) * times), (int) ((at[1] + 0.5) * times));
            close(painted.getRGB(at[0], at[1]), Rgb.ofPacked(other));
        }
    }

    @Test
    void tellsOpacityBothWaysAndGivesARuleThatParses() {
        Map<String, byte[]> files = files(
                keeping(false, 45, Optional.of(new ComposedGround.Laid(new Paint.Fixed(Rgb.WHITE), Fraction.of(0.7)))));
        assertThat(new String(files.get("backgrounds.txt"), StandardCharsets.UTF_8))
                .contains("opacity 70 %", "transparency 30 %", "320 by 180 pixels");
        String css = new String(files.get("backgrounds.css"), StandardCharsets.UTF_8);
        assertThat(css).contains("linear-gradient(45deg, #0B2A4A, #F2682A)", "rgb(255 255 255 / 70%)");
        assertThat(CSSReader.readFromString(css).getStyleRuleCount()).isEqualTo(1);
    }

    @Test
    void givesTheUsualOnesWhereNoneWasKept() {
        assertThat(files(BrandExample.ferries()))
                .containsKeys("title-band.png", "white-over-dark.svg", "dark-over-light.png", "backgrounds.css");
    }
}
