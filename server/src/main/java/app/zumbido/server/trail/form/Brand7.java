package app.zumbido.server.trail.form;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * The seventh version: what suggestions heed, and other palettes.
 *
 * @param inForce name of the palette that the brand stands on
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
record Brand7(
        UUID id,
        long revision,
        String name,
        @Nullable String shortCode,
        Palette6 palette,
        Roles4 roles,
        List<Theme7> themes,
        Grounds6 grounds,
        String inForce,
        List<Alternative7> alternatives)
        implements BrandForm {
    record Alternative7(UUID id, String name, Palette6 palette, Roles4 roles, List<Theme7> themes, Grounds6 grounds) {
        Brand8.Alternative8 next() {
            return new Brand8.Alternative8(
                    id, name, palette, roles, themes.stream().map(Theme7::next).toList(), grounds);
        }
    }

    @Override
    public Brand8 next() {
        return new Brand8(
                id,
                revision,
                name,
                shortCode,
                palette,
                roles,
                themes.stream().map(Theme7::next).toList(),
                grounds,
                Type8.of(themes.get(0).fonts()),
                inForce,
                alternatives.stream().map(Alternative7::next).toList());
    }
}
