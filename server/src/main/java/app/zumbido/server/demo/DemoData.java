package app.zumbido.server.demo;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.Change;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.theme.Suggestion;
import app.zumbido.formats.svg.SvgPicture;
import app.zumbido.server.shelf.BrandMapper;
import app.zumbido.server.source.SourceIntake;
import app.zumbido.server.trail.BrandKeeper;
import app.zumbido.server.trail.IfMatch;
import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.boot.context.event.ApplicationStartedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Puts the invented ferry line on an empty shelf, by the same steps that a person takes. */
@Component
@ConditionalOnProperty("zumbido.demo")
class DemoData {
    /** In pixels; large enough that the thinnest stroke of the logo is flat. */
    private static final int LOGO_WIDTH = 960;

    /** What the owner calls the colours of the logo, most important first. */
    private static final List<Map.Entry<String, String>> NAMES = List.of(
            Map.entry("0B2A4A", "Night channel"),
            Map.entry("0F7C7A", "Harbour teal"),
            Map.entry("F2682A", "Buoy orange"),
            Map.entry("5B6670", "Wet rope"),
            Map.entry("EAF3F2", "Foam"),
            Map.entry("FFFFFF", "Sailcloth"));

    private final BrandMapper brands;
    private final BrandKeeper keeper;
    private final SourceIntake sources;

    DemoData(BrandMapper brands, BrandKeeper keeper, SourceIntake sources) {
        this.brands = brands;
        this.keeper = keeper;
        this.sources = sources;
    }

    @EventListener(ApplicationStartedEvent.class)
    void fillEmptyShelf() throws IOException {
        if (brands.list(false).isEmpty() && brands.list(true).isEmpty()) {
            addFerries();
        }
    }

    private void addFerries() throws IOException {
        UUID id = keeper.begin("Ostrel Ferries", Optional.of("OF")).brand().id();
        byte[] logo;
        try (InputStream svg = DemoData.class.getResourceAsStream("/demo/ostrel-logo.svg")) {
            logo = SvgPicture.toPng(Objects.requireNonNull(svg).readAllBytes(), LOGO_WIDTH);
        }
        sources.draft(id, sources.add(id, "ostrel-logo.png", logo), IfMatch.anything());
        for (int position = 0; position < NAMES.size(); position++) {
            String digits = NAMES.get(position).getKey();
            String name = NAMES.get(position).getValue();
            int place = position;
            change(id, brand -> new Change.RenameSwatch(swatch(brand, digits).id(), name));
            change(id, brand -> new Change.MoveSwatch(swatch(brand, digits).id(), place));
        }
        change(id, brand -> new Change.ApplySuggestion(Suggestion.from(brand.palette())));
        change(id, brand -> new Change.RenameTheme("Daylight"));
    }

    private void change(UUID id, Function<Brand, Change> change) {
        keeper.change(id, IfMatch.anything(), change);
    }

    private static Swatch swatch(Brand brand, String digits) {
        return brand.palette().swatches().stream()
                .filter(swatch -> swatch.color().digits().equals(digits))
                .findFirst()
                .orElseThrow();
    }
}
