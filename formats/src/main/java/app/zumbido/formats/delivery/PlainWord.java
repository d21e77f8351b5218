package app.zumbido.formats.delivery;

import java.text.Normalizer;
import java.util.Locale;

/** A name made of lower-case letters from a to z, digits and hyphens: for properties, classes and files inside of folders. */
public final class PlainWord {
    private PlainWord() {}

    /** @param otherwise what stands where no letter or digit is left */
    public static String of(String text, String otherwise) {
        String plain = Normalizer.normalize(text, Normalizer.Form.NFD).toLowerCase(Locale.ROOT);
        StringBuilder ident = new StringBuilder();
        plain.chars().forEach(c -> {
            boolean letterOrDigit = c >= 'a' && c <= 'z' || c >= '0' && c <= '9';
            boolean mark = Character.getType(c) == Character.NON_SPACING_MARK;
            if (letterOrDigit) {
                ident.append((char) c);
            } else if (!mark && !ident.isEmpty() && ident.charAt(ident.length() - 1) != '-') {
                ident.append('-');
            }
        });
        while (!ident.isEmpty() && ident.charAt(ident.length() - 1) == '-') {
            ident.setLength(ident.length() - 1);
        }
        return ident.isEmpty() ? otherwise : ident.toString();
    }
}
