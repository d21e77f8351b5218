package app.zumbido.server.trail.form;

import app.zumbido.core.brand.Alternative;
import app.zumbido.core.brand.Alternatives;
import app.zumbido.core.brand.Brand;
import app.zumbido.core.theme.Themes;
import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * The seventh version, the present one: what suggestions heed, and other palettes.
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
    static final int VERSION = 7;

    static Brand7 of(Brand brand) {
        return new Brand7(
                brand.id(),
                brand.revision(),
                brand.name(),
                brand.shortCode().orElse(null),
                Palette6.of(brand.palette()),
                Roles4.of(brand.roles()),
                brand.themes().all().stream().map(Theme7::of).toList(),
                Grounds6.of(brand.grounds()),
                brand.alternatives().inForce(),
                brand.alternatives().others().stream().map(Alternative7::of).toList());
    }

    Brand brand() {
        return new Brand(
                id,
                revision,
                name,
                Optional.ofNullable(shortCode),
                palette.palette(),
                roles.roles(),
                new Themes(themes.stream().map(Theme7::theme).toList()),
                grounds.grounds(),
                new Alternatives(
                        inForce,
                        alternatives.stream().map(Alternative7::alternative).toList()));
    }

    record Alternative7(UUID id, String name, Palette6 palette, Roles4 roles, List<Theme7> themes, Grounds6 grounds) {
        static Alternative7 of(Alternative alternative) {
            return new Alternative7(
                    alternative.id(),
                    alternative.name(),
                    Palette6.of(alternative.palette()),
                    Roles4.of(alternative.roles()),
                    alternative.themes().all().stream().map(Theme7::of).toList(),
                    Grounds6.of(alternative.grounds()));
        }

        Alternative alternative() {
            return new Alternative(
                    id,
                    name,
                    palette.palette(),
                    roles.roles(),
                    new Themes(themes.stream().map(Theme7::theme).toList()),
                    grounds.grounds());
        }
    }

    @Override
    public Brand7 next() {
        return this;
    }
}
