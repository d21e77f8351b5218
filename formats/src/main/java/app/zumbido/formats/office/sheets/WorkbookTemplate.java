package app.zumbido.formats.office.sheets;

import app.zumbido.core.brand.ThemedLook;
import app.zumbido.formats.delivery.Order;
import app.zumbido.formats.delivery.ThemedWriter;
import app.zumbido.formats.delivery.Xml;
import app.zumbido.formats.office.ChartData;
import app.zumbido.formats.office.ChartXml;
import app.zumbido.formats.office.DataBook;
import app.zumbido.formats.office.OfficeZip;
import app.zumbido.formats.office.ThemeXml;
import java.io.IOException;
import java.io.OutputStream;

/**
 * A workbook template: an empty sheet to begin on, and one that shows the table, the chart and every style. Number formats are
 * left alone.
 */
public final class WorkbookTemplate implements ThemedWriter {
    private static final String MAIN = "/xl/workbook.xml";
    private static final String EMPTY = "/xl/worksheets/sheet1.xml";
    private static final String SHOWN = "/xl/worksheets/sheet2.xml";
    private static final String DRAWING = "/xl/drawings/drawing1.xml";
    private static final String CHART = "/xl/charts/chart1.xml";
    private static final String TABLE = "/xl/tables/table1.xml";
    private static final String SPECIMEN = "Specimen";
    private static final String NAMESPACES = "xmlns=\"http://schemas.openxmlformats.org/spreadsheetml/2006/main\" "
            + "xmlns:r=\"http://schemas.openxmlformats.org/officeDocument/2006/relationships\"";
    /** Rows of the chart, from 0; the styles stand beneath. */
    private static final int CHART_FROM = 6;

    private static final int CHART_TO = 24;

    @Override
    public String kind() {
        return "workbook";
    }

    @Override
    public String ending() {
        return ".xltx";
    }

    @Override
    public String mediaType() {
        return "application/vnd.openxmlformats-officedocument.spreadsheetml.template";
    }

    @Override
    public void write(Order order, OutputStream out) throws IOException {
        ThemedLook look = ThemedLook.onPaper(order.look());
        OfficeZip zip = new OfficeZip();
        zip.link(OfficeZip.ROOT, "officeDocument", MAIN);
        String empty = zip.link(MAIN, "worksheet", EMPTY);
        String shown = zip.link(MAIN, "worksheet", SHOWN);
        zip.put(MAIN, "spreadsheetml.template.main+xml", Xml.HEAD + """
                <workbook %s><sheets><sheet name="Sheet 1" sheetId="1" r:id="%s"/><sheet name="%s" sheetId="2" r:id="%s"/>\
                </sheets></workbook>""".formatted(NAMESPACES, empty, SPECIMEN, shown));
        zip.link(MAIN, "theme", "/xl/theme/theme1.xml");
        zip.put("/xl/theme/theme1.xml", ThemeXml.TYPE, ThemeXml.of(look, order.assets()));
        zip.link(MAIN, "styles", "/xl/styles.xml");
        zip.put("/xl/styles.xml", "spreadsheetml.styles+xml", BookStyles.xml(look));
        zip.put(
                EMPTY,
                "spreadsheetml.worksheet+xml",
                Xml.HEAD + "<worksheet " + NAMESPACES + "><sheetData/></worksheet>");
        addSpecimen(zip, look);
        zip.describe(order.look().brand().name());
        zip.write(out);
    }

    private static void addSpecimen(OfficeZip zip, ThemedLook look) {
        ChartData data = ChartData.SPECIMEN;
        String drawing = zip.link(SHOWN, "drawing", DRAWING);
        String table = zip.link(SHOWN, "table", TABLE);
        StringBuilder styles = new StringBuilder();
        int row = CHART_TO + 3;
        for (CellStyle style : CellStyle.values()) {
            styles.append("<row r=\"%1$d\"><c r=\"A%1$d\" s=\"%2$d\" t=\"inlineStr\"><is><t>%3$s</t></is></c></row>"
                    .formatted(row++, style.ordinal(), style.called()));
        }
        zip.put(
                SHOWN,
                "spreadsheetml.worksheet+xml",
                Xml.HEAD + """
                <worksheet %s><cols><col min="1" max="1" width="28" customWidth="1"/></cols><sheetData>%s%s</sheetData>\
                <drawing r:id="%s"/><tableParts count="1"><tablePart r:id="%s"/></tableParts></worksheet>""".formatted(NAMESPACES, DataBook.rows(data, ""), styles, drawing, table));
        zip.put(TABLE, "spreadsheetml.table+xml", table(data));
        zip.put(DRAWING, "drawing+xml", drawing(zip.link(DRAWING, "chart", CHART)));
        zip.put(CHART, ChartXml.TYPE, ChartXml.bars(data, look, SPECIMEN, ""));
    }

    private static String table(ChartData data) {
        StringBuilder columns = new StringBuilder();
        int column = 1;
        columns.append("<tableColumn id=\"1\" name=\"%s\"/>".formatted(Xml.text(data.title())));
        for (String series : data.series()) {
            columns.append("<tableColumn id=\"%d\" name=\"%s\"/>".formatted(++column, Xml.text(series)));
        }
        String reference =
                "A1:" + (char) ('A' + data.series().size()) + (data.categories().size() + 1);
        return Xml.HEAD + """
                <table xmlns="http://schemas.openxmlformats.org/spreadsheetml/2006/main" id="1" name="Figures" \
                displayName="Figures" ref="%s" totalsRowShown="0"><autoFilter ref="%s"/><tableColumns count="%d">%s</tableColumns>\
                <tableStyleInfo name="%s" showFirstColumn="0" showLastColumn="0" showRowStripes="1" showColumnStripes="0"/>\
                </table>""".formatted(reference, reference, column, columns, BookStyles.TABLE);
    }

    private static String drawing(String chart) {
        return Xml.HEAD + """
                <xdr:wsDr xmlns:xdr="http://schemas.openxmlformats.org/drawingml/2006/spreadsheetDrawing" \
                xmlns:a="http://schemas.openxmlformats.org/drawingml/2006/main"><xdr:twoCellAnchor><xdr:from><xdr:col>0</xdr:col>\
                <xdr:colOff>0</xdr:colOff><xdr:row>%d</xdr:row><xdr:rowOff>0</xdr:rowOff></xdr:from><xdr:to><xdr:col>7</xdr:col>\
                <xdr:colOff>0</xdr:colOff><xdr:row>%d</xdr:row><xdr:rowOff>0</xdr:rowOff></xdr:to><xdr:graphicFrame macro="">\
                <xdr:nvGraphicFramePr><xdr:cNvPr id="2" name="Chart"/><xdr:cNvGraphicFramePr/></xdr:nvGraphicFramePr><xdr:xfrm>\
                <a:off x="0" y="0"/><a:ext cx="0" cy="0"/></xdr:xfrm><a:graphic><a:graphicData uri="%s">\
                <c:chart xmlns:c="%s" xmlns:r="http://schemas.openxmlformats.org/officeDocument/2006/relationships" r:id="%s"/>\
                </a:graphicData></a:graphic></xdr:graphicFrame><xdr:clientData/></xdr:twoCellAnchor></xdr:wsDr>""".formatted(CHART_FROM, CHART_TO, ChartXml.URI, ChartXml.URI, chart);
    }
}
