package app.zumbido.core.palette;

import static org.assertj.core.api.Assertions.assertThat;

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

    /** Rounding to 8 bits, and the search for the chroma that the screen has, may move a channel by one. */
    static void assertNearly(Rgb color, String hex) {
        Rgb wanted = Rgb.ofHex(hex);
        assertThat(List.of(
                        Math.abs(color.red() - wanted.red()),
                        Math.abs(color.green() - wanted.green()),
                        Math.abs(color.blue() - wanted.blue())))
                .as("%s, wanted %s", color.digits(), hex)
                .allMatch(away -> away <= 1);
    }
}
