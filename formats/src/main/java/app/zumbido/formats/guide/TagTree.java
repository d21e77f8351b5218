package app.zumbido.formats.guide;

import app.zumbido.core.guide.SectionKind;
import app.zumbido.core.guide.layout.Part;
import app.zumbido.core.guide.layout.Tag;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSInteger;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.common.PDNumberTreeNode;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDObjectReference;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDParentTreeValue;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDStructureElement;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDStructureTreeRoot;
import org.apache.pdfbox.pdmodel.documentinterchange.taggedpdf.PDLayoutAttributeObject;
import org.apache.pdfbox.pdmodel.documentinterchange.taggedpdf.PDTableAttributeObject;
import org.apache.pdfbox.pdmodel.documentinterchange.taggedpdf.StandardStructureTypes;
import org.apache.pdfbox.pdmodel.interactive.annotation.PDAnnotationLink;

/** What is what in a document, in the order in which it is read (ISO 32000-1, 14.7 and 14.8; ISO 14289-1). */
final class TagTree {
    private final PDStructureTreeRoot root = new PDStructureTreeRoot();
    private final PDStructureElement document;
    /** A section that goes on on the next page is one. */
    private final Map<SectionKind, PDStructureElement> sections = new EnumMap<>(SectionKind.class);
    /** By number what the pages and the links belong to. */
    private final List<COSBase> owners = new ArrayList<>();

    TagTree(PDDocument pdf, String language) {
        document = new PDStructureElement(StandardStructureTypes.DOCUMENT, root);
        document.setLanguage(language);
        root.appendKid(document);
        pdf.getDocumentCatalog().setStructureTreeRoot(root);
    }

    PDStructureElement document() {
        return document;
    }

    /** What is drawn on one page. */
    final class OnPage {
        private final PDPage page;
        private final PageSpace space;
        private final COSArray owned = new COSArray();

        OnPage(PDPage page, PageSpace space) {
            this.page = page;
            this.space = space;
            page.setStructParents(owners.size());
            owners.add(owned);
        }

        /** @return the element of a part; the one that it stands in where the part means nothing by itself */
        PDStructureElement element(Part part, PDStructureElement within) {
            return switch (part.tag()) {
                case SECTION ->
                    part.section()
                            .map(kind -> sections.computeIfAbsent(
                                    kind, missing -> child(StandardStructureTypes.SECT, within)))
                            .orElseGet(() -> child(StandardStructureTypes.SECT, within));
                case GROUP, ARTIFACT -> within;
                case ITEM -> child(StandardStructureTypes.L_BODY, child(StandardStructureTypes.LI, within));
                case LINK -> child(StandardStructureTypes.LINK, child(StandardStructureTypes.P, within));
                case CONTENTS_LINE -> child(StandardStructureTypes.LINK, child(StandardStructureTypes.TOCI, within));
                case CODE -> child(StandardStructureTypes.CODE, inBlock(within));
                case SPAN -> child(StandardStructureTypes.SPAN, inBlock(within));
                case FIGURE -> figure(part, within);
                case COLUMN_HEAD -> head("Column", within);
                case ROW_HEAD -> head("Row", within);
                default -> child(type(part.tag()), within);
            };
        }

        /** What stands in a line wants a paragraph around it. */
        private PDStructureElement inBlock(PDStructureElement within) {
            return child(StandardStructureTypes.P, within);
        }

        private PDStructureElement figure(Part part, PDStructureElement within) {
            PDStructureElement figure = child(StandardStructureTypes.Figure, within);
            figure.setAlternateDescription(part.words());
            PDLayoutAttributeObject layout = new PDLayoutAttributeObject();
            layout.setPlacement(PDLayoutAttributeObject.PLACEMENT_BLOCK);
            layout.setBBox(new PDRectangle(
                    (float) space.x(part.box().x()),
                    (float) space.y(part.box().bottom()),
                    (float) part.box().width(),
                    (float) part.box().height()));
            figure.addAttribute(layout);
            return figure;
        }

        private PDStructureElement head(String scope, PDStructureElement within) {
            PDStructureElement head = child(StandardStructureTypes.TH, within);
            PDTableAttributeObject table = new PDTableAttributeObject();
            table.setScope(scope);
            head.addAttribute(table);
            return head;
        }

        private PDStructureElement child(String type, PDStructureElement within) {
            PDStructureElement element = new PDStructureElement(type, within);
            element.setPage(page);
            within.appendKid(element);
            return element;
        }

        /** @return number of marked content that belongs to the element */
        int content(PDStructureElement element) {
            int number = owned.size();
            owned.add(element.getCOSObject());
            element.appendKid(number);
            return number;
        }

        /** Says that a link belongs to its element. */
        void link(PDAnnotationLink link, PDStructureElement element) {
            link.setStructParent(owners.size());
            owners.add(element.getCOSObject());
            PDObjectReference reference = new PDObjectReference();
            reference.setReferencedObject(link);
            reference.getCOSObject().setItem(COSName.PG, page.getCOSObject());
            element.appendKid(reference);
        }
    }

    private static String type(Tag tag) {
        return switch (tag) {
            case H1 -> StandardStructureTypes.H1;
            case H2 -> StandardStructureTypes.H2;
            case H3 -> StandardStructureTypes.H3;
            case LIST -> StandardStructureTypes.L;
            case TABLE -> StandardStructureTypes.TABLE;
            case ROW -> StandardStructureTypes.TR;
            case CELL -> StandardStructureTypes.TD;
            case CONTENTS -> StandardStructureTypes.TOC;
            default -> StandardStructureTypes.P;
        };
    }

    /** Says which element each number belongs to. */
    void close() {
        COSArray numbers = new COSArray();
        for (int i = 0; i < owners.size(); i++) {
            numbers.add(COSInteger.get(i));
            numbers.add(owners.get(i));
        }
        COSDictionary tree = new COSDictionary();
        tree.setItem(COSName.NUMS, numbers);
        root.setParentTree(new PDNumberTreeNode(tree, PDParentTreeValue.class));
        root.setParentTreeNextKey(owners.size());
    }
}
