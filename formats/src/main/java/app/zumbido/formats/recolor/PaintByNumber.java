package app.zumbido.formats.recolor;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.recolor.LabelGrid;
import app.zumbido.formats.svg.PaintListener;
import app.zumbido.formats.svg.SvgColors;
import app.zumbido.formats.svg.SvgFile;
import app.zumbido.formats.svg.SvgPaint;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.MultipleGradientPaint;
import java.awt.Paint;
import java.awt.RenderingHints;
import java.awt.Shape;
import java.awt.TexturePaint;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/** A drawing in which each written colour has a number of its own: what is seen of each, and where. */
final class PaintByNumber implements PaintListener.Sink {
    /** The longer side of the grid; cells. */
    private static final int LONG_SIDE = 600;
    /** What is less opaque shows what is behind it. */
    private static final float COVERS = 0.3f;

    private final int paints;
    private final BufferedImage image;
    private final Graphics2D graphics;
    private final List<List<Integer>> labels = new ArrayList<>();
    private final Map<List<Integer>, Integer> known = new HashMap<>();
    private final double scale;
    private boolean pictured;

    private PaintByNumber(int paints, SvgFile svg) {
        this.paints = paints;
        this.scale = (double) LONG_SIDE / Math.max(svg.width(), svg.height());
        image = new BufferedImage(
                Math.max(1, (int) Math.round(svg.width() * scale)),
                Math.max(1, (int) Math.round(svg.height() * scale)),
                BufferedImage.TYPE_INT_RGB);
        graphics = image.createGraphics();
        graphics.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_OFF);
        graphics.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        graphics.scale(scale, scale);
    }

    static PaintByNumber of(List<SvgPaint> paints, SvgColors colors) {
        Map<SvgPaint, String> numbers = new HashMap<>();
        for (int i = 0; i < paints.size(); i++) {
            numbers.put(paints.get(i), Rgb.ofPacked(i + 1).hex());
        }
        SvgFile numbered = SvgFile.read(colors.with(numbers));
        PaintByNumber seen = new PaintByNumber(paints.size(), numbered);
        BufferedImage nowhere = new BufferedImage(1, 1, BufferedImage.TYPE_INT_ARGB);
        Graphics2D graphics = nowhere.createGraphics();
        numbered.drawInto(PaintListener.into(seen, graphics));
        graphics.dispose();
        seen.graphics.dispose();
        return seen;
    }

    @Override
    public void shape(Shape placed, Paint paint, float opacity, AffineTransform place) {
        List<Integer> numbers = numbers(paint).distinct().toList();
        if (opacity >= COVERS && !numbers.isEmpty()) {
            int label = known.computeIfAbsent(numbers, key -> {
                labels.add(key);
                return labels.size();
            });
            graphics.setColor(new Color(label));
            graphics.fill(placed);
        }
    }

    /** @return which paints a paint is made of; none if it stands nowhere in the file */
    private Stream<Integer> numbers(Paint paint) {
        if (paint instanceof Color color) {
            int number = (color.getRGB() & 0xFFFFFF) - 1;
            boolean covers = color.getAlpha() >= COVERS * 255;
            return covers && number >= 0 && number < paints ? Stream.of(number) : Stream.empty();
        }
        if (paint instanceof MultipleGradientPaint gradient) {
            return Arrays.stream(gradient.getColors()).flatMap(this::numbers);
        }
        if (paint instanceof TexturePaint texture) {
            BufferedImage tile = texture.getImage();
            int[] colors = tile.getRGB(0, 0, tile.getWidth(), tile.getHeight(), null, 0, tile.getWidth());
            return Arrays.stream(colors)
                    .distinct()
                    .mapToObj(argb -> new Color(argb, true))
                    .flatMap(this::numbers);
        }
        return Stream.empty();
    }

    @Override
    public void picture() {
        pictured = true;
    }

    boolean pictured() {
        return pictured;
    }

    boolean isSeen(int paint) {
        return labels.stream().anyMatch(label -> label.contains(paint));
    }

    /** @return by label which paints it is made of */
    List<List<Integer>> labels() {
        return labels;
    }

    LabelGrid grid() {
        int[] cells =
                ((DataBufferInt) image.getRaster().getDataBuffer()).getData().clone();
        for (int i = 0; i < cells.length; i++) {
            cells[i] = (cells[i] & 0xFFFFFF) - 1;
        }
        return new LabelGrid(cells, image.getWidth(), image.getHeight());
    }
}
