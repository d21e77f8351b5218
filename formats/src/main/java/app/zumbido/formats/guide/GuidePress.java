package app.zumbido.formats.guide;

import app.zumbido.core.guide.layout.Page;
import app.zumbido.formats.delivery.DeliveryWriter;
import app.zumbido.formats.delivery.Order;
import app.zumbido.formats.press.CoatedPress;
import java.io.IOException;
import java.io.OutputStream;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.Calendar;
import java.util.GregorianCalendar;
import java.util.List;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.graphics.color.PDOutputIntent;

/**
 * The guide for the press: process inks by the profile with its output intent, 3 mm bleed and crop marks. It is prepared as
 * PDF/X-4 (ISO 15930-7), and PDF/UA-1 and PDF/A-2a besides.
 */
public final class GuidePress implements DeliveryWriter {
    /** 3 mm, in points. */
    private static final double BLEED = 3 / 25.4 * 72;

    private static final double MARK = 14;
    /** Between the bleed and the marks, so that none is seen where it is cut. */
    private static final double GAP = 3;

    private static final float HAIR = 0.25f;
    private static final String CONDITION = "FOGRA39";
    /** Files know no time; the standard wants one. */
    private static final OffsetDateTime TIME = OffsetDateTime.of(1980, 2, 1, 0, 0, 0, 0, ZoneOffset.UTC);

    @Override
    public String kind() {
        return "guide-press";
    }

    @Override
    public String ending() {
        return "-guide-press.pdf";
    }

    @Override
    public String mediaType() {
        return "application/pdf";
    }

    @Override
    public void write(Order order, OutputStream out) throws IOException {
        write(Guide.of(order.look(), order.assets()), out);
    }

    static void write(Guide guide, OutputStream out) throws IOException {
        try (PDDocument document = new PDDocument()) {
            String id = guide.look().brand().id().toString();
            PdfDocument.describe(
                    document,
                    guide,
                    Xmp.press(guide.title(), PdfDocument.LANGUAGE, PdfDocument.PRODUCER, TIME.toString(), id));
            Calendar time = GregorianCalendar.from(TIME.toZonedDateTime());
            document.getDocumentInformation().setCreationDate(time);
            document.getDocumentInformation().setModificationDate(time);
            document.getDocumentInformation().setTrapped("False");
            PDOutputIntent archive =
                    PdfDocument.intent(document, CoatedPress.instance().profile(), CONDITION);
            document.getDocumentCatalog().addOutputIntent(archive);
            PDOutputIntent press = new PDOutputIntent(new COSDictionary(archive.getCOSObject()));
            press.getCOSObject().setName(COSName.S, "GTS_PDFX");
            document.getDocumentCatalog().addOutputIntent(press);
            TagTree tags = new TagTree(document, PdfDocument.LANGUAGE);
            double around = BLEED + GAP + MARK;
            List<PDPage> pages =
                    new PdfPages(guide, document, new PressInks(), tags).draw(around, BLEED, GuidePress::cut);
            tags.close();
            PdfDocument.outline(document, guide.layout().headings(), pages, around);
            document.save(out);
        }
    }

    /** Says where the page is cut, and marks it outside. */
    private static void cut(PDPage sheet, PageSpace space, PDPageContentStream content) throws IOException {
        Page page = space.page();
        float left = (float) space.x(0);
        float bottom = (float) space.y(page.height());
        float width = (float) page.width();
        float height = (float) page.height();
        float bleed = (float) BLEED;
        sheet.setTrimBox(new PDRectangle(left, bottom, width, height));
        sheet.setBleedBox(new PDRectangle(left - bleed, bottom - bleed, width + 2 * bleed, height + 2 * bleed));
        // Registration: all inks, so that the marks are on every plate.
        content.setStrokingColor(1f, 1f, 1f, 1f);
        content.setLineWidth(HAIR);
        float from = (float) (BLEED + GAP);
        float to = (float) (from + MARK);
        for (float x : new float[] {left, left + width}) {
            line(content, x, bottom - from, x, bottom - to);
            line(content, x, bottom + height + from, x, bottom + height + to);
        }
        for (float y : new float[] {bottom, bottom + height}) {
            line(content, left - from, y, left - to, y);
            line(content, left + width + from, y, left + width + to, y);
        }
    }

    private static void line(PDPageContentStream content, float x, float y, float toX, float toY) throws IOException {
        content.moveTo(x, y);
        content.lineTo(toX, toY);
        content.stroke();
    }
}
