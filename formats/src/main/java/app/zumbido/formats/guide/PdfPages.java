package app.zumbido.formats.guide;

import app.zumbido.core.guide.layout.Mark;
import app.zumbido.core.guide.layout.Page;
import app.zumbido.core.guide.layout.Part;
import app.zumbido.core.guide.layout.Tag;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDStructureElement;
import org.apache.pdfbox.pdmodel.interactive.action.PDActionURI;
import org.apache.pdfbox.pdmodel.interactive.annotation.PDAnnotationLink;
import org.apache.pdfbox.pdmodel.interactive.annotation.PDBorderStyleDictionary;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.destination.PDPageFitDestination;

/** Draws the pages of a guide into a document, every part with what it is. */
final class PdfPages {
    private final Guide guide;
    private final PDDocument document;
    private final PdfInks inks;
    private final PdfLetters letters;
    private final TagTree tags;
    private final List<PDPage> pages = new ArrayList<>();

    PdfPages(Guide guide, PDDocument document, PdfInks inks, TagTree tags) {
        this.guide = guide;
        this.document = document;
        this.inks = inks;
        this.tags = tags;
        letters = new PdfLetters(document);
    }

    /** Something that is drawn on a page besides the page itself. */
    interface Besides {
        void draw(PDPage page, PageSpace space, PDPageContentStream content) throws IOException;
    }

    /**
     * @param around between the edge of the sheet and that of the page
     * @param bleed how far beyond its edge a page is printed
     * @return the pages in their order
     */
    List<PDPage> draw(double around, double bleed, Besides besides) throws IOException {
        for (Page page : guide.layout().pages()) {
            PageSpace space = new PageSpace(page, around, bleed);
            PDPage sheet = new PDPage(new PDRectangle((float) space.width(), (float) space.height()));
            sheet.getCOSObject().setName(COSName.getPDFName("Tabs"), "S");
            document.addPage(sheet);
            pages.add(sheet);
        }
        for (int i = 0; i < pages.size(); i++) {
            draw(pages.get(i), new PageSpace(guide.layout().pages().get(i), around, bleed), besides);
        }
        return pages;
    }

    private void draw(PDPage sheet, PageSpace space, Besides besides) throws IOException {
        Page page = space.page();
        try (PDPageContentStream content =
                new PDPageContentStream(document, sheet, PDPageContentStream.AppendMode.OVERWRITE, true, true)) {
            OnePage one = new OnePage(
                    sheet,
                    content,
                    new PdfPainter(guide, document, content, inks, letters, space),
                    tags.new OnPage(sheet, space));
            one.artifact(() -> {
                one.painter().fill(new Mark.Fill(page.box(), page.ground()));
                besides.draw(sheet, space, content);
            });
            for (Part part : page.parts()) {
                one.part(part, tags.document(), space);
            }
        }
    }

    /** Something that may fail to be written. */
    private interface Written {
        void run() throws IOException;
    }

    /** One page while it is drawn. */
    private final class OnePage {
        private final PDPage sheet;
        private final PDPageContentStream content;
        private final PdfPainter painter;
        private final TagTree.OnPage tagged;

        OnePage(PDPage sheet, PDPageContentStream content, PdfPainter painter, TagTree.OnPage tagged) {
            this.sheet = sheet;
            this.content = content;
            this.painter = painter;
            this.tagged = tagged;
        }

        PdfPainter painter() {
            return painter;
        }

        void artifact(Written written) throws IOException {
            content.beginMarkedContent(COSName.ARTIFACT);
            written.run();
            content.endMarkedContent();
        }

        void part(Part part, PDStructureElement within, PageSpace space) throws IOException {
            if (part.tag() == Tag.ARTIFACT) {
                artifact(() -> part.drawn().forEach(mark -> mark.drawnBy(painter)));
                return;
            }
            PDStructureElement element = tagged.element(part, within);
            boolean figure = part.tag() == Tag.FIGURE;
            Predicate<Mark> means = mark -> figure || mark instanceof Mark.Words;
            List<Mark> decoration = part.marks().stream().filter(means.negate()).toList();
            List<Mark> meant = part.marks().stream().filter(means).toList();
            if (!decoration.isEmpty()) {
                artifact(() -> decoration.forEach(mark -> mark.drawnBy(painter)));
            }
            if (!meant.isEmpty()) {
                COSName type = COSName.getPDFName(element.getStructureType());
                content.beginMarkedContent(type, tagged.content(element));
                meant.forEach(mark -> mark.drawnBy(painter));
                content.endMarkedContent();
            }
            if (part.tag() == Tag.LINK || part.tag() == Tag.CONTENTS_LINE) {
                link(part, element, space);
            }
            for (Part inner : part.parts()) {
                part(inner, element, space);
            }
        }

        private void link(Part part, PDStructureElement element, PageSpace space) throws IOException {
            PDAnnotationLink link = new PDAnnotationLink();
            link.setRectangle(new PDRectangle(
                    (float) space.x(part.box().x()),
                    (float) space.y(part.box().bottom()),
                    (float) part.box().width(),
                    (float) part.box().height()));
            link.setContents(part.text());
            link.setPrinted(true);
            PDBorderStyleDictionary none = new PDBorderStyleDictionary();
            none.setWidth(0);
            link.setBorderStyle(none);
            if (part.tag() == Tag.LINK) {
                PDActionURI action = new PDActionURI();
                action.setURI(part.words());
                link.setAction(action);
            } else {
                PDPageFitDestination destination = new PDPageFitDestination();
                destination.setPage(pages.get(Integer.parseInt(part.words()) - 1));
                link.setDestination(destination);
            }
            sheet.getAnnotations().add(link);
            tagged.link(link, element);
        }
    }
}
