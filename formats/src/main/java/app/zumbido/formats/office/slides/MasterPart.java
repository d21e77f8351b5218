package app.zumbido.formats.office.slides;

import app.zumbido.core.brand.ThemedInks;
import app.zumbido.core.brand.ThemedLook;
import app.zumbido.core.type.TypeRole;
import app.zumbido.formats.delivery.Xml;
import app.zumbido.formats.layouts.LayoutPlan.Item;
import app.zumbido.formats.office.ColorMaps;
import app.zumbido.formats.office.SchemeColors;
import java.util.List;

/** A master: where things stand unless a layout says otherwise, and how they are set. Source: ECMA-376 Part 1, 19.3.1.42. */
final class MasterPart {
    private MasterPart() {}

    /** @param layouts the entries of its list of layouts */
    static String xml(ThemedLook look, LayoutXml writer, List<Item> items, String part, String layouts) {
        SchemeColors colors = new SchemeColors(look.ground());
        SlideType type = new SlideType(look.look().brand().type(), colors);
        ThemedInks inks = look.inks(look.page());
        return Xml.HEAD
                + """
                <p:sldMaster %s preserve="1"><p:cSld>\
                <p:bg><p:bgPr><a:solidFill><a:schemeClr val="bg1"/></a:solidFill><a:effectLst/></p:bgPr></p:bg>%s</p:cSld>\
                %s<p:sldLayoutIdLst>%s</p:sldLayoutIdLst><p:txStyles><p:titleStyle>%s</p:titleStyle>\
                <p:bodyStyle>%s</p:bodyStyle><p:otherStyle>%s</p:otherStyle></p:txStyles></p:sldMaster>""".formatted(
                                LayoutXml.NAMESPACES,
                                writer.shapes(items, part, colors),
                                ColorMaps.ofMaster(look.ground()),
                                layouts,
                                type.plain(TypeRole.HEADING, inks.heading()),
                                type.list(look.look().brand().template().bullets(), inks.text(), inks.accent()),
                                type.plain(TypeRole.BODY, inks.text()));
    }
}
