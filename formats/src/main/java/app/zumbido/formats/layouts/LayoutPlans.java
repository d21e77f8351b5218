package app.zumbido.formats.layouts;

import app.zumbido.core.brand.TemplateDesign;
import app.zumbido.core.brand.ThemedLook;
import app.zumbido.core.brand.ThemedRun;
import app.zumbido.core.color.Fraction;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.logos.Corner;
import app.zumbido.core.theme.PageGround;
import app.zumbido.core.theme.SlotColor;
import app.zumbido.core.type.TypeRole;
import app.zumbido.formats.delivery.Assets;
import app.zumbido.formats.layouts.LayoutPlan.Anchor;
import app.zumbido.formats.layouts.LayoutPlan.Holder;
import app.zumbido.formats.layouts.LayoutPlan.Item;
import app.zumbido.formats.layouts.LayoutPlan.Kind;
import java.util.List;
import java.util.stream.Stream;

/**
 * Plans the layouts of one look. Whatever is drawn belongs to a layout: what a layout has of its own, programs show beneath
 * what somebody puts on its slides.
 */
public final class LayoutPlans {
    /** Indexes of the places beside the title. */
    public static final int BODY = 1;

    public static final int SECOND_BODY = 2;
    public static final int DATE = 10;
    public static final int FOOTER = 11;
    public static final int NUMBER = 12;
    public static final int SUBHEADING = 13;
    public static final int SECOND_SUBHEADING = 14;
    public static final int EXTRA = 15;
    /** A title has none. */
    public static final int TITLE = -1;

    private static final double TITLE_SLIDE = 1.5;
    private static final double SECTION = 1.15;
    private static final double MESSAGE = 1.4;
    private static final double QUOTE = 0.8;
    private static final double SECTION_NUMBER = 2.2;
    static final double SMALL = 0.6;

    private final ThemedLook look;
    private final TemplateDesign design;
    private final Grid grid;
    private final Assets assets;

    public LayoutPlans(ThemedLook look, SlideSize size, Assets assets) {
        this.look = look;
        this.design = look.look().brand().template();
        this.grid = new Grid(size, design.corner());
        this.assets = assets;
    }

    /** What stands on every slide whose layout says nothing else, on the page of the theme. */
    public List<Item> master() {
        PlanSheet sheet = onThePage();
        sheet.title(grid.title(), Anchor.BOTTOM, 1, sheet.inks().heading());
        sheet.list(Kind.TEXT, BODY, grid.body());
        sheet.foot(grid);
        sheet.symbol(grid);
        return sheet.items();
    }

    public List<LayoutPlan> all() {
        return Stream.of(SlideLayout.values()).map(this::of).toList();
    }

    public LayoutPlan of(SlideLayout layout) {
        PlanSheet sheet = switch (layout) {
            case TITLE -> title();
            case SECTION -> section();
            case CONTENT -> content(onThePage());
            case COLUMNS -> columns();
            case PICTURE -> picture();
            case CHART -> filled(Kind.CHART, "Chart");
            case TABLE -> filled(Kind.TABLE, "Table");
            case KEY_MESSAGE -> keyMessage();
            case QUOTE -> quote();
            case TURNED -> content(turned(grid));
            case OVER_A_PICTURE -> overAPicture();
            case BLANK -> blank();
        };
        return sheet.as(layout);
    }

    private PlanSheet sheet(SlotColor ground, PageGround mapped) {
        return new PlanSheet(look, grid, assets, ground, mapped);
    }

    private PlanSheet onThePage() {
        return sheet(look.page(), look.ground());
    }

    private PlanSheet turned(Grid at) {
        PlanSheet sheet = sheet(look.turned(), look.ground().turned()).standsOn(Fill.of(look.turned()));
        sheet.symbol(at);
        return sheet;
    }

    private PlanSheet title() {
        return switch (design.title()) {
            case FULL -> fullTitle();
            case LOWER -> lowerTitle();
            case SIDE -> sideTitle();
            case PLAIN -> plainTitle();
        };
    }

    private PlanSheet fullTitle() {
        ThemedRun run = look.titleRun();
        PlanSheet sheet = onThePage().standsOn(new Fill.Gradual(run, 0));
        sheet.wholeLogo(titleLogo(), run.in(look.colors()).at(0));
        titleText(sheet, grid.row(3, 2), grid.row(5.12, 1.1), look.on(run), look.on(run));
        return sheet;
    }

    private Box titleLogo() {
        return grid.row(0.7, 1.6).narrower(grid.size().measure() / 3);
    }

    private static void titleText(PlanSheet sheet, Box title, Box subtitle, SlotColor color, SlotColor below) {
        sheet.add(Holder.of(
                Kind.CENTERED_TITLE,
                TITLE,
                "Title",
                title,
                Anchor.BOTTOM,
                TextLook.plain(TypeRole.HEADING, TITLE_SLIDE, color)));
        sheet.add(Holder.of(
                Kind.SUBTITLE, BODY, "Subtitle", subtitle, Anchor.TOP, TextLook.plain(TypeRole.SUBHEADING, 1, below)));
    }

    private Rgb pageColor() {
        return look.page().in(look.colors());
    }

    private PlanSheet lowerTitle() {
        PlanSheet sheet = onThePage().standsOn(Fill.of(look.page()));
        ThemedRun run = look.titleRun();
        long top = Box.units(2.9);
        sheet.area("Band", new Box(0, top, grid.size().width(), SlideSize.HEIGHT - top), new Fill.Gradual(run, 0));
        sheet.wholeLogo(titleLogo(), pageColor());
        titleText(sheet, grid.row(3.3, 1.85), grid.row(5.28, 1.1), look.on(run), look.on(run));
        return sheet;
    }

    private PlanSheet sideTitle() {
        PlanSheet sheet = onThePage().standsOn(Fill.of(look.page()));
        long column = grid.size().width() / 4;
        sheet.area("Band", new Box(0, 0, column, SlideSize.HEIGHT), new Fill.Gradual(look.titleRun(), 90));
        long by = column - grid.size().margin() / 2;
        sheet.wholeLogo(grid.row(0.7, 1.6).right(by), pageColor());
        titleText(
                sheet,
                grid.row(3, 2).right(by),
                grid.row(5.12, 1.1).right(by),
                sheet.inks().heading(),
                sheet.inks().subheading());
        return sheet;
    }

    private PlanSheet plainTitle() {
        PlanSheet sheet = onThePage().standsOn(Fill.of(look.page()));
        sheet.wholeLogo(titleLogo(), pageColor());
        sheet.area(
                "Rule",
                Box.of(grid.size().margin(), 5.1, Box.units(1.4), 0.1),
                Fill.of(sheet.inks().accent()));
        titleText(
                sheet,
                grid.row(2.85, 2.05),
                grid.row(5.35, 1),
                sheet.inks().heading(),
                sheet.inks().subheading());
        return sheet;
    }

    private PlanSheet section() {
        PlanSheet sheet = sheet(look.pale(), look.ground()).standsOn(Fill.of(look.pale()));
        long panel = grid.size().width() / 3;
        long aside = grid.size().margin() * 3 / 4;
        sheet.area("Panel", new Box(0, 0, panel, SlideSize.HEIGHT), Fill.of(look.second()));
        // The panel takes the left, so the logo stands at the right whatever corner it has elsewhere.
        Grid right = new Grid(grid.size(), grid.isUpper() ? Corner.UPPER_RIGHT : Corner.LOWER_RIGHT);
        sheet.symbol(right);
        sheet.text(
                "1",
                EXTRA,
                Box.of(aside, 4, panel - 2 * aside, 1.6),
                Anchor.BOTTOM,
                TextLook.plain(TypeRole.HEADING, SECTION_NUMBER, look.on(look.second())));
        long left = panel + aside;
        Box text = Box.of(left, 3.1, grid.size().width() - grid.size().margin() - left, 2.5);
        sheet.title(text, Anchor.BOTTOM, SECTION, sheet.inks().heading());
        long end = grid.isUpper() ? text.rightEdge() : text.rightEdge() - Grid.BESIDE_LOGO;
        footFrom(sheet, left, end);
        return sheet;
    }

    /** Between two edges on the line of the feet. */
    private void footFrom(PlanSheet sheet, long left, long end) {
        Box line = grid.lower().number();
        Box number = new Box(left, line.y(), line.width(), line.height());
        long room = end - number.rightEdge();
        Box footer = new Box(number.rightEdge(), line.y(), room / 2, line.height());
        sheet.foot(number, footer, new Box(footer.rightEdge(), line.y(), room / 2, line.height()));
    }

    private PlanSheet content(PlanSheet sheet) {
        sheet.usualTitle();
        sheet.subheading(SUBHEADING, grid.subheading());
        sheet.list(Kind.ANYTHING, BODY, grid.body());
        sheet.foot(grid);
        return sheet;
    }

    private PlanSheet columns() {
        PlanSheet sheet = onThePage();
        sheet.usualTitle();
        sheet.subheading(SUBHEADING, grid.half(grid.subheading(), false));
        sheet.list(Kind.ANYTHING, BODY, grid.half(grid.body(), false));
        sheet.subheading(SECOND_SUBHEADING, grid.half(grid.subheading(), true));
        sheet.list(Kind.ANYTHING, SECOND_BODY, grid.half(grid.body(), true));
        sheet.foot(grid);
        return sheet;
    }

    /** Beside each other on wide slides, one above the other on narrow ones. */
    private PlanSheet picture() {
        PlanSheet sheet = onThePage().standsOn(Fill.of(look.page()));
        Grid low = grid.lower();
        sheet.symbol(low);
        SlideSize size = grid.size();
        sheet.place(Kind.PICTURE, "Picture", grid.picture());
        TextLook caption = TextLook.plain(TypeRole.BODY, QUOTE, sheet.inks().text());
        if (size == SlideSize.STANDARD) {
            sheet.title(low.row(4.2, 0.85), Anchor.BOTTOM, QUOTE, sheet.inks().heading());
            sheet.text("Caption", EXTRA, low.row(5.15, 1.3), Anchor.TOP, caption);
            sheet.foot(low);
            return sheet;
        }
        long beside = Box.units(0.5);
        // The logo stands under the text, away from the picture.
        long x = grid.isLeft() ? size.margin() : grid.picture().width() + beside;
        long width = size.width() - size.margin() - grid.picture().width() - beside;
        sheet.title(
                Box.of(x, 1.3, width, 1.9), Anchor.BOTTOM, QUOTE, sheet.inks().heading());
        sheet.text("Caption", EXTRA, Box.of(x, 3.4, width, 2.7), Anchor.TOP, caption);
        long left = grid.isLeft() ? x + Grid.BESIDE_LOGO : x;
        footFrom(sheet, left, left + width - Grid.BESIDE_LOGO);
        return sheet;
    }

    private PlanSheet filled(Kind kind, String name) {
        PlanSheet sheet = onThePage();
        sheet.usualTitle();
        sheet.place(kind, name, grid.below());
        sheet.foot(grid);
        return sheet;
    }

    /** The highlight stands under the one thing that matters, and nowhere else. */
    private PlanSheet keyMessage() {
        PlanSheet sheet = onThePage();
        sheet.title(grid.row(1.5, 2.05), Anchor.BOTTOM, MESSAGE, sheet.inks().heading());
        Box box = Box.of(grid.size().margin(), 3.75, Box.units(5.2), 1);
        TextLook text = TextLook.plain(TypeRole.HEADING, MESSAGE, look.on(look.highlight()));
        sheet.add(Holder.of(Kind.TEXT, EXTRA, "What matters", box, Anchor.MIDDLE, text)
                .framed(Fill.of(look.highlight()), Box.units(0.12))
                .huggingItsLine());
        sheet.foot(grid);
        return sheet;
    }

    private PlanSheet quote() {
        PlanSheet sheet = sheet(look.pale(), look.ground()).standsOn(Fill.of(look.pale()));
        sheet.symbol(grid);
        Box words = grid.row(1.2, 3.3);
        sheet.text(
                "“Quote”",
                BODY,
                words.narrower(words.width() / 12),
                Anchor.MIDDLE,
                TextLook.plain(TypeRole.HEADING, QUOTE, sheet.inks().subheading()));
        sheet.text(
                "Who said so",
                EXTRA,
                grid.row(4.75, 0.8),
                Anchor.TOP,
                TextLook.plain(TypeRole.BODY, QUOTE, sheet.inks().quiet()));
        sheet.foot(grid);
        return sheet;
    }

    /**
     * A slide's picture covers whatever its layout draws, so what is laid over it is the frame of the title, and the logo stands
     * on a strip beneath.
     */
    private PlanSheet overAPicture() {
        PlanSheet sheet = turned(grid.lower());
        Box picture = grid.pictureUnderText();
        SlotColor solid = look.turned();
        Fraction opacity = look.overPictures(solid);
        sheet.place(Kind.PICTURE, "Picture", picture);
        TextLook text = TextLook.plain(TypeRole.HEADING, SECTION, look.on(solid));
        sheet.add(Holder.of(Kind.TITLE, TITLE, "Title", picture, Anchor.BOTTOM, text)
                .framed(new Fill.Solid(solid, opacity), grid.size().margin()));
        sheet.foot(grid.lower());
        return sheet;
    }

    private PlanSheet blank() {
        PlanSheet sheet = onThePage();
        sheet.standsAlone();
        return sheet;
    }
}
