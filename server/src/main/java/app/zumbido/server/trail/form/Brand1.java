package app.zumbido.server.trail.form;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** The first version: one theme, and nothing said about roles. */
record Brand1(UUID id, long revision, String name, @Nullable String shortCode, Palette1 palette, Theme1 theme)
        implements BrandForm {
    @Override
    public Brand2 next() {
        return new Brand2(id, revision, name, shortCode, palette, new Roles2(List.of()), theme);
    }

    record Palette1(List<Swatch1> swatches) {}

    record Theme1(UUID id, String name, Fonts1 fonts, Map<String, Slot1> slots) {}

    record Slot1(Fill1 fill, @Nullable String reason) {}

    record Roles2(List<UUID> offLimits) {}
}
