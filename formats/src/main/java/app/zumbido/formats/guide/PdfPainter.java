package app.zumbido.formats.guide;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.guide.layout.Box;
import app.zumbido.core.guide.layout.Mark;
import app.zumbido.core.guide.layout.Painter;
import app.zumbido.core.image.Pixels;
import app.zumbido.formats.logos.PaintedShape;
import java.awt.Color;
import java.awt.LinearGradientPaint;
import java.awt.MultipleGradientPaint;
import java.awt.RadialGradientPaint;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.awt.geom.Point2D;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.apache.pdfbox.pdmodel.graphics.shading.PDShading;
import org.apache.pdfbox.pdmodel.graphics.state.PDExtendedGraphicsState;
import org.apache.pdfbox.pdmodel.graphics.state.RenderingMode;
import org.apache.pdfbox.util.Matrix;

/** Draws the marks of one page into its content. */
final class PdfPainter implements Painter {
    /** Pixels to a point of pictures: 300 to an inch. */
    private static final double FINEST = 300 / 72.0;

    private final Guide guide;
    private final PDDocument document;
    private final PDPageContentStream content;
    private final PdfInks inks;
    private final PdfLetters letters;
    private final PageSpace space;

    PdfPainter(
            Guide guide,
            PDDocument document,
            PDPageContentStream content,
            PdfInks inks,
            PdfLetters letters,
            PageSpace space) {
        this.guide = guide;
        this.document = document;
        this.content = content;
        this.inks = inks;
        this.letters = letters;
        this.space = space;
    }

    /** Something that may fail to be written. */
    private interface Written {
        void run() throws IOException;
    }

    private static void write(Written written) {
        try {
            written.run();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void rectangle(Box box) throws IOException {
        content.addRect(
                (float) space.x(box.x()), (float) space.y(box.bottom()), (float) box.width(), (float) box.height());
    }

    @Override
    public void words(Mark.Words words) {
        write(() -> {
            for (GlyphRun run : guide.typesetter().set(words.style(), words.text())) {
                Optional<PDType0Font> font = letters.of(run.face());
                if (font.isPresent()) {
                    show(run, font.get(), words, RenderingMode.FILL, 1);
                } else {
                    outlined(run, words);
                }
            }
        });
    }

    private void show(GlyphRun run, PDType0Font font, Mark.Words words, RenderingMode mode, double stretched)
            throws IOException {
        content.beginText();
        content.setFont(font, (float) words.style().size());
        content.setRenderingMode(mode);
        inks.fillWith(content, words.ink());
        content.setTextMatrix(new Matrix(
                (float) stretched, 0, 0, 1, (float) space.x(words.box().x() + run.x()), (float)
                        space.y(words.baseline())));
        content.showTextWithPositioning(PdfLetters.positioned(run));
        content.endText();
    }

    /** Drawn, with letters of another face upon them that nobody sees: so it is found and read out nevertheless. */
    private void outlined(GlyphRun run, Mark.Words words) throws IOException {
        double em = words.style().size() / run.face().unitsPerEm();
        inks.fillWith(content, words.ink());
        for (int i = 0; i < run.glyphs().size(); i++) {
            double x = words.box().x()
                    + run.x()
                    + run.offsets().get(i) * words.style().size() / 1000;
            Path2D outline = run.face().outlineOfGlyph(run.glyphs().get(i));
            if (outline.getCurrentPoint() != null) {
                AffineTransform way = new AffineTransform(em, 0, 0, em, space.x(x), space.y(words.baseline()));
                PdfPaths.add(content, outline.createTransformedShape(way));
                content.fill();
            }
        }
        GlyphRun seen = guide.typesetter().unseen(run, words.style().size());
        Optional<PDType0Font> font = letters.of(seen.face());
        if (font.isPresent()) {
            // As wide as what is seen, so that letters are not taken apart into words.
            show(seen, font.get(), words, RenderingMode.NEITHER, run.width() / Math.max(1e-6, seen.width()));
        }
    }

    @Override
    public void fill(Mark.Fill fill) {
        write(() -> {
            inks.fillWith(content, fill.color());
            rectangle(space.bleeding(fill.box()));
            content.fill();
        });
    }

    @Override
    public void outline(Mark.Outline outline) {
        write(() -> {
            content.saveGraphicsState();
            inks.strokeWith(content, outline.color());
            content.setLineWidth((float) outline.thickness());
            if (outline.dashed()) {
                float dash = (float) (outline.thickness() * 3);
                content.setLineDashPattern(new float[] {dash, dash}, 0);
            }
            rectangle(outline.box().inset(outline.thickness() / 2));
            content.stroke();
            content.restoreGraphicsState();
        });
    }

    @Override
    public void line(Mark.Line line) {
        Box box = line.box();
        write(() -> {
            content.saveGraphicsState();
            rectangle(box);
            content.clip();
            inks.strokeWith(content, line.color());
            content.setLineWidth((float) line.thickness());
            content.moveTo((float) space.x(box.x()), (float) space.y(line.rising() ? box.bottom() : box.y()));
            content.lineTo((float) space.x(box.right()), (float) space.y(line.rising() ? box.y() : box.bottom()));
            content.stroke();
            content.restoreGraphicsState();
        });
    }

    @Override
    public void ramp(Mark.Ramp ramp) {
        Ramps way = Ramps.of(ramp);
        write(() -> {
            Point2D start = space.place(way.start());
            Point2D end = space.place(way.end());
            float[] places = Ramps.places(ramp.stops().size());
            PDShading shading = ramp.radial()
                    ? Shadings.radial(start, way.radius(), places, ramp.stops(), inks)
                    : Shadings.axial(start, end, places, ramp.stops(), inks);
            content.saveGraphicsState();
            rectangle(ramp.box());
            content.clip();
            content.shadingFill(shading);
            content.restoreGraphicsState();
        });
    }

    @Override
    public void picture(Mark.Picture picture) {
        Box box = picture.box();
        write(() -> {
            Optional<Pixels> seen = guide.art().seen(picture, FINEST);
            if (seen.isPresent()) {
                content.drawImage(
                        inks.picture(document, seen.get()),
                        (float) space.x(box.x()),
                        (float) space.y(box.bottom()),
                        (float) box.width(),
                        (float) box.height());
            }
        });
    }

    @Override
    public void logo(Mark.LogoMark logo) {
        guide.art().logo(logo.form(), logo.version()).ifPresent(drawing -> {
            AffineTransform way = space.transform();
            way.concatenate(RasterPainter.placed(logo, drawing));
            write(() -> {
                for (PaintedShape shape : drawing.shapes()) {
                    paint(shape.moved(way));
                }
            });
        });
    }

    private void paint(PaintedShape shape) throws IOException {
        Shape outline = shape.shape();
        if (outline.getPathIterator(null).isDone()) {
            return;
        }
        content.saveGraphicsState();
        if (shape.opacity() < 1) {
            PDExtendedGraphicsState state = new PDExtendedGraphicsState();
            state.setNonStrokingAlphaConstant(shape.opacity());
            content.setGraphicsStateParameters(state);
        }
        PdfPaths.add(content, outline);
        if (shape.gradient().isPresent()) {
            clip(outline);
            content.shadingFill(shading(shape.gradient().get()));
        } else {
            inks.fillWith(content, shape.fill());
            if (PdfPaths.isEvenOdd(outline)) {
                content.fillEvenOdd();
            } else {
                content.fill();
            }
        }
        content.restoreGraphicsState();
    }

    private void clip(Shape outline) throws IOException {
        if (PdfPaths.isEvenOdd(outline)) {
            content.clipEvenOdd();
        } else {
            content.clip();
        }
    }

    private PDShading shading(MultipleGradientPaint paint) throws IOException {
        content.transform(new Matrix(paint.getTransform()));
        List<Rgb> stops = Arrays.stream(paint.getColors())
                .map((Color color) -> new Rgb(color.getRed(), color.getGreen(), color.getBlue()))
                .toList();
        if (paint instanceof LinearGradientPaint linear) {
            return Shadings.axial(linear.getStartPoint(), linear.getEndPoint(), linear.getFractions(), stops, inks);
        }
        RadialGradientPaint radial = (RadialGradientPaint) paint;
        return Shadings.radial(radial.getCenterPoint(), radial.getRadius(), radial.getFractions(), stops, inks);
    }
}
