package app.zumbido.core.palette;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.color.Rgb;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class PaletteOrderTest {
    private static final Swatch NAVY = swatch(1, "0B2A4A", List.of(Origin.at("logo.png", 90, 5)));
    private static final Swatch ORANGE = swatch(2, "F2682A", List.of(Origin.at("logo.png", 10, 80)));
    private static final Swatch GREY = swatch(3, "777777", List.of());
    private static final Swatch WHITE =
            swatch(4, "FFFFFF", List.of(Origin.of("site.css"), Origin.at("logo.png", 50, 1)));
    private static final Palette PALETTE = Palette.of(List.of(WHITE, NAVY, GREY, ORANGE));

    private static Swatch swatch(int number, String hex, List<Origin> origins) {
        return Swatch.of(new SwatchId(new UUID(0, number)), hex, Rgb.ofHex(hex), origins);
    }

    private static List<SwatchId> ordered(PaletteOrder by) {
        return by.of(PALETTE, Map.of(ORANGE.id(), 3, NAVY.id(), 5));
    }

    @Test
    void theMostUsedStandFirstAndTheRestAsTheyStood() {
        assertThat(ordered(PaletteOrder.USE)).containsExactly(NAVY.id(), ORANGE.id(), WHITE.id(), GREY.id());
    }

    @Test
    void asTheyAppearFromLeftToRight() {
        assertThat(ordered(PaletteOrder.APPEARANCE)).containsExactly(ORANGE.id(), WHITE.id(), NAVY.id(), GREY.id());
    }

    @Test
    void fromDarkToLight() {
        assertThat(ordered(PaletteOrder.LIGHTNESS)).containsExactly(NAVY.id(), GREY.id(), ORANGE.id(), WHITE.id());
    }

    @Test
    void aroundTheCircleWithTheGreysLast() {
        assertThat(ordered(PaletteOrder.HUE)).containsExactly(ORANGE.id(), NAVY.id(), GREY.id(), WHITE.id());
    }
}
