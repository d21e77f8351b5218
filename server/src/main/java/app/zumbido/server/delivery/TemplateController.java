package app.zumbido.server.delivery;

import app.zumbido.core.brand.BrandChange;
import app.zumbido.core.brand.TemplateDesign;
import app.zumbido.core.logos.Corner;
import app.zumbido.server.answer.BrandResponse;
import app.zumbido.server.http.IfMatch;
import app.zumbido.server.trail.BrandKeeper;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.UUID;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** How the presentation template of a brand is made. */
@RestController
@RequestMapping("/api/brands/{id}/template")
class TemplateController {
    private final BrandKeeper keeper;

    TemplateController(BrandKeeper keeper) {
        this.keeper = keeper;
    }

    @PutMapping
    ResponseEntity<BrandResponse> design(
            @PathVariable UUID id,
            @RequestHeader("If-Match") IfMatch ifMatch,
            @Valid @RequestBody TemplateRequest request) {
        return BrandResponse.answer(
                keeper.change(id, ifMatch, brand -> new BrandChange.DesignTemplate(request.design())));
    }

    /**
     * @param title what the title slide is made of
     * @param bullets what leads a point of a list
     * @param corner where the small logo stands on every slide: one of the four, not the middle
     * @param together whether the other themes come in the same file, each as a master of its own
     */
    record TemplateRequest(
            @NotNull TemplateDesign.TitleShape title,
            @NotNull TemplateDesign.BulletKind bullets,
            @NotNull Corner corner,
            boolean together) {
        TemplateDesign design() {
            if (corner == Corner.MIDDLE) {
                throw new TemplateException();
            }
            return new TemplateDesign(title, bullets, corner, together);
        }
    }
}
