package app.zumbido.server.trail.form;

import app.zumbido.core.brand.Alternatives;
import app.zumbido.core.brand.Brand;
import app.zumbido.core.theme.Themes;
import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * The eleventh version, the present one: its style guide.
 *
 * @param inForce name of the palette that the brand stands on
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
record Brand11(
        UUID id,
        long revision,
        String name,
        @Nullable String shortCode,
        Palette6 palette,
        Roles4 roles,
        List<Theme8> themes,
        Grounds6 grounds,
        Type8 type,
        Logos9 logos,
        Brand10.Template10 template,
        Guide11 guide,
        String inForce,
        List<Brand8.Alternative8> alternatives)
        implements BrandForm {
    static final int VERSION = 11;

    static Brand11 of(Brand brand) {
        return new Brand11(
                brand.id(),
                brand.revision(),
                brand.name(),
                brand.shortCode().orElse(null),
                Palette6.of(brand.palette()),
                Roles4.of(brand.roles()),
                brand.themes().all().stream().map(Theme8::of).toList(),
                Grounds6.of(brand.grounds()),
                Type8.of(brand.type()),
                Logos9.of(brand.logos()),
                Brand10.Template10.of(brand.template()),
                Guide11.of(brand.guide()),
                brand.alternatives().inForce(),
                brand.alternatives().others().stream()
                        .map(Brand8.Alternative8::of)
                        .toList());
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
                logos.logos(),
                template.design(),
                guide.design(),
                new Alternatives(
                        inForce,
                        alternatives.stream()
                                .map(Brand8.Alternative8::alternative)
                                .toList()));
    }

    @Override
    public Brand11 next() {
        return this;
    }
}
