package app.zumbido.formats.recolor;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.image.Pixels;
import app.zumbido.core.inspect.Frame;
import app.zumbido.core.recolor.Graphic;
import app.zumbido.core.recolor.LabelGrid;
import app.zumbido.core.recolor.LabelGrid.Painted;
import app.zumbido.core.recolor.Repaint;
import app.zumbido.formats.image.PngImage;
import app.zumbido.formats.svg.SvgColors;
import app.zumbido.formats.svg.SvgFile;
import app.zumbido.formats.svg.SvgPaint;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * A drawing in SVG. Its areas are measured on the drawing itself: each place where a colour is written gets a colour of its
 * own, so that whatever is seen then tells where it was written.
 */
final class DrawingFile implements GraphicFile {
    /** What lies so far inside what was marked takes part; share of what it paints. */
    private static final double INSIDE = 0.6;

    private final SvgFile svg;
    private final SvgColors colors;
    private final List<SvgPaint> paints;
    private final Set<Rgb> unwritten = new LinkedHashSet<>();
    private final PaintByNumber numbers;

    private DrawingFile(SvgFile svg, SvgColors colors) {
        this.svg = svg;
        this.colors = colors;
        List<SvgPaint> all = colors.paints(unwritten::add);
        PaintByNumber first = PaintByNumber.of(all, colors);
        // Black that is only meant counts where it is seen.
        this.paints = all.stream()
                .filter(paint -> !paint.isImplied() || first.isSeen(all.indexOf(paint)))
                .toList();
        this.numbers = paints.size() == all.size() ? first : PaintByNumber.of(paints, colors);
    }

    static DrawingFile of(byte[] file) {
        return new DrawingFile(SvgFile.read(file), new SvgColors(file));
    }

    @Override
    public String kind() {
        return "svg";
    }

    @Override
    public boolean hasPictures() {
        return numbers.pictured();
    }

    @Override
    public List<Rgb> unwritten() {
        return List.copyOf(unwritten);
    }

    @Override
    public Graphic graphic(List<Frame> marked) {
        boolean[] part = takingPart(marked);
        Map<LabelGrid.Area, Integer> numbered = new LinkedHashMap<>();
        int[] areaOf = new int[paints.size()];
        for (int i = 0; i < paints.size(); i++) {
            LabelGrid.Area area = new LabelGrid.Area(paints.get(i).color(), !part[i]);
            areaOf[i] = numbered.computeIfAbsent(area, key -> numbered.size());
        }
        List<Painted> painted = new ArrayList<>();
        for (List<Integer> label : numbers.labels()) {
            painted.add(
                    new Painted(label.stream().map(i -> areaOf[i]).distinct().toList()));
        }
        return numbers.grid().graphic(List.copyOf(numbered.keySet()), painted);
    }

    /** @return by paint */
    private boolean[] takingPart(List<Frame> marked) {
        boolean[] part = new boolean[paints.size()];
        if (marked.isEmpty()) {
            Arrays.fill(part, true);
            return part;
        }
        double[] inside = numbers.grid().inside(numbers.labels().size(), (x, y) -> GraphicFile.takesPart(marked, x, y));
        for (int label = 0; label < inside.length; label++) {
            for (int paint : numbers.labels().get(label)) {
                part[paint] |= inside[label] >= INSIDE;
            }
        }
        return part;
    }

    @Override
    public byte[] recolored(Map<Rgb, Rgb> mapping, List<Frame> marked, Map<Rgb, String> names) {
        boolean[] part = takingPart(marked);
        Map<SvgPaint, String> changes = new HashMap<>();
        for (int i = 0; i < paints.size(); i++) {
            SvgPaint paint = paints.get(i);
            Rgb becomes = mapping.get(paint.color());
            if (part[i] && becomes != null) {
                String literal = colors.written(paint, becomes);
                String name = names.get(becomes);
                changes.put(paint, name == null ? literal : "var(" + name + ", " + literal + ")");
            }
        }
        return colors.with(changes);
    }

    @Override
    public Pixels drawn(Map<Rgb, Rgb> mapping, List<Frame> marked, int longSide) {
        return SvgFile.read(recolored(mapping, marked, Map.of())).draw(longSide);
    }

    @Override
    public byte[] duotone(Rgb one, Rgb other) {
        Pixels drawn = svg.draw();
        return PngImage.scaled(Repaint.duotone(drawn, one, other), Math.max(drawn.width(), drawn.height()));
    }

    @Override
    public Pixels draw(int longSide) {
        return svg.draw(longSide);
    }

    @Override
    public int width() {
        return svg.ownWidth();
    }

    @Override
    public int height() {
        return svg.ownHeight();
    }
}
