package app.zumbido.server.color;

import app.zumbido.core.color.Degrees;
import app.zumbido.core.color.GamutMapping;
import app.zumbido.core.color.Harmony;
import app.zumbido.core.color.Oklch;
import app.zumbido.core.color.Rgb;
import app.zumbido.server.http.WireNames;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * A color, what goes with it, and the band of hues on which both stand.
 *
 * @param band the hues at the lightness and chroma of the base, from 0 to 360 degrees in equal steps
 */
record HarmoniesResponse(HueColorResponse base, List<HarmonyResponse> harmonies, List<String> band) {
    private static final int STEPS = 72;

    static HarmoniesResponse of(Oklch base) {
        return new HarmoniesResponse(
                HueColorResponse.of(base, GamutMapping.toRgb(base)),
                Stream.of(Harmony.values())
                        .map(harmony -> HarmonyResponse.of(harmony, base))
                        .toList(),
                IntStream.range(0, STEPS)
                        .mapToObj(i -> new Degrees((i + 0.5) * 360 / STEPS))
                        .map(hue -> GamutMapping.toRgb(new Oklch(base.l(), base.c(), Optional.of(hue)))
                                .hex())
                        .toList());
    }

    /** @param kind complementary, analogous, triad, split_complementary, tetrad or monochromatic */
    record HarmonyResponse(String kind, List<HueColorResponse> partners) {
        static HarmonyResponse of(Harmony harmony, Oklch base) {
            return new HarmonyResponse(
                    WireNames.of(harmony),
                    harmony.partnersOf(base).stream()
                            .map(partner -> HueColorResponse.of(partner.wanted(), partner.color()))
                            .toList());
        }
    }

    /** @param hue OKLCH, in degrees; absent for a grey */
    record HueColorResponse(
            String hex, String ink, @Nullable Double hue) {
        static HueColorResponse of(Oklch wanted, Rgb color) {
            return new HueColorResponse(
                    color.hex(),
                    color.ink().hex(),
                    wanted.hue().map(Degrees::value).orElse(null));
        }
    }
}
