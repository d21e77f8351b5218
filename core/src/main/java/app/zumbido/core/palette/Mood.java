package app.zumbido.core.palette;

import app.zumbido.core.color.Degrees;
import app.zumbido.core.color.GamutMapping;
import app.zumbido.core.color.Oklch;
import app.zumbido.core.color.Rgb;
import java.util.List;
import java.util.Optional;

/**
 * The feeling of a ready palette, as a rule that makes its colours from one hue: the main one first, the paper and the ink
 * last. The numbers were set by eye on OKLCH; common practice, no published source.
 */
public enum Mood {
    QUIET(tone(0.50, 0.06), tone(0.74, 0.04).turned(20), tone(0.96, 0.008), tone(0.27, 0.025)),
    FRESH(tone(0.62, 0.14), tone(0.80, 0.15).turned(70), tone(0.86, 0.05), tone(0.97, 0.015), tone(0.33, 0.07)),
    WARM(
            tone(0.56, 0.13).towards(50, 0.4),
            tone(0.76, 0.12).towards(75, 0.7),
            tone(0.96, 0.02).towards(80, 1),
            tone(0.28, 0.04).towards(40, 0.6)),
    DEEP(
            tone(0.34, 0.09),
            tone(0.47, 0.10).turned(25),
            tone(0.80, 0.13).turned(180),
            tone(0.95, 0.015),
            tone(0.20, 0.035)),
    BRIGHT(
            tone(0.62, 0.20),
            tone(0.76, 0.16).turned(120),
            tone(0.55, 0.19).turned(240),
            tone(0.88, 0.07),
            tone(0.98, 0.006),
            tone(0.22, 0.03)),
    EARTHY(
            tone(0.48, 0.07),
            tone(0.64, 0.09).towards(55, 0.8),
            tone(0.56, 0.05).towards(125, 0.8),
            tone(0.91, 0.035).towards(85, 1),
            tone(0.28, 0.03).towards(60, 0.7)),
    SOFT(
            tone(0.80, 0.08),
            tone(0.86, 0.06).turned(60),
            tone(0.83, 0.06).turned(-60),
            tone(0.92, 0.04).turned(160),
            tone(0.985, 0.004),
            tone(0.37, 0.05)),
    CLEAR(tone(0.54, 0.17), tone(0.985, 0.003), tone(0.24, 0.03));

    private final List<Tone> tones;

    Mood(Tone... tones) {
        this.tones = List.of(tones);
    }

    /**
     * One colour of the rule.
     *
     * @param lightness OKLCH, 0 to 1
     * @param chroma OKLCH; brought in where the gamut ends
     * @param turn degrees away from the hue that the rule starts from
     * @param pull a hue that it leans towards, in degrees
     * @param share how far it leans, 0 to 1
     */
    private record Tone(double lightness, double chroma, double turn, double pull, double share) {
        Tone turned(double degrees) {
            return new Tone(lightness, chroma, degrees, pull, share);
        }

        Tone towards(double degrees, double amount) {
            return new Tone(lightness, chroma, turn, degrees, amount);
        }

        Rgb of(Degrees hue) {
            double turned = hue.value() + turn;
            // The shorter way round the circle.
            double away = ((pull - turned) % 360 + 540) % 360 - 180;
            Degrees leaning = Degrees.of(turned + away * share);
            return GamutMapping.toRgb(new Oklch(lightness, chroma, Optional.of(leaning)));
        }
    }

    private static Tone tone(double lightness, double chroma) {
        return new Tone(lightness, chroma, 0, 0, 0);
    }

    List<Rgb> colorsOf(HueFamily hue) {
        return tones.stream().map(tone -> tone.of(hue.middle())).toList();
    }
}
