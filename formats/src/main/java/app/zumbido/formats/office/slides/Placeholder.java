package app.zumbido.formats.office.slides;

import app.zumbido.formats.delivery.Xml;
import app.zumbido.formats.layouts.Box;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * A place that somebody fills in, as a master, a layout or a slide has it.
 *
 * @param type what belongs in; empty: text
 * @param index tells those of a layout from each other; below 0 for the one title
 * @param place and its frame; empty: where the master or the layout has it
 * @param body properties of its text; empty: as inherited
 * @param style of its paragraphs; empty: as inherited
 * @param paragraphs what stands in it until somebody writes, the first level first
 */
record Placeholder(
        String name, String type, int index, String place, String body, String style, List<String> paragraphs) {
    private static final int WHOLE = 100;
    private static final int LEAST_FIT = 30;
    private static final int FIT_STEP = 5;
    private static final int THOUSAND = 1000;
    private static final int POINT = 12_700;
    /** Width of a bold letter on average, in ems, generously. */
    private static final double AVERAGE = 0.6;
    /** Of a line, where words do not fill it. */
    private static final double LOST_IN_BREAKS = 0.3;

    Placeholder {
        paragraphs = List.copyOf(paragraphs);
    }

    static Placeholder of(String name, String type, int index, String... prompt) {
        return new Placeholder(name, type, index, "", "<a:bodyPr/>", "", prompts(prompt));
    }

    private static List<String> prompts(String... prompt) {
        return IntStream.range(0, prompt.length)
                .mapToObj(level -> paragraph(level, run(prompt[level])))
                .toList();
    }

    static String run(String text) {
        return run(text, "");
    }

    /** @param properties what lies inside of the run's properties */
    static String run(String text, String properties) {
        return "<a:r><a:rPr lang=\"en-GB\">%s</a:rPr><a:t>%s</a:t></a:r>".formatted(properties, Xml.text(text));
    }

    static String paragraph(int level, String runs) {
        return "<a:p>" + (level > 0 ? "<a:pPr lvl=\"" + level + "\"/>" : "") + runs + "</a:p>";
    }

    /** What programs fill in by themselves. */
    static String slideNumber() {
        return "<a:p><a:fld id=\"{6E1A5C1B-3C57-4B0B-9D0E-1F5C2B7A9D11}\" type=\"slidenum\"><a:rPr lang=\"en-GB\"/>"
                + "<a:t>‹#›</a:t></a:fld></a:p>";
    }

    /** @param fill of its frame; empty: none */
    Placeholder at(Box box, String fill) {
        String frame = LayoutXml.transform("a", box) + "<a:prstGeom prst=\"rect\"><a:avLst/></a:prstGeom>" + fill;
        return new Placeholder(name, type, index, frame, body, style, paragraphs);
    }

    /** @param inset in English Metric Units, on all sides @param anchor {@code t}, {@code ctr} or {@code b} */
    Placeholder inset(long inset, String anchor) {
        return with("", inset, anchor, "<a:normAutofit/>");
    }

    /** Its frame grows and shrinks with the one line in it. */
    Placeholder hugging(long inset, String anchor) {
        return with(" wrap=\"none\"", inset, anchor, "<a:spAutoFit/>");
    }

    private Placeholder with(String wrap, long inset, String anchor, String fit) {
        String properties =
                "<a:bodyPr vert=\"horz\"%s lIns=\"%d\" tIns=\"%d\" rIns=\"%d\" bIns=\"%d\" rtlCol=\"0\" anchor=\"%s\">%s</a:bodyPr>"
                        .formatted(wrap, inset, inset, inset, inset, anchor, fit);
        return new Placeholder(name, type, index, place, properties, style, paragraphs);
    }

    /**
     * Smaller letters where a text would run over its frame; programs do so by themselves only once somebody writes in it.
     *
     * @param text that stands in it
     * @param frame where the layout has it
     * @param points of its letters there
     */
    Placeholder fitting(String text, Box frame, double points) {
        int percent = WHOLE;
        while (percent > LEAST_FIT && !fits(text, frame, points * percent / WHOLE)) {
            percent -= FIT_STEP;
        }
        return percent == WHOLE
                ? this
                : new Placeholder(
                        name,
                        type,
                        index,
                        place,
                        "<a:bodyPr><a:normAutofit fontScale=\"%d\"/></a:bodyPr>".formatted(percent * THOUSAND),
                        style,
                        paragraphs);
    }

    private static boolean fits(String text, Box frame, double points) {
        double perLine = Math.max(1, frame.width() / (points * POINT * AVERAGE));
        double lines = Math.ceil(text.codePointCount(0, text.length()) / perLine + LOST_IN_BREAKS);
        return lines * points * POINT <= frame.height();
    }

    Placeholder styled(String levels) {
        return new Placeholder(name, type, index, place, body, levels, paragraphs);
    }

    Placeholder saying(List<String> others) {
        return new Placeholder(name, type, index, place, body, style, others);
    }

    String xml(int id) {
        String kind = type.isEmpty() ? "" : " type=\"" + type + "\"";
        String which = index < 0 ? "" : " idx=\"" + index + "\"";
        String text = paragraphs.isEmpty()
                ? "<a:p><a:endParaRPr lang=\"en-GB\"/></a:p>"
                : paragraphs.stream().collect(Collectors.joining());
        return """
                <p:sp><p:nvSpPr><p:cNvPr id="%d" name="%s"/><p:cNvSpPr><a:spLocks noGrp="1"/></p:cNvSpPr>\
                <p:nvPr><p:ph%s%s/></p:nvPr></p:nvSpPr><p:spPr>%s</p:spPr>\
                <p:txBody>%s<a:lstStyle>%s</a:lstStyle>%s</p:txBody></p:sp>""".formatted(id, Xml.text(name), kind, which, place, body, style, text);
    }
}
