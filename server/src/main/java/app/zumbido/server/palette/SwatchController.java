package app.zumbido.server.palette;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.Change;
import app.zumbido.core.brand.PaletteChange;
import app.zumbido.core.color.Mix;
import app.zumbido.core.palette.PaletteOrder;
import app.zumbido.core.palette.Sighting;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.palette.SwatchId;
import app.zumbido.server.problem.Given;
import app.zumbido.server.problem.PlainName;
import app.zumbido.server.shelf.BrandResponse;
import app.zumbido.server.storage.Ids;
import app.zumbido.server.trail.BrandKeeper;
import app.zumbido.server.trail.ETags;
import app.zumbido.server.trail.IfMatch;
import app.zumbido.server.trail.KeptBrand;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.net.URI;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
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

@RestController
@RequestMapping("/api/brands/{id}/swatches")
class SwatchController {
    private final BrandKeeper keeper;
    private final Ids ids;

    SwatchController(BrandKeeper keeper, Ids ids) {
        this.keeper = keeper;
        this.ids = ids;
    }

    @PostMapping
    ResponseEntity<SwatchResponse> add(
            @PathVariable UUID id, @RequestHeader("If-Match") IfMatch ifMatch, @Valid @RequestBody NewSwatch request) {
        KeptBrand kept = keeper.change(id, ifMatch, brand -> add(brand, List.of(request)));
        List<Swatch> swatches = kept.brand().palette().swatches();
        Swatch added = swatches.get(swatches.size() - 1);
        return ResponseEntity.created(URI.create("/api/brands/" + id + "/swatches/" + added.id()))
                .eTag(ETags.of(kept.brand().revision()))
                .body(SwatchResponse.of(added, kept.brand().roles()));
    }

    /** Several at once, as one step on the trail. */
    @PostMapping("/batch")
    ResponseEntity<BrandResponse> addAll(
            @PathVariable UUID id,
            @RequestHeader("If-Match") IfMatch ifMatch,
            @Valid @RequestBody NewSwatches request) {
        return BrandResponse.answer(keeper.change(id, ifMatch, brand -> add(brand, request.swatches())));
    }

    private Change add(Brand brand, List<NewSwatch> requests) {
        Set<String> names = NewSwatch.namesOf(brand);
        List<Swatch> added = new ArrayList<>();
        List<Sighting> sightings = new ArrayList<>();
        for (NewSwatch request : requests) {
            if (request.sameAs() != null && request.origin() != null) {
                sightings.add(new Sighting(
                        new SwatchId(request.sameAs()), request.origin().toOrigin()));
                continue;
            }
            added.add(request.swatch(names, ids.next()));
        }
        return new PaletteChange.AddSwatches(added, sightings);
    }

    @PutMapping("/{swatch}/name")
    ResponseEntity<BrandResponse> rename(
            @PathVariable UUID id,
            @PathVariable UUID swatch,
            @RequestHeader("If-Match") IfMatch ifMatch,
            @Valid @RequestBody NameRequest request) {
        Change change = new PaletteChange.RenameSwatch(
                new SwatchId(swatch), request.name().strip());
        return BrandResponse.answer(keeper.change(id, ifMatch, brand -> change));
    }

    @PutMapping("/{swatch}/color")
    ResponseEntity<BrandResponse> recolor(
            @PathVariable UUID id,
            @PathVariable UUID swatch,
            @RequestHeader("If-Match") IfMatch ifMatch,
            @Valid @RequestBody ColorRequest request) {
        Change change = new PaletteChange.RecolorSwatch(
                new SwatchId(swatch),
                Given.color(request.code()),
                Optional.ofNullable(request.origin()).map(NewOrigin::toOrigin));
        return BrandResponse.answer(keeper.change(id, ifMatch, brand -> change));
    }

    /** Lighter or darker, stronger or quieter, or towards the neighbour hue. */
    @PutMapping("/{swatch}/mix")
    ResponseEntity<BrandResponse> mix(
            @PathVariable UUID id,
            @PathVariable UUID swatch,
            @RequestHeader("If-Match") IfMatch ifMatch,
            @Valid @RequestBody MixRequest request) {
        Change change = request.change(swatch);
        return BrandResponse.answer(keeper.change(id, ifMatch, brand -> change));
    }

    /** The same, only looked at: nothing is kept. */
    @PostMapping("/{swatch}/mix/preview")
    ResponseEntity<BrandResponse> previewMix(
            @PathVariable UUID id, @PathVariable UUID swatch, @Valid @RequestBody MixRequest request) {
        return BrandResponse.answer(keeper.preview(id, request.change(swatch)));
    }

    @PutMapping("/{swatch}/position")
    ResponseEntity<BrandResponse> move(
            @PathVariable UUID id,
            @PathVariable UUID swatch,
            @RequestHeader("If-Match") IfMatch ifMatch,
            @Valid @RequestBody PositionRequest request) {
        Change change = request.change(swatch);
        return BrandResponse.answer(keeper.change(id, ifMatch, brand -> change));
    }

    /** The same, only looked at: nothing is kept. */
    @PostMapping("/{swatch}/position/preview")
    ResponseEntity<BrandResponse> previewMove(
            @PathVariable UUID id, @PathVariable UUID swatch, @Valid @RequestBody PositionRequest request) {
        return BrandResponse.answer(keeper.preview(id, request.change(swatch)));
    }

    /** All of them by one rule, as one step. */
    @PutMapping("/order")
    ResponseEntity<BrandResponse> order(
            @PathVariable UUID id,
            @RequestHeader("If-Match") IfMatch ifMatch,
            @Valid @RequestBody OrderRequest request) {
        return BrandResponse.answer(keeper.change(
                id,
                ifMatch,
                brand -> new PaletteChange.OrderSwatches(
                        request.by(),
                        request.by().of(brand.palette(), brand.theme().uses()))));
    }

    @DeleteMapping("/{swatch}")
    ResponseEntity<BrandResponse> remove(
            @PathVariable UUID id, @PathVariable UUID swatch, @RequestHeader("If-Match") IfMatch ifMatch) {
        Change change = new PaletteChange.RemoveSwatch(new SwatchId(swatch));
        return BrandResponse.answer(keeper.change(id, ifMatch, brand -> change));
    }

    record NewSwatches(@NotEmpty @Size(max = 100) List<@Valid NewSwatch> swatches) {}

    record NameRequest(
            @NotNull @PlainName(max = Swatch.LONGEST_NAME) String name) {}

    /**
     * @param code six or three digits with or without {@code #}, or {@code rgb()}
     * @param origin where it was taken from; absent if it was typed
     */
    record ColorRequest(
            @NotNull @Size(max = 60) String code,
            @Nullable @Valid NewOrigin origin) {}

    /**
     * Each is nothing where absent.
     *
     * @param lightness what is added to the OKLCH lightness, -1 to 1
     * @param chroma what is added to the OKLCH chroma, -0.5 to 0.5
     * @param hue degrees that it is turned by, -360 to 360
     */
    record MixRequest(
            @Nullable @DecimalMin("-1") @DecimalMax("1") Double lightness,
            @Nullable @DecimalMin("-0.5") @DecimalMax("0.5") Double chroma,
            @Nullable @DecimalMin("-360") @DecimalMax("360") Double hue) {
        Change change(UUID swatch) {
            Mix mix = new Mix(lightness == null ? 0 : lightness, chroma == null ? 0 : chroma, hue == null ? 0 : hue);
            return PaletteChange.MixSwatch.by(new SwatchId(swatch), mix);
        }
    }

    record OrderRequest(@NotNull PaletteOrder by) {}

    /** @param position where it stands afterwards, 0 first; beyond the end means last */
    record PositionRequest(@Min(0) int position) {
        Change change(UUID swatch) {
            return new PaletteChange.MoveSwatch(new SwatchId(swatch), position);
        }
    }
}
