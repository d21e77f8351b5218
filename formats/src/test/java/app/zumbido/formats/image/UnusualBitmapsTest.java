package app.zumbido.formats.image;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.image.Pixels;
import java.awt.Transparency;
import java.awt.color.ColorSpace;
import java.awt.image.BufferedImage;
import java.awt.image.ColorModel;
import java.awt.image.ComponentColorModel;
import java.awt.image.DataBuffer;
import java.awt.image.Raster;
import java.awt.image.WritableRaster;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Arrays;
import java.util.Objects;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import org.junit.jupiter.api.Test;

/** Kinds of JPEG and PNG that print programs and cameras write, and drawing programs hardly ever. */
class UnusualBitmapsTest {
    private static void assertNear(int actual, int expected) {
        for (int shift = 0; shift < 24; shift += 8) {
            assertThat(Math.abs((actual >> shift & 0xFF) - (expected >> shift & 0xFF)))
                    .isLessThanOrEqualTo(3);
        }
    }

    private static byte[] jpeg(IIOImage image, boolean progressive) throws IOException {
        ImageWriter writer = null;
        for (var writers = ImageIO.getImageWritersByFormatName("jpeg"); writers.hasNext(); ) {
            ImageWriter candidate = writers.next();
            // The one of the JDK writes four bands as they are.
            writer = candidate.getClass().getName().startsWith("com.sun.") ? candidate : writer;
        }
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (var out = ImageIO.createImageOutputStream(bytes)) {
            ImageWriteParam param = Objects.requireNonNull(writer).getDefaultWriteParam();
            if (progressive) {
                param.setProgressiveMode(ImageWriteParam.MODE_DEFAULT);
            }
            writer.setOutput(out);
            writer.write(null, image, param);
        }
        return bytes.toByteArray();
    }

    @Test
    void readsProgressiveJpeg() throws IOException {
        BufferedImage image = new BufferedImage(32, 16, BufferedImage.TYPE_INT_RGB);
        for (int i = 0; i < 32 * 16; i++) {
            image.setRGB(i % 32, i / 32, i % 32 < 16 ? 0x0B2A4A : 0xFFFFFF);
        }
        byte[] file = jpeg(new IIOImage(image, null, null), true);
        assertThat(contains(file, 0xC2)).isTrue();
        Pixels pixels = BitmapFile.decode(file);
        assertNear(pixels.at(3, 8), 0x0B2A4A);
        assertNear(pixels.at(28, 8), 0xFFFFFF);
    }

    /** A few bytes each send the decoder over the whole picture again. */
    @Test
    void refusesAJpegThatGoesOverItselfWithoutEnd() throws IOException {
        byte[] file = jpeg(new IIOImage(new BufferedImage(32, 16, BufferedImage.TYPE_INT_RGB), null, null), true);
        int last = file.length - 2;
        while ((file[last] & 0xFF) != 0xFF || (file[last + 1] & 0xFF) != 0xDA) {
            last--;
        }
        ByteArrayOutputStream again = new ByteArrayOutputStream();
        again.write(file, 0, last);
        for (int i = 0; i < 200; i++) {
            again.write(file, last, file.length - 2 - last);
        }
        again.write(file, file.length - 2, 2);
        assertThatThrownBy(() -> BitmapFile.inspect(again.toByteArray()))
                .isInstanceOf(UnreadableImageException.class)
                .hasMessageContaining("not progressive");
    }

    /** @return whether a frame of that kind is in the file. Source: ITU-T T.81, table B.1 */
    private static boolean contains(byte[] jpeg, int marker) {
        for (int i = 0; i + 1 < jpeg.length; i++) {
            if ((jpeg[i] & 0xFF) == 0xFF && (jpeg[i + 1] & 0xFF) == marker) {
                return true;
            }
        }
        return false;
    }

    /**
     * Print programs store four inks turned round and say so. Source: Adobe Technical Note 5116, 18. Without a profile
     * nobody knows the exact colours, but no ink is paper and all black is black.
     */
    @Test
    void readsJpegInFourInks() throws IOException {
        WritableRaster inks = Raster.createInterleavedRaster(DataBuffer.TYPE_BYTE, 48, 16, 4, null);
        for (int i = 0; i < 48 * 16; i++) {
            int x = i % 48;
            inks.setPixel(
                    x,
                    i / 48,
                    x < 16
                            ? new int[] {255, 255, 255, 255}
                            : x < 32 ? new int[] {255, 255, 255, 0} : new int[] {0, 255, 255, 255});
        }
        Pixels pixels = BitmapFile.decode(saidByAdobe(jpeg(new IIOImage(inks, null, null), false)));
        assertNear(pixels.at(6, 8), 0xFFFFFF);
        Rgb black = Rgb.ofPacked(pixels.at(24, 8) & 0xFFFFFF);
        assertThat(Math.max(black.red(), Math.max(black.green(), black.blue()))).isLessThan(70);
        Rgb cyan = Rgb.ofPacked(pixels.at(42, 8) & 0xFFFFFF);
        assertThat(cyan.blue()).isGreaterThan(cyan.red() + 100);
    }

    /** @return the same with the marker of four inks that are not mixed further */
    private static byte[] saidByAdobe(byte[] jpeg) {
        byte[] marker = {(byte) 0xFF, (byte) 0xEE, 0, 14, 'A', 'd', 'o', 'b', 'e', 0, 100, 0, 0, 0, 0, 0};
        byte[] file = Arrays.copyOf(jpeg, jpeg.length + marker.length);
        System.arraycopy(marker, 0, file, 2, marker.length);
        System.arraycopy(jpeg, 2, file, 2 + marker.length, jpeg.length - 2);
        return file;
    }

    @Test
    void readsPngOfSixteenBits() throws IOException {
        WritableRaster raster = Raster.createInterleavedRaster(DataBuffer.TYPE_USHORT, 2, 1, 3, null);
        raster.setPixel(0, 0, new int[] {0x0B0B, 0x2A2A, 0x4A4A});
        raster.setPixel(1, 0, new int[] {0xFFFF, 0xFFFF, 0xFFFF});
        ColorModel model = new ComponentColorModel(
                ColorSpace.getInstance(ColorSpace.CS_sRGB), false, false, Transparency.OPAQUE, DataBuffer.TYPE_USHORT);
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(model, raster, false, null), "png", bytes);
        // The bit depth stands in the header. Source: W3C PNG, 11.2.2
        assertThat(bytes.toByteArray()[24]).isEqualTo((byte) 16);
        Pixels pixels = BitmapFile.decode(bytes.toByteArray());
        assertThat(pixels.at(0, 0)).isEqualTo(0xFF0B2A4A);
        assertThat(pixels.at(1, 0)).isEqualTo(0xFFFFFFFF);
    }
}
