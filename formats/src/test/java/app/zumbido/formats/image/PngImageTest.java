package app.zumbido.formats.image;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.zumbido.core.image.Pixels;
import app.zumbido.formats.image.UnreadableImageException.Reason;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.BitSet;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PngImageTest {
    private static byte[] png(int type) {
        BufferedImage image = new BufferedImage(3, 2, type);
        image.setRGB(0, 0, 0xFF0B2A4A);
        image.setRGB(1, 0, 0xFFFFFFFF);
        image.setRGB(2, 1, 0xFF000000);
        return PngImage.encode(image);
    }

    private static void assertUnreadable(byte[] file, Reason reason) {
        assertThatThrownBy(() -> PngImage.decode(file))
                .isInstanceOfSatisfying(
                        UnreadableImageException.class,
                        e -> assertThat(e.reason()).isEqualTo(reason));
    }

    @ParameterizedTest
    @ValueSource(ints = {BufferedImage.TYPE_4BYTE_ABGR, BufferedImage.TYPE_3BYTE_BGR, BufferedImage.TYPE_INT_ARGB})
    void readsExactValues(int type) {
        Pixels pixels = PngImage.decode(png(type));
        assertThat(pixels.width()).isEqualTo(3);
        assertThat(pixels.height()).isEqualTo(2);
        assertThat(pixels.at(0, 0)).isEqualTo(0xFF0B2A4A);
        assertThat(pixels.at(1, 0)).isEqualTo(0xFFFFFFFF);
        assertThat(pixels.at(2, 1)).isEqualTo(0xFF000000);
    }

    @Test
    void readsPaletteAndGreyPictures() {
        assertThat(PngImage.decode(png(BufferedImage.TYPE_BYTE_INDEXED)).at(1, 0))
                .isEqualTo(0xFFFFFFFF);
        assertThat(PngImage.decode(png(BufferedImage.TYPE_BYTE_BINARY)).at(2, 1))
                .isEqualTo(0xFF000000);
    }

    @Test
    void keepsTransparency() {
        assertThat(PngImage.decode(png(BufferedImage.TYPE_4BYTE_ABGR)).at(0, 1)).isZero();
    }

    @Test
    void refusesWhatIsNoPng() {
        assertUnreadable("<svg/>".getBytes(StandardCharsets.UTF_8), Reason.UNKNOWN_KIND);
        assertUnreadable(new byte[0], Reason.UNKNOWN_KIND);
    }

    @Test
    void refusesAPictureThatIsCutOffAnywhere() {
        byte[] whole = png(BufferedImage.TYPE_4BYTE_ABGR);
        for (int length = 8; length < whole.length; length++) {
            assertUnreadable(Arrays.copyOf(whole, length), Reason.BROKEN);
        }
    }

    @Test
    void refusesADamagedByteAnywhere() {
        byte[] whole = png(BufferedImage.TYPE_4BYTE_ABGR);
        for (int at = 8; at < whole.length; at++) {
            byte[] damaged = whole.clone();
            damaged[at] ^= 0x20;
            assertThatThrownBy(() -> PngImage.decode(damaged)).isInstanceOf(UnreadableImageException.class);
        }
    }

    @Test
    void refusesTooManyPixelsBeforeDecoding() {
        // A header that claims 60000 x 60000, with the right checksum, and nothing behind it.
        byte[] file = png(BufferedImage.TYPE_3BYTE_BGR);
        java.nio.ByteBuffer buffer = java.nio.ByteBuffer.wrap(file);
        buffer.putInt(16, 60_000).putInt(20, 60_000);
        var crc = new java.util.zip.CRC32();
        crc.update(file, 12, 17);
        buffer.putInt(29, (int) crc.getValue());
        assertUnreadable(file, Reason.TOO_LARGE);
    }

    @Test
    void writesAMaskAsAPicture() throws IOException {
        BitSet mask = new BitSet();
        mask.set(1);
        BufferedImage read = ImageIO.read(new ByteArrayInputStream(PngImage.ofMask(mask, 2, 2)));
        assertThat(read.getRGB(1, 0)).isEqualTo(0xFF000000);
        assertThat(read.getRGB(0, 0)).isZero();
    }
}
