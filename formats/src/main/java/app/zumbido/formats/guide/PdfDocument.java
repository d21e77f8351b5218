package app.zumbido.formats.guide;

import app.zumbido.core.guide.layout.GuideLayout.Heading;
import app.zumbido.core.guide.layout.Tag;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDDocumentCatalog;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PageMode;
import org.apache.pdfbox.pdmodel.common.PDMetadata;
import org.apache.pdfbox.pdmodel.graphics.color.PDOutputIntent;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.destination.PDPageXYZDestination;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.outline.PDDocumentOutline;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.outline.PDOutlineItem;
import org.apache.pdfbox.pdmodel.interactive.viewerpreferences.PDViewerPreferences;

/** What both documents, for the screen and for the press, say of themselves. */
final class PdfDocument {
    static final String PRODUCER = "Zumbido";
    /** What a guide is written in. */
    static final String LANGUAGE = "en";
    /** Of every document: the same brand makes the same bytes. */
    private static final long ID = 1;

    private PdfDocument() {}

    static void describe(PDDocument document, Guide guide, String metadata) throws IOException {
        document.setDocumentId(ID);
        document.getDocumentInformation().setTitle(guide.title());
        document.getDocumentInformation().setProducer(PRODUCER);
        PDDocumentCatalog catalog = document.getDocumentCatalog();
        catalog.setLanguage(LANGUAGE);
        COSDictionary marked = new COSDictionary();
        marked.setBoolean(COSName.getPDFName("Marked"), true);
        catalog.getCOSObject().setItem(COSName.MARK_INFO, marked);
        PDViewerPreferences preferences = new PDViewerPreferences(new COSDictionary());
        preferences.setDisplayDocTitle(true);
        catalog.setViewerPreferences(preferences);
        PDMetadata xmp = new PDMetadata(document);
        xmp.importXMPMetadata(metadata.getBytes(StandardCharsets.UTF_8));
        catalog.setMetadata(xmp);
    }

    static PDOutputIntent intent(PDDocument document, byte[] profile, String name) throws IOException {
        PDOutputIntent intent = new PDOutputIntent(document, new ByteArrayInputStream(profile));
        intent.setInfo(name);
        intent.setOutputCondition(name);
        intent.setOutputConditionIdentifier(name);
        intent.setRegistryName("http://www.color.org");
        return intent;
    }

    /** Chapters, and what stands in them. */
    static void outline(PDDocument document, List<Heading> headings, List<PDPage> pages, double around) {
        PDDocumentOutline outline = new PDDocumentOutline();
        PDOutlineItem chapter = null;
        for (Heading heading : headings) {
            if (heading.tag() == Tag.H3) {
                continue;
            }
            PDOutlineItem item = new PDOutlineItem();
            item.setTitle(heading.text());
            PDPage page = pages.get(heading.page() - 1);
            PDPageXYZDestination destination = new PDPageXYZDestination();
            destination.setPage(page);
            destination.setTop((int) Math.round(page.getMediaBox().getHeight() - around - heading.y() + 4));
            destination.setLeft(0);
            item.setDestination(destination);
            if (heading.tag() == Tag.H1 || chapter == null) {
                outline.addLast(item);
                chapter = item;
            } else {
                chapter.addLast(item);
            }
        }
        document.getDocumentCatalog().setDocumentOutline(outline);
        document.getDocumentCatalog().setPageMode(PageMode.USE_OUTLINES);
    }
}
