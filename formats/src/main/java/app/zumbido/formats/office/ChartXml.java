package app.zumbido.formats.office;

import app.zumbido.core.brand.ThemedLook;
import app.zumbido.formats.delivery.Xml;
import java.util.List;

/** A chart of bars in the brand's order of colours. Source: ECMA-376 Part 1, 21.2. */
public final class ChartXml {
    public static final String TYPE = "drawingml.chart+xml";
    public static final String URI = "http://schemas.openxmlformats.org/drawingml/2006/chart";

    private ChartXml() {}

    /**
     * @param sheet that holds the figures from its first cell on
     * @param book id of the relationship to the workbook that the sheet is in; empty: the one that the chart is in
     */
    public static String bars(ChartData data, ThemedLook look, String sheet, String book) {
        SchemeColors colors = new SchemeColors(look.ground());
        String text =
                "<c:txPr><a:bodyPr/><a:lstStyle/><a:p><a:pPr><a:defRPr sz=\"1200\">%s<a:latin typeface=\"+mn-lt\"/>"
                                .formatted(colors.fill(look.inks(look.page()).text()))
                        + "</a:defRPr></a:pPr><a:endParaRPr lang=\"en-GB\"/></a:p></c:txPr>";
        StringBuilder series = new StringBuilder();
        for (int i = 0; i < data.series().size(); i++) {
            series.append("""
                    <c:ser><c:idx val="%d"/><c:order val="%d"/><c:tx><c:strRef><c:f>%s</c:f>%s</c:strRef></c:tx>\
                    <c:spPr>%s</c:spPr><c:invertIfNegative val="0"/><c:cat><c:strRef><c:f>%s</c:f>%s</c:strRef></c:cat>\
                    <c:val><c:numRef><c:f>%s</c:f>%s</c:numRef></c:val></c:ser>""".formatted(
                            i,
                            i,
                            data.nameOn(sheet, i),
                            texts(List.of(data.series().get(i))),
                            colors.fill(look.series().get(i % look.series().size())),
                            data.categoriesOn(sheet),
                            texts(data.categories()),
                            data.valuesOn(sheet, i),
                            numbers(data.values().get(i))));
        }
        String line =
                "<c:spPr><a:ln w=\"9525\">" + colors.fill(look.inks(look.page()).quiet()) + "</a:ln></c:spPr>";
        String external = book.isEmpty()
                ? ""
                : "<c:externalData r:id=\"" + book + "\"><c:autoUpdate val=\"0\"/></c:externalData>";
        return Xml.HEAD + """
                <c:chartSpace xmlns:c="http://schemas.openxmlformats.org/drawingml/2006/chart" \
                xmlns:a="http://schemas.openxmlformats.org/drawingml/2006/main" \
                xmlns:r="http://schemas.openxmlformats.org/officeDocument/2006/relationships"><c:roundedCorners val="0"/>\
                <c:chart><c:autoTitleDeleted val="1"/><c:plotArea><c:layout/><c:barChart><c:barDir val="col"/>\
                <c:grouping val="clustered"/><c:varyColors val="0"/>%s<c:gapWidth val="80"/><c:axId val="111111111"/>\
                <c:axId val="222222222"/></c:barChart><c:catAx><c:axId val="111111111"/><c:scaling>\
                <c:orientation val="minMax"/></c:scaling><c:delete val="0"/><c:axPos val="b"/><c:majorTickMark val="none"/>\
                <c:minorTickMark val="none"/><c:tickLblPos val="nextTo"/>%s<c:crossAx val="222222222"/></c:catAx><c:valAx>\
                <c:axId val="222222222"/><c:scaling><c:orientation val="minMax"/></c:scaling><c:delete val="0"/>\
                <c:axPos val="l"/><c:numFmt formatCode="General" sourceLinked="1"/><c:majorTickMark val="none"/>\
                <c:minorTickMark val="none"/><c:tickLblPos val="nextTo"/><c:spPr><a:ln><a:noFill/></a:ln></c:spPr>\
                <c:crossAx val="111111111"/><c:crossBetween val="between"/></c:valAx></c:plotArea><c:legend>\
                <c:legendPos val="r"/><c:overlay val="0"/></c:legend><c:plotVisOnly val="1"/></c:chart>%s%s</c:chartSpace>""".formatted(series, line, text, external);
    }

    private static String texts(List<String> values) {
        return cache("strCache", "", values);
    }

    private static String numbers(List<Integer> values) {
        return cache(
                "numCache",
                "<c:formatCode>General</c:formatCode>",
                values.stream().map(String::valueOf).toList());
    }

    private static String cache(String name, String format, List<String> values) {
        StringBuilder points = new StringBuilder();
        for (int i = 0; i < values.size(); i++) {
            points.append("<c:pt idx=\"%d\"><c:v>%s</c:v></c:pt>".formatted(i, Xml.text(values.get(i))));
        }
        return "<c:%s>%s<c:ptCount val=\"%d\"/>%s</c:%s>".formatted(name, format, values.size(), points, name);
    }
}
