package app.zumbido.formats.office.slides;

import app.zumbido.core.brand.ThemedLook;
import app.zumbido.formats.delivery.Order;
import app.zumbido.formats.delivery.ThemedWriter;
import app.zumbido.formats.delivery.Xml;
import app.zumbido.formats.layouts.Box;
import app.zumbido.formats.layouts.Grid;
import app.zumbido.formats.layouts.LayoutPlans;
import app.zumbido.formats.layouts.SlideLayout;
import app.zumbido.formats.layouts.SlideSize;
import app.zumbido.formats.office.ChartData;
import app.zumbido.formats.office.ChartXml;
import app.zumbido.formats.office.DataBook;
import app.zumbido.formats.office.OfficeZip;
import app.zumbido.formats.office.SpecimenPicture;
import app.zumbido.formats.office.SpecimenTable;
import java.io.IOException;
import java.io.OutputStream;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** A presentation made of the template, one slide a layout: real text, a chart, a table, links. */
public final class SpecimenDeck implements ThemedWriter {
    private static final String TABLE = "http://schemas.openxmlformats.org/drawingml/2006/table";
    private static final String CHART = "/ppt/charts/chart1.xml";
    private static final String BOOK = "/ppt/embeddings/figures1.xlsx";
    private static final String PICTURE = "/ppt/media/picture1.png";
    /** A name that is reserved for examples: RFC 2606. */
    private static final String ADDRESS = "https://example.org/";

    /** Letters that stand on one line of the narrowest footer. */
    private static final int LONGEST_FOOTER = 24;

    private static final int PICTURE_WIDTH = 1280;
    private static final int PICTURE_HEIGHT = 720;
    private static final long ROW = Box.units(0.5);

    private final SlideSize size;

    public SpecimenDeck(SlideSize size) {
        this.size = size;
    }

    @Override
    public String kind() {
        return "slides-" + size.kind();
    }

    @Override
    public String ending() {
        return "-specimen-" + size.said() + ".pptx";
    }

    @Override
    public String mediaType() {
        return "application/vnd.openxmlformats-officedocument.presentationml.presentation";
    }

    @Override
    public void write(Order order, OutputStream out) throws IOException {
        ThemedLook look = ThemedLook.of(order.look());
        PresentationPackage pack = new PresentationPackage(size, PresentationPackage.PRESENTATION);
        pack.addMaster(look, order.assets());
        pack.zip().put(PICTURE, SpecimenPicture.of(look, PICTURE_WIDTH, PICTURE_HEIGHT));
        pack.zip().put(BOOK, DataBook.of(ChartData.SPECIMEN));
        pack.zip()
                .put(
                        CHART,
                        ChartXml.TYPE,
                        ChartXml.bars(
                                ChartData.SPECIMEN,
                                look,
                                DataBook.SHEET,
                                pack.zip().link(CHART, "package", BOOK)));
        Placeholder brandName = pack.brandName(look, order.assets());
        for (SlideLayout layout : SlideLayout.values()) {
            Shapes shapes = shapes(layout, pack, look, brandName);
            if (layout != SlideLayout.TITLE && layout != SlideLayout.BLANK) {
                foot(shapes, order.look().brand().name());
            }
            pack.addSlide(layout, shapes);
        }
        pack.zip().describe(order.look().brand().name());
        pack.finished().write(out);
    }

    private Shapes shapes(SlideLayout layout, PresentationPackage pack, ThemedLook look, Placeholder brandName) {
        String slide = pack.nextSlide();
        OfficeZip zip = pack.zip();
        Shapes shapes = new Shapes();
        Grid grid = new Grid(size, look.look().brand().template().corner());
        return switch (layout) {
            case TITLE ->
                shapes.placeholder(brandName)
                        .placeholder(text("Subtitle", "subTitle", LayoutPlans.BODY, "A slide for every layout"));
            case SECTION -> title(shapes, "Text, pictures, figures").placeholder(body(LayoutPlans.EXTRA, "1"));
            case CONTENT ->
                title(shapes, "Titles say what follows")
                        .placeholder(body(LayoutPlans.SUBHEADING, "A subheading says for whom"))
                        .placeholder(list(zip, slide));
            case COLUMNS ->
                title(shapes, "Two things side by side")
                        .placeholder(body(LayoutPlans.SUBHEADING, "Before"))
                        .placeholder(text("Text", "", LayoutPlans.BODY, "What was", "What it cost"))
                        .placeholder(body(LayoutPlans.SECOND_SUBHEADING, "After"))
                        .placeholder(text("Text", "", LayoutPlans.SECOND_BODY, "What is", "What it saves"));
            case PICTURE ->
                title(picture(shapes, zip.link(slide, "image", PICTURE), grid.picture()), "A picture and what it shows")
                        .placeholder(body(LayoutPlans.EXTRA, "Put a photograph of your own in its place."));
            case CHART ->
                title(shapes, ChartData.SPECIMEN.title())
                        .frame("Chart", "chart", LayoutPlans.BODY, grid.below(), ChartXml.URI, chart(zip, slide));
            case TABLE ->
                title(shapes, "Figures in a table")
                        .frame("Table", "tbl", LayoutPlans.BODY, tableBox(grid), TABLE, table(grid));
            case KEY_MESSAGE -> title(shapes, "Only one thing is").placeholder(body(LayoutPlans.EXTRA, "highlighted"));
            case QUOTE ->
                shapes.placeholder(body(LayoutPlans.BODY, "“A sentence that deserves a slide of its own.”"))
                        .placeholder(body(LayoutPlans.EXTRA, "Whoever said it"));
            case TURNED ->
                title(shapes, "When the lights are out")
                        .placeholder(body(LayoutPlans.SUBHEADING, "Links read on this ground, too"))
                        .placeholder(list(zip, slide));
            case OVER_A_PICTURE ->
                title(
                        picture(shapes, zip.link(slide, "image", PICTURE), grid.pictureUnderText()),
                        "Text reads over any picture");
            case BLANK -> shapes;
        };
    }

    private static Shapes picture(Shapes shapes, String embedded, Box place) {
        double ratio = (double) PICTURE_WIDTH / PICTURE_HEIGHT;
        return shapes.picture("Picture", LayoutPlans.BODY, "Hills at dusk", embedded, ratio, place);
    }

    private static Shapes title(Shapes shapes, String said) {
        return shapes.placeholder(text("Title", "title", -1, said));
    }

    private static Placeholder body(int index, String said) {
        return text("Text", "body", index, said);
    }

    private static Placeholder text(String name, String type, int index, String... lines) {
        return Placeholder.of(name, type, index)
                .saying(Stream.of(lines)
                        .map(line -> Placeholder.paragraph(0, Placeholder.run(line)))
                        .toList());
    }

    private static Placeholder list(OfficeZip zip, String slide) {
        String link = zip.linkOutside(slide, "hyperlink", ADDRESS);
        return Placeholder.of("Text", "", LayoutPlans.BODY)
                .saying(List.of(
                        Placeholder.paragraph(0, Placeholder.run("One thought on each line")),
                        Placeholder.paragraph(1, Placeholder.run("what belongs to it stands beneath")),
                        Placeholder.paragraph(2, Placeholder.run("and what explains that, once more")),
                        Placeholder.paragraph(
                                0,
                                Placeholder.run("A link: ")
                                        + Placeholder.run("example.org", "<a:hlinkClick r:id=\"" + link + "\"/>"))));
    }

    static void foot(Shapes shapes, String brand) {
        boolean tooLong = brand.codePointCount(0, brand.length()) > LONGEST_FOOTER;
        String shown = tooLong ? brand.substring(0, brand.offsetByCodePoints(0, LONGEST_FOOTER - 1)) + "…" : brand;
        shapes.placeholder(text("Footer", "ftr", LayoutPlans.FOOTER, shown))
                .placeholder(Placeholder.of("Slide number", "sldNum", LayoutPlans.NUMBER)
                        .saying(List.of(Placeholder.slideNumber())));
    }

    private static String chart(OfficeZip zip, String slide) {
        return "<c:chart xmlns:c=\"%s\" r:id=\"%s\"/>".formatted(ChartXml.URI, zip.link(slide, "chart", CHART));
    }

    private static Box tableBox(Grid grid) {
        Box below = grid.below();
        return new Box(below.x(), below.y(), below.width(), ROW * SpecimenTable.CELLS.size());
    }

    private static String table(Grid grid) {
        long first = grid.below().width() * 2 / 5;
        long other = (grid.below().width() - first) / 3;
        return "<a:tbl><a:tblPr firstRow=\"1\" bandRow=\"1\" lastRow=\"1\"><a:tableStyleId>" + TableStyle.ID
                + "</a:tableStyleId></a:tblPr><a:tblGrid>"
                + Stream.of(first, other, other, other)
                        .map("<a:gridCol w=\"%d\"/>"::formatted)
                        .collect(Collectors.joining())
                + "</a:tblGrid>"
                + SpecimenTable.CELLS.stream().map(SpecimenDeck::row).collect(Collectors.joining()) + "</a:tbl>";
    }

    private static String row(List<String> cells) {
        StringBuilder row = new StringBuilder("<a:tr h=\"" + ROW + "\">");
        for (int i = 0; i < cells.size(); i++) {
            row.append(
                    "<a:tc><a:txBody><a:bodyPr/><a:lstStyle/><a:p><a:pPr algn=\"%s\"/><a:r><a:rPr lang=\"en-GB\" sz=\"1600\"/>"
                                    .formatted(i == 0 ? "l" : "r")
                            + "<a:t>" + Xml.text(cells.get(i))
                            + "</a:t></a:r></a:p></a:txBody><a:tcPr anchor=\"ctr\"/></a:tc>");
        }
        return row.append("</a:tr>").toString();
    }
}
