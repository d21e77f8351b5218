package app.zumbido.formats.office.slides;

import app.zumbido.core.brand.TemplateDesign;
import app.zumbido.core.brand.ThemedInks;
import app.zumbido.core.brand.ThemedLook;
import app.zumbido.core.brand.ThemedRun;
import app.zumbido.core.logos.Corner;
import app.zumbido.core.theme.PageGround;
import app.zumbido.core.theme.SlotColor;
import app.zumbido.core.theme.TurnedLayout;
import app.zumbido.core.type.TypeRole;
import app.zumbido.formats.office.ColorMaps;
import app.zumbido.formats.office.Gradients;
import app.zumbido.formats.office.SchemeColors;
import app.zumbido.formats.office.Xml;
import java.util.List;

/**
 * The layouts of one master, everything by reference into its theme. Whatever is drawn belongs to a layout: what a layout has
 * of its own, programs show beneath what somebody puts on its slides.
 */
final class LayoutParts {
    /** Of the places to fill in beside title and body; slides keep their content by them when they change the layout. */
    static final int BODY = 1;

    static final int SECOND_BODY = 2;
    static final int SUBHEADING = 13;
    static final int SECOND_SUBHEADING = 14;
    static final int EXTRA = 15;

    private static final String TITLE = "title";
    private static final double TITLE_SLIDE = 1.5;
    private static final double MESSAGE = 1.4;
    private static final double QUOTE = 0.8;
    private static final double NUMBER = 2.2;
    private static final double SMALL = 0.6;

    private final ThemedLook look;
    private final TemplateDesign design;
    private final Grid grid;
    private final SlideLogos logos;

    LayoutParts(ThemedLook look, TemplateDesign design, SlideSize size, SlideLogos logos) {
        this.look = look;
        this.design = design;
        this.grid = new Grid(size, design.corner());
        this.logos = logos;
    }

    /** A layout that is being drawn: its shapes, and what they are written with. */
    private final class Sheet {
        private final Shapes shapes = new Shapes();
        private final String part;
        private final SlotColor ground;
        private final ThemedInks inks;
        private final SchemeColors colors;
        private final SlideType type;
        private String background = "";
        private String override = "<a:masterClrMapping/>";
        private boolean ownGraphics;

        Sheet(String part, SlotColor ground, PageGround mapped) {
            this.part = part;
            this.ground = ground;
            this.inks = look.inks(ground);
            this.colors = new SchemeColors(mapped);
            this.type = new SlideType(look.look().brand().type(), colors);
        }

        /** On another ground than the master's pages, the logo is put on anew. */
        void standsOnItsOwn(String fill) {
            background = "<p:bg><p:bgPr>" + fill + "<a:effectLst/></p:bgPr></p:bg>";
            ownGraphics = true;
        }

        void title(Box box, String anchor, double times, SlotColor color) {
            shapes.placeholder(Placeholder.of("Title", TITLE, -1, "Title")
                    .at(box)
                    .anchored(anchor)
                    .styled(type.plain(TypeRole.HEADING, times, color)));
        }

        /** The title of most layouts stands where the master has it, with a rule beneath. */
        void usualTitle() {
            shapes.rectangle("Rule", grid.rule(), colors.fill(inks.accent()));
            shapes.placeholder(Placeholder.of("Title", TITLE, -1, "Title")
                    .styled(type.plain(TypeRole.HEADING, 1, inks.heading())));
        }

        void subheading(int index, Box box) {
            text("Subheading", index, box, "b", TypeRole.SUBHEADING, 1, inks.subheading());
        }

        void text(String prompt, int index, Box box, String anchor, TypeRole role, double times, SlotColor color) {
            shapes.placeholder(Placeholder.of(prompt, Placeholder.BODY, index, prompt)
                    .at(box)
                    .anchored(anchor)
                    .styled(type.plain(role, times, color)));
        }

        void list(String kind, int index, Box box) {
            shapes.placeholder(Placeholder.of("Text", kind, index, "Text", "Second level", "Third level")
                    .at(box)
                    .anchored("t")
                    .styled(type.list(design.bullets(), inks.text(), inks.accent())));
        }

        void place(String name, String kind, int index, Box box) {
            shapes.placeholder(Placeholder.of(name, kind, index, name)
                    .at(box)
                    .anchored("t")
                    .styled(type.plain(TypeRole.BODY, SMALL, inks.quiet())));
        }

        void foot(Box number, Box footer, Box date) {
            LayoutParts.foot(shapes, type, inks.quiet(), number, footer, date);
        }

        void foot() {
            foot(grid.number(), grid.footer(), grid.date());
        }

        String xml(SlideLayout layout) {
            return Xml.HEAD
                    + """
                    <p:sldLayout xmlns:a="http://schemas.openxmlformats.org/drawingml/2006/main" \
                    xmlns:r="http://schemas.openxmlformats.org/officeDocument/2006/relationships" \
                    xmlns:p="http://schemas.openxmlformats.org/presentationml/2006/main" type="%s" preserve="1"%s userDrawn="1">\
                    <p:cSld name="%s">%s%s</p:cSld><p:clrMapOvr>%s</p:clrMapOvr></p:sldLayout>""".formatted(
                                    layout.type(),
                                    ownGraphics ? " showMasterSp=\"0\"" : "",
                                    layout.called(look.ground() == PageGround.DARK),
                                    background,
                                    shapes.xml(),
                                    override);
        }
    }

    /** Number, footer and date, as master and layouts have them. */
    static void foot(Shapes shapes, SlideType type, SlotColor color, Box number, Box footer, Box date) {
        shapes.placeholder(Placeholder.of("Date", "dt", 10)
                .at(date)
                .anchored("ctr")
                .styled(type.plain(TypeRole.BODY, SMALL, color, "r")));
        shapes.placeholder(Placeholder.of("Footer", "ftr", 11)
                .at(footer)
                .anchored("ctr")
                .styled(type.plain(TypeRole.BODY, SMALL, color)));
        shapes.placeholder(Placeholder.of("Slide number", "sldNum", 12)
                .at(number)
                .anchored("ctr")
                .styled(type.plain(TypeRole.BODY, SMALL, color))
                .saying(List.of(Placeholder.field("6E1A5C1B-3C57-4B0B-9D0E-1F5C2B7A9D11", "slidenum", "‹#›"))));
    }

    /** @param part its name, from which it is linked to what it shows */
    String xml(SlideLayout layout, String part) {
        Sheet sheet = switch (layout) {
            case TITLE -> title(part);
            case SECTION -> section(part);
            case CONTENT -> content(onThePage(part));
            case COLUMNS -> columns(part);
            case PICTURE -> picture(part);
            case CHART -> filled(part, "Chart", "chart");
            case TABLE -> filled(part, "Table", "tbl");
            case KEY_MESSAGE -> keyMessage(part);
            case QUOTE -> quote(part);
            case TURNED -> content(turned(part, grid));
            case OVER_A_PICTURE -> overAPicture(part);
            case BLANK -> blank(part);
        };
        return sheet.xml(layout);
    }

    private Sheet onThePage(String part) {
        return new Sheet(part, look.page(), look.ground());
    }

    /** Links and text are mapped to slots that read on the other ground. Source: ECMA-376 Part 1, 20.1.6.8. */
    private Sheet turned(String part, Grid at) {
        PageGround other = look.ground().turned();
        Sheet sheet = new Sheet(part, look.turned(), other);
        sheet.standsOnItsOwn(sheet.colors.fill(look.turned()));
        sheet.override = ColorMaps.override(other, TurnedLayout.linkSlot(look.colors(), other));
        logos.small(part, sheet.shapes, at, look.turned().in(look.colors()));
        return sheet;
    }

    private Sheet title(String part) {
        return switch (design.title()) {
            case FULL -> fullTitle(part);
            case LOWER -> lowerTitle(part);
            case SIDE -> sideTitle(part);
            case PLAIN -> plainTitle(part);
        };
    }

    private Sheet fullTitle(String part) {
        Sheet sheet = onThePage(part);
        ThemedRun run = look.titleRun();
        sheet.standsOnItsOwn(Gradients.fill(run, sheet.colors, 0));
        logos.whole(part, sheet.shapes, titleLogo(), run.in(look.colors()).at(0));
        titleText(sheet, grid.row(3, 2), grid.row(5.12, 1.1), look.on(run), look.on(run));
        return sheet;
    }

    private Box titleLogo() {
        return grid.row(0.7, 1.6).narrower(grid.size().measure() / 3);
    }

    private static void titleText(Sheet sheet, Box title, Box subtitle, SlotColor color, SlotColor below) {
        sheet.shapes.placeholder(Placeholder.of("Title", "ctrTitle", -1, "Title")
                .at(title)
                .anchored("b")
                .styled(sheet.type.plain(TypeRole.HEADING, TITLE_SLIDE, color)));
        sheet.shapes.placeholder(Placeholder.of("Subtitle", "subTitle", BODY, "Subtitle")
                .at(subtitle)
                .anchored("t")
                .styled(sheet.type.plain(TypeRole.SUBHEADING, 1, below)));
    }

    private Sheet lowerTitle(String part) {
        Sheet sheet = onThePage(part);
        ThemedRun run = look.titleRun();
        sheet.standsOnItsOwn(sheet.colors.fill(look.page()));
        long top = Box.units(2.9);
        sheet.shapes.rectangle(
                "Band",
                new Box(0, top, grid.size().width(), SlideSize.HEIGHT - top),
                Gradients.fill(run, sheet.colors, 0));
        logos.whole(part, sheet.shapes, titleLogo(), sheet.ground.in(look.colors()));
        titleText(sheet, grid.row(3.3, 1.85), grid.row(5.28, 1.1), look.on(run), look.on(run));
        return sheet;
    }

    private Sheet sideTitle(String part) {
        Sheet sheet = onThePage(part);
        sheet.standsOnItsOwn(sheet.colors.fill(look.page()));
        long column = grid.size().width() / 4;
        sheet.shapes.rectangle(
                "Band", new Box(0, 0, column, SlideSize.HEIGHT), Gradients.fill(look.titleRun(), sheet.colors, 90));
        long by = column + grid.size().margin() / 2 - grid.size().margin();
        logos.whole(part, sheet.shapes, grid.row(0.7, 1.6).right(by), sheet.ground.in(look.colors()));
        titleText(
                sheet,
                grid.row(3, 2).right(by),
                grid.row(5.12, 1.1).right(by),
                sheet.inks.heading(),
                sheet.inks.subheading());
        return sheet;
    }

    private Sheet plainTitle(String part) {
        Sheet sheet = onThePage(part);
        sheet.standsOnItsOwn(sheet.colors.fill(look.page()));
        logos.whole(part, sheet.shapes, titleLogo(), sheet.ground.in(look.colors()));
        sheet.shapes.rectangle(
                "Rule", Box.of(grid.size().margin(), 5.1, Box.units(1.4), 0.1), sheet.colors.fill(sheet.inks.accent()));
        titleText(sheet, grid.row(2.85, 2.05), grid.row(5.35, 1), sheet.inks.heading(), sheet.inks.subheading());
        return sheet;
    }

    private Sheet section(String part) {
        Sheet sheet = new Sheet(part, look.pale(), look.ground());
        sheet.standsOnItsOwn(sheet.colors.fill(look.pale()));
        long panel = grid.size().width() / 3;
        long aside = grid.size().margin() * 3 / 4;
        Box column = new Box(0, 0, panel, SlideSize.HEIGHT);
        sheet.shapes.rectangle("Panel", column, sheet.colors.fill(look.second()));
        // The panel takes the lower left, so the logo stands at the right whatever corner it has elsewhere.
        Grid right = new Grid(grid.size(), grid.isUpper() ? Corner.UPPER_RIGHT : Corner.LOWER_RIGHT);
        logos.small(part, sheet.shapes, right, look.pale().in(look.colors()));
        sheet.text(
                "1",
                EXTRA,
                Box.of(aside, 4, panel - 2 * aside, 1.6),
                "b",
                TypeRole.HEADING,
                NUMBER,
                look.on(look.second()));
        Box text = Box.of(panel + aside, 3.1, grid.size().width() - grid.size().margin() - panel - aside, 2.5);
        sheet.title(text, "b", 1.15, sheet.inks.heading());
        long left = panel + aside;
        Box number = new Box(
                left, right.number().y(), right.number().width(), right.number().height());
        long end = grid.isUpper() ? text.rightEdge() : text.rightEdge() - Box.units(1.4);
        Box footer = new Box(number.rightEdge(), number.y(), (end - number.rightEdge()) * 11 / 20, number.height());
        Box date = new Box(footer.rightEdge(), number.y(), end - footer.rightEdge(), number.height());
        sheet.foot(number, footer, date);
        return sheet;
    }

    private Sheet content(Sheet sheet) {
        sheet.usualTitle();
        sheet.subheading(SUBHEADING, grid.subheading());
        sheet.list("", BODY, grid.body());
        sheet.foot();
        return sheet;
    }

    private Sheet columns(String part) {
        Sheet sheet = onThePage(part);
        sheet.usualTitle();
        sheet.subheading(SUBHEADING, grid.half(grid.subheading(), false));
        sheet.list("", BODY, grid.half(grid.body(), false));
        sheet.subheading(SECOND_SUBHEADING, grid.half(grid.subheading(), true));
        sheet.list("", SECOND_BODY, grid.half(grid.body(), true));
        sheet.foot();
        return sheet;
    }

    /** Beside each other on wide slides, one above the other on narrow ones. */
    private Sheet picture(String part) {
        Sheet sheet = onThePage(part);
        sheet.standsOnItsOwn(sheet.colors.fill(look.page()));
        Grid low = grid.lower();
        logos.small(part, sheet.shapes, low, look.page().in(look.colors()));
        SlideSize size = grid.size();
        sheet.place("Picture", Placeholder.PICTURE, BODY, grid.picture());
        if (size == SlideSize.STANDARD) {
            sheet.title(low.row(4.2, 0.85), "b", SMALL + QUOTE / 4, sheet.inks.heading());
            sheet.text("Caption", EXTRA, low.row(5.15, 1.3), "t", TypeRole.BODY, QUOTE, sheet.inks.text());
            sheet.foot(low.number(), low.footer(), low.date());
            return sheet;
        }
        long picture = grid.picture().width();
        long beside = Box.units(0.5);
        // The logo stands under the text, away from the picture.
        boolean left = grid.isLeft();
        long x = left ? size.margin() : picture + beside;
        long width = size.width() - size.margin() - picture - beside;
        sheet.title(Box.of(x, 1.3, width, 1.9), "b", QUOTE, sheet.inks.heading());
        sheet.text("Caption", EXTRA, Box.of(x, 3.4, width, 2.7), "t", TypeRole.BODY, QUOTE, sheet.inks.text());
        Box number = low.number();
        Box at = new Box(left ? number.x() : x, number.y(), number.width(), number.height());
        long room = width - Box.units(1.4) - number.width();
        Box footer = new Box(at.rightEdge(), at.y(), room / 2, at.height());
        sheet.foot(at, footer, new Box(footer.rightEdge(), at.y(), room / 2, at.height()));
        return sheet;
    }

    private Sheet filled(String part, String name, String kind) {
        Sheet sheet = onThePage(part);
        sheet.usualTitle();
        sheet.place(name, kind, BODY, grid.below());
        sheet.foot();
        return sheet;
    }

    /** The highlight stands under the one thing that matters, and nowhere else. */
    private Sheet keyMessage(String part) {
        Sheet sheet = onThePage(part);
        sheet.title(grid.row(1.5, 2.05), "b", MESSAGE, sheet.inks.heading());
        Box box = Box.of(grid.size().margin(), 3.75, Box.units(5.2), 1);
        sheet.shapes.placeholder(Placeholder.of("What matters", Placeholder.BODY, EXTRA, "What matters")
                .at(box, sheet.colors.fill(look.highlight()))
                .hugging(Box.units(0.12))
                .styled(sheet.type.plain(TypeRole.HEADING, MESSAGE, look.on(look.highlight()))));
        sheet.foot();
        return sheet;
    }

    private Sheet quote(String part) {
        Sheet sheet = new Sheet(part, look.pale(), look.ground());
        sheet.standsOnItsOwn(sheet.colors.fill(look.pale()));
        logos.small(part, sheet.shapes, grid, look.pale().in(look.colors()));
        Box words = grid.row(1.2, 3.3);
        Box narrow = words.narrower(words.width() / 12);
        sheet.text("“Quote”", BODY, narrow, "ctr", TypeRole.HEADING, QUOTE, sheet.inks.subheading());
        sheet.text("Who said so", EXTRA, grid.row(4.75, 0.8), "t", TypeRole.BODY, QUOTE, sheet.inks.quiet());
        sheet.foot();
        return sheet;
    }

    /**
     * A slide's picture covers whatever its layout draws, so what is laid over it is the frame of the title, and the logo stands
     * on a strip beneath.
     */
    private Sheet overAPicture(String part) {
        Sheet sheet = turned(part, grid.lower());
        Box picture = grid.pictureUnderText();
        SlotColor solid = look.turned();
        sheet.place("Picture", Placeholder.PICTURE, BODY, picture);
        sheet.shapes.placeholder(Placeholder.of("Title", TITLE, -1, "Title")
                .at(picture, sheet.colors.fill(solid, look.overPictures(solid)))
                .inset(grid.size().margin(), "b")
                .styled(sheet.type.plain(TypeRole.HEADING, 1.15, look.on(solid))));
        Grid low = grid.lower();
        sheet.foot(low.number(), low.footer(), low.date());
        return sheet;
    }

    private Sheet blank(String part) {
        Sheet sheet = onThePage(part);
        sheet.ownGraphics = true;
        return sheet;
    }
}
