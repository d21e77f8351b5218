package app.zumbido.core.guide.layout;

import app.zumbido.core.guide.Block;
import app.zumbido.core.guide.Chapter;
import app.zumbido.core.guide.SectionKind;
import app.zumbido.core.guide.Sheet;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A guide as it is drawn, wherever it is drawn.
 *
 * @param pages in their order
 */
public record GuideLayout(List<Page> pages) {
    public GuideLayout {
        pages = List.copyOf(pages);
    }

    /**
     * @param chapters what is shown, in its order
     * @param footer what stands at the foot of every page
     */
    public static GuideLayout of(List<Chapter> chapters, Sheet sheet, Inks inks, Measurer measurer, String footer) {
        return new GuideLayout(
                PageFlow.on(sheet, chapters, inks, measurer, footer).pages());
    }

    /** @return in the place that slides of a template have beneath a title, in points; without a cover */
    public static GuideLayout onSlides(
            List<Chapter> chapters, double width, double height, Inks inks, Measurer measurer) {
        return new GuideLayout(
                PageFlow.onSlides(width, height, chapters, inks, measurer).pages());
    }

    /** @return the most important of it on one page */
    public static GuideLayout onOnePage(
            List<Chapter> chapters, Sheet sheet, Inks inks, Measurer measurer, String footer) {
        return sheet.format().hasPages()
                ? new GuideLayout(List.of(new OnePage(sheet, inks, measurer, footer).of(chapters)))
                : of(chapters, sheet, inks, measurer, footer);
    }

    /** @return the page that each section begins on, 1 first */
    public Map<SectionKind, Integer> begins() {
        Map<SectionKind, Integer> begins = new EnumMap<>(SectionKind.class);
        for (Page page : pages) {
            page.all()
                    .filter(part -> part.tag() == Tag.SECTION)
                    .flatMap(part -> part.section().stream())
                    .forEach(kind -> begins.putIfAbsent(kind, page.number()));
        }
        return begins;
    }

    /** A heading, and where it stands. */
    public record Heading(Tag tag, String text, int page, double y) {}

    /** @return in the order in which they are read */
    public List<Heading> headings() {
        List<Heading> headings = new ArrayList<>();
        for (Page page : pages) {
            page.all()
                    .filter(part -> part.tag().isHeading())
                    .forEach(part -> headings.add(new Heading(
                            part.tag(), part.text(), page.number(), part.box().y())));
        }
        return headings;
    }

    static Optional<Block.Cover> cover(Chapter chapter) {
        return chapter.blocks().stream()
                .filter(Block.Cover.class::isInstance)
                .map(Block.Cover.class::cast)
                .findFirst();
    }
}
