package app.zumbido.core.palette;

import app.zumbido.core.color.Rgb;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;

/** Palettes for tests, made of codes. */
final class Swatches {
    private Swatches() {}

    static SwatchId id(int number) {
        return new SwatchId(new UUID(0, number));
    }

    static Swatch swatch(int number, String hex) {
        return Swatch.of(id(number), hex, Rgb.ofHex(hex), List.of());
    }

    /** @return swatches numbered from 1 */
    static Palette palette(String... hexes) {
        List<Swatch> swatches = new ArrayList<>();
        for (String hex : hexes) {
            swatches.add(swatch(swatches.size() + 1, hex));
        }
        return Palette.of(swatches);
    }
}
