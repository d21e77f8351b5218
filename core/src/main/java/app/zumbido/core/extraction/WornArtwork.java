package app.zumbido.core.extraction;

import app.zumbido.core.color.Difference;
import app.zumbido.core.color.Rgb;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Reads artwork that was blurred, scaled, scanned or packed by JPEG. */
final class WornArtwork {
    /** Stops and strokes nearer to a flat colour than this are that colour; ΔE00. */
    private static final double SAME = 4;

    private WornArtwork() {}

    static List<Rgb> colors(Structure structure) {
        List<Plateau> plateaus = structure.plateaus().found;
        List<Map<Rgb, Integer>> values = new ArrayList<>();
        plateaus.forEach(plateau -> values.add(new HashMap<>()));
        for (int i = 0; i < structure.cells().count(); i++) {
            int label = structure.plateaus().labels[i];
            if (label != Patches.NONE) {
                values.get(label).merge(Rgb.ofPacked(structure.cells().pixel(i)), 1, Integer::sum);
            }
        }
        List<Rgb> colors = new ArrayList<>();
        for (int i = 0; i < plateaus.size(); i++) {
            if (structure.flats().contains(plateaus.get(i))) {
                colors.add(Representative.of(plateaus.get(i).mean(), values.get(i)));
            }
        }
        List<Rgb> all = withStops(structure, colors);
        all.addAll(WornStrokes.colors(structure, all));
        return all.stream().distinct().toList();
    }

    /** Adds the ends of gradients, which have no flat part. */
    static List<Rgb> withStops(Structure structure, List<Rgb> flat) {
        List<Rgb> colors = new ArrayList<>(flat);
        structure.ramps().found.stream()
                .flatMap(ramp -> ramp.stops().stream())
                .map(Point::toRgb)
                .filter(stop -> isNew(stop, colors))
                .forEach(colors::add);
        return colors;
    }

    static boolean isNew(Rgb rgb, List<Rgb> colors) {
        return colors.stream().allMatch(c -> Difference.between(c, rgb) > SAME);
    }
}
