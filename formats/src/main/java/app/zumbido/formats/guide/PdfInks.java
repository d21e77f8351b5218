package app.zumbido.formats.guide;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.image.Pixels;
import java.io.IOException;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.graphics.color.PDColorSpace;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;

/** What a document is coloured with: light on screens, inks on the press. */
interface PdfInks {
    void fillWith(PDPageContentStream content, Rgb color) throws IOException;

    void strokeWith(PDPageContentStream content, Rgb color) throws IOException;

    PDColorSpace space();

    /** @return numbers of one colour */
    COSArray numbers(Rgb color);

    PDImageXObject picture(PDDocument document, Pixels pixels) throws IOException;
}
