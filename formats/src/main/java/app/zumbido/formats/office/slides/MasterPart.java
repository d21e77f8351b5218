package app.zumbido.formats.office.slides;

import app.zumbido.core.brand.TemplateDesign;
import app.zumbido.core.brand.ThemedInks;
import app.zumbido.core.brand.ThemedLook;
import app.zumbido.core.type.TypeRole;
import app.zumbido.formats.office.ColorMaps;
import app.zumbido.formats.office.SchemeColors;
import app.zumbido.formats.office.Xml;

/** A master: where things stand unless a layout says otherwise, and how they are set. Source: ECMA-376 Part 1, 19.3.1.42. */
final class MasterPart {
    private MasterPart() {}

    /** @param layouts the entries of its list of layouts */
    static String xml(
            ThemedLook look, TemplateDesign design, Grid grid, SlideLogos logos, String part, String layouts) {
        SchemeColors colors = new SchemeColors(look.ground());
        SlideType type = new SlideType(look.look().brand().type(), colors);
        ThemedInks inks = look.inks(look.page());
        Shapes shapes = new Shapes()
                .placeholder(Placeholder.of("Title", "title", -1, "Title")
                        .at(grid.title())
                        .anchored("b"))
                .placeholder(Placeholder.of("Text", "body", LayoutParts.BODY, "Text", "Second level", "Third level")
                        .at(grid.body())
                        .anchored("t"));
        LayoutParts.foot(shapes, type, inks.quiet(), grid.number(), grid.footer(), grid.date());
        logos.small(part, shapes, grid, look.page().in(look.colors()));
        String list = type.list(design.bullets(), inks.text(), inks.accent());
        return Xml.HEAD
                + """
                <p:sldMaster xmlns:a="http://schemas.openxmlformats.org/drawingml/2006/main" \
                xmlns:r="http://schemas.openxmlformats.org/officeDocument/2006/relationships" \
                xmlns:p="http://schemas.openxmlformats.org/presentationml/2006/main" preserve="1"><p:cSld>\
                <p:bg><p:bgPr><a:solidFill><a:schemeClr val="bg1"/></a:solidFill><a:effectLst/></p:bgPr></p:bg>%s</p:cSld>\
                %s<p:sldLayoutIdLst>%s</p:sldLayoutIdLst><p:txStyles><p:titleStyle>%s</p:titleStyle>\
                <p:bodyStyle>%s</p:bodyStyle><p:otherStyle>%s</p:otherStyle></p:txStyles></p:sldMaster>""".formatted(
                                shapes.xml(),
                                ColorMaps.ofMaster(look.ground()),
                                layouts,
                                type.plain(TypeRole.HEADING, 1, inks.heading()),
                                list,
                                type.plain(TypeRole.BODY, 1, inks.text()));
    }
}
