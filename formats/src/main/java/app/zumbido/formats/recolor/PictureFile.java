package app.zumbido.formats.recolor;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.extraction.Division;
import app.zumbido.core.extraction.Extraction;
import app.zumbido.core.extraction.Reading;
import app.zumbido.core.image.Pixels;
import app.zumbido.core.inspect.Frame;
import app.zumbido.core.recolor.Graphic;
import app.zumbido.core.recolor.LabelGrid;
import app.zumbido.core.recolor.LabelGrid.Painted;
import app.zumbido.core.recolor.Repaint;
import app.zumbido.formats.image.BitmapFile;
import app.zumbido.formats.image.PngImage;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** A picture of pixels: flat areas can have other colours, a photograph cannot. */
final class PictureFile implements GraphicFile {
    /** The longer side of the grid on which areas are measured; cells. */
    private static final int LONG_SIDE = 600;

    private final Pixels pixels;
    private final String kind;
    private final boolean photograph;
    private final Division division;

    private PictureFile(Pixels pixels, String kind, Extraction extraction) {
        this.pixels = pixels;
        this.kind = kind;
        this.photograph = extraction.reading() == Reading.PHOTOGRAPH;
        this.division = Division.of(pixels, extraction);
    }

    static PictureFile of(byte[] file) {
        String kind = BitmapFile.inspect(file).kind().name().toLowerCase(Locale.ROOT);
        Pixels pixels = BitmapFile.decode(file);
        return new PictureFile(pixels, kind, Extraction.from(pixels));
    }

    @Override
    public String kind() {
        return kind;
    }

    @Override
    public boolean isPhotograph() {
        return photograph;
    }

    @Override
    public Graphic graphic(List<Frame> marked) {
        double step = Math.max(1, (double) Math.max(pixels.width(), pixels.height()) / LONG_SIDE);
        int columns = Math.max(1, (int) (pixels.width() / step));
        int rows = Math.max(1, (int) (pixels.height() / step));
        Map<LabelGrid.Area, Integer> numbered = new LinkedHashMap<>();
        int[] cells = new int[columns * rows];
        for (int row = 0; row < rows; row++) {
            for (int column = 0; column < columns; column++) {
                int x = Math.min(pixels.width() - 1, (int) ((column + 0.5) * step));
                int y = Math.min(pixels.height() - 1, (int) ((row + 0.5) * step));
                int color = division.at(x, y);
                boolean part = GraphicFile.takesPart(marked, (column + 0.5) / columns, (row + 0.5) / rows);
                cells[row * columns + column] = color < 0
                        ? LabelGrid.NOTHING
                        : numbered.computeIfAbsent(
                                new LabelGrid.Area(division.colors().get(color), !part), key -> numbered.size());
            }
        }
        List<Painted> painted = new ArrayList<>();
        for (int i = 0; i < numbered.size(); i++) {
            painted.add(new Painted(List.of(i)));
        }
        return new LabelGrid(cells, columns, rows).graphic(List.copyOf(numbered.keySet()), painted);
    }

    @Override
    public byte[] recolored(Map<Rgb, Rgb> mapping, List<Frame> marked, Map<Rgb, String> names) {
        return PngImage.scaled(repainted(mapping, marked), Math.max(pixels.width(), pixels.height()));
    }

    private Pixels repainted(Map<Rgb, Rgb> mapping, List<Frame> marked) {
        return Repaint.of(
                pixels,
                division,
                index -> mapping.getOrDefault(
                        division.colors().get(index), division.colors().get(index)),
                (x, y) -> GraphicFile.takesPart(marked, (x + 0.5) / pixels.width(), (y + 0.5) / pixels.height()));
    }

    @Override
    public Pixels drawn(Map<Rgb, Rgb> mapping, List<Frame> marked, int longSide) {
        return PngImage.shrunk(repainted(mapping, marked), longSide);
    }

    @Override
    public byte[] duotone(Rgb one, Rgb other) {
        return PngImage.scaled(Repaint.duotone(pixels, one, other), Math.max(pixels.width(), pixels.height()));
    }

    @Override
    public Pixels draw(int longSide) {
        return PngImage.shrunk(pixels, longSide);
    }

    @Override
    public int width() {
        return pixels.width();
    }

    @Override
    public int height() {
        return pixels.height();
    }
}
