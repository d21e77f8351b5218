package app.zumbido.server.trail.form;

import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** The fourth version: every role. */
record Brand4(
        UUID id,
        long revision,
        String name,
        @Nullable String shortCode,
        Brand2.Palette3 palette,
        Roles4 roles,
        Brand1.Theme1 theme)
        implements BrandForm {
    @Override
    public Brand5 next() {
        Brand5.Theme5 light = new Brand5.Theme5(theme.id(), theme.name(), "LIGHT", theme.fonts(), theme.slots());
        return new Brand5(
                id, revision, name, shortCode, palette, roles, List.of(light), new Grounds5(List.of(), List.of()));
    }
}
