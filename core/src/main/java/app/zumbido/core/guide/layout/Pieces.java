package app.zumbido.core.guide.layout;

import app.zumbido.core.guide.Chapter;
import app.zumbido.core.guide.SectionKind;
import app.zumbido.core.guide.Share;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Turns sections into strips: one beneath the other, or beside each other where they share the width. */
final class Pieces {
    private final Setting setting;
    private final boolean bare;

    /** @param bare whether titles of chapters stand elsewhere */
    Pieces(Setting setting, boolean bare) {
        this.setting = setting;
        this.bare = bare;
    }

    /** A strip of one section, or of several that stand beside each other. */
    record Piece(Optional<SectionKind> section, Strip strip) {}

    /** @return sections that stand beside each other, row by row */
    static List<List<Chapter>> rows(List<Chapter> sections) {
        List<List<Chapter>> rows = new ArrayList<>();
        int from = 0;
        while (from < sections.size()) {
            int to = beside(sections, from);
            rows.add(sections.subList(from, to));
            from = to;
        }
        return rows;
    }

    /** @return behind the last section that stands beside the first */
    private static int beside(List<Chapter> sections, int from) {
        int taken = sections.get(from).section().share().parts();
        int to = from + 1;
        while (to < sections.size()
                && taken + sections.get(to).section().share().parts() <= Share.PARTS) {
            taken += sections.get(to).section().share().parts();
            to++;
        }
        return to;
    }

    /** @param rows of a chapter: the first begins it */
    List<Piece> of(List<List<Chapter>> rows) {
        List<Piece> pieces = new ArrayList<>();
        for (int i = 0; i < rows.size(); i++) {
            pieces.addAll(row(rows.get(i), i == 0));
        }
        return pieces;
    }

    private List<Piece> row(List<Chapter> row, boolean chapter) {
        if (row.size() > 1) {
            Part together = together(row, chapter);
            if (together.box().height() <= setting.height()) {
                return List.of(new Piece(Optional.empty(), Strip.of(together, setting.gap() * 2)));
            }
        }
        List<Piece> pieces = new ArrayList<>();
        for (Chapter section : row) {
            Setting place =
                    row.size() == 1 ? setting.within(width(section.section().share())) : setting;
            Blocks.of(section, leads(section, chapter, pieces.isEmpty()), place).stream()
                    .filter(strip -> !bare || strip.part().tag() != Tag.H1)
                    .forEach(strip ->
                            pieces.add(new Piece(Optional.of(section.section().kind()), strip)));
        }
        return pieces;
    }

    private static boolean leads(Chapter section, boolean chapter, boolean first) {
        return chapter && (first || section.section().kind().isChapter());
    }

    private double width(Share share) {
        double seam = 2 * setting.base();
        return (setting.width() + seam) * share.parts() / Share.PARTS - seam;
    }

    private Part together(List<Chapter> row, boolean chapter) {
        List<Part> parts = new ArrayList<>();
        double x = 0;
        for (Chapter section : row) {
            double wide = width(section.section().share());
            boolean leads = leads(section, chapter, parts.isEmpty()) && !bare;
            List<Strip> strips = Blocks.of(section, leads, setting.within(wide));
            parts.add(Assembly.section(section.section().kind(), strips, wide).moved(x, 0));
            x += wide + 2 * setting.base();
        }
        double height =
                parts.stream().mapToDouble(part -> part.box().height()).max().orElse(0);
        return Part.holding(Tag.GROUP, new Box(0, 0, setting.width(), height), parts);
    }
}
