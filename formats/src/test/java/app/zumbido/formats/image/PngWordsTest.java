package app.zumbido.formats.image;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.image.Pixels;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.lang.management.ManagementFactory;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.zip.CRC32;
import java.util.zip.DeflaterOutputStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Words beside a picture may unpack to gigabytes, and are none of our business. */
class PngWordsTest {
    /** Signature and IHDR; bytes. */
    private static final int BEFORE = 8 + 25;

    private static final int UNPACKED = 300 << 20;

    private static byte[] picture() throws IOException {
        BufferedImage image = new BufferedImage(20, 10, BufferedImage.TYPE_INT_RGB);
        image.setRGB(3, 3, 0x0F7C7A);
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(image, "png", bytes);
        return bytes.toByteArray();
    }

    /** Source of the chunks: W3C Portable Network Graphics (PNG) Specification, Third Edition, 11.3.3. */
    private static byte[] with(byte[] png, String chunk, String beforeWords) throws IOException {
        ByteArrayOutputStream content = new ByteArrayOutputStream();
        content.writeBytes(chunk.getBytes(StandardCharsets.ISO_8859_1));
        content.writeBytes(beforeWords.replace('0', '\0').replace('1', '\1').getBytes(StandardCharsets.ISO_8859_1));
        try (DeflaterOutputStream words = new DeflaterOutputStream(content)) {
            byte[] same = new byte[1 << 20];
            for (int i = 0; i < UNPACKED; i += same.length) {
                words.write(same);
            }
        }
        return withChunk(png, content.toByteArray());
    }

    /** @param whole name and content */
    private static byte[] withChunk(byte[] png, byte[] whole) {
        CRC32 crc = new CRC32();
        crc.update(whole);
        return ByteBuffer.allocate(png.length + whole.length + 8)
                .put(png, 0, BEFORE)
                .putInt(whole.length - 4)
                .put(whole)
                .putInt((int) crc.getValue())
                .put(png, BEFORE, png.length - BEFORE)
                .array();
    }

    /** Width and height as they are told are those of the picture. Source: the same, 11.3.4.5, and EXIF 2.32, 4.6.4. */
    @Test
    void thePictureStandsAsTheCameraWasHeld() throws IOException {
        byte[] exif = {
            'e', 'X', 'I', 'f', 'M', 'M', 0, 42, 0, 0, 0, 8, 0, 1, 1, 0x12, 0, 3, 0, 0, 0, 1, 0, 6, 0, 0, 0, 0, 0, 0
        };
        byte[] file = withChunk(picture(), exif);
        assertThat(BitmapFile.inspect(file)).isEqualTo(new BitmapFile.Facts(PictureKind.PNG, 10, 20));
        Pixels pixels = BitmapFile.decode(file);
        assertThat(pixels.width()).isEqualTo(10);
        assertThat(pixels.height()).isEqualTo(20);
    }

    @ParameterizedTest
    @CsvSource({"zTXt, k00", "iTXt, k010000"})
    void areNotUnpacked(String chunk, String beforeWords) throws IOException {
        byte[] file = with(picture(), chunk, beforeWords);
        var thread = (com.sun.management.ThreadMXBean) ManagementFactory.getThreadMXBean();
        long before = thread.getCurrentThreadAllocatedBytes();
        Pixels pixels = BitmapFile.decode(file);
        assertThat(thread.getCurrentThreadAllocatedBytes() - before).isLessThan(UNPACKED / 10);
        assertThat(pixels.at(3 * 20 + 3)).isEqualTo(0xFF0F7C7A);
    }
}
