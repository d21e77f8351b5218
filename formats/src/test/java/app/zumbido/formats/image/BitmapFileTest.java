package app.zumbido.formats.image;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.zumbido.core.image.Pixels;
import app.zumbido.formats.image.UnreadableImageException.Reason;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Objects;
import java.util.zip.CRC32;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class BitmapFileTest {
    private static byte[] png(int type) {
        BufferedImage image = new BufferedImage(3, 2, type);
        image.setRGB(0, 0, 0xFF0B2A4A);
        image.setRGB(1, 0, 0xFFFFFFFF);
        image.setRGB(2, 1, 0xFF000000);
        return PngImage.encode(image);
    }

    private static void assertUnreadable(byte[] file, Reason reason) {
        assertThatThrownBy(() -> BitmapFile.decode(file))
                .isInstanceOfSatisfying(
                        UnreadableImageException.class,
                        e -> assertThat(e.reason()).isEqualTo(reason));
    }

    @ParameterizedTest
    @ValueSource(ints = {BufferedImage.TYPE_4BYTE_ABGR, BufferedImage.TYPE_3BYTE_BGR, BufferedImage.TYPE_INT_ARGB})
    void readsExactValues(int type) {
        Pixels pixels = BitmapFile.decode(png(type));
        assertThat(pixels.width()).isEqualTo(3);
        assertThat(pixels.height()).isEqualTo(2);
        assertThat(pixels.at(0, 0)).isEqualTo(0xFF0B2A4A);
        assertThat(pixels.at(1, 0)).isEqualTo(0xFFFFFFFF);
        assertThat(pixels.at(2, 1)).isEqualTo(0xFF000000);
    }

    @Test
    void readsPaletteAndGreyPictures() {
        assertThat(BitmapFile.decode(png(BufferedImage.TYPE_BYTE_INDEXED)).at(1, 0))
                .isEqualTo(0xFFFFFFFF);
        assertThat(BitmapFile.decode(png(BufferedImage.TYPE_BYTE_BINARY)).at(2, 1))
                .isEqualTo(0xFF000000);
    }

    @Test
    void keepsTransparencyOfPng() {
        assertThat(BitmapFile.decode(png(BufferedImage.TYPE_4BYTE_ABGR)).at(0, 1))
                .isZero();
    }

    @Test
    void refusesWhatIsNoPicture() {
        assertUnreadable("Dear all".getBytes(StandardCharsets.UTF_8), Reason.UNKNOWN_KIND);
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
            assertThatThrownBy(() -> BitmapFile.decode(damaged)).isInstanceOf(UnreadableImageException.class);
        }
    }

    @Test
    void refusesTooManyPixelsBeforeDecoding() {
        // A header that claims 60000 x 60000, with the right checksum, and nothing behind it.
        byte[] file = png(BufferedImage.TYPE_3BYTE_BGR);
        ByteBuffer buffer = ByteBuffer.wrap(file);
        buffer.putInt(16, 60_000).putInt(20, 60_000);
        CRC32 crc = new CRC32();
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

    private static byte[] blocks(String format) throws IOException {
        BufferedImage image = new BufferedImage(32, 16, BufferedImage.TYPE_3BYTE_BGR);
        for (int x = 0; x < 32; x++) {
            for (int y = 0; y < 16; y++) {
                image.setRGB(x, y, x < 16 ? 0xFF0B2A4A : 0xFFFFFFFF);
            }
        }
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        assertThat(ImageIO.write(image, format, bytes)).isTrue();
        return bytes.toByteArray();
    }

    @ParameterizedTest
    @CsvSource({"gif, GIF", "bmp, BMP", "png, PNG"})
    void readsTheOtherLosslessKindsExactly(String format, PictureKind kind) throws IOException {
        byte[] file = blocks(format);
        assertThat(BitmapFile.inspect(file)).isEqualTo(new BitmapFile.Facts(kind, 32, 16));
        Pixels pixels = BitmapFile.decode(file);
        assertThat(pixels.at(3, 8)).isEqualTo(0xFF0B2A4A);
        assertThat(pixels.at(28, 8)).isEqualTo(0xFFFFFFFF);
    }

    private static void assertNear(int actual, int expected) {
        for (int shift = 0; shift < 24; shift += 8) {
            assertThat(Math.abs((actual >> shift & 0xFF) - (expected >> shift & 0xFF)))
                    .isLessThanOrEqualTo(3);
        }
    }

    @Test
    void readsJpeg() throws IOException {
        Pixels pixels = BitmapFile.decode(blocks("jpg"));
        assertNear(pixels.at(3, 8), 0x0B2A4A);
        assertNear(pixels.at(28, 8), 0xFFFFFF);
    }

    /** The file was made with cwebp -lossless of Debian's package webp from the blocks above. */
    @Test
    void readsWebp() throws IOException {
        byte[] file;
        try (InputStream in = Objects.requireNonNull(getClass().getResourceAsStream("blocks.webp"))) {
            file = in.readAllBytes();
        }
        assertThat(BitmapFile.inspect(file)).isEqualTo(new BitmapFile.Facts(PictureKind.WEBP, 32, 16));
        assertThat(BitmapFile.decode(file).at(3, 8)).isEqualTo(0xFF0B2A4A);
        assertUnreadable(Arrays.copyOf(file, file.length / 2), Reason.BROKEN);
    }

    /** An EXIF segment with nothing but the orientation: EXIF 2.32, 4.5 and 4.6.4. */
    private static byte[] turned(byte[] jpeg, int orientation) {
        byte[] exif = {
            (byte) 0xFF,
            (byte) 0xE1,
            0,
            34,
            'E',
            'x',
            'i',
            'f',
            0,
            0,
            'M',
            'M',
            0,
            42,
            0,
            0,
            0,
            8,
            0,
            1,
            0x01,
            0x12,
            0,
            3,
            0,
            0,
            0,
            1,
            0,
            (byte) orientation,
            0,
            0,
            0,
            0,
            0,
            0
        };
        ByteBuffer buffer = ByteBuffer.allocate(jpeg.length + exif.length);
        return buffer.put(jpeg, 0, 2).put(exif).put(jpeg, 2, jpeg.length - 2).array();
    }

    @ParameterizedTest
    @CsvSource({
        "1, 32, 16, 3, 8", "2, 32, 16, 28, 8", "3, 32, 16, 28, 8", "4, 32, 16, 3, 8",
        "5, 16, 32, 8, 3", "6, 16, 32, 8, 3", "7, 16, 32, 8, 28", "8, 16, 32, 8, 28"
    })
    void turnsAPictureUpright(int orientation, int width, int height, int navyX, int navyY) throws IOException {
        byte[] file = turned(blocks("jpg"), orientation);
        assertThat(BitmapFile.inspect(file)).isEqualTo(new BitmapFile.Facts(PictureKind.JPEG, width, height));
        Pixels pixels = BitmapFile.decode(file);
        assertThat(pixels.width()).isEqualTo(width);
        assertNear(pixels.at(navyX, navyY), 0x0B2A4A);
        assertNear(pixels.at(width - 1 - navyX, height - 1 - navyY), 0xFFFFFF);
    }

    @ParameterizedTest
    @ValueSource(strings = {"jpg", "gif", "bmp"})
    void refusesTheOtherKindsWhenTheyAreCutOff(String format) throws IOException {
        byte[] file = blocks(format);
        assertUnreadable(Arrays.copyOf(file, file.length * 2 / 3), Reason.BROKEN);
    }

    @Test
    void refusesAProfileThatNoPressNeeds() throws IOException {
        byte[] jpeg = blocks("jpg");
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        bytes.write(jpeg, 0, 2);
        byte[] segment = new byte[2 + 65_000];
        byte[] head = "\u00FF\u00E2\u00FD\u00E8ICC_PROFILE\0".getBytes(StandardCharsets.ISO_8859_1);
        System.arraycopy(head, 0, segment, 0, head.length);
        for (int i = 0; i < 70; i++) {
            bytes.write(segment);
        }
        bytes.write(jpeg, 2, jpeg.length - 2);
        assertUnreadable(bytes.toByteArray(), Reason.TOO_LARGE);
    }

    @Test
    void refusesAProfileOfPngAndWebpByItsLengthAlone() {
        byte[] png = png(BufferedImage.TYPE_3BYTE_BGR);
        ByteBuffer chunk = ByteBuffer.allocate(png.length + (5 << 20) + 12);
        chunk.put(png, 0, 33).putInt(5 << 20).put("iCCP".getBytes(StandardCharsets.US_ASCII));
        chunk.position(chunk.position() + (5 << 20) + 4);
        chunk.put(png, 33, png.length - 33);
        assertUnreadable(chunk.array(), Reason.TOO_LARGE);

        ByteBuffer webp = ByteBuffer.allocate(20 + (5 << 20)).order(ByteOrder.LITTLE_ENDIAN);
        webp.put("RIFF".getBytes(StandardCharsets.US_ASCII)).putInt(12 + (5 << 20));
        webp.put("WEBPICCP".getBytes(StandardCharsets.US_ASCII)).putInt(5 << 20);
        assertUnreadable(webp.array(), Reason.TOO_LARGE);
    }
}
