package app.zumbido.formats.logos;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.logos.ForDark;
import app.zumbido.core.logos.LogoPart;
import java.util.List;
import java.util.Map;

/** Makes versions of a logo for other grounds. */
public final class Logos {
    private Logos() {}

    /** @param ground a dark one that it has to stand on */
    public static LogoDrawing forDark(LogoDrawing logo, Rgb ground) {
        List<Rgb> colors = logo.parts().stream().map(LogoPart::color).toList();
        Map<Rgb, Rgb> dark = ForDark.of(colors, logo.touching(), ground);
        return logo.recolored(color -> dark.getOrDefault(color, color));
    }

    public static LogoDrawing oneColor(LogoDrawing logo, Rgb color) {
        return OneColor.of(logo, color);
    }
}
