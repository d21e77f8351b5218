package app.zumbido.server.roles;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.Change;
import app.zumbido.core.brand.RoleChange;
import app.zumbido.core.palette.Palette;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.palette.SwatchId;
import app.zumbido.server.answer.BrandResponse;
import app.zumbido.server.http.IfMatch;
import app.zumbido.server.http.PlainName;
import app.zumbido.server.palette.NewSwatch;
import app.zumbido.server.storage.Ids;
import app.zumbido.server.trail.BrandKeeper;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What swatches are for, and which must not be used. */
@RestController
@RequestMapping("/api/brands/{id}/swatches")
class RoleController {
    private final BrandKeeper keeper;
    private final Ids ids;

    RoleController(BrandKeeper keeper, Ids ids) {
        this.keeper = keeper;
        this.ids = ids;
    }

    /** The order of importance as a guideline shows it, and what it crosses out, as one step. */
    @PutMapping("/hierarchy")
    ResponseEntity<BrandResponse> markHierarchy(
            @PathVariable UUID id,
            @RequestHeader("If-Match") IfMatch ifMatch,
            @Valid @RequestBody HierarchyRequest request) {
        return BrandResponse.answer(keeper.change(id, ifMatch, brand -> mark(brand, request)));
    }

    private Change mark(Brand brand, HierarchyRequest request) {
        Set<String> names = NewSwatch.namesOf(brand.palette());
        List<Swatch> added = new ArrayList<>();
        List<SwatchId> order = ids(brand.palette(), request.order(), names, added);
        List<SwatchId> crossedOut = ids(brand.palette(), request.crossedOut(), names, added);
        return new RoleChange.MarkHierarchy(request.source(), added, order, crossedOut);
    }

    /** @return the swatches that are meant; those that the palette lacks are made */
    private List<SwatchId> ids(Palette palette, List<NewSwatch> requests, Set<String> names, List<Swatch> added) {
        List<SwatchId> meant = new ArrayList<>();
        for (NewSwatch request : requests) {
            if (request.sameAs() == null) {
                Swatch swatch = request.swatch(palette, names, ids.next());
                added.add(swatch);
                meant.add(swatch.id());
            } else {
                meant.add(new SwatchId(request.sameAs()));
            }
        }
        return meant;
    }

    /** Whether it must not be used, though the brand names it. */
    @PutMapping("/{swatch}/off-limits")
    ResponseEntity<BrandResponse> setOffLimits(
            @PathVariable UUID id,
            @PathVariable UUID swatch,
            @RequestHeader("If-Match") IfMatch ifMatch,
            @Valid @RequestBody OffLimitsRequest request) {
        Change change = new RoleChange.SetOffLimits(new SwatchId(swatch), request.offLimits());
        return BrandResponse.answer(keeper.change(id, ifMatch, brand -> change));
    }

    /**
     * @param source name of what shows the hierarchy
     * @param order the most important first
     */
    record HierarchyRequest(
            @NotNull @PlainName(max = 255) String source,
            @NotNull @Size(max = 100) List<@Valid NewSwatch> order,
            @NotNull @Size(max = 100) List<@Valid NewSwatch> crossedOut) {}

    record OffLimitsRequest(@NotNull Boolean offLimits) {}
}
