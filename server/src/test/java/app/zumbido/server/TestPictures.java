package app.zumbido.server;

import app.zumbido.formats.image.PngImage;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.font.PDType1Font;
import org.apache.pdfbox.pdmodel.font.Standard14Fonts.FontName;

/** Pictures for tests, drawn with known colours. */
public final class TestPictures {
    private TestPictures() {}

    /** @return a PNG of 200 x 100: white, with a navy box of 50 x 60 and an orange one of 20 x 20 */
    public static byte[] logo() {
        BufferedImage image = sheet();
        box(image, 0xFFFFFF, 0, 0, 200, 100);
        box(image, 0x0B2A4A, 20, 20, 50, 60);
        box(image, 0xF2682A, 120, 40, 20, 20);
        return PngImage.encode(image);
    }

    /** @return a PNG of 200 x 100 without a colour in it */
    public static byte[] nothing() {
        return PngImage.encode(sheet());
    }

    private static BufferedImage sheet() {
        return new BufferedImage(200, 100, BufferedImage.TYPE_4BYTE_ABGR);
    }

    private static void box(BufferedImage image, int color, int x, int y, int width, int height) {
        Graphics2D graphics = image.createGraphics();
        graphics.setColor(new Color(color));
        graphics.fillRect(x, y, width, height);
        graphics.dispose();
    }

    /** @return a PDF with a line of text on each page */
    public static byte[] manual(String... lines) throws IOException {
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
            for (String line : lines) {
                PDPage page = new PDPage();
                document.addPage(page);
                try (PDPageContentStream content = new PDPageContentStream(document, page)) {
                    content.beginText();
                    content.setFont(new PDType1Font(FontName.HELVETICA), 14);
                    content.newLineAtOffset(80, 600);
                    content.showText(line);
                    content.endText();
                }
            }
            document.save(bytes);
            return bytes.toByteArray();
        }
    }
}
