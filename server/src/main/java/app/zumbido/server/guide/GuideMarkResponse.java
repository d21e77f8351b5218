package app.zumbido.server.guide;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.guide.layout.Box;
import app.zumbido.core.guide.layout.Mark;
import app.zumbido.core.guide.layout.Page;
import app.zumbido.core.guide.layout.Painter;
import app.zumbido.core.logos.LogoForm;
import app.zumbido.core.logos.LogoVersion;
import app.zumbido.formats.guide.Guide;
import app.zumbido.formats.guide.WrittenIn;
import app.zumbido.server.guide.GuidePageResponse.BoxResponse;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Something that is drawn: an area of one colour, unless it says that it is something else.
 *
 * @param color hex
 */
record GuideMarkResponse(
        BoxResponse box,
        @Nullable String color,
        @Nullable SetWordsResponse words,
        @Nullable StrokeResponse stroke,
        @Nullable RampResponse ramp,
        @Nullable ShownPictureResponse picture,
        @Nullable ShownLogoResponse logo) {
    /**
     * @param text as it is set, capitals included
     * @param baseline from the top of the page
     * @param size in points
     * @param family of the face that is drawn, which may stand in for the brand's own
     * @param tracking added to every letter, in thousandths of an em
     */
    record SetWordsResponse(
            String text, double baseline, double size, String family, int weight, boolean italic, int tracking) {}

    /**
     * @param across absent: along the inside of the box; else from corner to corner
     * @param thickness in points
     */
    record StrokeResponse(
            double thickness, boolean dashed, @Nullable Across across) {}

    /** Which corners a line joins. */
    enum Across {
        RISING,
        FALLING
    }

    /** @param stops hexes, at even distances @param angle degrees clockwise from upwards */
    record RampResponse(List<String> stops, boolean radial, int angle) {}

    /**
     * @param crop what of it is seen, in shares: x, y, width, height
     * @param over hex of what is laid over it
     * @param opacity of that, 0 to 1
     */
    record ShownPictureResponse(
            UUID source,
            List<Double> crop,
            @Nullable String over,
            @Nullable Double opacity) {}

    /** @param turned degrees clockwise around the middle of the box */
    record ShownLogoResponse(LogoForm form, LogoVersion version, double turned) {}

    static List<GuideMarkResponse> all(Guide guide, Page page) {
        Collected collected = new Collected(guide);
        page.drawn().forEach(mark -> mark.drawnBy(collected));
        return collected.marks;
    }

    private static final class Collected implements Painter {
        private final List<GuideMarkResponse> marks = new ArrayList<>();
        private final Guide guide;

        Collected(Guide guide) {
            this.guide = guide;
        }

        private void add(
                Box box,
                @Nullable Rgb color,
                @Nullable SetWordsResponse words,
                @Nullable StrokeResponse stroke,
                @Nullable RampResponse ramp) {
            marks.add(new GuideMarkResponse(
                    BoxResponse.of(box), color == null ? null : color.hex(), words, stroke, ramp, null, null));
        }

        @Override
        public void words(Mark.Words words) {
            WrittenIn written = guide.typesetter().writtenIn(words.style(), words.text());
            SetWordsResponse lettering = new SetWordsResponse(
                    written.text(),
                    words.baseline(),
                    words.style().size(),
                    written.family(),
                    written.weight(),
                    written.italic(),
                    written.tracking());
            add(words.box(), words.ink(), lettering, null, null);
        }

        @Override
        public void fill(Mark.Fill fill) {
            add(fill.box(), fill.color(), null, null, null);
        }

        @Override
        public void outline(Mark.Outline outline) {
            add(
                    outline.box(),
                    outline.color(),
                    null,
                    new StrokeResponse(outline.thickness(), outline.dashed(), null),
                    null);
        }

        @Override
        public void line(Mark.Line line) {
            Across across = line.rising() ? Across.RISING : Across.FALLING;
            add(line.box(), line.color(), null, new StrokeResponse(line.thickness(), false, across), null);
        }

        @Override
        public void ramp(Mark.Ramp ramp) {
            List<String> stops = ramp.stops().stream().map(Rgb::hex).toList();
            add(ramp.box(), null, null, null, new RampResponse(stops, ramp.radial(), ramp.angle()));
        }

        @Override
        public void picture(Mark.Picture picture) {
            ShownPictureResponse shown = new ShownPictureResponse(
                    picture.source(),
                    List.of(
                            picture.crop().x(),
                            picture.crop().y(),
                            picture.crop().width(),
                            picture.crop().height()),
                    picture.overlay().map(solid -> solid.color().hex()).orElse(null),
                    picture.overlay().map(solid -> solid.opacity().value()).orElse(null));
            marks.add(new GuideMarkResponse(BoxResponse.of(picture.box()), null, null, null, null, shown, null));
        }

        @Override
        public void logo(Mark.LogoMark logo) {
            ShownLogoResponse shown = new ShownLogoResponse(logo.form(), logo.version(), logo.turned());
            marks.add(new GuideMarkResponse(BoxResponse.of(logo.box()), null, null, null, null, null, shown));
        }
    }
}
