package app.zumbido.server.http;

import java.text.Normalizer;
import java.util.Locale;

/** What a file is called after. */
public final class FileStem {
    private static final int LONGEST = 60;

    private FileStem() {}

    /** @return lower-case letters, digits and hyphens, which every file system takes; never empty */
    public static String of(String name) {
        String plain = Normalizer.normalize(name, Normalizer.Form.NFD)
                .replaceAll("\\p{M}+", "")
                .toLowerCase(Locale.ROOT)
                .replaceAll("[^\\p{L}\\p{N}]+", "-")
                .replaceAll("^-|-$", "");
        String stem = plain.codePointCount(0, plain.length()) > LONGEST
                ? plain.substring(0, plain.offsetByCodePoints(0, LONGEST))
                : plain;
        return stem.isEmpty() ? "brand" : stem;
    }
}
