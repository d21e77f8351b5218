package app.zumbido.formats.odf;

import app.zumbido.core.brand.TemplateDesign.BulletKind;
import app.zumbido.core.brand.ThemedLook;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.contrast.Gradient;
import app.zumbido.core.theme.PageGround;
import app.zumbido.core.theme.SlotColor;
import app.zumbido.core.type.TypeRole;
import app.zumbido.formats.delivery.Order;
import app.zumbido.formats.delivery.ThemedWriter;
import app.zumbido.formats.delivery.Xml;
import app.zumbido.formats.layouts.Box;
import app.zumbido.formats.layouts.Fill;
import app.zumbido.formats.layouts.LayoutPlan;
import app.zumbido.formats.layouts.LayoutPlan.Area;
import app.zumbido.formats.layouts.LayoutPlan.Holder;
import app.zumbido.formats.layouts.LayoutPlan.Item;
import app.zumbido.formats.layouts.LayoutPlan.Kind;
import app.zumbido.formats.layouts.LayoutPlan.Logo;
import app.zumbido.formats.layouts.LayoutPlans;
import app.zumbido.formats.layouts.SlideLayout;
import app.zumbido.formats.layouts.SlideSize;
import java.io.IOException;
import java.io.OutputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * An OpenDocument presentation template: the same layouts, each as a master page, since the standard has no layouts that look
 * different. Gradients have two colours, and links keep the colour that programs give them.
 */
public final class OpenPresentation implements ThemedWriter {
    private static final String TYPE = "application/vnd.oasis.opendocument.presentation-template";
    private static final SlideSize SIZE = SlideSize.WIDE;
    private static final int LEVELS = 5;
    private static final double[] SIZES = {1, 5.0 / 6, 3.0 / 4, 2.0 / 3, 2.0 / 3};
    private static final int PIXELS = 9_525 / 3;
    private static final int MOST_PIXELS = 1_600;

    @Override
    public String kind() {
        return "odf-presentation";
    }

    @Override
    public String ending() {
        return ".otp";
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
        private final OdfText text;
        private final OdfZip zip = new OdfZip(TYPE);
        private final StringBuilder gradients = new StringBuilder();
        private final StringBuilder named = new StringBuilder();
        private final StringBuilder automatic = new StringBuilder();
        private final StringBuilder pages = new StringBuilder();
        private final List<String> graphics = new ArrayList<>();
        private int gradientCount;

        Writing(Order order) {
            this.order = order;
            this.look = ThemedLook.of(order.look());
            this.text = new OdfText(look);
        }

        void write(OutputStream out) throws IOException {
            LayoutPlans plans = new LayoutPlans(look, SIZE, order.assets());
            for (SlideLayout layout : SlideLayout.values()) {
                page(plans, plans.of(layout));
            }
            String fonts = zip.fonts(text.type(), order.assets());
            zip.put(
                    "styles.xml",
                    "document-styles",
                    fonts + "<office:styles>" + gradients
                            + "<style:default-style style:family=\"graphic\"/>" + named + "</office:styles>"
                            + "<office:automatic-styles>" + pageLayout() + automatic + "</office:automatic-styles>"
                            + "<office:master-styles>" + pages + "</office:master-styles>");
            zip.put("content.xml", "document-content", fonts + content(plans.of(SlideLayout.TITLE)));
            zip.describe(order.look());
            zip.write(out);
        }

        private static String pageLayout() {
            return "<style:page-layout style:name=\"PM1\"><style:page-layout-properties fo:page-width=\"%s\" fo:page-height=\"%s\" style:print-orientation=\"landscape\" fo:margin-top=\"0cm\" fo:margin-bottom=\"0cm\" fo:margin-left=\"0cm\" fo:margin-right=\"0cm\"/></style:page-layout>"
                    .formatted(OdfText.cm(SIZE.width()), OdfText.cm(SlideSize.HEIGHT));
        }

        private String called(SlideLayout layout) {
            return layout.called(look.ground() == PageGround.DARK);
        }

        /** Names of styles have no blanks; people see the other one. */
        private String id(SlideLayout layout) {
            return called(layout).replace(" ", "_20_");
        }

        private void page(LayoutPlans plans, LayoutPlan plan) {
            String id = id(plan.layout());
            automatic.append(
                    "<style:style style:name=\"dp-%s\" style:family=\"drawing-page\"><style:drawing-page-properties %s/></style:style>"
                            .formatted(id, filled(plan.background().orElseGet(() -> Fill.of(look.page())))));
            StringBuilder shapes = new StringBuilder();
            if (!plan.alone()) {
                // Masters that share a logo each have it, since there is nothing above them.
                plans.master().stream().filter(Logo.class::isInstance).forEach(item -> shapes.append(shape(id, item)));
            }
            plan.items().forEach(item -> shapes.append(shape(id, item)));
            pages.append(
                    "<style:master-page style:name=\"%s\" style:display-name=\"%s\" style:page-layout-name=\"PM1\" draw:style-name=\"dp-%s\">%s</style:master-page>"
                            .formatted(id, Xml.text(called(plan.layout())), id, shapes));
        }

        private String shape(String page, Item item) {
            if (item instanceof Area area) {
                return "<draw:rect draw:style-name=\"%s\" draw:layer=\"backgroundobjects\" %s/>"
                        .formatted(graphic(filled(area.fill()) + " draw:stroke=\"none\""), place(area.box()));
            }
            if (item instanceof Logo logo) {
                int width = (int) Math.max(1, Math.min(MOST_PIXELS, logo.box().width() / PIXELS));
                String drawn = zip.add("Pictures", logo.picture().svg(), "svg");
                String painted = zip.add("Pictures", logo.picture().png(width), "png");
                return "<draw:frame draw:style-name=\"%s\" draw:layer=\"backgroundobjects\" %s>%s%s<svg:title>Logo</svg:title></draw:frame>"
                        .formatted(
                                graphic("draw:stroke=\"none\" draw:fill=\"none\""),
                                place(logo.box()),
                                OdfZip.image(drawn),
                                OdfZip.image(painted));
            }
            return holder(page, (Holder) item);
        }

        private String holder(String page, Holder holder) {
            String kind = kind(holder.kind());
            String style = page + "-" + kind + (holder.index() > LayoutPlans.BODY ? holder.index() : "");
            boolean outline = holder.text().bullets().isPresent();
            for (int level = 0; level < (outline ? LEVELS : 1); level++) {
                named.append(style(outline ? style + (level + 1) : style, outline ? style + level : "", holder, level));
            }
            String field = switch (holder.kind()) {
                case NUMBER -> "<text:p><text:page-number>&lt;number&gt;</text:page-number></text:p>";
                case DATE -> "<text:p><presentation:date-time/></text:p>";
                case FOOTER -> "<text:p><presentation:footer/></text:p>";
                default -> "";
            };
            return "<draw:frame presentation:style-name=\"%s\" draw:layer=\"backgroundobjects\" %s presentation:class=\"%s\" presentation:placeholder=\"%s\"><draw:text-box>%s</draw:text-box></draw:frame>"
                    .formatted(
                            outline ? style + "1" : style,
                            place(holder.box()),
                            kind,
                            field.isEmpty() ? "true" : "false",
                            field);
        }

        private String style(String name, String parent, Holder holder, int level) {
            double size = text.type().get(holder.text().role()).sizes().slides()
                    * holder.text().times()
                    * SIZES[level];
            String inset = OdfText.cm(holder.inset());
            String frame = holder.fill().map(this::filled).orElse("draw:fill=\"none\"");
            String anchor = switch (holder.anchor()) {
                case TOP -> "top";
                case MIDDLE -> "middle";
                case BOTTOM -> "bottom";
            };
            String list = holder.text().bullets().map(led -> list(name, led)).orElse("");
            boolean first = level == 0;
            String graphic = first
                    ? "<style:graphic-properties draw:stroke=\"none\" %s draw:auto-grow-height=\"false\" draw:textarea-vertical-align=\"%s\" fo:padding-top=\"%s\" fo:padding-bottom=\"%s\" fo:padding-left=\"%s\" fo:padding-right=\"%s\">%s</style:graphic-properties>"
                            .formatted(frame, anchor, inset, inset, inset, inset, list)
                    : "";
            return "<style:style style:name=\"%s\" style:family=\"presentation\"%s>%s<style:paragraph-properties fo:text-align=\"%s\" fo:margin-top=\"%s\"/>%s</style:style>"
                    .formatted(
                            name,
                            parent.isEmpty() || first ? "" : " style:parent-style-name=\"" + parent + "\"",
                            graphic,
                            holder.text().toTheRight() ? "end" : "start",
                            OdfText.points(list.isEmpty() && first ? 0 : 4),
                            text.letters(
                                    holder.text().role(),
                                    Math.max(10, Math.rint(size)),
                                    holder.text().color()));
        }

        private String list(String name, SlotColor led) {
            BulletKind bullets = look.look().brand().template().bullets();
            double em = text.type().get(TypeRole.BODY).sizes().slides();
            StringBuilder levels = new StringBuilder("<text:list-style style:name=\"" + name + "\">");
            for (int level = 0; level < LEVELS; level++) {
                levels.append(
                        "<text:list-level-style-bullet text:level=\"%d\" text:bullet-char=\"%s\"><style:list-level-properties text:space-before=\"%s\" text:min-label-width=\"%s\"/><style:text-properties fo:color=\"%s\"/></text:list-level-style-bullet>"
                                .formatted(
                                        level + 1,
                                        bullets.sign(level),
                                        OdfText.points(em * level),
                                        OdfText.points(em),
                                        text.code(led)));
            }
            return levels.append("</text:list-style>").toString();
        }

        private static String kind(Kind kind) {
            return switch (kind) {
                case TITLE, CENTERED_TITLE -> "title";
                case SUBTITLE -> "subtitle";
                case TEXT -> "text";
                case ANYTHING -> "outline";
                case PICTURE -> "graphic";
                case CHART -> "chart";
                case TABLE -> "table";
                case DATE -> "date-time";
                case FOOTER -> "footer";
                case NUMBER -> "page-number";
            };
        }

        private String graphic(String properties) {
            String name = "gr" + (graphics.size() + 1);
            int known = graphics.indexOf(properties);
            if (known >= 0) {
                return "gr" + (known + 1);
            }
            graphics.add(properties);
            automatic.append(
                    "<style:style style:name=\"%s\" style:family=\"graphic\"><style:graphic-properties %s/></style:style>"
                            .formatted(name, properties));
            return name;
        }

        private String filled(Fill fill) {
            if (fill instanceof Fill.Gradual gradual) {
                Gradient gradient = gradual.run().in(look.colors());
                String name = "Gradient_20_" + ++gradientCount;
                // Angles run the other way round, from upwards.
                gradients.append(
                        "<draw:gradient draw:name=\"%s\" draw:style=\"linear\" draw:start-color=\"%s\" draw:end-color=\"%s\" draw:start-intensity=\"100%%\" draw:end-intensity=\"100%%\" draw:angle=\"%ddeg\" draw:border=\"0%%\"/>"
                                .formatted(
                                        name,
                                        code(gradient.at(0)),
                                        code(gradient.at(1)),
                                        gradual.angle() == 0 ? 90 : 0));
                return "draw:fill=\"gradient\" draw:fill-gradient-name=\"" + name + "\"";
            }
            Fill.Solid solid = (Fill.Solid) fill;
            return "draw:fill=\"solid\" draw:fill-color=\"%s\" draw:opacity=\"%d%%\""
                    .formatted(
                            text.code(solid.color()), Math.round(solid.opacity().value() * 100));
        }

        private static String code(Rgb color) {
            return color.hex().toLowerCase(Locale.ROOT);
        }

        private static String place(Box box) {
            return "svg:x=\"%s\" svg:y=\"%s\" svg:width=\"%s\" svg:height=\"%s\""
                    .formatted(
                            OdfText.cm(box.x()),
                            OdfText.cm(box.y()),
                            OdfText.cm(box.width()),
                            OdfText.cm(box.height()));
        }

        /** A title slide with the brand's name. */
        private String content(LayoutPlan title) {
            String id = id(SlideLayout.TITLE);
            StringBuilder frames = new StringBuilder();
            for (Item item : title.items()) {
                if (item instanceof Holder holder && holder.kind() == Kind.CENTERED_TITLE) {
                    frames.append(
                            "<draw:frame presentation:style-name=\"%s-title\" draw:layer=\"layout\" %s presentation:class=\"title\"><draw:text-box><text:p>%s</text:p></draw:text-box></draw:frame>"
                                    .formatted(
                                            id,
                                            place(holder.box()),
                                            Xml.text(order.look().brand().name())));
                }
            }
            return "<office:body><office:presentation><draw:page draw:name=\"1\" draw:master-page-name=\"" + id + "\">"
                    + frames + "</draw:page></office:presentation></office:body>";
        }
    }
}
