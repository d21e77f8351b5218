package app.zumbido.server.guide;

import app.zumbido.core.guide.layout.Box;
import app.zumbido.core.guide.layout.Mark;
import app.zumbido.core.guide.layout.Page;
import app.zumbido.core.guide.layout.Painter;
import app.zumbido.core.logos.LogoForm;
import app.zumbido.core.logos.LogoVersion;
import app.zumbido.formats.guide.Guide;
import app.zumbido.formats.guide.WrittenIn;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Something that is drawn. What is of no meaning for its kind is absent.
 *
 * @param kind words, fill, outline, line, ramp, picture or logo
 * @param color hex
 * @param text as it is set, capitals included
 * @param baseline from the top of the page
 * @param size of its letters, in points
 * @param family of the face that is drawn, which may stand in for the brand's own
 * @param tracking added to every letter, in thousandths of an em
 * @param thickness of a line
 * @param rising from the lower left to the upper right corner
 * @param stops hexes of a gradient
 * @param angle degrees clockwise from upwards
 * @param source id of a picture
 * @param crop what of it is seen, in shares: x, y, width, height
 * @param over hex of what is laid over it
 * @param opacity of that, 0 to 1
 * @param turned degrees clockwise around the middle
 */
record GuideMarkResponse(
        Kind kind,
        double x,
        double y,
        double width,
        double height,
        @Nullable String color,
        @Nullable String text,
        @Nullable Double baseline,
        @Nullable Double size,
        @Nullable String family,
        @Nullable Integer weight,
        @Nullable Boolean italic,
        @Nullable Integer tracking,
        @Nullable Double thickness,
        @Nullable Boolean dashed,
        @Nullable Boolean rising,
        @Nullable List<String> stops,
        @Nullable Boolean radial,
        @Nullable Integer angle,
        @Nullable UUID source,
        @Nullable List<Double> crop,
        @Nullable String over,
        @Nullable Double opacity,
        @Nullable LogoForm form,
        @Nullable LogoVersion version,
        @Nullable Double turned) {
    /** What it is. */
    enum Kind {
        WORDS,
        FILL,
        OUTLINE,
        LINE,
        RAMP,
        PICTURE,
        LOGO
    }

    static List<GuideMarkResponse> all(Guide guide, Page page) {
        Collected collected = new Collected(guide);
        page.drawn().forEach(mark -> mark.drawnBy(collected));
        return collected.marks;
    }

    private static GuideMarkResponse of(Kind kind, Box box, @Nullable String color) {
        return new GuideMarkResponse(
                kind,
                box.x(),
                box.y(),
                box.width(),
                box.height(),
                color,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null);
    }

    private static final class Collected implements Painter {
        private final List<GuideMarkResponse> marks = new ArrayList<>();
        private final Guide guide;

        Collected(Guide guide) {
            this.guide = guide;
        }

        @Override
        public void words(Mark.Words words) {
            Box box = words.box();
            WrittenIn written = guide.typesetter().writtenIn(words.style(), words.text());
            marks.add(new GuideMarkResponse(
                    Kind.WORDS,
                    box.x(),
                    box.y(),
                    box.width(),
                    box.height(),
                    words.ink().hex(),
                    written.text(),
                    words.baseline(),
                    words.style().size(),
                    written.family(),
                    written.weight(),
                    written.italic(),
                    written.tracking(),
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null));
        }

        @Override
        public void fill(Mark.Fill fill) {
            marks.add(of(Kind.FILL, fill.box(), fill.color().hex()));
        }

        @Override
        public void outline(Mark.Outline outline) {
            Box box = outline.box();
            marks.add(new GuideMarkResponse(
                    Kind.OUTLINE,
                    box.x(),
                    box.y(),
                    box.width(),
                    box.height(),
                    outline.color().hex(),
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    outline.thickness(),
                    outline.dashed(),
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null));
        }

        @Override
        public void line(Mark.Line line) {
            Box box = line.box();
            marks.add(new GuideMarkResponse(
                    Kind.LINE,
                    box.x(),
                    box.y(),
                    box.width(),
                    box.height(),
                    line.color().hex(),
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    line.thickness(),
                    null,
                    line.rising(),
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null));
        }

        @Override
        public void ramp(Mark.Ramp ramp) {
            Box box = ramp.box();
            List<String> stops = ramp.stops().stream().map(stop -> stop.hex()).toList();
            marks.add(new GuideMarkResponse(
                    Kind.RAMP,
                    box.x(),
                    box.y(),
                    box.width(),
                    box.height(),
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    stops,
                    ramp.radial(),
                    ramp.angle(),
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null));
        }

        @Override
        public void picture(Mark.Picture picture) {
            Box box = picture.box();
            List<Double> crop = List.of(
                    picture.crop().x(),
                    picture.crop().y(),
                    picture.crop().width(),
                    picture.crop().height());
            marks.add(new GuideMarkResponse(
                    Kind.PICTURE,
                    box.x(),
                    box.y(),
                    box.width(),
                    box.height(),
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    picture.source(),
                    crop,
                    picture.overlay().map(solid -> solid.color().hex()).orElse(null),
                    picture.overlay().map(solid -> solid.opacity().value()).orElse(null),
                    null,
                    null,
                    null));
        }

        @Override
        public void logo(Mark.LogoMark logo) {
            Box box = logo.box();
            marks.add(new GuideMarkResponse(
                    Kind.LOGO,
                    box.x(),
                    box.y(),
                    box.width(),
                    box.height(),
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    logo.form(),
                    logo.version(),
                    logo.turned()));
        }
    }
}
