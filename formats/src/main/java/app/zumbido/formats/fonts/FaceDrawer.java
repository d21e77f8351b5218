package app.zumbido.formats.fonts;

import app.zumbido.core.type.match.Ink;
import app.zumbido.core.type.match.Laid;
import app.zumbido.core.type.match.WordDrawer;
import app.zumbido.formats.paths.PathData;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/** Draws words from the outlines of a face. */
public final class FaceDrawer implements WordDrawer {
    private final FontFace font;
    private final double em;
    private final Map<Integer, Path2D> outlines = new ConcurrentHashMap<>();

    public FaceDrawer(FontFace font) {
        this.font = font;
        em = font.unitsPerEm();
    }

    @Override
    public boolean has(String text) {
        return text.codePoints().allMatch(font::has);
    }

    @Override
    public double top(String text) {
        return text.codePoints()
                .mapToDouble(letter -> bounds(letter).getMaxY() / em)
                .max()
                .orElse(0);
    }

    @Override
    public double bottom(String text) {
        return text.codePoints()
                .mapToDouble(letter -> -bounds(letter).getMinY() / em)
                .max()
                .orElse(0);
    }

    @Override
    public double width(String text) {
        return word(text, 0).getBounds2D().getWidth();
    }

    private Rectangle2D bounds(int letter) {
        return outline(letter).getBounds2D();
    }

    private Path2D outline(int letter) {
        return outlines.computeIfAbsent(letter, font::outline);
    }

    /** @return the word as one outline in ems, y downwards, from the baseline; spacing in ems between letters */
    public Path2D word(String text, double spacing) {
        Path2D word = new Path2D.Double(Path2D.WIND_NON_ZERO);
        double x = 0;
        for (int letter : text.codePoints().toArray()) {
            AffineTransform place = new AffineTransform(1 / em, 0, 0, -1 / em, x, 0);
            word.append(outline(letter).getPathIterator(place), false);
            x += font.advance(letter) / em + spacing;
        }
        return word;
    }

    @Override
    public Ink draw(String text, double size, double baseline, int height, double spacing, double shift) {
        Path2D word = word(text, spacing);
        Rectangle2D bounds = word.getBounds2D();
        int width = Math.max(1, (int) Math.ceil(bounds.getWidth() * size) + 3);
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_BYTE_GRAY);
        Graphics2D graphics = image.createGraphics();
        graphics.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        graphics.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        graphics.setColor(Color.WHITE);
        graphics.transform(new AffineTransform(size, 0, 0, size, 1 + shift - bounds.getMinX() * size, baseline));
        graphics.fill(word);
        graphics.dispose();
        return ink(image);
    }

    /** @return the word where it is laid, as path data (SVG 2, 9.3) */
    public String path(String text, Laid laid) {
        Path2D word = word(text, laid.spacing());
        AffineTransform place = AffineTransform.getTranslateInstance(
                laid.left() - word.getBounds2D().getMinX() * laid.em(), laid.baseline());
        place.scale(laid.em(), laid.em());
        return PathData.of(word.getPathIterator(place));
    }

    private static Ink ink(BufferedImage image) {
        byte[] grey = ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
        float[] values = new float[grey.length];
        for (int i = 0; i < values.length; i++) {
            values[i] = (grey[i] & 0xFF) / 255f;
        }
        return new Ink(image.getWidth(), image.getHeight(), values);
    }
}
