package app.zumbido.server.existing;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.inspect.Frame;
import app.zumbido.core.recolor.ColorArea;
import app.zumbido.core.recolor.Graphic;
import app.zumbido.formats.css.CssProperties;
import app.zumbido.formats.image.UnreadableImageException;
import app.zumbido.formats.recolor.GraphicFile;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;

/** Writes brands' colours into graphics. */
@Service
class Recoloring {
    /** Graphics are of one set that share so much of the smaller one's colours; share, set by eye. */
    private static final double SHARED = 0.6;

    /** Of a picture that is made. */
    private static final long MOST_PIXELS = 24_000_000;

    private final ExistingFiles files;
    private final Graphics graphics;

    Recoloring(ExistingFiles files, Graphics graphics) {
        this.files = files;
        this.graphics = graphics;
    }

    /** @param variables whether colours are written by the names of swatches, with themselves as a fallback */
    ExistingFileRow recolor(
            ExistingFileRow row, Brand brand, Map<Rgb, Rgb> mapping, List<Frame> marked, boolean variables) {
        GraphicFile graphic = paintable(row);
        Deals.requireKnown(graphic.graphic(marked), mapping.keySet());
        Map<Rgb, String> names = variables ? names(brand) : Map.of();
        return files.add(
                row.brandId(), graphic.recolored(mapping, marked, names), new ExistingFiles.Made("recolor", row));
    }

    private static Map<Rgb, String> names(Brand brand) {
        Map<Rgb, String> names = new HashMap<>();
        CssProperties.swatches(brand).forEach((name, color) -> names.putIfAbsent(color, "--" + name));
        return names;
    }

    /** @return what it would look like, as a PNG file */
    byte[] preview(ExistingFileRow row, Map<Rgb, Rgb> mapping, List<Frame> marked, int longSide) {
        return graphics.recolored(paintable(row), mapping, marked, longSide);
    }

    private GraphicFile paintable(ExistingFileRow row) {
        GraphicFile graphic = graphics.of(row);
        if (graphic.isPhotograph()) {
            throw ExistingFileException.photograph(row.name());
        }
        return graphic;
    }

    ExistingFileRow duotone(ExistingFileRow row, Rgb dark, Rgb light) {
        return files.add(row.brandId(), graphics.of(row).duotone(dark, light), new ExistingFiles.Made("recolor", row));
    }

    /**
     * @param scale pixels for one of its own; pictures of pixels come in their own
     * @return a PNG file
     */
    byte[] png(ExistingFileRow row, int scale) {
        GraphicFile graphic = graphics.of(row);
        int side = Math.max(graphic.width(), graphic.height());
        if (!graphic.kind().equals("svg")) {
            return graphics.png(row, side);
        }
        if ((long) graphic.width() * scale * graphic.height() * scale > MOST_PIXELS) {
            throw ExistingFileException.pictureTooLarge(row.name(), scale, MOST_PIXELS);
        }
        return graphics.png(row, side * scale);
    }

    List<ExistingFileRow> set(ExistingFileRow row) {
        Set<Rgb> own = colors(row);
        List<ExistingFileRow> all = files.list(row.brandId());
        Set<UUID> newest = newest(all);
        return all.stream()
                .filter(other -> newest.contains(other.id()) && !other.lineage().equals(row.lineage()))
                .filter(other -> Graphics.isKind(other.kind()) && share(own, colors(other)) >= SHARED)
                .toList();
    }

    private static Set<UUID> newest(List<ExistingFileRow> all) {
        Map<UUID, UUID> byLineage = new HashMap<>();
        all.forEach(row -> byLineage.put(row.lineage(), row.id()));
        return Set.copyOf(byLineage.values());
    }

    private static double share(Set<Rgb> ones, Set<Rgb> others) {
        Set<Rgb> common = new HashSet<>(ones);
        common.retainAll(others);
        int fewer = Math.min(ones.size(), others.size());
        return fewer == 0 ? 0 : (double) common.size() / fewer;
    }

    private Set<Rgb> colors(ExistingFileRow row) {
        try {
            GraphicFile graphic = graphics.of(row);
            Graphic areas = graphic.isPhotograph() ? Graphic.together(List.of()) : graphic.graphic(List.of());
            return areas.areas().stream().map(ColorArea::color).collect(Collectors.toSet());
        } catch (UnreadableImageException e) {
            // One that cannot be read any more is of no set, and keeps no other from being recoloured.
            return Set.of();
        }
    }
}
