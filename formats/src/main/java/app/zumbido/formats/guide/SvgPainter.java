package app.zumbido.formats.guide;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.guide.layout.Box;
import app.zumbido.core.guide.layout.Mark;
import app.zumbido.core.guide.layout.Painter;
import app.zumbido.core.image.Pixels;
import app.zumbido.formats.image.PngImage;
import java.util.Base64;
import java.util.Optional;

/** Draws marks as SVG within a page for the web: text stays text. */
final class SvgPainter implements Painter {
    /** Pixels to a point of pictures. */
    private static final double FINEST = 2;

    private final Guide guide;
    private final WebFaces faces;
    private final WebLogos logos;
    private final Markup svg;
    private int ramps;

    SvgPainter(Guide guide, WebFaces faces, WebLogos logos, Markup svg) {
        this.guide = guide;
        this.faces = faces;
        this.logos = logos;
        this.svg = svg;
    }

    private static String n(double value) {
        return Markup.number(value);
    }

    @Override
    public void words(Mark.Words words) {
        svg.open(
                        "text",
                        "x",
                        n(words.box().x()),
                        "y",
                        n(words.baseline()),
                        "fill",
                        words.ink().hex(),
                        "style",
                        faces.css(words.style()) + ";font-size:"
                                + n(words.style().size()) + "px")
                .text(words.text())
                .close();
    }

    @Override
    public void fill(Mark.Fill fill) {
        rect(fill.box(), "fill", fill.color().hex());
    }

    private void rect(Box box, String... attributes) {
        String[] all = new String[8 + attributes.length];
        String[] place = {"x", n(box.x()), "y", n(box.y()), "width", n(box.width()), "height", n(box.height())};
        System.arraycopy(place, 0, all, 0, 8);
        System.arraycopy(attributes, 0, all, 8, attributes.length);
        svg.open("rect", all);
    }

    @Override
    public void outline(Mark.Outline outline) {
        String dash = outline.dashed() ? n(outline.thickness() * 3) : "";
        rect(
                outline.box().inset(outline.thickness() / 2),
                "fill",
                "none",
                "stroke",
                outline.color().hex(),
                "stroke-width",
                n(outline.thickness()),
                "stroke-dasharray",
                dash);
    }

    @Override
    public void line(Mark.Line line) {
        Box box = line.box();
        svg.open(
                "line",
                "x1",
                n(box.x()),
                "y1",
                n(line.rising() ? box.bottom() : box.y()),
                "x2",
                n(box.right()),
                "y2",
                n(line.rising() ? box.y() : box.bottom()),
                "stroke",
                line.color().hex(),
                "stroke-width",
                n(line.thickness()));
    }

    @Override
    public void ramp(Mark.Ramp ramp) {
        Ramps way = Ramps.of(ramp);
        String id = "r" + ramps++;
        if (ramp.radial()) {
            svg.open(
                    "radialGradient",
                    "id",
                    id,
                    "gradientUnits",
                    "userSpaceOnUse",
                    "cx",
                    n(way.start().getX()),
                    "cy",
                    n(way.start().getY()),
                    "r",
                    n(way.radius()));
        } else {
            svg.open(
                    "linearGradient",
                    "id",
                    id,
                    "gradientUnits",
                    "userSpaceOnUse",
                    "x1",
                    n(way.start().getX()),
                    "y1",
                    n(way.start().getY()),
                    "x2",
                    n(way.end().getX()),
                    "y2",
                    n(way.end().getY()));
        }
        float[] places = Ramps.places(ramp.stops().size());
        for (int i = 0; i < places.length; i++) {
            Rgb stop = ramp.stops().get(i);
            svg.open("stop", "offset", n(places[i]), "stop-color", stop.hex());
        }
        svg.close();
        rect(ramp.box(), "fill", "url(#" + id + ")");
    }

    @Override
    public void picture(Mark.Picture picture) {
        Box box = picture.box();
        Optional<Pixels> seen = guide.art().seen(picture, FINEST);
        seen.ifPresent(pixels -> svg.open(
                "image",
                "x",
                n(box.x()),
                "y",
                n(box.y()),
                "width",
                n(box.width()),
                "height",
                n(box.height()),
                "preserveAspectRatio",
                "none",
                "href",
                data(pixels)));
    }

    private static String data(Pixels pixels) {
        byte[] png = PngImage.scaled(pixels, Math.max(pixels.width(), pixels.height()));
        byte[] jpeg = GuideJpeg.photograph(RasterPainter.image(pixels));
        boolean smaller = jpeg.length > 0 && jpeg.length < png.length;
        return (smaller ? "data:image/jpeg;base64," : "data:image/png;base64,")
                + Base64.getEncoder().encodeToString(smaller ? jpeg : png);
    }

    @Override
    public void logo(Mark.LogoMark logo) {
        Box box = logo.box();
        String turned = logo.turned() == 0
                ? ""
                : "rotate(" + n(logo.turned()) + " " + n(box.x() + box.width() / 2) + " "
                        + n(box.y() + box.height() / 2) + ")";
        logos.id(logo.form(), logo.version())
                .ifPresent(id -> svg.open(
                        "use",
                        "href",
                        "#" + id,
                        "x",
                        n(box.x()),
                        "y",
                        n(box.y()),
                        "width",
                        n(box.width()),
                        "height",
                        n(box.height()),
                        "transform",
                        turned));
    }
}
