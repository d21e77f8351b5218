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
 * The eighth version, the present one: how the brand is set, whatever its theme.
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
    static final int VERSION = 8;

    static Brand8 of(Brand brand) {
        return new Brand8(
                brand.id(),
                brand.revision(),
                brand.name(),
                brand.shortCode().orElse(null),
                Palette6.of(brand.palette()),
                Roles4.of(brand.roles()),
                brand.themes().all().stream().map(Theme8::of).toList(),
                Grounds6.of(brand.grounds()),
                Type8.of(brand.type()),
                brand.alternatives().inForce(),
                brand.alternatives().others().stream().map(Alternative8::of).toList());
    }

    Brand brand() {
        return new Brand(
                id,
                revision,
                name,
                Optional.ofNullable(shortCode),
                palette.palette(),
                roles.roles(),
                new Themes(themes.stream().map(Theme8::theme).toList()),
                grounds.grounds(),
                type.type(),
                new Alternatives(
                        inForce,
                        alternatives.stream().map(Alternative8::alternative).toList()));
    }

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
    public Brand8 next() {
        return this;
    }
}
