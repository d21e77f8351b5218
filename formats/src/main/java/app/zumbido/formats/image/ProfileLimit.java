package app.zumbido.formats.image;

import app.zumbido.formats.image.UnreadableImageException.Reason;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;

/**
 * Caps the colour profile that a picture brings along: real ones have kilobytes, and a decoder reads whatever it finds.
 * Source: ICC.1:2022, annex B (PNG iCCP, JPEG APP2 'ICC_PROFILE'); WebP Container Specification, 'ICCP'.
 */
final class ProfileLimit {
    /** Large enough for any press profile; bytes. */
    static final long MOST_BYTES = 4L << 20;

    private static final byte[] JPEG_MARK = "ICC_PROFILE\0".getBytes(StandardCharsets.US_ASCII);

    private ProfileLimit() {}

    /** @throws UnreadableImageException if the profile is larger than the limit */
    static void check(PictureKind kind, byte[] file) {
        long size = switch (kind) {
            case PNG -> chunks(ByteBuffer.wrap(file), 8, "iCCP", 4);
            case WEBP -> chunks(ByteBuffer.wrap(file).order(ByteOrder.LITTLE_ENDIAN), 12, "ICCP", 0);
            case JPEG -> segments(file);
            case GIF, BMP -> 0;
        };
        if (size > MOST_BYTES) {
            throw new UnreadableImageException(
                    Reason.TOO_LARGE,
                    "The picture's colour profile has " + size + " bytes; " + MOST_BYTES + " are the most");
        }
    }

    /**
     * PNG gives a chunk's length before its name and a checksum after it, RIFF the length after its name.
     *
     * @param checksum bytes after the content; 0 means RIFF, whose contents are padded to even length
     */
    private static long chunks(ByteBuffer file, int first, String wanted, int checksum) {
        long sum = 0;
        long at = first;
        while (at + 8 <= file.limit()) {
            int lengthAt = (int) at + (checksum > 0 ? 0 : 4);
            int nameAt = (int) at + (checksum > 0 ? 4 : 0);
            long length = Integer.toUnsignedLong(file.getInt(lengthAt));
            String name = new String(file.array(), nameAt, 4, StandardCharsets.ISO_8859_1);
            sum += name.equals(wanted) ? length : 0;
            at += 8 + length + (checksum > 0 ? checksum : length % 2);
        }
        return sum;
    }

    private static long segments(byte[] file) {
        long sum = 0;
        int at = 2;
        while (at + 4 < file.length && file[at] == (byte) 0xFF && file[at + 1] != (byte) 0xDA) {
            int length = (file[at + 2] & 0xFF) << 8 | file[at + 3] & 0xFF;
            boolean profile = file[at + 1] == (byte) 0xE2 && startsWith(file, at + 4, JPEG_MARK);
            sum += profile ? length : 0;
            at += 2 + Math.max(2, length);
        }
        return sum;
    }

    private static boolean startsWith(byte[] file, int at, byte[] mark) {
        for (int i = 0; i < mark.length; i++) {
            if (at + i >= file.length || file[at + i] != mark[i]) {
                return false;
            }
        }
        return true;
    }
}
