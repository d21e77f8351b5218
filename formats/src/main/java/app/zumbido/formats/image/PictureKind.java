package app.zumbido.formats.image;

import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** The kinds of bitmap that are read, told by their first bytes and never by a name. */
public enum PictureKind {
    PNG,
    JPEG,
    GIF,
    BMP,
    WEBP;

    /** @return nothing if it is none of these */
    public static Optional<PictureKind> of(byte[] file) {
        return Arrays.stream(values()).filter(kind -> kind.begins(file)).findFirst();
    }

    private boolean begins(byte[] file) {
        return switch (this) {
            case PNG -> PngChunks.isPng(file);
            case JPEG -> file.length > 3 && file[0] == (byte) 0xFF && file[1] == (byte) 0xD8 && file[2] == (byte) 0xFF;
            case GIF -> has(file, 0, "GIF87a") || has(file, 0, "GIF89a");
            case BMP -> has(file, 0, "BM") && file.length > 26;
            case WEBP -> has(file, 0, "RIFF") && has(file, 8, "WEBP");
        };
    }

    private static boolean has(byte[] file, int at, String text) {
        byte[] wanted = text.getBytes(StandardCharsets.US_ASCII);
        return file.length >= at + wanted.length
                && Arrays.equals(file, at, at + wanted.length, wanted, 0, wanted.length);
    }

    /** @return the name by which readers are found, and which the API gives */
    public String code() {
        return name().toLowerCase(Locale.ROOT);
    }
}
