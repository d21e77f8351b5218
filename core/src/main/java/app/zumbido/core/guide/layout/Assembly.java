package app.zumbido.core.guide.layout;

import app.zumbido.core.guide.SectionKind;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Puts strips beneath each other, as one section or as a part of one. */
final class Assembly {
    private final List<Part> parts = new ArrayList<>();
    private final List<Part> pieces = new ArrayList<>();
    private Optional<Strip.Within> within = Optional.empty();
    private double y;

    /** @return as high as they are together; gaps before the first are none */
    static Part section(SectionKind kind, List<Strip> strips, double width) {
        Assembly assembly = new Assembly();
        strips.forEach(assembly::add);
        assembly.close();
        return new Part(
                Tag.SECTION, new Box(0, 0, width, assembly.y), List.of(), assembly.parts, "", Optional.of(kind));
    }

    /** @return how high strips are beneath each other */
    static double height(List<Strip> strips) {
        double height = 0;
        for (int i = 0; i < strips.size(); i++) {
            height += strips.get(i).height()
                    + (i == 0 ? repeated(strips.get(0)) : strips.get(i).before());
        }
        return height;
    }

    /** @return how high the head is that is repeated above it where it is the first */
    static double repeated(Strip first) {
        return first.head().map(head -> head.box().height()).orElse(0.0);
    }

    private void add(Strip strip) {
        boolean first = y == 0;
        y += first ? 0 : strip.before();
        if (!strip.within().equals(within)) {
            close();
            within = strip.within();
        }
        if (first) {
            strip.head().ifPresent(head -> put(head, strip));
        }
        put(strip.part(), strip);
    }

    private void put(Part part, Strip strip) {
        Part moved = part.moved(0, y);
        y = moved.box().bottom();
        if (strip.within().isEmpty()) {
            parts.add(moved);
        } else if (moved.tag() == Tag.LIST) {
            pieces.addAll(moved.parts());
        } else {
            pieces.add(moved);
        }
    }

    private void close() {
        if (!pieces.isEmpty()) {
            parts.add(Part.holding(within.orElseThrow().tag(), around(pieces), List.copyOf(pieces)));
            pieces.clear();
        }
        within = Optional.empty();
    }

    static Box around(List<Part> parts) {
        double left = parts.stream().mapToDouble(part -> part.box().x()).min().orElse(0);
        double top = parts.stream().mapToDouble(part -> part.box().y()).min().orElse(0);
        double right =
                parts.stream().mapToDouble(part -> part.box().right()).max().orElse(0);
        double bottom =
                parts.stream().mapToDouble(part -> part.box().bottom()).max().orElse(0);
        return new Box(left, top, right - left, bottom - top);
    }
}
