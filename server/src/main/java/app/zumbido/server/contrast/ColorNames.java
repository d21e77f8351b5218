package app.zumbido.server.contrast;

import app.zumbido.core.brand.Look;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.theme.ThemeSlot;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What the colours of a brand are called, and where they stand. */
final class ColorNames {
    private final Map<Rgb, Swatch> swatches = new HashMap<>();
    private final Map<Rgb, List<ThemeSlot>> slots = new HashMap<>();

    ColorNames(Look look) {
        look.palette().swatches().forEach(swatch -> swatches.putIfAbsent(swatch.color(), swatch));
        look.colors()
                .forEach((slot, color) ->
                        slots.computeIfAbsent(color, any -> new ArrayList<>()).add(slot));
    }

    /** @return name of the swatch; empty if no swatch has the color */
    String of(Rgb color) {
        return Optional.ofNullable(swatches.get(color)).map(Swatch::name).orElse("");
    }

    @Nullable
    UUID swatch(Rgb color) {
        return Optional.ofNullable(swatches.get(color))
                .map(swatch -> swatch.id().value())
                .orElse(null);
    }

    /** @return codes of the slots that show the color, in the standard's order */
    List<String> slots(Rgb color) {
        return slots.getOrDefault(color, List.of()).stream()
                .map(ThemeSlot::code)
                .toList();
    }
}
