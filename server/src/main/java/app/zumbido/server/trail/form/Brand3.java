package app.zumbido.server.trail.form;

import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** The third version: a palette has groups. */
record Brand3(
        UUID id,
        long revision,
        String name,
        @Nullable String shortCode,
        Brand2.Palette3 palette,
        Brand1.Roles2 roles,
        Brand1.Theme1 theme)
        implements BrandForm {
    private static final Roles4.Proportion4 USUAL = new Roles4.Proportion4(60, 30, 10);

    @Override
    public Brand4 next() {
        Roles4 assigned = new Roles4(Map.of("OFF_LIMITS", roles.offLimits()), USUAL, Map.of());
        return new Brand4(id, revision, name, shortCode, palette, assigned, theme);
    }
}
