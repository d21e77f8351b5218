package app.zumbido.formats.image;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.fail;

import app.zumbido.core.image.Pixels;
import app.zumbido.formats.svg.SvgFile;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Random;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Assertions;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Small good files, damaged by chance from a fixed seed: each is a picture still or says what is wrong, and soon. */
class DamagedFilesTest {
    private static final int VARIANTS = 120;
    /** Long enough for a slow machine; an endless loop is longer. */
    private static final Duration SOON = Duration.ofSeconds(60);

    private static byte[] good(String kind) throws IOException {
        if (kind.equals("svg")) {
            return ("<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 40 30'><defs><linearGradient id='g'>"
                            + "<stop stop-color='#0B2A4A'/><stop offset='1' stop-color='#0F7C7A'/></linearGradient>"
                            + "</defs><rect width='40' height='30' fill='url(#g)'/>"
                            + "<path d='M3 3 C 9 1 20 20 30 9 Z' stroke='#F2682A' style='fill:none'/></svg>")
                    .getBytes(StandardCharsets.UTF_8);
        }
        BufferedImage image = new BufferedImage(40, 30, BufferedImage.TYPE_INT_RGB);
        Graphics2D graphics = image.createGraphics();
        graphics.setColor(new Color(0x0F7C7A));
        graphics.fillOval(5, 5, 20, 20);
        graphics.dispose();
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        assertThat(ImageIO.write(image, kind, bytes)).isTrue();
        return bytes.toByteArray();
    }

    private static Pixels decode(String kind, byte[] file) {
        return kind.equals("svg") && SvgFile.isSvg(file) ? SvgFile.read(file).draw() : BitmapFile.decode(file);
    }

    @ParameterizedTest
    @ValueSource(strings = {"png", "jpeg", "gif", "bmp", "svg"})
    void isAPictureOrSaysWhatIsWrong(String kind) throws IOException {
        byte[] good = good(kind);
        assertThat(decode(kind, good).count()).isPositive();
        Random random = new Random(kind.hashCode());
        for (int i = 0; i < VARIANTS; i++) {
            byte[] file = DamagedFile.of(good, random);
            int variant = i;
            Assertions.assertTimeoutPreemptively(SOON, () -> {
                try {
                    assertThat(decode(kind, file).count()).isPositive();
                } catch (UnreadableImageException e) {
                    assertThat(e.getMessage()).isNotBlank();
                } catch (RuntimeException | Error e) {
                    fail(kind + " variant " + variant, e);
                }
            });
        }
    }
}
