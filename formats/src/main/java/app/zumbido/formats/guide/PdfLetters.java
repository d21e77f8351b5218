package app.zumbido.formats.guide;

import app.zumbido.core.type.Embedding;
import app.zumbido.formats.fonts.FontFace;
import java.io.IOException;
import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/** The faces of a document, each embedded once with the letters that are used. */
final class PdfLetters {
    /** Positions closer to each other are the same; thousandths of an em. */
    private static final double SAME = 0.5;

    private final PDDocument document;
    private final Map<FontFace, Optional<PDType0Font>> fonts = new IdentityHashMap<>();

    PdfLetters(PDDocument document) {
        this.document = document;
    }

    /** @return nothing of a face that must not be embedded, or whose outlines cannot be: its letters are drawn */
    Optional<PDType0Font> of(FontFace face) throws IOException {
        Optional<PDType0Font> known = fonts.get(face);
        if (known == null) {
            known = face.embedding() == Embedding.NONE || !face.isTrueType()
                    ? Optional.empty()
                    : Optional.of(embedded(face));
            fonts.put(face, known);
        }
        return known;
    }

    /** Letters are placed one by one, so nothing is to be put in their stead; looking for it would take most of the time. */
    private PDType0Font embedded(FontFace face) throws IOException {
        TrueTypeFont font = new TTFParser(true).parse(new RandomAccessReadBuffer(face.standalone()));
        font.setEnableGsub(false);
        return PDType0Font.load(document, font, true);
    }

    /** @return letters and the way back between them, as TJ takes it (ISO 32000-1, 9.4.3) */
    static Object[] positioned(GlyphRun run) {
        List<Object> shown = new ArrayList<>();
        double pen = 0;
        double em = 1000.0 / run.face().unitsPerEm();
        for (int i = 0; i < run.glyphs().size(); i++) {
            double back = pen - run.offsets().get(i);
            if (Math.abs(back) > SAME) {
                shown.add((float) back);
                pen -= back;
            }
            shown.add(run.letters().get(i));
            // Widths stand in the document as whole thousandths.
            pen += Math.round(run.face().advanceOfGlyph(run.glyphs().get(i)) * em);
        }
        return shown.toArray();
    }
}
