package app.zumbido.formats.ooxml;

import app.zumbido.core.inspect.Frame;
import app.zumbido.formats.archive.PartTree.Node;
import app.zumbido.formats.archive.RawTag;
import app.zumbido.formats.delivery.Xml;
import app.zumbido.formats.uses.PartEdits;
import java.util.HashSet;
import java.util.Optional;
import java.util.Set;

/**
 * A slide moves to another layout: its placeholders take places there, and those that find none write out where they were, so
 * that nothing on the page jumps together. Source: ECMA-376 Part 1, 19.3.1.36 (ph) and 20.1.7.6 (xfrm).
 */
final class SlideMove {
    /** What lies as near to its inherited place lies there because nobody moved it; share of the page. */
    private static final double SAME_PLACE = 0.004;

    private static final String SHAPE = "sp";
    private static final String NUMBER = "idx";

    private final DeckSheet slide;
    private final LayoutChoice choice;
    private final SlideFrames frames;
    private final PartEdits.Part part;
    private final Set<String> numbers = new HashSet<>();

    SlideMove(DeckSheet slide, LayoutChoice choice, SlideFrames frames, PartEdits edits) {
        this.slide = slide;
        this.choice = choice;
        this.frames = frames;
        this.part = edits.part(slide.part());
        choice.layout().placeholders().forEach(shape -> number(shape).ifPresent(numbers::add));
    }

    void write() {
        for (Node shape : slide.placeholders()) {
            Optional<Node> placeholder =
                    DeckSheet.placeholder(shape).filter(ph -> ph.tag().from() >= 0);
            if (placeholder.isEmpty()) {
                continue;
            }
            Node on = choice.pairs().get(shape);
            if (on == null) {
                stay(shape);
                number(shape)
                        .filter(numbers::contains)
                        .ifPresent(taken -> rename(placeholder.get(), typeOf(shape), free()));
            } else {
                letGo(shape);
                rename(placeholder.get(), typeOf(on), number(on));
            }
        }
    }

    private Optional<String> free() {
        int number = 100;
        while (!numbers.add(String.valueOf(number))) {
            number++;
        }
        return Optional.of(String.valueOf(number));
    }

    private static Optional<String> number(Node shape) {
        return DeckSheet.placeholder(shape).flatMap(ph -> ph.attribute(NUMBER));
    }

    private static Optional<String> typeOf(Node shape) {
        return DeckSheet.placeholder(shape).flatMap(ph -> ph.attribute("type"));
    }

    private void rename(Node placeholder, Optional<String> type, Optional<String> number) {
        RawTag tag = RawTag.at(part.text(), placeholder.tag().from());
        StringBuilder anew = new StringBuilder("<").append(tag.name());
        type.ifPresent(value -> anew.append(" type=\"").append(Xml.text(value)).append('"'));
        number.ifPresent(value -> anew.append(" idx=\"").append(Xml.text(value)).append('"'));
        tag.attributes().stream()
                .filter(attribute -> !Set.of("type", NUMBER, "sz").contains(attribute.localName()))
                .forEach(attribute -> anew.append(' ')
                        .append(
                                part.text(),
                                attribute.whole().from(),
                                attribute.whole().to()));
        part.splices()
                .put(tag.from(), tag.to(), anew.append(tag.empty() ? "/>" : ">").toString());
    }

    /** Says where it lies, if only the old layout did. */
    private void stay(Node shape) {
        Optional<Node> properties =
                shape.child("spPr").filter(node -> node.tag().from() >= 0);
        if (properties.isEmpty() || SlideFrames.transform(shape).isPresent()) {
            return;
        }
        LayoutChoice.inherited(shape, slide)
                .flatMap(SlideFrames::transform)
                .map(this::transform)
                .ifPresent(transform -> {
                    RawTag tag = RawTag.at(part.text(), properties.get().tag().from());
                    if (tag.empty()) {
                        part.splices().put(tag.to() - 2, tag.to(), ">" + transform + "</" + tag.name() + ">");
                    } else {
                        part.splices().put(tag.to(), tag.to(), transform);
                    }
                });
    }

    private String transform(Node from) {
        String prefix = drawingPrefix();
        StringBuilder out = new StringBuilder("<" + prefix + "xfrm");
        from.tag()
                .attributes()
                .forEach(attribute -> out.append(' ')
                        .append(attribute.qualifiedName())
                        .append("=\"")
                        .append(Xml.text(attribute.value()))
                        .append('"'));
        out.append('>');
        for (String name : new String[] {"off", "ext"}) {
            from.child(name).ifPresent(node -> {
                out.append('<').append(prefix).append(name);
                node.tag()
                        .attributes()
                        .forEach(attribute -> out.append(' ')
                                .append(attribute.name())
                                .append("=\"")
                                .append(Xml.text(attribute.value()))
                                .append('"'));
                out.append("/>");
            });
        }
        return out.append("</").append(prefix).append("xfrm>").toString();
    }

    /** What the slide calls the namespace of drawings. */
    private String drawingPrefix() {
        return slide.root().inside().stream()
                .map(Node::tag)
                .filter(tag -> tag.from() >= 0 && tag.namespace().endsWith("drawingml/2006/main"))
                .findFirst()
                .map(tag -> RawTag.at(part.text(), tag.from()).prefix())
                .orElse("a:");
    }

    /** What says the place that the old layout gave it takes the new one's. */
    private void letGo(Node shape) {
        Optional<Node> own = shape.at("spPr", "xfrm").filter(node -> node.tag().from() >= 0);
        Optional<Frame> there = LayoutChoice.inherited(shape, slide).flatMap(frames::frame);
        boolean unmoved = shape.name().equals(SHAPE)
                && there.flatMap(old -> frames.frame(shape).filter(frame -> isSame(old, frame)))
                        .isPresent();
        if (own.isPresent() && unmoved) {
            Elements.cut(own.get().tag(), part);
        }
    }

    private static boolean isSame(Frame one, Frame other) {
        return Math.abs(one.x() - other.x()) < SAME_PLACE
                && Math.abs(one.y() - other.y()) < SAME_PLACE
                && Math.abs(one.width() - other.width()) < SAME_PLACE
                && Math.abs(one.height() - other.height()) < SAME_PLACE;
    }
}
