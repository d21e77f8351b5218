package app.zumbido.server.palette;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.Change;
import app.zumbido.core.brand.PaletteChange;
import app.zumbido.core.brand.RoleChange;
import app.zumbido.core.color.Mix;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.Origin;
import app.zumbido.core.palette.PaletteOrder;
import app.zumbido.core.palette.Sighting;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.palette.SwatchId;
import app.zumbido.core.palette.WorkingName;
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
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.net.URI;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
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

    /** The order of importance as a guideline shows it, and what it crosses out, as one step. */
    @PutMapping("/hierarchy")
    ResponseEntity<BrandResponse> markHierarchy(
            @PathVariable UUID id,
            @RequestHeader("If-Match") IfMatch ifMatch,
            @Valid @RequestBody HierarchyRequest request) {
        return BrandResponse.answer(keeper.change(id, ifMatch, brand -> mark(brand, request)));
    }

    private Change mark(Brand brand, HierarchyRequest request) {
        Set<String> names = names(brand);
        List<Swatch> added = new ArrayList<>();
        List<SwatchId> order = ids(request.order(), names, added);
        List<SwatchId> crossedOut = ids(request.crossedOut(), names, added);
        return new RoleChange.MarkHierarchy(request.source(), added, order, crossedOut);
    }

    /** @return the swatches that are meant; those that the palette lacks are made */
    private List<SwatchId> ids(List<NewSwatch> requests, Set<String> names, List<Swatch> added) {
        List<SwatchId> meant = new ArrayList<>();
        for (NewSwatch request : requests) {
            if (request.sameAs() == null) {
                Swatch swatch = swatch(request, names);
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

    private static Set<String> names(Brand brand) {
        Set<String> names = new HashSet<>();
        brand.palette().swatches().forEach(swatch -> names.add(swatch.name()));
        return names;
    }

    /** @param names those that are taken; its own joins them */
    private Swatch swatch(NewSwatch request, Set<String> names) {
        Rgb color = Given.color(request.hex());
        String name = request.name() == null
                ? WorkingName.of(color, names)
                : request.name().strip();
        names.add(name);
        List<Origin> origins = Optional.ofNullable(request.origin()).map(NewOrigin::toOrigin).stream()
                .toList();
        return new Swatch(new SwatchId(ids.next()), name, color, origins);
    }

    private Change add(Brand brand, List<NewSwatch> requests) {
        Set<String> names = names(brand);
        List<Swatch> added = new ArrayList<>();
        List<Sighting> sightings = new ArrayList<>();
        for (NewSwatch request : requests) {
            if (request.sameAs() != null && request.origin() != null) {
                sightings.add(new Sighting(
                        new SwatchId(request.sameAs()), request.origin().toOrigin()));
                continue;
            }
            added.add(swatch(request, names));
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

    /**
     * @param hex six or three digits with or without {@code #}, or {@code rgb()}
     * @param name absent: a working name is made from the color
     * @param sameAs a swatch that it is the same color as: no new one is made, only the place is kept with that one
     */
    record NewSwatch(
            @NotNull @Size(max = 60) String hex,
            @Nullable @PlainName(max = Swatch.LONGEST_NAME) String name,
            @Nullable @Valid NewOrigin origin,
            @Nullable UUID sameAs) {}

    record NewSwatches(@NotEmpty @Size(max = 100) List<@Valid NewSwatch> swatches) {}

    /**
     * @param source name of what shows the hierarchy
     * @param order the most important first
     */
    record HierarchyRequest(
            @NotNull @PlainName(max = 255) String source,
            @NotNull @Size(max = 100) List<@Valid NewSwatch> order,
            @NotNull @Size(max = 100) List<@Valid NewSwatch> crossedOut) {}

    record OffLimitsRequest(@NotNull Boolean offLimits) {}

    /**
     * @param source name of the picture
     * @param x pixels from the left
     * @param y pixels from the top
     * @param area side of the square that was averaged, in pixels
     */
    record NewOrigin(
            @NotNull @PlainName(max = 255) String source,
            @Nullable @Min(0) Integer x,
            @Nullable @Min(0) Integer y,
            @Nullable @Min(1) @Max(31) Integer area) {
        Origin toOrigin() {
            return new Origin(
                    source,
                    x == null ? OptionalInt.empty() : OptionalInt.of(x),
                    y == null ? OptionalInt.empty() : OptionalInt.of(y),
                    area == null ? OptionalInt.empty() : OptionalInt.of(area));
        }
    }

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
