package app.zumbido.server.trail.form;

import app.zumbido.core.brand.Alternative;
import app.zumbido.core.logos.LogoSet;
import app.zumbido.core.theme.Themes;
import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * The eighth version: how the brand is set, whatever its theme.
 *
 * @param inForce name of the palette that the brand stands on
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
record Brand8(
        UUID id,
        long revision,
        String name,
        @Nullable String shortCode,
        Palette6 palette,
        Roles4 roles,
        List<Theme8> themes,
        Grounds6 grounds,
        Type8 type,
        String inForce,
        List<Alternative8> alternatives)
        implements BrandForm {
    record Alternative8(UUID id, String name, Palette6 palette, Roles4 roles, List<Theme8> themes, Grounds6 grounds) {
        static Alternative8 of(Alternative alternative) {
            return new Alternative8(
                    alternative.id(),
                    alternative.name(),
                    Palette6.of(alternative.palette()),
                    Roles4.of(alternative.roles()),
                    alternative.themes().all().stream().map(Theme8::of).toList(),
                    Grounds6.of(alternative.grounds()));
        }

        Alternative alternative() {
            return new Alternative(
                    id,
                    name,
                    palette.palette(),
                    roles.roles(),
                    new Themes(themes.stream().map(Theme8::theme).toList()),
                    grounds.grounds());
        }
    }

    @Override
    public Brand9 next() {
        return new Brand9(
                id,
                revision,
                name,
                shortCode,
                palette,
                roles,
                themes,
                grounds,
                type,
                Logos9.of(LogoSet.NONE),
                inForce,
                alternatives);
    }
}
