package app.zumbido.formats.ooxml;

import app.zumbido.core.inspect.Frame;
import app.zumbido.formats.archive.PartTree.Node;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Which layout of a template a slide takes, and which of its placeholders each of the slide's. What is weighed is set by eye;
 * no published source.
 *
 * @param pairs by the slide's placeholder the layout's; without those that find none
 */
record LayoutChoice(DeckSheet layout, Map<Node, Node> pairs) {
    private static final double HOMELESS = 2;
    private static final double EMPTY = 0.75;
    private static final double OTHER_TYPE = 1.5;
    private static final double OTHER_GROUND = 6;
    private static final double OTHER_KIND = 0.25;

    /** They are on most layouts and say nothing about what a slide is. */
    private static final Set<String> ON_EDGE = Set.of("dt", "ftr", "sldNum");

    private static final Set<String> TITLES = Set.of("title", "ctrTitle");
    /** Text and whatever else: the kind of a placeholder that says none holds anything. Source: ECMA-376 Part 1, 19.7.10. */
    private static final Set<String> FOR_TEXT = Set.of("body", "subTitle", "obj", "");

    private static final Set<String> FOR_ANYTHING = Set.of("obj", "");

    /** Down first, then across; as far apart as rows are. */
    private static final double ROWS = 8;

    private static final Comparator<Frame> READING = Comparator.<Frame>comparingLong(
                    frame -> Math.round(frame.y() * ROWS))
            .thenComparingDouble(Frame::x);

    /** @param layouts at least one */
    static LayoutChoice of(DeckSheet slide, List<DeckSheet> layouts, SlideFrames frames) {
        Optional<String> type = slide.parent().flatMap(layout -> layout.root().attribute("type"));
        LayoutChoice best = null;
        double least = Double.MAX_VALUE;
        for (DeckSheet layout : layouts) {
            Map<Node, Node> pairs = pairs(slide, layout, frames);
            double cost = cost(slide, layout, pairs)
                    + (type.equals(layout.root().attribute("type")) ? 0 : OTHER_TYPE)
                    + (turns(slide) == turns(layout) ? 0 : OTHER_GROUND);
            if (cost < least) {
                least = cost;
                best = new LayoutChoice(layout, pairs);
            }
        }
        return best;
    }

    private static double cost(DeckSheet slide, DeckSheet layout, Map<Node, Node> pairs) {
        double cost = 0;
        for (Node shape : slide.placeholders()) {
            Node on = pairs.get(shape);
            if (on == null) {
                cost += isOnEdge(shape) ? 0 : HOMELESS;
            } else if (!type(shape).equals(type(on))) {
                cost += OTHER_KIND;
            }
        }
        long empty = layout.placeholders().stream()
                .filter(shape -> !isOnEdge(shape) && !pairs.containsValue(shape))
                .count();
        return cost + empty * EMPTY;
    }

    /** Whether slide or layout stand on the other ground than their master. */
    private static boolean turns(DeckSheet sheet) {
        return sheet.line().stream()
                .anyMatch(
                        own -> own.root().at("clrMapOvr", "overrideClrMapping").isPresent());
    }

    private static Map<Node, Node> pairs(DeckSheet slide, DeckSheet layout, SlideFrames frames) {
        List<Node> free = inReadingOrder(layout, frames);
        Map<Node, Node> pairs = new LinkedHashMap<>();
        List<Node> shapes = inReadingOrder(slide, frames);
        for (boolean same : new boolean[] {true, false}) {
            for (Node shape : shapes) {
                if (!pairs.containsKey(shape)) {
                    free.stream()
                            .filter(on -> same ? type(shape).equals(type(on)) : holds(on, shape))
                            .findFirst()
                            .ifPresent(on -> {
                                free.remove(on);
                                pairs.put(shape, on);
                            });
                }
            }
        }
        return pairs;
    }

    private static boolean holds(Node on, Node shape) {
        if (TITLES.contains(type(shape))) {
            return TITLES.contains(type(on));
        }
        if (isOnEdge(shape) || TITLES.contains(type(on))) {
            return false;
        }
        return shape.name().equals("sp") ? FOR_TEXT.contains(type(on)) : FOR_ANYTHING.contains(type(on));
    }

    private static List<Node> inReadingOrder(DeckSheet sheet, SlideFrames frames) {
        List<Node> ordered = new ArrayList<>(sheet.placeholders());
        ordered.sort(Comparator.comparing(shape -> where(shape, sheet, frames).orElse(Frame.WHOLE), READING));
        return ordered;
    }

    /** @return where it is seen, whoever says it */
    static Optional<Frame> where(Node shape, DeckSheet sheet, SlideFrames frames) {
        return frames.frame(shape).or(() -> inherited(shape, sheet).flatMap(frames::frame));
    }

    /** @return the shape that says where this one lies if it does not do so itself */
    static Optional<Node> inherited(Node shape, DeckSheet sheet) {
        return sheet.behind(shape).stream()
                .filter(behind -> SlideFrames.transform(behind).isPresent())
                .findFirst();
    }

    private static boolean isOnEdge(Node shape) {
        return ON_EDGE.contains(type(shape));
    }

    private static String type(Node shape) {
        return DeckSheet.placeholder(shape).flatMap(ph -> ph.attribute("type")).orElse("");
    }
}
