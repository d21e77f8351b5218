package app.zumbido.server.palette;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.BrandChange;
import app.zumbido.core.brand.Change;
import app.zumbido.core.brand.PaletteChange;
import app.zumbido.core.palette.Notes;
import app.zumbido.core.palette.Palette;
import app.zumbido.core.palette.Sighting;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.palette.SwatchId;
import app.zumbido.core.palette.WorkingName;
import app.zumbido.server.answer.BrandResponse;
import app.zumbido.server.answer.SwatchResponse;
import app.zumbido.server.http.ETags;
import app.zumbido.server.http.IfMatch;
import app.zumbido.server.http.PlainName;
import app.zumbido.server.storage.Ids;
import app.zumbido.server.trail.BrandKeeper;
import app.zumbido.server.trail.KeptBrand;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.net.URI;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/brands/{id}/swatches")
class SwatchController {
    private static final String TEXT_RULE = "may have {max} characters that can be printed, in one line";

    private final BrandKeeper keeper;
    private final Ids ids;

    SwatchController(BrandKeeper keeper, Ids ids) {
        this.keeper = keeper;
        this.ids = ids;
    }

    @GetMapping("/{swatch}")
    ResponseEntity<SwatchResponse> swatch(@PathVariable UUID id, @PathVariable UUID swatch) {
        Brand brand = keeper.load(id).brand();
        return ResponseEntity.ok()
                .eTag(ETags.of(brand.revision()))
                .body(SwatchResponse.of(brand.palette().get(new SwatchId(swatch)), brand.roles()));
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    ResponseEntity<SwatchResponse> add(
            @PathVariable UUID id, @RequestHeader("If-Match") IfMatch ifMatch, @Valid @RequestBody NewSwatch request) {
        UUID swatch = ids.next();
        KeptBrand kept = keeper.change(
                id,
                ifMatch,
                brand -> PaletteChange.AddSwatches.of(
                        List.of(request.swatch(brand.palette(), NewSwatch.namesOf(brand.palette()), swatch))));
        Swatch added = kept.brand().palette().get(new SwatchId(swatch));
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
        return BrandResponse.answer(keeper.change(id, ifMatch, brand -> add(brand, request)));
    }

    /** The first colors of a brand draft the rest of it, as a picture does. */
    private Change add(Brand brand, NewSwatches request) {
        PaletteChange.AddSwatches joining = joining(brand, request.swatches());
        boolean drafts =
                request.draftFrom() != null && brand.palette().swatches().isEmpty();
        return drafts ? BrandChange.DraftBrand.of(brand, request.draftFrom(), joining.swatches()) : joining;
    }

    private PaletteChange.AddSwatches joining(Brand brand, List<NewSwatch> requests) {
        Set<String> names = NewSwatch.namesOf(brand.palette());
        List<Swatch> added = new ArrayList<>();
        List<Sighting> sightings = new ArrayList<>();
        for (NewSwatch request : requests) {
            if (request.sameAs() != null && request.origin() != null) {
                sightings.add(new Sighting(
                        new SwatchId(request.sameAs()), request.origin().toOrigin()));
                continue;
            }
            added.add(request.swatch(brand.palette(), names, ids.next()));
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

    /** Names in plain words that it could have, the plainest first. */
    @GetMapping("/{swatch}/names")
    NamesResponse names(@PathVariable UUID id, @PathVariable UUID swatch) {
        Palette palette = keeper.load(id).brand().palette();
        return new NamesResponse(
                WorkingName.proposals(palette.get(new SwatchId(swatch)).color(), NewSwatch.namesOf(palette)));
    }

    @PutMapping("/{swatch}/notes")
    ResponseEntity<BrandResponse> note(
            @PathVariable UUID id,
            @PathVariable UUID swatch,
            @RequestHeader("If-Match") IfMatch ifMatch,
            @Valid @RequestBody NotesRequest request) {
        Change change = new PaletteChange.NoteSwatch(
                new SwatchId(swatch),
                new Notes(request.spotInk().strip(), request.note().strip()));
        return BrandResponse.answer(keeper.change(id, ifMatch, brand -> change));
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
        return BrandResponse.answer(keeper.preview(id, brand -> request.change(swatch)));
    }

    @DeleteMapping("/{swatch}")
    ResponseEntity<BrandResponse> remove(
            @PathVariable UUID id, @PathVariable UUID swatch, @RequestHeader("If-Match") IfMatch ifMatch) {
        Change change = new PaletteChange.RemoveSwatch(new SwatchId(swatch));
        return BrandResponse.answer(keeper.change(id, ifMatch, brand -> change));
    }

    /**
     * @param draftFrom what the colors are from; given, roles and theme of a brand without a color are drafted from them in the
     *     same step. Absent: they only join the palette
     */
    record NewSwatches(
            @NotEmpty @Size(max = 100) List<@Valid NewSwatch> swatches,
            @Nullable @PlainName(max = 255) String draftFrom) {}

    record NameRequest(
            @NotNull @PlainName(max = Swatch.LONGEST_NAME) String name) {}

    record NamesResponse(List<String> names) {}

    /**
     * Both are empty where there is nothing to say.
     *
     * @param spotInk reference of a ready-mixed ink, as the printing house knows it
     */
    record NotesRequest(
            @NotNull @PlainName(max = Notes.LONGEST_SPOT_INK, blank = true, message = TEXT_RULE)
            String spotInk,

            @NotNull @PlainName(max = Notes.LONGEST_NOTE, blank = true, message = TEXT_RULE)
            String note) {}

    /** @param position where it stands afterwards, 0 first; beyond the end means last */
    record PositionRequest(@Min(0) int position) {
        Change change(UUID swatch) {
            return new PaletteChange.MoveSwatch(new SwatchId(swatch), position);
        }
    }
}
