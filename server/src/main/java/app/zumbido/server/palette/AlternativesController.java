package app.zumbido.server.palette;

import app.zumbido.core.brand.Alternative;
import app.zumbido.core.brand.AlternativeChange;
import app.zumbido.core.brand.Alternatives;
import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.Change;
import app.zumbido.server.answer.BrandResponse;
import app.zumbido.server.http.IfMatch;
import app.zumbido.server.http.PlainName;
import app.zumbido.server.storage.Ids;
import app.zumbido.server.trail.BrandKeeper;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The palettes of a brand as wholes, each with roles, themes and rules of its own; one of them is in force. */
@RestController
@RequestMapping("/api/brands/{id}/palettes")
class AlternativesController {
    private final BrandKeeper keeper;
    private final Ids ids;

    AlternativesController(BrandKeeper keeper, Ids ids) {
        this.keeper = keeper;
        this.ids = ids;
    }

    /** Keeps the palette in force under its name, and goes on with a copy or an empty one. */
    @PostMapping
    ResponseEntity<BrandResponse> begin(
            @PathVariable UUID id, @RequestHeader("If-Match") IfMatch ifMatch, @Valid @RequestBody NewPalette request) {
        return BrandResponse.answer(keeper.change(id, ifMatch, brand -> {
            if (brand.alternatives().others().size() == Alternatives.MOST) {
                throw new PaletteException(
                        "A brand keeps " + Alternatives.MOST + " palettes beside the one in force at most");
            }
            return new AlternativeChange.BeginPalette(
                    ids.next(), request.name().strip(), Boolean.TRUE.equals(request.empty()));
        }));
    }

    /** Puts a palette in force; the one that was is kept in its stead, under an id of its own. */
    @PutMapping("/{pid}/in-force")
    ResponseEntity<BrandResponse> use(
            @PathVariable UUID id, @PathVariable UUID pid, @RequestHeader("If-Match") IfMatch ifMatch) {
        return BrandResponse.answer(keeper.change(id, ifMatch, brand -> used(brand, pid)));
    }

    /** The brand as it would stand on that palette: nothing is kept. */
    @PostMapping("/{pid}/in-force/preview")
    ResponseEntity<BrandResponse> preview(@PathVariable UUID id, @PathVariable UUID pid) {
        return BrandResponse.answer(keeper.preview(id, brand -> used(brand, pid)));
    }

    private Change used(Brand brand, UUID pid) {
        brand.alternatives().get(pid);
        return new AlternativeChange.UsePalette(pid, ids.next());
    }

    @PutMapping({"/in-force/name", "/{pid}/name"})
    ResponseEntity<BrandResponse> rename(
            @PathVariable UUID id,
            @PathVariable(required = false) @Nullable UUID pid,
            @RequestHeader("If-Match") IfMatch ifMatch,
            @Valid @RequestBody PaletteName request) {
        Change change = new AlternativeChange.RenamePalette(
                Optional.ofNullable(pid), request.name().strip());
        return BrandResponse.answer(keeper.change(id, ifMatch, brand -> change));
    }

    @DeleteMapping("/{pid}")
    ResponseEntity<BrandResponse> drop(
            @PathVariable UUID id, @PathVariable UUID pid, @RequestHeader("If-Match") IfMatch ifMatch) {
        return BrandResponse.answer(keeper.change(id, ifMatch, brand -> new AlternativeChange.DropPalette(pid)));
    }

    /**
     * @param name of the one that goes on
     * @param empty whether it begins without a color; absent: as a copy of the one that is kept
     */
    record NewPalette(
            @NotNull @PlainName(max = Alternative.LONGEST_NAME)
            String name,

            @Nullable Boolean empty) {}

    record PaletteName(
            @NotNull @PlainName(max = Alternative.LONGEST_NAME)
            String name) {}
}
