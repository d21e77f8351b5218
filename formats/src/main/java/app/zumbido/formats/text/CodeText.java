package app.zumbido.formats.text;

import app.zumbido.core.color.CodeScanner;
import app.zumbido.core.color.FoundCode;
import app.zumbido.formats.press.CoatedPress;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Text that people paste or drop, read for the codes in it. A {@link CodeSheet} of ours gives its swatches and their names;
 * what its themes and rules make of them are no colours of their own.
 */
public final class CodeText {
    /** Other programs may have ended the lines in their own way. */
    private static final Pattern OURS = Pattern.compile("\\R\\R" + CodeSheet.PALETTE);

    private static final Pattern SHORT_CODE =
            Pattern.compile("\\R" + CodeSheet.SHORT_CODE + "\\R {2}([A-Z0-9]{1,8})\\R");

    private CodeText() {}

    /** @return in the order of the text */
    public static List<FoundCode> read(String text) {
        boolean ours = OURS.matcher(text).find();
        List<FoundCode> codes = CodeScanner.scan(ours ? swatchesOf(text) : text, CoatedPress.instance());
        Matcher found = SHORT_CODE.matcher(text);
        return ours && found.find() ? withoutShortCode(codes, found.group(1) + " ") : codes;
    }

    /** Blanks are put in the place of everything else, so that every code stays where it is. */
    private static String swatchesOf(String text) {
        StringBuilder kept = new StringBuilder(text.length());
        boolean swatches = false;
        for (String line : text.split("\n", -1)) {
            boolean heading = !line.isBlank() && !line.startsWith(" ");
            swatches = heading ? line.startsWith(CodeSheet.PALETTE) : swatches;
            kept.append(kept.isEmpty() ? "" : "\n").append(swatches ? line : " ".repeat(line.length()));
        }
        return kept.toString();
    }

    private static List<FoundCode> withoutShortCode(List<FoundCode> codes, String shortCode) {
        return codes.stream()
                .map(code ->
                        code.name().filter(name -> name.startsWith(shortCode)).isPresent()
                                ? code.named(code.name().orElseThrow().substring(shortCode.length()))
                                : code)
                .toList();
    }
}
