package app.zumbido.server.guide;

import app.zumbido.core.guide.SectionKind;
import app.zumbido.core.guide.layout.Box;
import app.zumbido.core.guide.layout.Page;
import app.zumbido.core.guide.layout.Part;
import app.zumbido.core.guide.layout.Tag;
import app.zumbido.formats.guide.Guide;
import java.util.List;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * One page, with all that is drawn on it in the order of the drawing.
 *
 * @param number 1 is the first
 * @param ground hex of the paper
 * @param text all of its words, as they are read
 */
record GuidePageResponse(
        int number,
        double width,
        double height,
        String ground,
        String text,
        List<PlacedSectionResponse> sections,
        List<GuideMarkResponse> marks) {
    static GuidePageResponse of(Guide guide, Page page) {
        return new GuidePageResponse(
                page.number(),
                page.width(),
                page.height(),
                page.ground().hex(),
                page.parts().stream().map(Part::text).collect(Collectors.joining(" ")),
                page.all()
                        .filter(part -> part.tag() == Tag.SECTION)
                        .map(PlacedSectionResponse::of)
                        .toList(),
                GuideMarkResponse.all(guide, page));
    }

    /** @param title where its title stands; absent where it goes on from the page before */
    record PlacedSectionResponse(
            SectionKind kind, BoxResponse box, @Nullable BoxResponse title) {
        static PlacedSectionResponse of(Part section) {
            return new PlacedSectionResponse(
                    section.section().orElseThrow(),
                    BoxResponse.of(section.box()),
                    section.all()
                            .filter(part -> part.tag().isHeading())
                            .findFirst()
                            .map(part -> BoxResponse.of(part.box()))
                            .orElse(null));
        }
    }

    /** In points, from the upper left corner of the page. */
    record BoxResponse(double x, double y, double width, double height) {
        static BoxResponse of(Box box) {
            return new BoxResponse(box.x(), box.y(), box.width(), box.height());
        }
    }
}
