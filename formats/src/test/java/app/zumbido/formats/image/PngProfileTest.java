package app.zumbido.formats.image;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.zumbido.core.color.LinearRgb;
import app.zumbido.core.image.Pixels;
import java.awt.color.ColorSpace;
import java.awt.color.ICC_Profile;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.zip.CRC32;
import java.util.zip.DeflaterOutputStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;

class PngProfileTest {
    /** Signature and IHDR; bytes. */
    private static final int BEFORE_PROFILE = 8 + 25;

    private static byte[] png(int rgb) throws IOException {
        BufferedImage image = new BufferedImage(20, 100, BufferedImage.TYPE_INT_RGB);
        for (int i = 0; i < 2000; i++) {
            image.setRGB(i % 20, i / 20, rgb);
        }
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(image, "png", bytes);
        return bytes.toByteArray();
    }

    private static byte[] with(byte[] png, byte[] profile) throws IOException {
        ByteArrayOutputStream chunk = new ByteArrayOutputStream();
        chunk.write("iCCPtest\0\0".getBytes(StandardCharsets.ISO_8859_1));
        try (DeflaterOutputStream deflated = new DeflaterOutputStream(chunk)) {
            deflated.write(profile);
        }
        byte[] content = chunk.toByteArray();
        CRC32 crc = new CRC32();
        crc.update(content);
        ByteBuffer file = ByteBuffer.allocate(png.length + content.length + 8);
        file.put(png, 0, BEFORE_PROFILE).putInt(content.length - 4).put(content).putInt((int) crc.getValue());
        return file.put(png, BEFORE_PROFILE, png.length - BEFORE_PROFILE).array();
    }

    private static byte[] profile(int space) {
        return ICC_Profile.getInstance(space).getData();
    }

    /** The profile of linear light ships with the JDK; what it means is IEC 61966-2-1, which core computes itself. */
    @Test
    void bringsColorsToSrgb() throws IOException {
        Pixels pixels = BitmapFile.decode(with(png(0x37_80_DC), profile(ColorSpace.CS_LINEAR_RGB)));
        int sample = pixels.at(7, 90);
        assertThat(sample >> 16 & 0xFF).isCloseTo(LinearRgb.toByte(0x37 / 255.0), within(2));
        assertThat(sample >> 8 & 0xFF).isCloseTo(LinearRgb.toByte(0x80 / 255.0), within(2));
        assertThat(sample & 0xFF).isCloseTo(LinearRgb.toByte(0xDC / 255.0), within(2));
        assertThat(sample >>> 24).isEqualTo(255);
    }

    @Test
    void leavesExactValuesWhereTheProfileIsSrgbOrNone() throws IOException {
        byte[] plain = png(0x0F7C7A);
        assertThat(BitmapFile.decode(plain).at(3, 3)).isEqualTo(0xFF0F7C7A);
        assertThat(BitmapFile.decode(with(plain, profile(ColorSpace.CS_sRGB))).at(3, 3))
                .isEqualTo(0xFF0F7C7A);
    }

    @Test
    void readsAPictureWhoseProfileIsNone() throws IOException {
        byte[] nonsense = "no profile at all".getBytes(StandardCharsets.US_ASCII);
        assertThat(BitmapFile.decode(with(png(0x0F7C7A), nonsense)).at(3, 3)).isEqualTo(0xFF0F7C7A);
    }
}
