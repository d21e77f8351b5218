package app.zumbido.formats.odf;

import app.zumbido.core.brand.ThemedLook;
import app.zumbido.core.theme.SlotColor;
import app.zumbido.formats.delivery.Order;
import app.zumbido.formats.delivery.ThemedWriter;
import app.zumbido.formats.delivery.Xml;
import app.zumbido.formats.office.ChartData;
import app.zumbido.formats.office.sheets.CellStyle;
import java.io.IOException;
import java.io.OutputStream;
import java.util.List;

/**
 * An OpenDocument spreadsheet template: the same styles of cells as the workbook template, an empty sheet, and one that shows
 * them. It carries no chart: the standard has no order of colours that new charts would begin with.
 */
public final class OpenSheet implements ThemedWriter {
    private static final String TYPE = "application/vnd.oasis.opendocument.spreadsheet-template";

    @Override
    public String kind() {
        return "odf-workbook";
    }

    @Override
    public String ending() {
        return ".ots";
    }

    @Override
    public String mediaType() {
        return TYPE;
    }

    @Override
    public void write(Order order, OutputStream out) throws IOException {
        ThemedLook look = ThemedLook.onPaper(order.look());
        OdfText text = new OdfText(look);
        OdfZip zip = new OdfZip(TYPE);
        String fonts = zip.fonts(text.type(), order.assets());
        StringBuilder styles = new StringBuilder();
        for (CellStyle style : CellStyle.values()) {
            styles.append(style(style, style.drawn(look), text));
        }
        styles.append(filled("Head", look.tableHead(), look.on(look.tableHead()), text))
                .append(filled("Band", look.band(), look.inks(look.band()).text(), text));
        zip.put("styles.xml", "document-styles", fonts + "<office:styles>" + styles + "</office:styles>");
        zip.put(
                "content.xml",
                "document-content",
                fonts
                        + "<office:automatic-styles><style:style style:name=\"co1\" style:family=\"table-column\"><style:table-column-properties style:column-width=\"6cm\"/></style:style></office:automatic-styles>"
                        + "<office:body><office:spreadsheet><table:table table:name=\"Sheet 1\"><table:table-column/><table:table-row><table:table-cell/></table:table-row></table:table>"
                        + specimen() + "</office:spreadsheet></office:body>");
        zip.describe(order.look());
        zip.write(out);
    }

    private static String id(CellStyle style) {
        return style == CellStyle.NORMAL ? "Default" : style.called().replace(" ", "_20_");
    }

    private static String style(CellStyle style, CellStyle.Drawn drawn, OdfText text) {
        String fill = drawn.fill()
                .map(color -> " fo:background-color=\"" + text.code(color) + "\"")
                .orElse("");
        String line = drawn.line()
                .map(color -> " fo:border-%s=\"1pt solid %s\""
                        .formatted(style == CellStyle.TOTAL ? "top" : "bottom", text.code(color)))
                .orElse("");
        String parent = style == CellStyle.NORMAL ? "" : " style:parent-style-name=\"Default\"";
        String letters = text.letters(drawn.role(), drawn.points(), drawn.text());
        String cell = fill.isEmpty() && line.isEmpty() ? "" : "<style:table-cell-properties" + fill + line + "/>";
        return "<style:style style:name=\"%s\" style:display-name=\"%s\" style:family=\"table-cell\"%s>%s%s</style:style>"
                .formatted(id(style), style == CellStyle.NORMAL ? "Default" : style.called(), parent, cell, letters);
    }

    private static String filled(String name, SlotColor fill, SlotColor letters, OdfText text) {
        return "<style:style style:name=\"%s\" style:family=\"table-cell\" style:parent-style-name=\"Default\"><style:table-cell-properties fo:background-color=\"%s\"/><style:text-properties fo:color=\"%s\"/></style:style>"
                .formatted(name, text.code(fill), text.code(letters));
    }

    private static String specimen() {
        ChartData data = ChartData.SPECIMEN;
        StringBuilder rows =
                new StringBuilder("<table:table table:name=\"Specimen\"><table:table-column table:style-name=\"co1\"/>"
                        + "<table:table-column table:number-columns-repeated=\""
                        + data.series().size() + "\"/><table:table-row>");
        rows.append(cell("Head", data.title()));
        data.series().forEach(name -> rows.append(cell("Head", name)));
        rows.append("</table:table-row>");
        for (int row = 0; row < data.categories().size(); row++) {
            String style = row % 2 == 1 ? "Band" : "Default";
            rows.append("<table:table-row>")
                    .append(cell(style, data.categories().get(row)));
            for (List<Integer> values : data.values()) {
                rows.append(
                        "<table:table-cell table:style-name=\"%1$s\" office:value-type=\"float\" office:value=\"%2$d\"><text:p>%2$d</text:p></table:table-cell>"
                                .formatted(style, values.get(row)));
            }
            rows.append("</table:table-row>");
        }
        rows.append("<table:table-row><table:table-cell/></table:table-row>");
        for (CellStyle style : CellStyle.values()) {
            rows.append("<table:table-row>")
                    .append(cell(id(style), style.called()))
                    .append("</table:table-row>");
        }
        return rows.append("</table:table>").toString();
    }

    private static String cell(String style, String text) {
        return "<table:table-cell table:style-name=\"%s\" office:value-type=\"string\"><text:p>%s</text:p></table:table-cell>"
                .formatted(style, Xml.text(text));
    }
}
