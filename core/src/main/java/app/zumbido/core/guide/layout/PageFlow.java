package app.zumbido.core.guide.layout;

import app.zumbido.core.guide.Block;
import app.zumbido.core.guide.Chapter;
import app.zumbido.core.guide.SectionKind;
import app.zumbido.core.guide.Sheet;
import app.zumbido.core.guide.layout.Pieces.Piece;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Lets sections flow over pages; on a board over a single one. */
final class PageFlow {
    /** A chapter begins on the page of the last one where that is filled no more than so. */
    private static final double SHARED = 0.55;
    /** A page that is filled no more than so looks forgotten. */
    private static final double FORGOTTEN = 0.38;

    /** From so many pages on there is a page of contents. */
    private static final int CONTENTS_FROM = 5;

    private final List<Chapter> chapters;
    private final Area area;
    private final Setting setting;
    private final String footer;

    /**
     * What a page offers.
     *
     * @param margin on every side
     * @param bare whether titles, numbers and the cover stand elsewhere: on slides of a template
     */
    private record Area(double width, double height, double margin, boolean bare) {
        boolean hasPages() {
            return height < Double.POSITIVE_INFINITY;
        }
    }

    private PageFlow(
            List<Chapter> chapters, Area area, double base, double gap, Inks inks, Measurer measurer, String footer) {
        this.chapters = chapters;
        this.area = area;
        this.footer = footer;
        setting = new Setting(
                area.width() - 2 * area.margin(),
                area.height() - 2 * area.margin(),
                base,
                gap,
                Setting.Density.USUAL,
                inks,
                measurer);
    }

    static PageFlow on(Sheet sheet, List<Chapter> chapters, Inks inks, Measurer measurer, String footer) {
        double base = Setting.base(sheet, false);
        return new PageFlow(
                chapters,
                new Area(sheet.width(), sheet.height(), Setting.margin(sheet, false), false),
                base,
                Setting.gap(base, sheet.spacing(), false),
                inks,
                measurer,
                footer);
    }

    /** On slides, in the place that a template has for what is written beneath a title. */
    static PageFlow onSlides(double width, double height, List<Chapter> chapters, Inks inks, Measurer measurer) {
        double base = Setting.ON_TEMPLATES;
        return new PageFlow(
                chapters,
                new Area(width, height, 0, true),
                base,
                Setting.gap(base, Sheet.SLIDES.spacing(), false),
                inks,
                measurer,
                "");
    }

    List<Page> pages() {
        List<Page> pages = new ArrayList<>();
        List<Chapter> rest = new ArrayList<>(chapters);
        Optional<Block.Cover> cover = chapters.isEmpty() ? Optional.empty() : GuideLayout.cover(chapters.get(0));
        if (area.hasPages() && cover.isPresent()) {
            rest.remove(0);
            if (!area.bare()) {
                pages.add(CoverPage.page(cover.get(), area.width(), area.height(), area.margin(), setting));
            }
        }
        List<Group> bodies = area.hasPages() ? bodies(chapters(rest)) : List.of(whole(rest));
        boolean contents = !area.bare() && pages.size() + bodies.size() >= CONTENTS_FROM;
        int first = pages.size() + (contents ? 2 : 1);
        List<Page> written = new ArrayList<>();
        for (Group body : bodies) {
            written.add(page(body, first + written.size()));
        }
        if (contents) {
            pages.add(ContentsPage.of(
                    written, pages.size() + 1, area.width(), area.height(), area.margin(), setting, footer));
        }
        pages.addAll(written);
        return pages.isEmpty() ? List.of(page(new Group("", new ArrayList<>()), 1)) : pages;
    }

    /** As much of a chapter as stands on a page. */
    private record Group(String title, List<Piece> pieces) {}

    private Group whole(List<Chapter> sections) {
        List<Piece> pieces = new ArrayList<>();
        chapters(sections).forEach(rows -> pieces.addAll(new Pieces(setting, area.bare()).of(rows)));
        return new Group("", pieces);
    }

    /** @return the rows of each chapter, with all that stands under it */
    private static List<List<List<Chapter>>> chapters(List<Chapter> sections) {
        List<List<List<Chapter>>> chapters = new ArrayList<>();
        for (List<Chapter> row : Pieces.rows(sections)) {
            if (chapters.isEmpty()
                    || row.stream().anyMatch(section -> section.section().kind().isChapter())) {
                chapters.add(new ArrayList<>());
            }
            chapters.get(chapters.size() - 1).add(row);
        }
        return chapters;
    }

    private List<Group> bodies(List<List<List<Chapter>>> chapters) {
        List<Group> pages = new ArrayList<>();
        for (List<List<Chapter>> rows : chapters) {
            List<Piece> pieces = new Pieces(setting, area.bare()).of(rows);
            List<Piece> last =
                    pages.isEmpty() ? List.of() : pages.get(pages.size() - 1).pieces();
            double used = height(last);
            double needed = pieces.isEmpty()
                    ? 0
                    : height(pieces) + pieces.get(0).strip().before();
            boolean shares = !area.bare() && !last.isEmpty() && used <= setting.height() * SHARED;
            if (shares && used + needed <= setting.height()) {
                last.addAll(pieces);
            } else if (!area.bare() && !last.isEmpty() && used <= setting.height() * FORGOTTEN) {
                // Too little for a page of its own: the next chapter begins beneath it and goes on on the next page.
                List<Piece> both = new ArrayList<>(last);
                both.addAll(pieces);
                pages.addAll(broken(pages.remove(pages.size() - 1).title(), both));
            } else {
                pages.addAll(broken(rows.get(0).get(0).section().heading(), pieces, rows));
            }
        }
        return pages;
    }

    /** Set tighter where that saves a page: a page with little on it looks forgotten. */
    private List<Group> broken(String title, List<Piece> usual, List<List<Chapter>> rows) {
        List<Group> pages = broken(title, usual);
        if (pages.size() > 1) {
            List<Group> tight = broken(title, new Pieces(setting.tighter(), area.bare()).of(rows));
            return tight.size() < pages.size() ? tight : pages;
        }
        return pages;
    }

    private static double height(List<Piece> pieces) {
        return Assembly.height(pieces.stream().map(Piece::strip).toList());
    }

    private List<Group> broken(String title, List<Piece> pieces) {
        List<Breaks.Item> items = pieces.stream()
                .map(piece -> new Breaks.Item(piece.strip(), piece.section()))
                .toList();
        List<Integer> starts = Breaks.of(items, setting.height());
        List<Group> pages = new ArrayList<>();
        for (int i = 0; i < starts.size(); i++) {
            int end = i + 1 < starts.size() ? starts.get(i + 1) : pieces.size();
            pages.add(new Group(title, new ArrayList<>(pieces.subList(starts.get(i), end))));
        }
        return pages;
    }

    private Page page(Group group, int number) {
        List<Part> parts = new ArrayList<>();
        double margin = area.margin();
        double y = margin;
        Map<SectionKind, List<Strip>> sections = new LinkedHashMap<>();
        for (Piece piece : group.pieces()) {
            if (piece.section().isPresent()) {
                sections.computeIfAbsent(piece.section().get(), kind -> new ArrayList<>())
                        .add(piece.strip());
            } else {
                y = placed(sections, parts, y);
                y += parts.isEmpty() ? 0 : piece.strip().before();
                Part moved = piece.strip().part().moved(margin, y);
                parts.add(moved);
                y = moved.box().bottom();
            }
        }
        y = placed(sections, parts, y);
        double height = area.hasPages() ? area.height() : y + margin;
        if (area.hasPages() && !area.bare()) {
            parts.add(Foot.of(footer, number, area.width(), height, margin, setting));
        }
        return new Page(
                number,
                area.bare() ? group.title() : "",
                area.width(),
                height,
                setting.inks().page(),
                parts);
    }

    private double placed(Map<SectionKind, List<Strip>> sections, List<Part> parts, double from) {
        double y = from;
        for (Map.Entry<SectionKind, List<Strip>> entry : sections.entrySet()) {
            y += parts.isEmpty() ? 0 : entry.getValue().get(0).before();
            Part section = Assembly.section(entry.getKey(), entry.getValue(), setting.width())
                    .moved(area.margin(), y);
            parts.add(section);
            y = section.box().bottom();
        }
        sections.clear();
        return y;
    }
}
