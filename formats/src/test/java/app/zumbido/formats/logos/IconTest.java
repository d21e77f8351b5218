package app.zumbido.formats.logos;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.logos.IconShape;
import app.zumbido.core.logos.LogoPart;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

class IconTest {
    private static final Map<String, LogoDrawing> LOGOS = DrawnLogos.all();
    private static final List<Rgb> GROUNDS =
            List.of(Rgb.ofHex("0B2A4A"), Rgb.WHITE, Rgb.ofHex("0F7C7A"), Rgb.ofHex("F2682A"));

    static Stream<String> names() {
        return LOGOS.keySet().stream();
    }

    private static BufferedImage drawn(Icon icon, int side) throws IOException {
        return ImageIO.read(new ByteArrayInputStream(icon.png(side)));
    }

    /** Every size, measured on its pixels: something of the mark reads on the ground, also at 16. */
    @ParameterizedTest
    @MethodSource("names")
    void readsAtEverySizeAfterDrawing(String name) throws IOException {
        for (Rgb ground : GROUNDS) {
            Icon icon = Icon.of(LOGOS.get(name), ground, IconShape.ROUNDED);
            assertThat(LogoPart.read(icon.mark().parts(), ground))
                    .as(name + " on " + ground.hex())
                    .isTrue();
            for (int side : Icon.SIZES) {
                BufferedImage image = drawn(icon, side);
                assertThat(image.getWidth()).isEqualTo(side);
                assertThat(share(image, ground))
                        .as(name + " on " + ground.hex() + " at " + side)
                        .isGreaterThan(0.02);
            }
        }
    }

    /** @return how much of the picture stands out from the ground by 3:1 */
    private static double share(BufferedImage image, Rgb ground) {
        int seen = 0;
        for (int i = 0; i < image.getWidth() * image.getHeight(); i++) {
            int argb = image.getRGB(i % image.getWidth(), i / image.getWidth());
            if (argb >>> 24 == 255
                    && ContrastRatio.between(Rgb.ofPacked(argb & 0xFFFFFF), ground)
                            .reaches(3)) {
                seen++;
            }
        }
        return (double) seen / (image.getWidth() * image.getHeight());
    }

    @Test
    void leavesOutWhatWouldBeThinnerThanAPixel() {
        Icon icon = Icon.of(LOGOS.get("badge"), Rgb.ofHex("EAF3F2"), IconShape.SQUARE);
        // The points of its star are thinner than a pixel at 16, and are drawn at 512.
        assertThat(star(icon.at(16)) / 16).isLessThan(0.97 * star(icon.at(512)) / 512);
        // All of this mark is thin, so it is drawn a pixel thick instead of leaving it out.
        Icon thin = Icon.of(LOGOS.get("thin lines"), Rgb.WHITE, IconShape.SQUARE);
        assertThat(thin.at(16).parts()).anySatisfy(part -> {
            assertThat(part.color().hex()).isEqualTo("#0B2A4A");
            assertThat(part.share()).isGreaterThan(0.1);
        });
    }

    /** White letters on a white ground: they are drawn dark there, and are not left out. */
    @Test
    void showsAWhiteMarkOnAWhiteGround() throws IOException {
        LogoDrawing white = LOGOS.get("four blocks").recolored(color -> Rgb.WHITE);
        BufferedImage image = drawn(Icon.of(white, Rgb.WHITE, IconShape.SQUARE), 180);
        assertThat(image.getRGB(90, 90)).isEqualTo(0xFF000000);
    }

    /** How wide the star in the middle of the badge is: the smallest of its pieces. */
    private static double star(LogoDrawing badge) {
        return badge.visible().values().stream()
                .flatMap(part -> Islands.of(part).stream())
                .mapToDouble(island -> island.getBounds2D().getWidth())
                .min()
                .orElseThrow();
    }

    @ParameterizedTest
    @EnumSource
    void standsInTheMiddleOfItsShape(IconShape shape) throws IOException {
        BufferedImage image = drawn(Icon.of(LOGOS.get("four blocks"), Rgb.WHITE, shape), 180);
        assertThat(image.getRGB(90, 4)).isEqualTo(0xFFFFFFFF);
        assertThat(image.getRGB(0, 0) >>> 24).isEqualTo(shape == IconShape.SQUARE ? 255 : 0);
        assertThat(image.getRGB(80, 80)).isEqualTo(0xFF0B2A4A);
        assertThat(image.getRGB(100, 100)).isEqualTo(0xFF5B6670);
    }

    /** Read field by field as the format has them: a head of 6 bytes, 16 for each size, then the pictures. */
    @Test
    void putsThreeSizesIntoOneFile() throws IOException {
        byte[] file = IconFile.write(Icon.of(LOGOS.get("house"), Rgb.WHITE, IconShape.ROUND)::png);
        ByteBuffer head = ByteBuffer.wrap(file).order(ByteOrder.LITTLE_ENDIAN);
        assertThat(List.of((int) head.getShort(), (int) head.getShort(), (int) head.getShort()))
                .containsExactly(0, 1, 3);
        for (int side : new int[] {16, 32, 48}) {
            assertThat(head.get()).isEqualTo((byte) side);
            assertThat(head.get()).isEqualTo((byte) side);
            head.position(head.position() + 6);
            int length = head.getInt();
            int from = head.getInt();
            BufferedImage picture = ImageIO.read(new ByteArrayInputStream(file, from, length));
            assertThat(picture.getWidth()).isEqualTo(side);
        }
    }
}
