package app.zumbido.formats.guide;

import app.zumbido.formats.delivery.DeliveryWriter;
import app.zumbido.formats.delivery.Order;
import java.awt.color.ColorSpace;
import java.awt.color.ICC_Profile;
import java.io.IOException;
import java.io.OutputStream;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;

/** The guide for the screen: PDF/UA-1 (ISO 14289-1) and PDF/A-2a (ISO 19005-2), with bookmarks, links and text that can be copied. */
public final class GuidePdf implements DeliveryWriter {
    /** Of PDF that ISO 14289-1 and ISO 19005-2 stand on; what is for the press stays at the 1.6 that ISO 15930-7 stands on. */
    private static final float VERSION = 1.7f;

    private static final String SRGB = "sRGB IEC61966-2.1";

    private final boolean onePage;

    /** @param onePage only the most important, on one page */
    public GuidePdf(boolean onePage) {
        this.onePage = onePage;
    }

    @Override
    public String kind() {
        return onePage ? "guide-one-page" : "guide-pdf";
    }

    @Override
    public String ending() {
        return onePage ? "-guide-one-page.pdf" : "-guide.pdf";
    }

    @Override
    public String mediaType() {
        return "application/pdf";
    }

    @Override
    public void write(Order order, OutputStream out) throws IOException {
        write(
                Guide.of(
                        order.look(),
                        order.assets(),
                        order.look().brand().guide().sheet(),
                        onePage),
                out);
    }

    static void write(Guide guide, OutputStream out) throws IOException {
        try (PDDocument document = new PDDocument()) {
            document.getDocument().setVersion(VERSION);
            PdfDocument.describe(
                    document, guide, Xmp.screen(guide.title(), PdfDocument.LANGUAGE, PdfDocument.PRODUCER));
            byte[] profile = ICC_Profile.getInstance(ColorSpace.CS_sRGB).getData();
            document.getDocumentCatalog().addOutputIntent(PdfDocument.intent(document, profile, SRGB));
            TagTree tags = new TagTree(document, PdfDocument.LANGUAGE);
            List<PDPage> pages =
                    new PdfPages(guide, document, new ScreenInks(), tags).draw(0, 0, (page, space, content) -> {});
            tags.close();
            PdfDocument.outline(document, guide.layout().headings(), pages, 0);
            document.save(out);
        }
    }
}
