package app.zumbido.server.color;

import app.zumbido.core.color.Cmyk;
import app.zumbido.core.color.Degrees;
import app.zumbido.core.color.Hsl;
import app.zumbido.core.color.Lab;
import app.zumbido.core.color.Oklch;
import app.zumbido.core.color.PressProfile;
import app.zumbido.core.color.Rgb;
import java.util.List;
import java.util.Optional;

/**
 * One color in every notation, unrounded. The hue of a grey, which has none, is given as 0.
 *
 * @param rgb red, green, blue; 0 to 255
 * @param lab CIELAB under D50
 * @param lch CIELAB under D50 in polar form
 */
record ColorResponse(
        String hex,
        String ink,
        List<Integer> rgb,
        HslResponse hsl,
        LabResponse lab,
        LchResponse lch,
        LchResponse oklch,
        CmykResponse cmyk) {
    static ColorResponse of(Rgb rgb, PressProfile press) {
        Hsl hsl = Hsl.of(rgb);
        Lab lab = Lab.of(rgb);
        Oklch oklch = Oklch.of(rgb);
        return new ColorResponse(
                rgb.hex(),
                rgb.ink().hex(),
                List.of(rgb.red(), rgb.green(), rgb.blue()),
                new HslResponse(degrees(hsl.hue()), hsl.saturation() * 100, hsl.lightness() * 100),
                new LabResponse(lab.l(), lab.a(), lab.b()),
                new LchResponse(lab.l(), lab.chroma(), degrees(lab.hue())),
                new LchResponse(oklch.l(), oklch.c(), degrees(oklch.hue())),
                CmykResponse.of(press.toCmyk(rgb)));
    }

    private static double degrees(Optional<Degrees> hue) {
        return hue.map(Degrees::value).orElse(0.0);
    }

    /**
     * @param h degrees
     * @param s percent
     * @param l percent
     */
    record HslResponse(double h, double s, double l) {}

    /** Process inks on coated paper, each in percent. */
    record CmykResponse(double c, double m, double y, double k) {
        static CmykResponse of(Cmyk inks) {
            return new CmykResponse(inks.cyan() * 100, inks.magenta() * 100, inks.yellow() * 100, inks.black() * 100);
        }
    }

    /** @param l 0 to 100 */
    record LabResponse(double l, double a, double b) {}

    /**
     * @param l 0 to 100 for CIELAB, 0 to 1 for OKLab
     * @param c chroma
     * @param h degrees
     */
    record LchResponse(double l, double c, double h) {}
}
