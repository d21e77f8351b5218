package app.zumbido.e2e;

import java.awt.Color;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDType1Font;
import org.apache.pdfbox.pdmodel.font.Standard14Fonts.FontName;

/** An invented brand manual. */
final class Manuals {
    private Manuals() {}

    /** @return two colours on the first page, one on the second, each as a painted area with its name and code beneath */
    static byte[] twoPages() throws IOException {
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
            page(document, "Night channel", "#0B2A4A", "Harbour teal", "RGB 15 124 122");
            page(document, "Buoy orange", "F2682A");
            document.save(bytes);
            return bytes.toByteArray();
        }
    }

    /** @return a colour on each page */
    static byte[] ofPages(int pages) throws IOException {
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
            for (int i = 0; i < pages; i++) {
                page(document, "Buoy orange", "F2682A");
            }
            document.save(bytes);
            return bytes.toByteArray();
        }
    }

    /** @return the same behind a cover of another colour, that says nothing */
    static byte[] withCover() throws IOException {
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
            PDPage cover = new PDPage(PDRectangle.A4);
            document.addPage(cover);
            try (PDPageContentStream content = new PDPageContentStream(document, cover)) {
                content.setNonStrokingColor(new Color(0x7A5CD6));
                content.addRect(0, 0, PDRectangle.A4.getWidth(), PDRectangle.A4.getHeight());
                content.fill();
            }
            page(document, "Night channel", "#0B2A4A", "Harbour teal", "RGB 15 124 122");
            page(document, "Buoy orange", "F2682A");
            document.save(bytes);
            return bytes.toByteArray();
        }
    }

    /** @param sentence what it says of its letters */
    static byte[] withFonts(String sentence) throws IOException {
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
            page(document, "Night channel", "#0B2A4A", "Harbour teal", "RGB 15 124 122");
            try (PDPageContentStream content = new PDPageContentStream(
                    document, document.getPage(0), PDPageContentStream.AppendMode.APPEND, true)) {
                content.beginText();
                content.setFont(new PDType1Font(FontName.HELVETICA), 12);
                content.newLineAtOffset(80, 60);
                content.showText(sentence);
                content.endText();
            }
            document.save(bytes);
            return bytes.toByteArray();
        }
    }

    /** @param namesAndCodes in turn */
    private static void page(PDDocument document, String... namesAndCodes) throws IOException {
        PDPage page = new PDPage(PDRectangle.A4);
        document.addPage(page);
        try (PDPageContentStream content = new PDPageContentStream(document, page)) {
            for (int i = 0; i < namesAndCodes.length; i += 2) {
                float top = 600 - i * 150;
                content.setNonStrokingColor(color(namesAndCodes[i]));
                content.addRect(80, top, 300, 160);
                content.fill();
                content.beginText();
                content.setFont(new PDType1Font(FontName.HELVETICA), 14);
                content.setNonStrokingColor(Color.BLACK);
                content.newLineAtOffset(80, top - 24);
                content.showText(namesAndCodes[i] + "   " + namesAndCodes[i + 1]);
                content.endText();
            }
        }
    }

    private static Color color(String name) {
        return switch (name) {
            case "Night channel" -> new Color(0x0B2A4A);
            case "Harbour teal" -> new Color(0x0F7C7A);
            default -> new Color(0xF2682A);
        };
    }
}
