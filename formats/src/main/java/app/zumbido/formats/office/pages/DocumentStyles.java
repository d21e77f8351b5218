package app.zumbido.formats.office.pages;

import app.zumbido.core.brand.ThemedInks;
import app.zumbido.core.brand.ThemedLook;
import app.zumbido.core.theme.SlotColor;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.core.type.Capitals;
import app.zumbido.core.type.FontSet;
import app.zumbido.core.type.Lettering;
import app.zumbido.core.type.TypeRole;
import app.zumbido.formats.delivery.Xml;

/** The styles of a document. Source: ECMA-376 Part 1, 17.7. */
final class DocumentStyles {
    static final String TITLE = "Title";
    static final String SUBTITLE = "Subtitle";
    static final String BULLET = "ListBullet";
    static final String NUMBER = "ListNumber";
    static final String QUOTE = "Quote";
    static final String CAPTION = "Caption";
    static final String CALLOUT = "Callout";
    static final String LINK = "Hyperlink";
    static final String TABLE = "BrandTable";
    static final String HEADER = "Header";
    static final String FOOTER = "Footer";
    static final String SMALL = "Small";

    private static final int HALVES = 2;
    private static final int TWENTIETHS = 20;
    private static final int THOUSANDTHS = 1000;

    private final ThemedLook look;
    private final WordXml word;
    private final ThemedInks inks;
    private final FontSet type;
    private final StringBuilder xml = new StringBuilder();

    private DocumentStyles(ThemedLook look) {
        this.look = look;
        this.word = new WordXml(look);
        this.inks = look.inks(look.page());
        this.type = look.look().brand().type();
    }

    static String heading(int level) {
        return "Heading" + level;
    }

    static String xml(ThemedLook look) {
        DocumentStyles styles = new DocumentStyles(look);
        styles.all();
        return Xml.HEAD + "<w:styles " + WordXml.NAMESPACES + ">" + styles.defaults() + styles.xml + "</w:styles>";
    }

    private String defaults() {
        String language = type.languages().get(0).code();
        return """
                <w:docDefaults><w:rPrDefault><w:rPr><w:rFonts w:asciiTheme="minorHAnsi" w:eastAsiaTheme="minorEastAsia" \
                w:hAnsiTheme="minorHAnsi" w:cstheme="minorBidi"/>%s<w:sz w:val="%d"/><w:szCs w:val="%d"/>\
                <w:lang w:val="%s" w:eastAsia="%s" w:bidi="%s"/></w:rPr></w:rPrDefault><w:pPrDefault><w:pPr>\
                <w:spacing w:after="120" w:line="276" w:lineRule="auto"/></w:pPr></w:pPrDefault></w:docDefaults>""".formatted(
                        word.color(inks.text()),
                        half(size(TypeRole.BODY)),
                        half(size(TypeRole.BODY)),
                        language,
                        language,
                        language);
    }

    private double size(TypeRole role) {
        return type.get(role).sizes().letters();
    }

    private static int half(double points) {
        return (int) Math.rint(points * HALVES);
    }

    private void all() {
        double title = size(TypeRole.HEADING);
        double second = size(TypeRole.SUBHEADING);
        double body = size(TypeRole.BODY);
        paragraph("Normal", "Normal", "", "", letters(TypeRole.BODY, body, inks.text()), true);
        xml.append("""
                <w:style w:type="character" w:default="1" w:styleId="DefaultParagraphFont">\
                <w:name w:val="Default Paragraph Font"/><w:uiPriority w:val="1"/><w:semiHidden/></w:style>\
                <w:style w:type="table" w:default="1" w:styleId="TableNormal"><w:name w:val="Normal Table"/>\
                <w:uiPriority w:val="99"/><w:semiHidden/><w:tblPr><w:tblInd w:w="0" w:type="dxa"/><w:tblCellMar>\
                <w:top w:w="0" w:type="dxa"/><w:left w:w="108" w:type="dxa"/><w:bottom w:w="0" w:type="dxa"/>\
                <w:right w:w="108" w:type="dxa"/></w:tblCellMar></w:tblPr></w:style>\
                <w:style w:type="numbering" w:default="1" w:styleId="NoList"><w:name w:val="No List"/>\
                <w:uiPriority w:val="99"/><w:semiHidden/></w:style>""");
        paragraph(
                TITLE,
                "Title",
                "",
                "<w:spacing w:before=\"0\" w:after=\"80\" w:line=\"240\" w:lineRule=\"auto\"/><w:contextualSpacing/>",
                letters(TypeRole.HEADING, title, inks.heading()),
                true);
        paragraph(
                SUBTITLE,
                "Subtitle",
                "",
                "<w:spacing w:after=\"320\" w:line=\"240\" w:lineRule=\"auto\"/>",
                letters(TypeRole.SUBHEADING, second, inks.subheading()),
                true);
        heading(1, TypeRole.HEADING, (title + second) / 2, inks.heading(), 360);
        heading(2, TypeRole.SUBHEADING, second, inks.subheading(), 280);
        heading(3, TypeRole.HEADING, (second + body) / 2, inks.heading(), 200);
        heading(4, TypeRole.SUBHEADING, body, inks.subheading(), 160);
        list(BULLET, "List Bullet", 1, 0);
        list(BULLET + "2", "List Bullet 2", 1, 1);
        list(BULLET + "3", "List Bullet 3", 1, 2);
        list(NUMBER, "List Number", 2, 0);
        list(NUMBER + "2", "List Number 2", 2, 1);
        list(NUMBER + "3", "List Number 3", 2, 2);
        paragraph(
                QUOTE,
                "Quote",
                "",
                "<w:pBdr>" + word.border("left", inks.accent(), 24, 12)
                        + "</w:pBdr><w:spacing w:before=\"200\" w:after=\"200\"/><w:ind w:left=\"360\" w:right=\"360\"/>",
                letters(TypeRole.SUBHEADING, (second + body) / 2, inks.subheading()),
                true);
        paragraph(
                CAPTION,
                "caption",
                "",
                "<w:spacing w:before=\"60\" w:after=\"240\" w:line=\"240\" w:lineRule=\"auto\"/>",
                letters(TypeRole.BODY, body * 0.85, inks.quiet()),
                true);
        callout(body);
        paragraph(
                SMALL,
                "Small",
                "",
                "<w:spacing w:after=\"0\" w:line=\"252\" w:lineRule=\"auto\"/>",
                letters(TypeRole.BODY, body * 0.85, inks.quiet()),
                true);
        String stops = "<w:tabs><w:tab w:val=\"right\" w:pos=\"" + Paper.MEASURE + "\"/></w:tabs>"
                + "<w:spacing w:after=\"0\" w:line=\"240\" w:lineRule=\"auto\"/>";
        paragraph(HEADER, "header", "", stops, letters(TypeRole.BODY, body * 0.85, inks.quiet()), false);
        paragraph(FOOTER, "footer", "", stops, letters(TypeRole.BODY, body * 0.85, inks.quiet()), false);
        link(LINK, "Hyperlink", ThemeSlot.HYPERLINK);
        link("FollowedHyperlink", "FollowedHyperlink", ThemeSlot.FOLLOWED_HYPERLINK);
        table();
    }

    /** The band under what must not be overlooked, with a bar of the main colour. */
    private void callout(double body) {
        SlotColor ground = look.band();
        paragraph(
                CALLOUT,
                "Callout",
                "",
                "<w:keepLines/><w:pBdr>" + word.border("top", ground, 48, 4) + word.border("left", look.lead(), 36, 8)
                        + word.border("bottom", ground, 48, 4) + word.border("right", ground, 48, 8) + "</w:pBdr>"
                        + word.shade(ground)
                        + "<w:spacing w:before=\"240\" w:after=\"240\"/><w:ind w:left=\"240\" w:right=\"240\"/>",
                letters(TypeRole.BODY, body, look.inks(ground).text()),
                true);
    }

    private void heading(int level, TypeRole role, double points, SlotColor color, int before) {
        paragraph(
                heading(level),
                "heading " + level,
                "Normal",
                "<w:keepNext/><w:keepLines/><w:spacing w:before=\"%d\" w:after=\"80\" w:line=\"240\" w:lineRule=\"auto\"/>"
                                .formatted(before)
                        + "<w:outlineLvl w:val=\"" + (level - 1) + "\"/>",
                letters(role, points, color),
                true);
    }

    private void list(String id, String name, int numbering, int level) {
        String place = level == 0 ? "" : "<w:ilvl w:val=\"" + level + "\"/>";
        paragraph(
                id,
                name,
                "",
                "<w:numPr>" + place + "<w:numId w:val=\"" + numbering
                        + "\"/></w:numPr><w:spacing w:after=\"60\"/><w:contextualSpacing/>",
                "",
                true);
    }

    private void paragraph(String id, String name, String next, String properties, String letters, boolean shown) {
        String usual = id.equals("Normal") ? " w:default=\"1\"" : "";
        boolean own = id.equals(CALLOUT) || id.equals(SMALL);
        xml.append("<w:style w:type=\"paragraph\"%s%s w:styleId=\"%s\"><w:name w:val=\"%s\"/>"
                .formatted(usual, own ? " w:customStyle=\"1\"" : "", id, name));
        if (!id.equals("Normal")) {
            xml.append("<w:basedOn w:val=\"Normal\"/>");
        }
        if (!next.isEmpty()) {
            xml.append("<w:next w:val=\"").append(next).append("\"/>");
        }
        if (shown) {
            xml.append("<w:qFormat/>");
        }
        xml.append(properties.isEmpty() ? "" : "<w:pPr>" + properties + "</w:pPr>");
        xml.append(letters.isEmpty() ? "" : "<w:rPr>" + letters + "</w:rPr>").append("</w:style>");
    }

    private void link(String id, String name, ThemeSlot slot) {
        xml.append("""
                <w:style w:type="character" w:styleId="%s"><w:name w:val="%s"/><w:basedOn w:val="DefaultParagraphFont"/>\
                <w:uiPriority w:val="99"/><w:rPr>%s<w:u w:val="single"/></w:rPr></w:style>""".formatted(id, name, word.color(SlotColor.of(slot))));
    }

    private void table() {
        xml.append("""
                <w:style w:type="table" w:customStyle="1" w:styleId="%s"><w:name w:val="Brand table"/>\
                <w:basedOn w:val="TableNormal"/><w:qFormat/><w:pPr><w:spacing w:before="40" w:after="40" w:line="240" \
                w:lineRule="auto"/></w:pPr><w:tblPr><w:tblStyleRowBandSize w:val="1"/><w:tblBorders>%s%s</w:tblBorders></w:tblPr>\
                <w:tblStylePr w:type="firstRow"><w:rPr>%s<w:b/>%s</w:rPr><w:tblPr/><w:tcPr>%s</w:tcPr></w:tblStylePr>\
                <w:tblStylePr w:type="lastRow"><w:rPr><w:b/></w:rPr><w:tblPr/><w:tcPr><w:tcBorders>%s</w:tcBorders></w:tcPr>\
                </w:tblStylePr><w:tblStylePr w:type="band2Horz"><w:rPr>%s</w:rPr><w:tblPr/><w:tcPr>%s</w:tcPr></w:tblStylePr>\
                </w:style>""".formatted(
                        TABLE,
                        word.border("bottom", look.lead(), 6, 0),
                        word.border("insideH", look.pale(), 4, 0),
                        faces(TypeRole.HEADING),
                        word.color(look.on(look.tableHead())),
                        word.shade(look.tableHead()),
                        word.border("top", look.lead(), 6, 0),
                        word.color(look.inks(look.band()).text()),
                        word.shade(look.band())));
    }

    private String letters(TypeRole role, double points, SlotColor color) {
        Lettering lettering = type.get(role);
        String capitals = lettering.capitals() == Capitals.ALL_CAPITALS ? "<w:caps/>" : "";
        int spacing = (int) Math.rint(points * TWENTIETHS * lettering.tracking() / THOUSANDTHS);
        return faces(role)
                + onOff("b", lettering.weight() >= (Lettering.REGULAR + Lettering.BOLD) / 2)
                + onOff("i", lettering.italic())
                + capitals
                + word.color(color)
                + (spacing == 0 ? "" : "<w:spacing w:val=\"" + spacing + "\"/>")
                + "<w:sz w:val=\"%d\"/><w:szCs w:val=\"%d\"/>".formatted(half(points), half(points));
    }

    private static String onOff(String name, boolean on) {
        return on ? "<w:" + name + "/><w:" + name + "Cs/>" : "";
    }

    /** A theme holds two fonts: a subheading in a third one is the only family that stands in a style by its name. */
    private String faces(TypeRole role) {
        String family = type.get(role).family();
        if (role == TypeRole.BODY) {
            return themeFaces("minor");
        }
        if (family.equals(type.get(TypeRole.HEADING).family())) {
            return themeFaces("major");
        }
        String named = Xml.text(family);
        return family.equals(type.get(TypeRole.BODY).family())
                ? themeFaces("minor")
                : "<w:rFonts w:ascii=\"" + named + "\" w:hAnsi=\"" + named + "\"/>";
    }

    private static String themeFaces(String font) {
        return "<w:rFonts w:asciiTheme=\"%sHAnsi\" w:eastAsiaTheme=\"%sEastAsia\" w:hAnsiTheme=\"%sHAnsi\" w:cstheme=\"%sBidi\"/>"
                .formatted(font, font, font, font);
    }
}
