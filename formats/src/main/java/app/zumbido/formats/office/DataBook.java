package app.zumbido.formats.office;

import app.zumbido.formats.delivery.Xml;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;

/** The small workbook that holds the figures of a chart on a slide. Source: ECMA-376 Part 1, 12.2. */
public final class DataBook {
    public static final String SHEET = "Sheet1";
    private static final String MAIN = "http://schemas.openxmlformats.org/spreadsheetml/2006/main";

    private DataBook() {}

    /** @return an .xlsx file */
    public static byte[] of(ChartData data) {
        OfficeZip zip = new OfficeZip();
        zip.link(OfficeZip.ROOT, "officeDocument", "/xl/workbook.xml");
        String sheet = zip.link("/xl/workbook.xml", "worksheet", "/xl/worksheets/sheet1.xml");
        zip.put("/xl/workbook.xml", "spreadsheetml.sheet.main+xml", Xml.HEAD + """
                <workbook xmlns="%s" xmlns:r="http://schemas.openxmlformats.org/officeDocument/2006/relationships"><sheets>\
                <sheet name="%s" sheetId="1" r:id="%s"/></sheets></workbook>""".formatted(MAIN, SHEET, sheet));
        zip.put(
                "/xl/worksheets/sheet1.xml",
                "spreadsheetml.worksheet+xml",
                Xml.HEAD + "<worksheet xmlns=\"" + MAIN + "\"><sheetData>" + rows(data, "")
                        + "</sheetData></worksheet>");
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            zip.write(out);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }

    /** @param style attributes of every cell of the first row @return the figures from A1 on */
    public static String rows(ChartData data, String style) {
        StringBuilder rows = new StringBuilder("<row r=\"1\">").append(text("A1", data.title(), style));
        for (int i = 0; i < data.series().size(); i++) {
            rows.append(text(ChartData.letter(i + 1) + "1", data.series().get(i), style));
        }
        rows.append("</row>");
        for (int row = 0; row < data.categories().size(); row++) {
            int number = row + 2;
            rows.append("<row r=\"").append(number).append("\">");
            rows.append(text("A" + number, data.categories().get(row), ""));
            for (int i = 0; i < data.series().size(); i++) {
                rows.append("<c r=\"%s%d\"><v>%d</v></c>"
                        .formatted(
                                ChartData.letter(i + 1),
                                number,
                                data.values().get(i).get(row)));
            }
            rows.append("</row>");
        }
        return rows.toString();
    }

    private static String text(String at, String value, String style) {
        return "<c r=\"%s\" t=\"inlineStr\"%s><is><t>%s</t></is></c>".formatted(at, style, Xml.text(value));
    }
}
