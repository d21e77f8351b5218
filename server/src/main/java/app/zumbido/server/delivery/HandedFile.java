package app.zumbido.server.delivery;

import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;

/**
 * A file in what was handed over.
 *
 * @param path in the parcel
 * @param kind of delivery that it came of
 * @param sha256 in hexadecimal digits
 */
record HandedFile(String path, String kind, String sha256) {
    static HandedFile of(String path, String kind, byte[] content) {
        try {
            byte[] sum = MessageDigest.getInstance("SHA-256").digest(content);
            return new HandedFile(path, kind, HexFormat.of().formatHex(sum));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("Every Java has SHA-256", e);
        }
    }
}
