package app.zumbido.server.delivery;

import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.UUID;

/**
 * A file in what was handed over.
 *
 * @param path in the parcel
 * @param kind of delivery that it came of
 * @param theme id of the theme that it was made in
 * @param sha256 in hexadecimal digits
 */
record HandedFile(String path, String kind, UUID theme, String sha256) {
    static HandedFile of(String path, String kind, UUID theme, byte[] content) {
        return new HandedFile(path, kind, theme, sum(content));
    }

    /** @return SHA-256 in hexadecimal digits */
    static String sum(byte[] content) {
        try {
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(content));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("Every Java has SHA-256", e);
        }
    }
}
