package app.zumbido.server.trail.form;

import app.zumbido.core.brand.TemplateDesign;
import app.zumbido.core.guide.GuideDesign;
import app.zumbido.core.logos.Corner;
import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * The tenth version: how its presentation template is made.
 *
 * @param inForce name of the palette that the brand stands on
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
record Brand10(
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
        Template10 template,
        String inForce,
        List<Brand8.Alternative8> alternatives)
        implements BrandForm {
    record Template10(
            TemplateDesign.TitleShape title, TemplateDesign.BulletKind bullets, Corner corner, boolean together) {
        static Template10 of(TemplateDesign design) {
            return new Template10(design.title(), design.bullets(), design.corner(), design.together());
        }

        TemplateDesign design() {
            return new TemplateDesign(title, bullets, corner, together);
        }
    }

    @Override
    public Brand11 next() {
        return new Brand11(
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
                template,
                Guide11.of(GuideDesign.USUAL),
                inForce,
                alternatives);
    }
}
