package app.zumbido.server.trail.form;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.theme.Themes;
import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** The sixth version, the present one: every reference to a colour has one form. */
@JsonInclude(JsonInclude.Include.NON_NULL)
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
    static final int VERSION = 6;

    static Brand6 of(Brand brand) {
        return new Brand6(
                brand.id(),
                brand.revision(),
                brand.name(),
                brand.shortCode().orElse(null),
                Palette6.of(brand.palette()),
                Roles4.of(brand.roles()),
                brand.themes().all().stream().map(Theme6::of).toList(),
                Grounds6.of(brand.grounds()));
    }

    Brand brand() {
        return new Brand(
                id,
                revision,
                name,
                Optional.ofNullable(shortCode),
                palette.palette(),
                roles.roles(),
                new Themes(themes.stream().map(Theme6::theme).toList()),
                grounds.grounds());
    }

    @Override
    public Brand6 next() {
        return this;
    }
}
