package app.zumbido.core.color;

import java.util.Optional;

/**
 * Hue, saturation and lightness on encoded sRGB. Source: W3C CSS Color Module Level 4, section 7.
 *
 * @param hue nothing for a grey
 * @param saturation 0 to 1
 * @param lightness 0 to 1
 */
public record Hsl(Optional<Degrees> hue, double saturation, double lightness) {
    public static Hsl of(Rgb rgb) {
        double r = rgb.red() / 255.0;
        double g = rgb.green() / 255.0;
        double b = rgb.blue() / 255.0;
        double max = Math.max(r, Math.max(g, b));
        double min = Math.min(r, Math.min(g, b));
        double lightness = (max + min) / 2;
        double span = max - min;
        if (span == 0) {
            return new Hsl(Optional.empty(), 0, lightness);
        }
        double sixth;
        if (max == r) {
            sixth = (g - b) / span;
        } else if (max == g) {
            sixth = (b - r) / span + 2;
        } else {
            sixth = (r - g) / span + 4;
        }
        double saturation = (max - lightness) / Math.min(lightness, 1 - lightness);
        return new Hsl(Optional.of(Degrees.of(sixth * 60)), saturation, lightness);
    }

    public Hsl withLightness(double value) {
        return new Hsl(hue, saturation, value);
    }

    /** @return the nearest 8-bit colour, rounded half up */
    public Rgb toRgb() {
        return new Rgb(channel(0), channel(8), channel(4));
    }

    private int channel(int offset) {
        double k = (offset + hue.map(Degrees::value).orElse(0.0) / 30) % 12;
        double reach = saturation * Math.min(lightness, 1 - lightness);
        double value = lightness - reach * Math.max(-1, Math.min(Math.min(k - 3, 9 - k), 1));
        return Rounding.toByte(value * 255);
    }
}
