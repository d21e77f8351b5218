package app.zumbido.core.brand;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.palette.SwatchId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/** An invented brand as the machine drafts it. */
final class DraftedBrand {
    private DraftedBrand() {}

    /** @param hexes of its colours, the most important first */
    static Brand of(String... hexes) {
        List<Swatch> swatches = new ArrayList<>();
        for (String hex : hexes) {
            swatches.add(Swatch.of(
                    new SwatchId(new UUID(1, swatches.size())), "S" + swatches.size(), Rgb.ofHex(hex), List.of()));
        }
        Brand empty = Brand.begin(new UUID(0, 1), "Ostrel Ferries", Optional.empty(), new UUID(2, 1));
        return empty.apply(BrandChange.DraftBrand.of(empty, "logo.png", swatches));
    }
}
