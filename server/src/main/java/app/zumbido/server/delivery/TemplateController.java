package app.zumbido.server.delivery;

import app.zumbido.core.brand.BrandChange;
import app.zumbido.core.brand.Look;
import app.zumbido.core.brand.TemplateDesign;
import app.zumbido.core.brand.ThemedLook;
import app.zumbido.core.logos.Corner;
import app.zumbido.formats.layouts.LayoutPlans;
import app.zumbido.formats.layouts.SlideSize;
import app.zumbido.server.answer.BrandResponse;
import app.zumbido.server.http.IfMatch;
import app.zumbido.server.trail.BrandKeeper;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** How the presentation template of a brand is made. */
@RestController
@RequestMapping("/api/brands/{id}/template")
class TemplateController {
    private final BrandKeeper keeper;
    private final Deliveries deliveries;

    TemplateController(BrandKeeper keeper, Deliveries deliveries) {
        this.keeper = keeper;
        this.deliveries = deliveries;
    }

    /**
     * The layouts as they are made, to be looked at.
     *
     * @param theme the one that they are made in; absent: the one that is handed over first
     * @param size wide or standard
     */
    @GetMapping("/layouts")
    List<LayoutResponse> layouts(
            @PathVariable UUID id,
            @RequestParam(required = false) @Nullable UUID theme,
            @RequestParam(defaultValue = "wide") SlideSize size) {
        Look look = keeper.look(id, theme);
        if (!look.theme().unfilled().isEmpty()) {
            throw new SlotsUnfilledException(look.theme().unfilled());
        }
        ThemedLook themed = ThemedLook.of(look);
        return LayoutResponse.all(themed, new LayoutPlans(themed, size, deliveries.assets(look.brand())), size);
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
