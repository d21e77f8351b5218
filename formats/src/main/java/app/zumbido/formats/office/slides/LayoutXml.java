package app.zumbido.formats.office.slides;

import app.zumbido.core.brand.ThemedLook;
import app.zumbido.core.theme.PageGround;
import app.zumbido.core.theme.TurnedLayout;
import app.zumbido.formats.delivery.Xml;
import app.zumbido.formats.layouts.Box;
import app.zumbido.formats.layouts.Fill;
import app.zumbido.formats.layouts.LayoutPlan;
import app.zumbido.formats.layouts.LayoutPlan.Area;
import app.zumbido.formats.layouts.LayoutPlan.Holder;
import app.zumbido.formats.layouts.LayoutPlan.Item;
import app.zumbido.formats.layouts.LayoutPlan.Kind;
import app.zumbido.formats.layouts.LayoutPlan.Logo;
import app.zumbido.formats.layouts.SlideLayout;
import app.zumbido.formats.layouts.TextLook;
import app.zumbido.formats.office.ColorMaps;
import app.zumbido.formats.office.Gradients;
import app.zumbido.formats.office.SchemeColors;
import java.util.List;
import java.util.Map;

/** Writes planned layouts and masters, everything by reference into their theme. Source: ECMA-376 Part 1, 19.3.1. */
final class LayoutXml {
    static final String NAMESPACES = "xmlns:a=\"http://schemas.openxmlformats.org/drawingml/2006/main\" "
            + "xmlns:r=\"http://schemas.openxmlformats.org/officeDocument/2006/relationships\" "
            + "xmlns:p=\"http://schemas.openxmlformats.org/presentationml/2006/main\"";
    /** Names of types: 19.7.15. */
    private static final Map<SlideLayout, String> TYPES = Map.of(
            SlideLayout.TITLE, "title",
            SlideLayout.SECTION, "secHead",
            SlideLayout.CONTENT, "obj",
            SlideLayout.COLUMNS, "twoTxTwoObj",
            SlideLayout.PICTURE, "picTx",
            SlideLayout.CHART, "chart",
            SlideLayout.TABLE, "tbl",
            SlideLayout.BLANK, "blank");

    private final ThemedLook look;
    private final SlideMedia media;

    LayoutXml(ThemedLook look, SlideMedia media) {
        this.look = look;
        this.media = media;
    }

    /** @param part its name, from which it is linked to what it shows */
    String layout(LayoutPlan plan, String part) {
        PageGround ground = plan.ground();
        SchemeColors colors = new SchemeColors(ground);
        String background = plan.background()
                .map(fill -> "<p:bg><p:bgPr>" + fill(fill, colors) + "<a:effectLst/></p:bgPr></p:bg>")
                .orElse("");
        String map = ground == look.ground()
                ? "<a:masterClrMapping/>"
                : ColorMaps.override(ground, TurnedLayout.linkSlot(look.colors(), ground));
        return Xml.HEAD
                + """
                <p:sldLayout %s type="%s" preserve="1"%s userDrawn="1"><p:cSld name="%s">%s%s</p:cSld>\
                <p:clrMapOvr>%s</p:clrMapOvr></p:sldLayout>""".formatted(
                                NAMESPACES,
                                TYPES.getOrDefault(plan.layout(), "cust"),
                                plan.alone() ? " showMasterSp=\"0\"" : "",
                                plan.layout().called(look.ground() == PageGround.DARK),
                                background,
                                shapes(plan.items(), part, colors),
                                map);
    }

    /** @return the shapes, one above the other */
    String shapes(List<Item> items, String part, SchemeColors colors) {
        Shapes shapes = new Shapes();
        for (Item item : items) {
            if (item instanceof Area area) {
                shapes.rectangle(area.name(), area.box(), fill(area.fill(), colors));
            } else if (item instanceof Logo logo) {
                shapes.logo(
                        logo.box(),
                        media.link(part, media.painted(logo.picture(), logo.box())),
                        media.link(part, media.drawn(logo.picture())));
            } else {
                shapes.placeholder(placeholder((Holder) item, colors));
            }
        }
        return shapes.xml();
    }

    private Placeholder placeholder(Holder holder, SchemeColors colors) {
        SlideType type = new SlideType(look.look().brand().type(), colors);
        TextLook text = holder.text();
        String styles = text.bullets()
                .map(led -> type.list(look.look().brand().template().bullets(), text.color(), led))
                .orElseGet(() -> type.plain(text));
        Placeholder placed = Placeholder.of(
                        holder.name(),
                        type(holder.kind()),
                        holder.index(),
                        holder.prompts().toArray(String[]::new))
                .at(holder.box(), holder.fill().map(fill -> fill(fill, colors)).orElse(""))
                .styled(styles);
        Placeholder anchored = holder.hugging()
                ? placed.hugging(holder.inset(), anchor(holder.anchor()))
                : placed.inset(holder.inset(), anchor(holder.anchor()));
        return holder.kind() == Kind.NUMBER ? anchored.saying(List.of(Placeholder.slideNumber())) : anchored;
    }

    private static String anchor(LayoutPlan.Anchor anchor) {
        return switch (anchor) {
            case TOP -> "t";
            case MIDDLE -> "ctr";
            case BOTTOM -> "b";
        };
    }

    static String type(Kind kind) {
        return switch (kind) {
            case TITLE -> "title";
            case CENTERED_TITLE -> "ctrTitle";
            case SUBTITLE -> "subTitle";
            case TEXT -> "body";
            case ANYTHING -> "";
            case PICTURE -> "pic";
            case CHART -> "chart";
            case TABLE -> "tbl";
            case DATE -> "dt";
            case FOOTER -> "ftr";
            case NUMBER -> "sldNum";
        };
    }

    private static String fill(Fill fill, SchemeColors colors) {
        if (fill instanceof Fill.Gradual gradual) {
            return Gradients.fill(gradual.run(), colors, gradual.angle());
        }
        Fill.Solid solid = (Fill.Solid) fill;
        return solid.opacity().value() < 1 ? colors.fill(solid.color(), solid.opacity()) : colors.fill(solid.color());
    }

    /** Source: ECMA-376 Part 1, 20.1.7.6. @param prefix of the namespace that it stands in: that of slides for frames */
    static String transform(String prefix, Box box) {
        return "<%s:xfrm><a:off x=\"%d\" y=\"%d\"/><a:ext cx=\"%d\" cy=\"%d\"/></%s:xfrm>"
                .formatted(prefix, box.x(), box.y(), box.width(), box.height(), prefix);
    }
}
