package app.zumbido.formats.office.slides;

import app.zumbido.core.brand.ThemedInks;
import app.zumbido.core.brand.ThemedLook;
import app.zumbido.core.theme.SlotColor;
import app.zumbido.formats.delivery.Xml;
import app.zumbido.formats.office.SchemeColors;

/** How tables of a brand look: a head, bands, hairlines. Source: ECMA-376 Part 1, 20.1.4.2. */
final class TableStyle {
    /** Ours, and the one that tables begin with. */
    static final String ID = "{6F1D2C3B-84A5-4E0E-9B57-2B6C7D8E9F10}";

    private TableStyle() {}

    static String xml(ThemedLook look) {
        SchemeColors colors = new SchemeColors(look.ground());
        ThemedInks inks = look.inks(look.page());
        String line = "<a:ln w=\"9525\">" + colors.fill(look.pale()) + "</a:ln>";
        String head = "<a:tcTxStyle b=\"on\"><a:fontRef idx=\"major\"/>%s</a:tcTxStyle>"
                .formatted(colors.color(look.on(look.tableHead())));
        return Xml.HEAD
                + """
                <a:tblStyleLst xmlns:a="http://schemas.openxmlformats.org/drawingml/2006/main" def="%s">\
                <a:tblStyle styleId="%s" styleName="%s">\
                <a:wholeTbl><a:tcTxStyle><a:fontRef idx="minor"/>%s</a:tcTxStyle><a:tcStyle><a:tcBdr><a:bottom>%s</a:bottom>\
                <a:insideH>%s</a:insideH></a:tcBdr><a:fill><a:noFill/></a:fill></a:tcStyle></a:wholeTbl>\
                <a:band2H><a:tcTxStyle><a:fontRef idx="minor"/>%s</a:tcTxStyle><a:tcStyle><a:tcBdr/>%s</a:tcStyle></a:band2H>\
                <a:lastRow>%s<a:tcStyle><a:tcBdr><a:top><a:ln w="19050">%s</a:ln></a:top></a:tcBdr></a:tcStyle></a:lastRow>\
                <a:firstRow>%s<a:tcStyle><a:tcBdr/>%s</a:tcStyle></a:firstRow></a:tblStyle></a:tblStyleLst>""".formatted(
                                ID,
                                ID,
                                Xml.text(look.look().brand().name()),
                                colors.color(inks.text()),
                                line,
                                line,
                                colors.color(look.inks(look.band()).text()),
                                fill(colors, look.band()),
                                bold(colors, inks.text()),
                                colors.fill(inks.text()),
                                head,
                                fill(colors, look.tableHead()));
    }

    private static String bold(SchemeColors colors, SlotColor text) {
        return "<a:tcTxStyle b=\"on\"><a:fontRef idx=\"minor\"/>" + colors.color(text) + "</a:tcTxStyle>";
    }

    private static String fill(SchemeColors colors, SlotColor color) {
        return "<a:fill>" + colors.fill(color) + "</a:fill>";
    }
}
