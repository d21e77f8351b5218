package app.zumbido.server.trail.form;

import app.zumbido.core.brand.Alternatives;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** The sixth version: every reference to a colour has one form. */
record Brand6(
        UUID id,
        long revision,
        String name,
        @Nullable String shortCode,
        Palette6 palette,
        Roles4 roles,
        List<Theme6> themes,
        Grounds6 grounds)
        implements BrandForm {
    @Override
    public Brand7 next() {
        return new Brand7(
                id,
                revision,
                name,
                shortCode,
                palette,
                roles,
                themes.stream().map(Theme6::next).toList(),
                grounds,
                Alternatives.NONE.inForce(),
                List.of());
    }

    record Theme6(UUID id, String name, String ground, Fonts1 fonts, Map<String, Slot6> slots) {
        Theme7 next() {
            return new Theme7(id, name, ground, fonts, Theme7.Policy7.USUAL, slots);
        }
    }
}
