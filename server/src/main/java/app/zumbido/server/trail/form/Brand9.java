package app.zumbido.server.trail.form;

import app.zumbido.core.brand.TemplateDesign;
import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * The ninth version: its logo.
 *
 * @param inForce name of the palette that the brand stands on
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
record Brand9(
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
        String inForce,
        List<Brand8.Alternative8> alternatives)
        implements BrandForm {
    @Override
    public Brand10 next() {
        return new Brand10(
                id,
                revision,
                name,
                shortCode,
                palette,
                roles,
                themes,
                grounds,
                type,
                logos,
                Brand10.Template10.of(TemplateDesign.USUAL),
                inForce,
                alternatives);
    }
}
