package app.zumbido.formats.image;

import app.zumbido.formats.image.UnreadableImageException.Reason;
import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Set;
import java.util.zip.CRC32;

/**
 * Walks the chunks of a PNG before anything is decoded: a decoder may fill what is missing with black and say nothing.
 * Source: W3C Portable Network Graphics (PNG) Specification, Third Edition, 5.2 to 5.5 and 11.2.1.
 */
final class PngChunks {
    private static final byte[] SIGNATURE = {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1A, '\n'};
    /** Length, type and checksum of a chunk; bytes. */
    private static final int FRAME = 12;

    private static final Set<String> OF_THE_PICTURE = Set.of("IHDR", "PLTE", "tRNS", "IDAT", "IEND");
    private static final Set<String> OF_THE_CAMERA = Set.of("IHDR", "eXIf", "IEND");

    private PngChunks() {}

    static boolean isPng(byte[] file) {
        return file.length >= SIGNATURE.length
                && Arrays.equals(file, 0, SIGNATURE.length, SIGNATURE, 0, SIGNATURE.length);
    }

    /** Width and height as the header says; pixels. */
    record Size(int width, int height) {
        long count() {
            return (long) width * height;
        }
    }

    /**
     * @return what the header says
     * @throws UnreadableImageException if a chunk is damaged or the end is missing
     */
    static Size check(byte[] file) {
        ByteBuffer buffer = ByteBuffer.wrap(file).position(SIGNATURE.length);
        Size size = null;
        while (buffer.remaining() >= FRAME) {
            int length = buffer.getInt();
            if (length < 0 || length > buffer.remaining() - 8) {
                throw broken("it is cut off");
            }
            int start = buffer.position();
            String type = new String(file, start, 4, StandardCharsets.ISO_8859_1);
            requireChecksum(file, start, length);
            if (size == null) {
                size = header(type, buffer, length);
            }
            if (type.equals("IEND")) {
                return size;
            }
            buffer.position(start + 4 + length + 4);
        }
        throw broken("it is cut off");
    }

    /**
     * @param file that has been checked
     * @return what the picture is made of: a decoder unpacks words beside it as well, whose few bytes may become gigabytes
     */
    static byte[] pictureAlone(byte[] file) {
        return only(file, OF_THE_PICTURE);
    }

    /** @param file that has been checked @return a file that says only how the camera was held */
    static byte[] heldAlone(byte[] file) {
        return only(file, OF_THE_CAMERA);
    }

    private static byte[] only(byte[] file, Set<String> types) {
        ByteBuffer buffer = ByteBuffer.wrap(file).position(SIGNATURE.length);
        ByteArrayOutputStream alone = new ByteArrayOutputStream();
        alone.writeBytes(SIGNATURE);
        String type = "";
        while (!type.equals("IEND")) {
            int start = buffer.position();
            int length = buffer.getInt();
            type = new String(file, start + 4, 4, StandardCharsets.ISO_8859_1);
            if (types.contains(type)) {
                alone.write(file, start, FRAME + length);
            }
            buffer.position(start + FRAME + length);
        }
        return alone.toByteArray();
    }

    private static Size header(String type, ByteBuffer buffer, int length) {
        int start = buffer.position();
        if (!type.equals("IHDR") || length != 13) {
            throw broken("its header is missing");
        }
        Size size = new Size(buffer.getInt(start + 4), buffer.getInt(start + 8));
        if (size.width() <= 0 || size.height() <= 0) {
            throw broken("its header gives no size");
        }
        return size;
    }

    private static void requireChecksum(byte[] file, int start, int length) {
        CRC32 crc = new CRC32();
        crc.update(file, start, 4 + length);
        int stored = ByteBuffer.wrap(file).getInt(start + 4 + length);
        if ((int) crc.getValue() != stored) {
            throw broken("a part of it is damaged");
        }
    }

    private static UnreadableImageException broken(String why) {
        return new UnreadableImageException(Reason.BROKEN, "The PNG cannot be read: " + why);
    }
}
