package app.zumbido.formats.pdf;

import app.zumbido.core.color.Rgb;
import java.awt.geom.Point2D;
import java.io.IOException;
import java.util.LinkedHashSet;
import java.util.Set;
import org.apache.pdfbox.contentstream.PDFGraphicsStreamEngine;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.graphics.color.PDColor;
import org.apache.pdfbox.pdmodel.graphics.image.PDImage;

/** Follows what a page paints and notes the colours of its paths; pictures and lettering say nothing here. */
final class PagePaints extends PDFGraphicsStreamEngine {
    /** No drawing means so many colours; what comes after is read from the drawn page alone. */
    private static final int MOST = 1_000;

    private final Set<Rgb> paints = new LinkedHashSet<>();
    private Point2D current = new Point2D.Float();

    private PagePaints(PDPage page) {
        super(page);
    }

    static Set<Rgb> of(PDPage page) throws IOException {
        PagePaints paints = new PagePaints(page);
        paints.processPage(page);
        return paints.paints;
    }

    private void note(PDColor color) throws IOException {
        // A pattern has no colour of its own.
        if (!color.isPattern() && paints.size() < MOST) {
            paints.add(Rgb.ofPacked(color.toRGB()));
        }
    }

    @Override
    public void fillPath(int windingRule) throws IOException {
        note(getGraphicsState().getNonStrokingColor());
    }

    @Override
    public void strokePath() throws IOException {
        note(getGraphicsState().getStrokingColor());
    }

    @Override
    public void fillAndStrokePath(int windingRule) throws IOException {
        fillPath(windingRule);
        strokePath();
    }

    @Override
    public void appendRectangle(Point2D p0, Point2D p1, Point2D p2, Point2D p3) {
        current = p0;
    }

    @Override
    public void drawImage(PDImage image) {
        // Colours of pictures are read from the drawn page.
    }

    @Override
    public void clip(int windingRule) {
        // Where something is painted does not matter here.
    }

    @Override
    public void moveTo(float x, float y) {
        current = new Point2D.Float(x, y);
    }

    @Override
    public void lineTo(float x, float y) {
        current = new Point2D.Float(x, y);
    }

    @Override
    public void curveTo(float x1, float y1, float x2, float y2, float x3, float y3) {
        current = new Point2D.Float(x3, y3);
    }

    @Override
    public Point2D getCurrentPoint() {
        return current;
    }

    @Override
    public void closePath() {
        // The colour is told when the path is painted.
    }

    @Override
    public void endPath() {
        // Not painted at all.
    }

    @Override
    public void shadingFill(COSName shadingName) {
        // Gradients are read from the drawn page.
    }
}
