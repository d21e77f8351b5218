package app.zumbido.formats.pdf;

import app.zumbido.core.type.FontFamily;
import app.zumbido.core.type.NamedFonts.SetText;
import app.zumbido.formats.fonts.KnownFamilies;
import java.io.IOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;

/** What the text of a document is set in, of the fonts that it brings along; what every reader has of itself is nobody's choice. */
final class PdfFonts extends PDFTextStripper {
    /** How names of subsets begin. Source: ISO 32000-1, 9.6.4. */
    private static final String SUBSET = "^[A-Z]{6}\\+";

    private static final String STYLE =
            "(?i)[-, ]*(thin|hairline|extra ?light|ultra ?light|light|book|regular|roman|normal|medium|semi ?bold|demi ?bold|demi"
                    + "|extra ?bold|ultra ?bold|bold|black|heavy|italic|oblique|ita|it|mt|ps|psmt|variable)$";

    private final Map<String, Map<Long, Integer>> letters = new LinkedHashMap<>();

    private PdfFonts() {}

    static List<SetText> of(PDDocument document) throws IOException {
        PdfFonts fonts = new PdfFonts();
        fonts.getText(document);
        List<SetText> set = new ArrayList<>();
        fonts.letters.forEach(
                (family, bySize) -> bySize.forEach((size, count) -> set.add(new SetText(family, size, count))));
        return set;
    }

    @Override
    protected void processTextPosition(TextPosition text) {
        super.processTextPosition(text);
        PDFont font = text.getFont();
        if (font == null || !font.isEmbedded() || font.getName() == null) {
            return;
        }
        String family = family(font.getName());
        if (!family.isEmpty() && family.length() <= FontFamily.LONGEST_NAME) {
            letters.computeIfAbsent(family, name -> new LinkedHashMap<>())
                    .merge(Math.round((double) text.getFontSizeInPt()), 1, Integer::sum);
        }
    }

    /** @param name as in 'ABCDEF+SourceSans3-SemiBold' @return as in 'Source Sans 3' */
    static String family(String name) {
        String plain = name.replaceFirst(SUBSET, "");
        int hyphen = plain.indexOf('-');
        String bare = hyphen > 0 ? plain.substring(0, hyphen) : plain;
        // One word after the other, since a word of style may be a part of a known name.
        for (String before = ""; !before.equals(bare); ) {
            Optional<String> known = KnownFamilies.spelled(bare);
            if (known.isPresent()) {
                return known.get();
            }
            before = bare;
            bare = bare.replaceFirst(STYLE, "");
        }
        return bare.replaceAll("(?<=[a-z])(?=[A-Z0-9])", " ")
                .replaceAll("[_ ]+", " ")
                .strip();
    }
}
