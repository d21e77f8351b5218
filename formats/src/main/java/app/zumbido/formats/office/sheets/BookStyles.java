package app.zumbido.formats.office.sheets;

import app.zumbido.core.brand.ThemedInks;
import app.zumbido.core.brand.ThemedLook;
import app.zumbido.core.theme.SlotColor;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.core.type.TypeRole;
import app.zumbido.formats.delivery.Xml;

/** The styles part of a workbook. Source: ECMA-376 Part 1, 18.8. */
final class BookStyles {
    static final String TABLE = "Brand table";

    private final ThemedLook look;
    private final StringBuilder fonts = new StringBuilder();
    private final StringBuilder fills = new StringBuilder(
            "<fill><patternFill patternType=\"none\"/></fill><fill><patternFill patternType=\"gray125\"/></fill>");
    private final StringBuilder borders =
            new StringBuilder("<border><left/><right/><top/><bottom/><diagonal/></border>");
    private final StringBuilder formats = new StringBuilder();
    private final StringBuilder cells = new StringBuilder();
    private final StringBuilder names = new StringBuilder();
    private int fillCount = 2;
    private int borderCount = 1;

    private BookStyles(ThemedLook look) {
        this.look = look;
    }

    static String xml(ThemedLook look) {
        BookStyles styles = new BookStyles(look);
        for (CellStyle style : CellStyle.values()) {
            styles.add(style);
        }
        return styles.xml();
    }

    /** @param name of the element, as in {@code color} */
    private static String color(String name, SlotColor color) {
        String tint = color.step()
                .map(step -> " tint=\"" + step.workbookTint() + "\"")
                .orElse("");
        return "<%s theme=\"%d\"%s/>".formatted(name, ThemeSlot.IN_WORKBOOKS.indexOf(color.slot()), tint);
    }

    private void add(CellStyle style) {
        CellStyle.Drawn drawn = style.drawn(look);
        fonts.append(font(drawn));
        int fill = drawn.fill().isPresent() ? fillCount++ : 0;
        drawn.fill()
                .ifPresent(color -> fills.append("<fill><patternFill patternType=\"solid\">" + color("fgColor", color)
                        + "<bgColor indexed=\"64\"/></patternFill></fill>"));
        int border = drawn.line().isPresent() ? borderCount++ : 0;
        drawn.line().ifPresent(color -> borders.append(border(style, color)));
        int number = style.ordinal();
        String format = "numFmtId=\"0\" fontId=\"%d\" fillId=\"%d\" borderId=\"%d\"".formatted(number, fill, border);
        formats.append("<xf ").append(format);
        formats.append(" applyNumberFormat=\"0\" applyAlignment=\"0\" applyProtection=\"0\"/>");
        cells.append("<xf %s xfId=\"%d\"/>".formatted(format, number));
        names.append("<cellStyle name=\"%s\" xfId=\"%d\" builtinId=\"%d\"%s/>"
                .formatted(
                        style.called(),
                        number,
                        style.builtin(),
                        style == CellStyle.NORMAL ? "" : " customBuiltin=\"1\""));
    }

    private static String border(CellStyle style, SlotColor color) {
        String line = color("color", color);
        return style == CellStyle.TOTAL
                ? "<border><left/><right/><top style=\"thin\">%s</top><bottom style=\"double\">%s</bottom><diagonal/></border>"
                        .formatted(line, line)
                : "<border><left/><right/><top/><bottom style=\"medium\">%s</bottom><diagonal/></border>"
                        .formatted(line);
    }

    private String font(CellStyle.Drawn drawn) {
        TypeRole role = drawn.role();
        return "<font>%s%s%s<sz val=\"%s\"/>%s<name val=\"%s\"/><family val=\"2\"/><scheme val=\"%s\"/></font>"
                .formatted(
                        drawn.bold() ? "<b/>" : "",
                        drawn.italic() ? "<i/>" : "",
                        drawn.underlined() ? "<u/>" : "",
                        Math.rint(drawn.points() * 2) / 2,
                        color("color", drawn.text()),
                        Xml.text(look.look().brand().type().get(role).family()),
                        role == TypeRole.BODY ? "minor" : "major");
    }

    private String xml() {
        int count = CellStyle.values().length;
        return Xml.HEAD
                + """
                <styleSheet xmlns="http://schemas.openxmlformats.org/spreadsheetml/2006/main"><fonts count="%d">%s</fonts>\
                <fills count="%d">%s</fills><borders count="%d">%s</borders><cellStyleXfs count="%d">%s</cellStyleXfs>\
                <cellXfs count="%d">%s</cellXfs><cellStyles count="%d">%s</cellStyles>%s</styleSheet>""".formatted(
                                count,
                                fonts,
                                fillCount,
                                fills,
                                borderCount,
                                borders,
                                count,
                                formats,
                                count,
                                cells,
                                count,
                                names,
                                table());
    }

    /** What tables begin with: a head, bands and hairlines, each as a format of its own. */
    private String table() {
        ThemedInks inks = look.inks(look.page());
        String line = color("color", look.pale());
        String whole =
                "<dxf><border><bottom style=\"thin\">%s</bottom><horizontal style=\"thin\">%s</horizontal></border></dxf>"
                        .formatted(color("color", look.lead()), line);
        String head = "<dxf><font><b/>%s</font>%s</dxf>"
                .formatted(color("color", look.on(look.tableHead())), fill(look.tableHead()));
        String sum = "<dxf><font><b/>%s</font><border><top style=\"double\">%s</top></border></dxf>"
                .formatted(color("color", inks.text()), color("color", look.lead()));
        String band = "<dxf><font>%s</font>%s</dxf>"
                .formatted(color("color", look.inks(look.band()).text()), fill(look.band()));
        return """
                <dxfs count="4">%s%s%s%s</dxfs><tableStyles count="1" defaultTableStyle="%s"><tableStyle name="%s" pivot="0" \
                count="4"><tableStyleElement type="wholeTable" dxfId="0"/><tableStyleElement type="headerRow" dxfId="1"/>\
                <tableStyleElement type="totalRow" dxfId="2"/><tableStyleElement type="secondRowStripe" dxfId="3"/>\
                </tableStyle></tableStyles>""".formatted(whole, head, sum, band, TABLE, TABLE);
    }

    private static String fill(SlotColor color) {
        return "<fill><patternFill patternType=\"solid\">%s%s</patternFill></fill>"
                .formatted(color("fgColor", color), color("bgColor", color));
    }
}
