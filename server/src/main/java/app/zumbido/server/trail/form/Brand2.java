package app.zumbido.server.trail.form;

import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** The second version: some swatches are off-limits. */
record Brand2(
        UUID id,
        long revision,
        String name,
        @Nullable String shortCode,
        Brand1.Palette1 palette,
        Brand1.Roles2 roles,
        Brand1.Theme1 theme)
        implements BrandForm {
    /** What every palette has had since there are groups. */
    private static final List<String> GROUPS = List.of(Swatch1.CORE, "Extended", "Charts");

    @Override
    public Brand3 next() {
        return new Brand3(
                id, revision, name, shortCode, new Palette3(palette.swatches(), GROUPS, List.of()), roles, theme);
    }

    record Palette3(List<Swatch1> swatches, List<String> groups, List<String> asides) {}
}
