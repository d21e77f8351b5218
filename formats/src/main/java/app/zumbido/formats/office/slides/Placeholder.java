package app.zumbido.formats.office.slides;

import app.zumbido.formats.office.Xml;
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
    static final String BODY = "body";
    static final String PICTURE = "pic";

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

    /** A text that programs fill in by themselves: the number of the slide. */
    static String field(String id, String kind, String shown) {
        return "<a:p><a:fld id=\"{%s}\" type=\"%s\"><a:rPr lang=\"en-GB\"/><a:t>%s</a:t></a:fld></a:p>"
                .formatted(id, kind, shown);
    }

    Placeholder at(Box box) {
        return at(box, "");
    }

    /** @param fill of its frame; empty: none */
    Placeholder at(Box box, String fill) {
        String frame = box.transform() + "<a:prstGeom prst=\"rect\"><a:avLst/></a:prstGeom>" + fill;
        return new Placeholder(name, type, index, frame, body, style, paragraphs);
    }

    /** @param anchor {@code t}, {@code ctr} or {@code b} */
    Placeholder anchored(String anchor) {
        return with(
                "<a:bodyPr vert=\"horz\" lIns=\"0\" tIns=\"0\" rIns=\"0\" bIns=\"0\" rtlCol=\"0\" anchor=\"%s\">"
                        + "<a:normAutofit/></a:bodyPr>",
                anchor);
    }

    /** @param inset in English Metric Units, on all sides */
    Placeholder inset(long inset, String anchor) {
        return with(
                "<a:bodyPr lIns=\"" + inset + "\" tIns=\"" + inset + "\" rIns=\"" + inset + "\" bIns=\"" + inset
                        + "\" anchor=\"%s\"><a:normAutofit/></a:bodyPr>",
                anchor);
    }

    /** Its frame grows and shrinks with the one line in it. */
    Placeholder hugging(long inset) {
        String around = "lIns=\"%d\" tIns=\"%d\" rIns=\"%d\" bIns=\"%d\"".formatted(inset, inset, inset, inset);
        return with("<a:bodyPr wrap=\"none\" " + around + " anchor=\"%s\"><a:spAutoFit/></a:bodyPr>", "ctr");
    }

    private Placeholder with(String properties, String anchor) {
        return new Placeholder(name, type, index, place, properties.formatted(anchor), style, paragraphs);
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
