package app.zumbido.formats.office.slides;

import app.zumbido.formats.delivery.Xml;
import app.zumbido.formats.layouts.Box;

/** Collects the shapes of a slide, a layout or a master. Source: ECMA-376 Part 1, 19.3.1. */
final class Shapes {
    private static final String NO_TEXT =
            "<p:txBody><a:bodyPr/><a:lstStyle/><a:p><a:endParaRPr lang=\"en-GB\"/></a:p></p:txBody>";

    private final StringBuilder xml = new StringBuilder("<p:spTree><p:nvGrpSpPr><p:cNvPr id=\"1\" name=\"\"/>"
            + "<p:cNvGrpSpPr/><p:nvPr/></p:nvGrpSpPr><p:grpSpPr><a:xfrm><a:off x=\"0\" y=\"0\"/><a:ext cx=\"0\" cy=\"0\"/>"
            + "<a:chOff x=\"0\" y=\"0\"/><a:chExt cx=\"0\" cy=\"0\"/></a:xfrm></p:grpSpPr>");
    /** The group itself has the first. */
    private int ids = 1;

    /** A rectangle that belongs to the layout. */
    Shapes rectangle(String name, Box box, String fill) {
        return append("""
                <p:sp><p:nvSpPr><p:cNvPr id="%d" name="%s"/><p:cNvSpPr/><p:nvPr userDrawn="1"/></p:nvSpPr><p:spPr>%s\
                <a:prstGeom prst="rect"><a:avLst/></a:prstGeom>%s<a:ln><a:noFill/></a:ln></p:spPr>%s</p:sp>""".formatted(++ids, name, LayoutXml.transform("a", box), fill, NO_TEXT));
    }

    /** What somebody fills in. */
    Shapes placeholder(Placeholder holder) {
        return append(holder.xml(++ids));
    }

    /**
     * A picture in its proportions, as a drawing with a picture for programs that show none. Source: 19.3.1.37; the drawing
     * beside the picture is an extension of it.
     */
    Shapes logo(Box box, String painted, String drawn) {
        return append("""
                <p:pic><p:nvPicPr><p:cNvPr id="%d" name="Logo" descr="Logo"/><p:cNvPicPr><a:picLocks noChangeAspect="1"/>\
                </p:cNvPicPr><p:nvPr userDrawn="1"/></p:nvPicPr><p:blipFill><a:blip r:embed="%s">%s</a:blip><a:srcRect/><a:stretch><a:fillRect/></a:stretch></p:blipFill>\
                <p:spPr>%s<a:prstGeom prst="rect"><a:avLst/></a:prstGeom></p:spPr></p:pic>""".formatted(++ids, painted, drawing(drawn), LayoutXml.transform("a", box)));
    }

    /** @param embedded id of the drawing @return what stands beside a picture for programs that show drawings */
    static String drawing(String embedded) {
        return """
                <a:extLst><a:ext uri="{96DAC541-7B7A-43D3-8B79-37D633B846F1}">\
                <asvg:svgBlip xmlns:asvg="http://schemas.microsoft.com/office/drawing/2016/SVG/main" r:embed="%s"/>\
                </a:ext></a:extLst>""".formatted(embedded);
    }

    /**
     * A picture that fills a placeholder.
     *
     * @param ratio of the picture, width over height
     * @param place where the layout has the placeholder: what does not fit is cut off at both sides
     */
    Shapes picture(String name, int index, String described, String embedded, double ratio, Box place) {
        return append("""
                <p:pic><p:nvPicPr><p:cNvPr id="%d" name="%s" descr="%s"/><p:cNvPicPr><a:picLocks noGrp="1"/></p:cNvPicPr>\
                <p:nvPr><p:ph type="pic" idx="%d"/></p:nvPr></p:nvPicPr><p:blipFill><a:blip r:embed="%s"/><a:srcRect/>\
                <a:stretch><a:fillRect/></a:stretch></p:blipFill><p:spPr/></p:pic>""".formatted(++ids, name, Xml.text(described), index, embedded));
    }

    /** Source: 20.1.8.55 (srcRect), in thousandths of a percent. */
    private static String cut(double ratio, Box place) {
        double wanted = (double) place.width() / place.height();
        long across = Math.round(Math.max(0, 1 - wanted / ratio) * 50_000);
        long down = Math.round(Math.max(0, 1 - ratio / wanted) * 50_000);
        return "<a:srcRect l=\"%d\" t=\"%d\" r=\"%d\" b=\"%d\"/>".formatted(across, down, across, down);
    }

    /** A table or a chart in a placeholder. */
    Shapes frame(String name, String type, int index, Box box, String uri, String content) {
        return append("""
                <p:graphicFrame><p:nvGraphicFramePr><p:cNvPr id="%d" name="%s"/><p:cNvGraphicFramePr>\
                <a:graphicFrameLocks noGrp="1"/></p:cNvGraphicFramePr><p:nvPr><p:ph type="%s" idx="%d"/></p:nvPr>\
                </p:nvGraphicFramePr>%s<a:graphic><a:graphicData uri="%s">%s</a:graphicData></a:graphic></p:graphicFrame>""".formatted(++ids, name, type, index, LayoutXml.transform("p", box), uri, content));
    }

    /** @return number of the next shape */
    int next() {
        return ++ids;
    }

    /** @param shape with a number of its own */
    Shapes append(String shape) {
        xml.append(shape);
        return this;
    }

    String xml() {
        return xml + "</p:spTree>";
    }
}
