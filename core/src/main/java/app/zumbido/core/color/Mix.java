package app.zumbido.core.color;

import java.util.Optional;

/**
 * How a colour is changed in OKLCH, each part with the others held. Source of the space: B. Ottosson 2020, as in W3C CSS
 * Color Module Level 4, 9.4.
 *
 * @param lightness added, -1 to 1
 * @param chroma added, -0.5 to 0.5; a grey has no hue and stays one
 * @param hue turned by so many degrees, -360 to 360
 */
public record Mix(double lightness, double chroma, double hue) {
    private static final double MOST_CHROMA = 0.5;

    public Mix {
        if (!(Math.abs(lightness) <= 1 && Math.abs(chroma) <= MOST_CHROMA && Math.abs(hue) <= 360)) {
            throw new IllegalArgumentException("Nothing is mixed by " + lightness + ", " + chroma + ", " + hue);
        }
    }

    public Shown apply(Rgb base) {
        Oklch from = Oklch.of(base);
        Optional<Degrees> turned = from.hue().map(degrees -> Degrees.of(degrees.value() + hue));
        double wanted = turned.isPresent() ? Math.max(0, from.c() + chroma) : from.c();
        Oklch mixed = new Oklch(Math.max(0, Math.min(1, from.l() + lightness)), wanted, turned);
        return Shown.of(mixed);
    }
}
