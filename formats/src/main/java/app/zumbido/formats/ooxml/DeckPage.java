package app.zumbido.formats.ooxml;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.inspect.FoundChart;
import app.zumbido.core.inspect.FoundPicture;
import app.zumbido.core.inspect.Frame;
import app.zumbido.core.inspect.Place;
import app.zumbido.core.inspect.Purpose;
import app.zumbido.core.inspect.Setting;
import app.zumbido.core.inspect.Spot;
import app.zumbido.core.inspect.Standing;
import app.zumbido.core.inspect.Standing.On;
import app.zumbido.core.inspect.Use;
import app.zumbido.core.inspect.Uses;
import app.zumbido.core.inspect.Written;
import app.zumbido.formats.archive.PartTree;
import app.zumbido.formats.archive.PartTree.Node;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;

/** One slide with what layout and master draw on it, and what its shapes stand on. */
final class DeckPage {
    /** What nothing is written in but what belongs to the sheet itself. */
    private static final Set<String> SMALL_PRINT = Set.of("dt", "ftr", "sldNum", "hdr");

    private final int number;
    private final DeckSheet slide;
    private final DeckUses deck;
    private final SlideFrames page;
    private final Layers layers;
    private final ShapePaint paint;
    private final List<Use> uses = new ArrayList<>();

    DeckPage(int number, DeckSheet slide, DeckUses deck) {
        this.number = number;
        this.slide = slide;
        this.deck = deck;
        this.page = deck.deck().frames();
        this.paint = new ShapePaint(slide);
        this.layers = new Layers(page.width() / page.height());
    }

    /** A deck may say nothing about its ground anywhere, and then it is the light one. */
    List<Use> uses() {
        Fill ground = slide.background()
                .filter(fill -> !(fill instanceof Fill.Clear))
                .orElseGet(() -> new Fill.Painted(List.of(slide.colors()
                        .slot("bg1", Optional.empty())
                        .orElseGet(() -> new Seen(Rgb.WHITE, new Setting.Implied())))));
        Place place = Place.on(number, slide.part(), "").at(OptionalInt.empty(), Optional.of(Frame.WHOLE));
        tell(place, Purpose.PAGE_GROUND, ground.colors(), new Standing(On.UNKNOWN, List.of()));
        layers.put(Frame.WHOLE, ground, On.PAGE);
        for (DeckSheet behind : slide.behindIt()) {
            On on = behind.parent().isPresent() ? On.LAYOUT : On.MASTER;
            new Sheet(behind, on, deck.tellsFirst(behind.part())).walk();
        }
        new Sheet(slide, On.SHAPE, true).walk();
        return Titles.found(uses);
    }

    private void tell(Place place, Purpose purpose, List<Seen> colors, Standing standing) {
        for (Seen seen : colors) {
            uses.add(new Use(place, purpose, seen.color(), seen.setting(), standing, Optional.empty()));
        }
    }

    /** What is drawn of one part. */
    private final class Sheet {
        private final DeckSheet sheet;
        private final On on;
        private final boolean tells;
        /** Every shape is asked for several times. */
        private final Map<Node, List<Node>> behind = new IdentityHashMap<>();

        /** @param tells whether what is found is told, or only laid beneath what comes */
        Sheet(DeckSheet sheet, On on, boolean tells) {
            this.sheet = sheet;
            this.on = on;
            this.tells = tells;
        }

        void walk() {
            addAll(sheet.shapes(), page, new Fill.Clear());
        }

        private List<Node> behind(Node shape) {
            return behind.computeIfAbsent(shape, sheet::behind);
        }

        private void tell(Place place, Purpose purpose, List<Seen> colors, Standing standing) {
            if (tells) {
                DeckPage.this.tell(place, purpose, colors, standing);
            }
        }

        private Place place(Node shape, Optional<Frame> frame) {
            return Place.on(number, sheet.part(), DeckSheet.name(shape)).at(DeckSheet.number(shape), frame);
        }

        private void addAll(List<Node> shapes, SlideFrames frames, Fill ofGroup) {
            for (Node shape : shapes) {
                switch (shape.name()) {
                    case "grpSp" -> {
                        Fill own = shape.child("grpSpPr")
                                .flatMap(properties -> paint.fill(properties, ofGroup))
                                .orElse(ofGroup);
                        addAll(shape.children(), frames.inside(shape), own);
                    }
                    case "sp", "cxnSp", "pic" -> addShape(shape, frames, ofGroup);
                    case "graphicFrame" ->
                        shape.at("graphic", "graphicData").ifPresent(data -> addGraphic(shape, data, frames));
                    default -> {
                        // Everything else about a sheet is not drawn.
                    }
                }
            }
        }

        /** What stands for something on layouts and masters is not drawn itself. */
        private void addShape(Node shape, SlideFrames frames, Fill ofGroup) {
            if (on != On.SHAPE && DeckSheet.placeholder(shape).isPresent()) {
                return;
            }
            Optional<Frame> frame = frames.frame(shape)
                    .or(() -> behind(shape).stream()
                            .flatMap(other -> page.frame(other).stream())
                            .findFirst());
            Place place = place(shape, frame);
            if (shape.name().equals("pic")) {
                addPicture(shape, place);
            }
            Standing behind = layers.under(frame);
            addBox(shape, place, new Box(paint.fillOf(shape, behind(shape), ofGroup), behind, textPurpose(shape), on));
            boolean alone = shape.name().equals("cxnSp")
                    || shape.at("spPr", "prstGeom")
                            .flatMap(node -> node.attribute("prst"))
                            .filter("line"::equals)
                            .isPresent();
            tell(
                    place,
                    alone ? Purpose.LINE : Purpose.EDGE,
                    paint.lineOf(shape, behind(shape)).colors(),
                    behind);
        }

        /**
         * What a shape or a cell is.
         *
         * @param written what is done by what is written in it
         * @param on what it is to those who stand on it
         */
        private record Box(Fill fill, Standing behind, Purpose written, On on) {}

        private Purpose textPurpose(Node shape) {
            Optional<Node> placeholder = DeckSheet.placeholder(shape);
            boolean subtitle = placeholder
                    .flatMap(node -> node.attribute("type"))
                    .filter("subTitle"::equals)
                    .isPresent();
            if (subtitle) {
                return Purpose.SUBTITLE;
            }
            if (placeholder.isEmpty()) {
                return Purpose.BODY;
            }
            String kind = DeckText.kind(shape, behind(shape)).orElse("");
            if (SMALL_PRINT.contains(kind)) {
                return Purpose.SMALL_PRINT;
            }
            return kind.equals("title") ? Purpose.TITLE : Purpose.BODY;
        }

        private void addBox(Node shape, Place place, Box box) {
            List<SlideParagraph> paragraphs = SlideParagraph.in(shape);
            Purpose filled = box.written() == Purpose.TITLE ? Purpose.TITLE_BAND : Purpose.BOX_FILL;
            tell(
                    place,
                    paragraphs.isEmpty() ? Purpose.SHAPE_FILL : filled,
                    box.fill().colors(),
                    box.behind());
            place.frame().ifPresent(frame -> layers.put(frame, box.fill(), box.on()));
            boolean inBox = !(box.fill() instanceof Fill.Clear);
            Purpose written = inBox && box.written() == Purpose.BODY ? Purpose.BOX_TEXT : box.written();
            if (!tells || paragraphs.isEmpty()) {
                return;
            }
            addText(
                    shape,
                    place,
                    DeckText.inShape(sheet, shape, behind(shape), deck.defaultText()),
                    new Text(
                            paragraphs,
                            written,
                            inBox,
                            inBox && place.frame().isEmpty() ? Optional.of(standing(box)) : Optional.empty()));
        }

        private static Standing standing(Box box) {
            return box.fill() instanceof Fill.OfPicture
                    ? new Standing(On.PICTURE, List.of())
                    : new Standing(
                            box.on(),
                            box.fill().colors().stream().map(Seen::color).toList());
        }

        /** @param standing nothing: whatever is behind its place */
        private record Text(
                List<SlideParagraph> paragraphs, Purpose purpose, boolean inBox, Optional<Standing> standing) {}

        private static Optional<Frame> within(Optional<Frame> text, Optional<Frame> box) {
            return text.flatMap(inner -> box.map(inner::clippedTo));
        }

        private void addText(Node holder, Place place, DeckText letters, Text text) {
            List<Optional<Frame>> frames = frames(holder, place, letters, text.paragraphs());
            double room = place.frame()
                    .map(frame -> SlideText.room(frame, page.width()))
                    .orElse(0.0);
            Optional<Spot> fit = holder.at("txBody", "bodyPr")
                    .map(Node::tag)
                    .filter(tag -> tag.from() >= 0)
                    .map(tag -> new Spot(sheet.part(), tag.from(), tag.to()));
            for (int i = 0; i < text.paragraphs().size(); i++) {
                SlideParagraph paragraph = text.paragraphs().get(i);
                Optional<Frame> frame = frames.get(i);
                Place here = place.in(paragraph.number()).at(place.shape(), frame);
                // What is written in a box stands on it, however far it runs over.
                Standing standing = text.standing()
                        .orElseGet(() -> layers.under(text.inBox() ? within(frame, place.frame()) : frame));
                for (Node run : paragraph.runs()) {
                    Written written = letters.written(paragraph.node(), run).within(room, fit);
                    boolean link = run.child("rPr").filter(DeckText::isLink).isPresent();
                    Purpose purpose = link ? Purpose.LINK : text.purpose();
                    for (Seen seen : letters.colors(paragraph.node(), run)) {
                        uses.add(new Use(here, purpose, seen.color(), seen.setting(), standing, Optional.of(written)));
                    }
                    marked(run).ifPresent(seen -> tell(here, Purpose.MARKED, List.of(seen), standing));
                }
            }
        }

        private Optional<Seen> marked(Node run) {
            return run.at("rPr", "highlight").flatMap(mark -> slide.colors().in(mark, Optional.empty()));
        }

        private List<Optional<Frame>> frames(
                Node holder, Place place, DeckText letters, List<SlideParagraph> paragraphs) {
            if (place.frame().isEmpty() || holder.name().equals("tc")) {
                return Collections.nCopies(paragraphs.size(), place.frame());
            }
            String anchor = holder.at("txBody", "bodyPr")
                    .flatMap(node -> node.attribute("anchor"))
                    .or(() -> behind(holder).stream()
                            .flatMap(other -> other.at("txBody", "bodyPr").stream())
                            .flatMap(node -> node.attribute("anchor").stream())
                            .findFirst())
                    .orElse("t");
            return new SlideText(place.frame().get(), page.width(), page.height())
                            .frames(
                                    paragraphs.stream()
                                            .map(one -> new SlideText.Paragraph(
                                                    one.node(),
                                                    one.letters(),
                                                    letters.written(
                                                                    one.node(),
                                                                    one.runs().get(0))
                                                            .points()))
                                            .toList(),
                                    anchor)
                            .stream()
                            .map(Optional::of)
                            .toList();
        }

        private void addPicture(Node shape, Place place) {
            if (!tells) {
                return;
            }
            PictureReader.read(shape, deck.deck().parts(), sheet.part())
                    .ifPresent(found -> deck.sink()
                            .picture(new FoundPicture(
                                    place,
                                    found.content(),
                                    found.reference(),
                                    place.frame()
                                            .filter(frame -> frame.area() > 0)
                                            .map(frame ->
                                                    frame.width() * page.width() / (frame.height() * page.height()))
                                            .orElse(0.0),
                                    found.shown(),
                                    found.size(),
                                    layers.under(place.frame()))));
        }

        private void addGraphic(Node frame, Node data, SlideFrames frames) {
            Place place = place(frame, frames.frame(frame));
            Standing behind = layers.under(place.frame());
            data.child("tbl").ifPresent(table -> addTable(place, table, behind));
            part(data, "chart", "id")
                    .filter(part -> deck.tellsFirst(part))
                    .ifPresent(part -> new ChartUses(slide.colors(), charted()).walk(tree(part), place, behind));
            part(data, "relIds", "dm")
                    .flatMap(this::diagram)
                    .filter(part -> deck.tellsFirst(part))
                    .map(part -> sheet.drawing(part, tree(part)))
                    .ifPresent(drawn ->
                            new Sheet(drawn, On.SHAPE, tells).addAll(drawn.shapes(), inside(place), new Fill.Clear()));
        }

        private Uses charted() {
            return new Uses() {
                @Override
                public void use(Use use) {
                    uses.add(use);
                }

                @Override
                public void chart(FoundChart chart) {
                    deck.sink().chart(chart);
                }
            };
        }

        private Node tree(String part) {
            return PartTree.read(part, deck.deck().parts().part(part));
        }

        private Optional<String> part(Node data, String element, String attribute) {
            return data.child(element)
                    .flatMap(node -> OfficePackage.reference(node.tag(), attribute))
                    .map(deck.deck().parts().byId(sheet.part())::get)
                    .filter(deck.deck().parts()::has);
        }

        /** A diagram's shapes stand in a part that its data names. Common practice, an addition to the standard. */
        private Optional<String> diagram(String data) {
            return tree(data).inside().stream()
                    .filter(node -> node.name().equals("dataModelExt"))
                    .flatMap(node -> node.attribute("relId").stream())
                    .findFirst()
                    .map(deck.deck().parts().byId(sheet.part())::get)
                    .filter(deck.deck().parts()::has);
        }

        /** A diagram has measures of its own, from its upper left corner. */
        private SlideFrames inside(Place place) {
            return place.frame()
                    .map(frame -> new SlideFrames(
                            -frame.x() * page.width(), -frame.y() * page.height(), page.width(), page.height()))
                    .orElse(page);
        }

        private DeckText inCell(DeckTable.Cell cell, DeckTable table) {
            return DeckText.inCell(slide, cell.node(), table.text(cell), deck.defaultText());
        }

        private void addTable(Place place, Node node, Standing behind) {
            DeckTable table = new DeckTable(slide, node, DeckTable.styleId(node).flatMap(deck::tableStyle));
            Map<List<Node>, DeckText> ofStyles = new HashMap<>();
            for (DeckTable.Cell cell : table.cells()) {
                Optional<Frame> frame = place.frame().flatMap(whole -> table.frame(cell, whole));
                Place here = place.at(place.shape(), frame.or(place::frame));
                Fill fill = table.fill(cell);
                Purpose filled =
                        cell.head() ? Purpose.TABLE_HEAD : cell.row() % 2 == 0 ? Purpose.TABLE_BAND : Purpose.CELL_FILL;
                tell(here, filled, fill.colors(), behind);
                Box box = new Box(fill, behind, Purpose.TABLE_TEXT, On.CELL);
                Purpose written = cell.head() ? Purpose.TABLE_HEAD_TEXT : Purpose.TABLE_TEXT;
                Standing standing = fill instanceof Fill.Clear ? behind : standing(box);
                List<SlideParagraph> paragraphs = SlideParagraph.in(cell.node());
                if (tells && !paragraphs.isEmpty()) {
                    // Cells in which nothing else is said are written as their style says.
                    DeckText letters = DeckText.saysItself(cell.node())
                            ? inCell(cell, table)
                            : ofStyles.computeIfAbsent(cell.styles(), styles -> inCell(cell, table));
                    addText(cell.node(), here, letters, new Text(paragraphs, written, true, Optional.of(standing)));
                }
                tell(here, Purpose.EDGE, table.edges(cell), behind);
            }
        }
    }
}
