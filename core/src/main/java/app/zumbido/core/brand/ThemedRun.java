package app.zumbido.core.brand;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.contrast.Gradient;
import app.zumbido.core.theme.SlotColor;
import app.zumbido.core.theme.ThemeSlot;
import java.util.List;
import java.util.Map;

/**
 * A gradient of colours of the theme.
 *
 * @param stops two or three, at even distances
 */
public record ThemedRun(List<SlotColor> stops) {
    public ThemedRun {
        stops = List.copyOf(stops);
    }

    /** @param colors all twelve */
    public Gradient in(Map<ThemeSlot, Rgb> colors) {
        return new Gradient(stops.stream().map(stop -> stop.in(colors)).toList());
    }
}
