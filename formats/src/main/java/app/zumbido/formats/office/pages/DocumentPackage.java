package app.zumbido.formats.office.pages;

import app.zumbido.core.brand.ThemedLook;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.formats.delivery.LogoChoice;
import app.zumbido.formats.delivery.LogoPicture;
import app.zumbido.formats.delivery.Order;
import app.zumbido.formats.delivery.Xml;
import app.zumbido.formats.office.OfficeZip;
import app.zumbido.formats.office.ThemeXml;
import java.io.IOException;
import java.io.OutputStream;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;

/**
 * Everything of a document but its text: theme, styles, lists, fonts, the head of the first page and of the next ones. Source:
 * ECMA-376 Part 1, 11.3.
 */
final class DocumentPackage {
    static final String TEMPLATE = "wordprocessingml.template.main+xml";
    static final String DOCUMENT = "wordprocessingml.document.main+xml";
    static final String MAIN = "/word/document.xml";

    private static final long WHOLE_WIDTH = 2_200_000;
    private static final long WHOLE_HEIGHT = 640_000;
    private static final long SMALL = 330_000;

    private final OfficeZip zip = new OfficeZip();
    private final Order order;
    private final ThemedLook look;
    private int pictures;
    private final String references;

    DocumentPackage(Order order) {
        this.order = order;
        this.look = ThemedLook.onPaper(order.look());
        zip.link(OfficeZip.ROOT, "officeDocument", MAIN);
        part("theme", "/word/theme/theme1.xml", ThemeXml.TYPE, ThemeXml.of(look, order.assets()));
        part("styles", "/word/styles.xml", "wordprocessingml.styles+xml", DocumentStyles.xml(look));
        part("numbering", "/word/numbering.xml", "wordprocessingml.numbering+xml", Numbering.xml(look));
        boolean embedded = EmbeddedFonts.put(zip, MAIN, look.look().brand().type(), order.assets());
        part("settings", "/word/settings.xml", "wordprocessingml.settings+xml", settings(embedded));
        references =
                "<w:headerReference w:type=\"default\" r:id=\"%s\"/><w:headerReference w:type=\"first\" r:id=\"%s\"/>"
                                .formatted(header("header1", nextHead()), header("header2", firstHead()))
                        + "<w:footerReference w:type=\"default\" r:id=\"%1$s\"/><w:footerReference w:type=\"first\" r:id=\"%1$s\"/>"
                                .formatted(footer());
    }

    OfficeZip zip() {
        return zip;
    }

    ThemedLook look() {
        return look;
    }

    /** @return which head and foot the pages have; of the first section, the others follow it */
    String references() {
        return references;
    }

    private String part(String kind, String name, String type, String xml) {
        zip.put(name, type, xml);
        return zip.link(MAIN, kind, name);
    }

    private static String settings(boolean embedded) {
        String slots = ThemeSlot.ACCENTS.stream()
                .map(slot -> "w:%s=\"%s\"".formatted(slot.code(), slot.code()))
                .collect(Collectors.joining(" "));
        return Xml.HEAD + "<w:settings " + WordXml.NAMESPACES + ">"
                + (embedded ? "<w:embedTrueTypeFonts/><w:saveSubsetFonts/>" : "")
                + "<w:defaultTabStop w:val=\"567\"/><w:characterSpacingControl w:val=\"doNotCompress\"/>"
                + "<w:compat><w:compatSetting w:name=\"compatibilityMode\" "
                + "w:uri=\"http://schemas.microsoft.com/office/word\" w:val=\"15\"/></w:compat>"
                + "<w:clrSchemeMapping w:bg1=\"light1\" w:t1=\"dark1\" w:bg2=\"light2\" w:t2=\"dark2\" " + slots
                + " w:hyperlink=\"hyperlink\" w:followedHyperlink=\"followedHyperlink\"/></w:settings>";
    }

    /** @param content what is in it, given the name of the part that pictures are linked from */
    private String header(String name, UnaryOperator<String> content) {
        String part = "/word/" + name + ".xml";
        return part(
                "header",
                part,
                "wordprocessingml.header+xml",
                Xml.HEAD + "<w:hdr " + WordXml.NAMESPACES + ">" + content.apply(part) + "</w:hdr>");
    }

    private UnaryOperator<String> firstHead() {
        return part -> WordXml.paragraph(
                DocumentStyles.HEADER,
                logo(part, LogoChoice.WHOLE, WHOLE_WIDTH, WHOLE_HEIGHT).orElseGet(this::name));
    }

    private UnaryOperator<String> nextHead() {
        return part -> WordXml.paragraph(
                DocumentStyles.HEADER,
                name(),
                "<w:r><w:tab/></w:r>",
                logo(part, LogoChoice.SYMBOL, WHOLE_WIDTH, SMALL).orElse(""));
    }

    private String name() {
        return WordXml.run(look.look().brand().name());
    }

    private String footer() {
        String text = WordXml.paragraph(
                DocumentStyles.FOOTER,
                name(),
                "<w:r><w:tab/></w:r>",
                "<w:fldSimple w:instr=\" PAGE \"><w:r><w:t>1</w:t></w:r></w:fldSimple>");
        return part(
                "footer",
                "/word/footer1.xml",
                "wordprocessingml.footer+xml",
                Xml.HEAD + "<w:ftr " + WordXml.NAMESPACES + ">" + text + "</w:ftr>");
    }

    /** Paper is white. */
    private Optional<String> logo(String part, LogoChoice choice, long width, long height) {
        return choice.on(Rgb.WHITE, order.assets())
                .map(LogoChoice.Chosen::picture)
                .map(logo -> logo(part, logo, width, height));
    }

    private String logo(String part, LogoPicture logo, long width, long height) {
        long wide = Math.max(1, Math.min(width, Math.round(height * logo.ratio())));
        long tall = Math.max(1, Math.round(wide / logo.ratio()));
        int pixels = (int) Math.max(1, wide * 3 / 9_525);
        String painted = media(part, logo.png(pixels), "png");
        String drawn = media(part, logo.svg(), "svg");
        String vector = """
                <a:extLst><a:ext uri="{96DAC541-7B7A-43D3-8B79-37D633B846F1}"><asvg:svgBlip \
                xmlns:asvg="http://schemas.microsoft.com/office/drawing/2016/SVG/main" r:embed="%s"/></a:ext></a:extLst>""".formatted(drawn);
        return drawing("Logo", painted, vector, wide, tall);
    }

    /** A picture in the text, as wide as it. @param ratio width over height */
    String picture(byte[] png, String described, double ratio, long width) {
        return drawing(described, media(MAIN, png, "png"), "", width, Math.round(width / ratio));
    }

    private String media(String part, byte[] content, String ending) {
        pictures++;
        String name = "/word/media/image" + pictures + "." + ending;
        zip.put(name, content);
        return zip.link(part, "image", name);
    }

    private String drawing(String described, String embedded, String more, long width, long height) {
        return """
                <w:r><w:drawing><wp:inline distT="0" distB="0" distL="0" distR="0"><wp:extent cx="%1$d" cy="%2$d"/>\
                <wp:docPr id="%3$d" name="%4$s" descr="%4$s"/><a:graphic>\
                <a:graphicData uri="http://schemas.openxmlformats.org/drawingml/2006/picture"><pic:pic><pic:nvPicPr>\
                <pic:cNvPr id="%3$d" name="%4$s"/><pic:cNvPicPr/></pic:nvPicPr><pic:blipFill><a:blip r:embed="%5$s">%6$s</a:blip>\
                <a:stretch><a:fillRect/></a:stretch></pic:blipFill><pic:spPr><a:xfrm><a:off x="0" y="0"/>\
                <a:ext cx="%1$d" cy="%2$d"/></a:xfrm><a:prstGeom prst="rect"><a:avLst/></a:prstGeom></pic:spPr></pic:pic>\
                </a:graphicData></a:graphic></wp:inline></w:drawing></w:r>""".formatted(width, height, pictures, Xml.text(described), embedded, more);
    }

    /** @param type of the main part @param body paragraphs, then the last section */
    void write(String type, String body, OutputStream out) throws IOException {
        zip.put(
                MAIN,
                type,
                Xml.HEAD + "<w:document " + WordXml.NAMESPACES + "><w:body>" + body + "</w:body></w:document>");
        zip.describe(look.look().brand().name());
        zip.write(out);
    }
}
