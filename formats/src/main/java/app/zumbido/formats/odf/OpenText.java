package app.zumbido.formats.odf;

import app.zumbido.core.brand.TemplateDesign.BulletKind;
import app.zumbido.core.brand.ThemedInks;
import app.zumbido.core.brand.ThemedLook;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.theme.SlotColor;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.core.type.TypeRole;
import app.zumbido.formats.delivery.LogoChoice;
import app.zumbido.formats.delivery.LogoPicture;
import app.zumbido.formats.delivery.Order;
import app.zumbido.formats.delivery.ThemedWriter;
import app.zumbido.formats.delivery.Xml;
import java.io.IOException;
import java.io.OutputStream;
import java.util.List;
import java.util.Optional;
import java.util.function.IntFunction;

/** An OpenDocument text template: the same styles as the document template, with the logo in the head of the first page. */
public final class OpenText implements ThemedWriter {
    private static final String TYPE = "application/vnd.oasis.opendocument.text-template";
    private static final int LEVELS = 3;
    private static final long LOGO_WIDTH = 2_200_000;
    private static final long LOGO_HEIGHT = 640_000;
    private static final long SYMBOL_HEIGHT = 330_000;
    private static final double SMALL = 0.85;

    @Override
    public String kind() {
        return "odf-document";
    }

    @Override
    public String ending() {
        return ".ott";
    }

    @Override
    public String mediaType() {
        return TYPE;
    }

    @Override
    public void write(Order order, OutputStream out) throws IOException {
        new Writing(order).write(out);
    }

    /** One file in the making. */
    private static final class Writing {
        private final Order order;
        private final ThemedLook look;
        private final ThemedInks inks;
        private final OdfText text;
        private final OdfZip zip = new OdfZip(TYPE);
        private final StringBuilder styles = new StringBuilder();

        Writing(Order order) {
            this.order = order;
            this.look = ThemedLook.onPaper(order.look());
            this.inks = look.inks(look.page());
            this.text = new OdfText(look);
        }

        void write(OutputStream out) throws IOException {
            all();
            String fonts = zip.fonts(text.type(), order.assets());
            String masters = "<style:master-page style:name=\"Standard\" style:page-layout-name=\"PM1\">"
                    + head(
                            "header",
                            "<text:tab/>"
                                    + logo(LogoChoice.SYMBOL, SYMBOL_HEIGHT).orElse("")) + foot()
                    + "</style:master-page><style:master-page style:name=\"First_20_Page\" style:display-name=\"First Page\" style:page-layout-name=\"PM1\" style:next-style-name=\"Standard\">"
                    + "<style:header><text:p text:style-name=\"Header\">"
                    + logo(LogoChoice.WHOLE, LOGO_HEIGHT).orElseGet(this::name)
                    + "</text:p></style:header>" + foot() + "</style:master-page>";
            zip.put(
                    "styles.xml",
                    "document-styles",
                    fonts + "<office:styles>" + styles + "</office:styles><office:automatic-styles>" + pageLayout()
                            + "<style:style style:name=\"Logo\" style:family=\"graphic\"><style:graphic-properties style:vertical-pos=\"middle\" style:vertical-rel=\"text\" draw:stroke=\"none\"/></style:style>"
                            + "</office:automatic-styles><office:master-styles>" + masters + "</office:master-styles>");
            zip.put(
                    "content.xml",
                    "document-content",
                    fonts
                            + "<office:automatic-styles><style:style style:name=\"P1\" style:family=\"paragraph\" style:parent-style-name=\"Standard\" style:master-page-name=\"First_20_Page\"/></office:automatic-styles>"
                            + "<office:body><office:text><text:p text:style-name=\"P1\"/></office:text></office:body>");
            zip.describe(order.look());
            zip.write(out);
        }

        private double size(TypeRole role) {
            return text.type().get(role).sizes().letters();
        }

        private void all() {
            double title = size(TypeRole.HEADING);
            double second = size(TypeRole.SUBHEADING);
            double body = size(TypeRole.BODY);
            String language = text.type().languages().get(0).code();
            styles.append(
                            "<style:default-style style:family=\"paragraph\"><style:paragraph-properties fo:line-height=\"115%\"/><style:text-properties fo:language=\"")
                    .append(language)
                    .append("\" fo:country=\"none\"/></style:default-style>");
            paragraph("Standard", "", "fo:margin-bottom=\"6pt\"", text.letters(TypeRole.BODY, body, inks.text()));
            paragraph("Text body", "", "", "");
            paragraph(
                    "Title",
                    "",
                    "fo:margin-bottom=\"4pt\" fo:line-height=\"100%\"",
                    text.letters(TypeRole.HEADING, title, inks.heading()));
            paragraph(
                    "Subtitle",
                    "",
                    "fo:margin-bottom=\"16pt\" fo:line-height=\"100%\"",
                    text.letters(TypeRole.SUBHEADING, second, inks.subheading()));
            heading(1, TypeRole.HEADING, (title + second) / 2, inks.heading(), 18);
            heading(2, TypeRole.SUBHEADING, second, inks.subheading(), 14);
            heading(3, TypeRole.HEADING, (second + body) / 2, inks.heading(), 10);
            heading(4, TypeRole.SUBHEADING, body, inks.subheading(), 8);
            paragraph(
                    "Quotations",
                    "",
                    "fo:margin-left=\"0.6cm\" fo:margin-right=\"0.6cm\" fo:margin-top=\"10pt\" fo:margin-bottom=\"10pt\" fo:padding-left=\"0.3cm\" fo:border-left=\"3pt solid "
                            + text.code(inks.accent()) + "\"",
                    text.letters(TypeRole.SUBHEADING, (second + body) / 2, inks.subheading()));
            paragraph(
                    "Caption",
                    "",
                    "fo:margin-bottom=\"12pt\"",
                    text.letters(TypeRole.BODY, body * SMALL, inks.quiet()));
            paragraph(
                    "Callout",
                    "",
                    "fo:background-color=\"%s\" fo:padding=\"0.25cm\" fo:border-left=\"4.5pt solid %s\" fo:margin-top=\"12pt\" fo:margin-bottom=\"12pt\""
                            .formatted(text.code(look.band()), text.code(look.lead())),
                    text.letters(TypeRole.BODY, body, look.inks(look.band()).text()));
            paragraph("Table Contents", "", "fo:margin-top=\"2pt\" fo:margin-bottom=\"2pt\"", "");
            paragraph(
                    "Table Heading",
                    "Table_20_Contents",
                    "",
                    text.letters(TypeRole.HEADING, body, look.on(look.tableHead())));
            String stop =
                    "<style:tab-stops><style:tab-stop style:position=\"16.4cm\" style:type=\"right\"/></style:tab-stops>";
            for (String edge : List.of("Header", "Footer")) {
                styles.append(
                        "<style:style style:name=\"%s\" style:family=\"paragraph\" style:parent-style-name=\"Standard\"><style:paragraph-properties>%s</style:paragraph-properties>%s</style:style>"
                                .formatted(edge, stop, text.letters(TypeRole.BODY, body * SMALL, inks.quiet())));
            }
            link("Internet link", ThemeSlot.HYPERLINK);
            link("Visited Internet Link", ThemeSlot.FOLLOWED_HYPERLINK);
            list(
                    "List Bullet",
                    level -> "bullet text:bullet-char=\"" + bullets().sign(level) + "\"",
                    "bullet");
            list(
                    "List Number",
                    level -> "number style:num-format=\"" + (level == 1 ? "a" : "1") + "\" style:num-suffix=\".\"",
                    "number");
            cells();
        }

        private BulletKind bullets() {
            return look.look().brand().template().bullets();
        }

        private static String id(String name) {
            return name.replace(" ", "_20_");
        }

        private void paragraph(String name, String parent, String properties, String letters) {
            String above = name.equals("Standard") ? "" : parent.isEmpty() ? "Standard" : parent;
            styles.append(
                    "<style:style style:name=\"%s\" style:display-name=\"%s\" style:family=\"paragraph\"%s>%s%s</style:style>"
                            .formatted(
                                    id(name),
                                    name,
                                    above.isEmpty() ? "" : " style:parent-style-name=\"" + above + "\"",
                                    properties.isEmpty() ? "" : "<style:paragraph-properties " + properties + "/>",
                                    letters));
        }

        private void heading(int level, TypeRole role, double points, SlotColor color, int before) {
            styles.append(
                    "<style:style style:name=\"Heading_20_%1$d\" style:display-name=\"Heading %1$d\" style:family=\"paragraph\" style:parent-style-name=\"Standard\" style:next-style-name=\"Standard\" style:default-outline-level=\"%1$d\"><style:paragraph-properties fo:margin-top=\"%2$dpt\" fo:margin-bottom=\"4pt\" fo:line-height=\"100%%\" fo:keep-with-next=\"always\"/>%3$s</style:style>"
                            .formatted(level, before, text.letters(role, points, color)));
        }

        private void link(String name, ThemeSlot slot) {
            styles.append(
                    "<style:style style:name=\"%s\" style:display-name=\"%s\" style:family=\"text\"><style:text-properties fo:color=\"%s\" style:text-underline-style=\"solid\"/></style:style>"
                            .formatted(id(name), name, text.code(SlotColor.of(slot))));
        }

        private void list(String name, IntFunction<String> sign, String kind) {
            StringBuilder levels = new StringBuilder();
            for (int level = 0; level < LEVELS; level++) {
                levels.append(
                        "<text:list-level-style-%s text:level=\"%d\"><style:list-level-properties text:space-before=\"%.1fcm\" text:min-label-width=\"0.5cm\"/><style:text-properties fo:color=\"%s\"/></text:list-level-style-%s>"
                                .formatted(sign.apply(level), level + 1, 0.5 * level, text.code(inks.accent()), kind));
            }
            styles.append("<text:list-style style:name=\"%s\" style:display-name=\"%s\">%s</text:list-style>"
                    .formatted(id(name), name, levels));
        }

        /** Head, band and sum of tables, which programs offer as a style of the whole. */
        private void cells() {
            cell("Brand.head", look.tableHead(), "");
            cell("Brand.body", look.page(), "fo:border-bottom=\"0.5pt solid " + text.code(look.pale()) + "\"");
            cell("Brand.band", look.band(), "");
            cell("Brand.sum", look.page(), "fo:border-top=\"1pt solid " + text.code(look.lead()) + "\"");
            styles.append("""
                    <table:table-template table:name="Brand table" table:first-row-start-column="row" \
                    table:first-row-end-column="row" table:last-row-start-column="row" table:last-row-end-column="row">\
                    <table:first-row table:style-name="Brand.head"/><table:last-row table:style-name="Brand.sum"/>\
                    <table:body table:style-name="Brand.body"/><table:even-rows table:style-name="Brand.band"/>\
                    </table:table-template>""");
        }

        private void cell(String name, SlotColor ground, String more) {
            styles.append(
                    "<style:style style:name=\"%s\" style:family=\"table-cell\"><style:table-cell-properties fo:background-color=\"%s\" fo:padding=\"0.1cm\" %s/></style:style>"
                            .formatted(name, text.code(ground), more));
        }

        private static String pageLayout() {
            return """
                    <style:page-layout style:name="PM1"><style:page-layout-properties fo:page-width="21cm" fo:page-height="29.7cm" \
                    fo:margin-top="1.2cm" fo:margin-bottom="1cm" fo:margin-left="2.3cm" fo:margin-right="2.3cm" \
                    style:print-orientation="portrait"/><style:header-style><style:header-footer-properties \
                    fo:min-height="1.8cm" fo:margin-bottom="0.6cm"/></style:header-style><style:footer-style>\
                    <style:header-footer-properties fo:min-height="0.8cm" fo:margin-top="0.5cm"/></style:footer-style>\
                    </style:page-layout>""";
        }

        private String name() {
            return Xml.text(look.look().brand().name());
        }

        private String head(String edge, String more) {
            return "<style:%1$s><text:p text:style-name=\"%2$s\">%3$s%4$s</text:p></style:%1$s>"
                    .formatted(edge, edge.equals("header") ? "Header" : "Footer", name(), more);
        }

        private String foot() {
            return head("footer", "<text:tab/><text:page-number>1</text:page-number>");
        }

        private Optional<String> logo(LogoChoice choice, long height) {
            return choice.on(Rgb.WHITE, order.assets())
                    .map(LogoChoice.Chosen::picture)
                    .map(logo -> frame(logo, height));
        }

        private String frame(LogoPicture logo, long height) {
            long wide = Math.max(1, Math.min(LOGO_WIDTH, Math.round(height * logo.ratio())));
            long tall = Math.max(1, Math.round(wide / logo.ratio()));
            String drawn = zip.add("Pictures", logo.svg(), "svg");
            String painted = zip.add("Pictures", logo.png((int) Math.max(1, wide * 3 / 9_525)), "png");
            return "<draw:frame draw:style-name=\"Logo\" text:anchor-type=\"as-char\" svg:width=\"%s\" svg:height=\"%s\">%s%s<svg:title>Logo</svg:title></draw:frame>"
                    .formatted(OdfText.cm(wide), OdfText.cm(tall), OdfZip.image(drawn), OdfZip.image(painted));
        }
    }
}
