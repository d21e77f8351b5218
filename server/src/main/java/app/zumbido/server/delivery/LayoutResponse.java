package app.zumbido.server.delivery;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.ThemedLook;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.contrast.Gradient;
import app.zumbido.core.logos.LogoForm;
import app.zumbido.core.theme.PageGround;
import app.zumbido.core.theme.SlotColor;
import app.zumbido.core.type.TypeRole;
import app.zumbido.formats.layouts.Box;
import app.zumbido.formats.layouts.Fill;
import app.zumbido.formats.layouts.LayoutPlan;
import app.zumbido.formats.layouts.LayoutPlan.Area;
import app.zumbido.formats.layouts.LayoutPlan.Holder;
import app.zumbido.formats.layouts.LayoutPlan.Item;
import app.zumbido.formats.layouts.LayoutPlan.Kind;
import app.zumbido.formats.layouts.LayoutPlan.Logo;
import app.zumbido.formats.layouts.LayoutPlans;
import app.zumbido.formats.layouts.SlideSize;
import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A layout of the template as it is made, to be looked at; lengths in points.
 *
 * @param background its colours from one side to the other; one: all of it
 * @param shapes the lowest first
 */
record LayoutResponse(String name, double width, double height, List<String> background, List<ShapeResponse> shapes) {
    private static final double POINT = 12_700;

    /** What stands there. */
    enum Shape {
        AREA,
        TEXT,
        LOGO,
        /** A picture, chart or table that somebody puts in. */
        PLACE
    }

    /**
     * What stands on a layout; what is of no meaning for a kind is absent.
     *
     * @param colors that it is filled with, from one side to the other or downwards; none: nothing
     * @param opacity of the fill
     * @param downwards whether its colours run downwards
     * @param text what stands in it, the first level first
     * @param role that it is set as
     * @param size of its letters, in points
     * @param hex of its letters
     * @param anchor top, middle or bottom
     * @param toTheRight whether its lines end at the right
     * @param bullet colour of what leads its lines
     * @param signs what leads its lines, a sign a level
     * @param inset of the text in its frame
     * @param form of the logo @param under the colour that it stands on
     */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    record ShapeResponse(
            Shape kind,
            double x,
            double y,
            double width,
            double height,
            List<String> colors,
            double opacity,
            boolean downwards,
            List<String> text,
            @Nullable TypeRole role,
            @Nullable Double size,
            @Nullable String hex,
            LayoutPlan.@Nullable Anchor anchor,
            boolean toTheRight,
            @Nullable String bullet,
            @Nullable String signs,
            double inset,
            @Nullable LogoForm form,
            @Nullable String under) {}

    static List<LayoutResponse> all(ThemedLook look, LayoutPlans plans, SlideSize size) {
        return plans.all().stream().map(plan -> of(look, plans, plan, size)).toList();
    }

    private static LayoutResponse of(ThemedLook look, LayoutPlans plans, LayoutPlan plan, SlideSize size) {
        List<ShapeResponse> shapes = new ArrayList<>();
        if (!plan.alone()) {
            plans.master().stream().filter(Logo.class::isInstance).forEach(item -> shapes.add(shape(look, plan, item)));
        }
        plan.items().forEach(item -> shapes.add(shape(look, plan, item)));
        return new LayoutResponse(
                plan.layout().called(look.ground() == PageGround.DARK),
                size.width() / POINT,
                SlideSize.HEIGHT / POINT,
                colors(plan.background().orElseGet(() -> Fill.of(look.page())), look),
                shapes);
    }

    private static List<String> colors(Fill fill, ThemedLook look) {
        if (fill instanceof Fill.Gradual gradual) {
            Gradient gradient = gradual.run().in(look.colors());
            return gradient.stops().stream().map(Rgb::hex).toList();
        }
        return List.of(hex(((Fill.Solid) fill).color(), look));
    }

    private static String hex(SlotColor color, ThemedLook look) {
        return color.in(look.colors()).hex();
    }

    private static ShapeResponse shape(ThemedLook look, LayoutPlan plan, Item item) {
        if (item instanceof Area area) {
            boolean downwards = area.fill() instanceof Fill.Gradual gradual && gradual.angle() == 90;
            return at(Shape.AREA, area.box(), colors(area.fill(), look), 1, downwards, null, null);
        }
        if (item instanceof Logo logo) {
            return at(
                    Shape.LOGO,
                    logo.box(),
                    List.of(),
                    1,
                    false,
                    logo.form(),
                    logo.under().hex());
        }
        return text(look, plan, (Holder) item);
    }

    private static ShapeResponse at(
            Shape kind,
            Box box,
            List<String> colors,
            double opacity,
            boolean downwards,
            @Nullable LogoForm form,
            @Nullable String under) {
        return new ShapeResponse(
                kind,
                box.x() / POINT,
                box.y() / POINT,
                box.width() / POINT,
                box.height() / POINT,
                colors,
                opacity,
                downwards,
                List.of(),
                null,
                null,
                null,
                null,
                false,
                null,
                null,
                0,
                form,
                under);
    }

    private static ShapeResponse text(ThemedLook look, LayoutPlan plan, Holder holder) {
        Brand brand = look.look().brand();
        boolean list = holder.text().bullets().isPresent();
        StringBuilder signs = new StringBuilder();
        for (int level = 0; list && level < holder.prompts().size(); level++) {
            signs.append(brand.template().bullets().sign(level));
        }
        boolean place = List.of(Kind.PICTURE, Kind.CHART, Kind.TABLE).contains(holder.kind());
        return new ShapeResponse(
                place ? Shape.PLACE : Shape.TEXT,
                holder.box().x() / POINT,
                holder.box().y() / POINT,
                holder.box().width() / POINT,
                holder.box().height() / POINT,
                holder.fill().map(fill -> colors(fill, look)).orElse(List.of()),
                holder.fill()
                        .filter(Fill.Solid.class::isInstance)
                        .map(fill -> ((Fill.Solid) fill).opacity().value())
                        .orElse(1.0),
                false,
                said(holder, plan, brand),
                holder.text().role(),
                brand.type().get(holder.text().role()).sizes().slides()
                        * holder.text().times(),
                hex(holder.text().color(), look),
                holder.anchor(),
                holder.text().toTheRight(),
                holder.text().bullets().map(led -> hex(led, look)).orElse(null),
                list ? signs.toString() : null,
                holder.inset() / POINT,
                null,
                null);
    }

    private static List<String> said(Holder holder, LayoutPlan plan, Brand brand) {
        return switch (holder.kind()) {
            case CENTERED_TITLE -> List.of(brand.name());
            case TITLE -> List.of(plan.layout().called(false));
            case FOOTER -> List.of(brand.name());
            case NUMBER -> List.of(String.valueOf(plan.layout().ordinal() + 1));
            case DATE -> List.of();
            default -> holder.prompts();
        };
    }
}
