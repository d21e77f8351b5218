package app.zumbido.server.palette;

import app.zumbido.core.brand.Change;
import app.zumbido.core.brand.PaletteChange;
import app.zumbido.core.color.Mix;
import app.zumbido.core.palette.SwatchId;
import app.zumbido.server.answer.BrandResponse;
import app.zumbido.server.http.Given;
import app.zumbido.server.http.IfMatch;
import app.zumbido.server.trail.BrandKeeper;
import app.zumbido.server.trail.Preview;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The colour of one swatch: everything that follows it changes with it, and is told before. */
@RestController
@RequestMapping("/api/brands/{id}/swatches/{swatch}")
class SwatchColorController {
    private final BrandKeeper keeper;

    SwatchColorController(BrandKeeper keeper) {
        this.keeper = keeper;
    }

    @PutMapping("/color")
    ResponseEntity<BrandResponse> recolor(
            @PathVariable UUID id,
            @PathVariable UUID swatch,
            @RequestHeader("If-Match") IfMatch ifMatch,
            @Valid @RequestBody ColorRequest request) {
        Change change = request.change(swatch);
        return BrandResponse.answer(keeper.change(id, ifMatch, brand -> change));
    }

    /** The same, only looked at: nothing is kept. */
    @PostMapping("/color/preview")
    ResponseEntity<BrandResponse> previewColor(
            @PathVariable UUID id, @PathVariable UUID swatch, @Valid @RequestBody ColorRequest request) {
        return BrandResponse.answer(
                keeper.preview(id, brand -> request.change(swatch)),
                Given.shown(request.code()).inside());
    }

    /** Lighter or darker, stronger or quieter, or towards the neighbour hue. */
    @PutMapping("/mix")
    ResponseEntity<BrandResponse> mix(
            @PathVariable UUID id,
            @PathVariable UUID swatch,
            @RequestHeader("If-Match") IfMatch ifMatch,
            @Valid @RequestBody MixRequest request) {
        Change change = PaletteChange.MixSwatch.by(new SwatchId(swatch), request.mix());
        return BrandResponse.answer(keeper.change(id, ifMatch, brand -> change));
    }

    /** The same, only looked at: nothing is kept. */
    @PostMapping("/mix/preview")
    ResponseEntity<BrandResponse> previewMix(
            @PathVariable UUID id, @PathVariable UUID swatch, @Valid @RequestBody MixRequest request) {
        SwatchId mixed = new SwatchId(swatch);
        Preview preview = keeper.preview(id, brand -> PaletteChange.MixSwatch.by(mixed, request.mix()));
        boolean inside = request.mix()
                .apply(preview.before().palette().get(mixed).color())
                .inside();
        return BrandResponse.answer(preview, inside);
    }

    /** Makes it one with another, which stays; everything that follows it goes over. */
    @PutMapping("/merge")
    ResponseEntity<BrandResponse> merge(
            @PathVariable UUID id,
            @PathVariable UUID swatch,
            @RequestHeader("If-Match") IfMatch ifMatch,
            @Valid @RequestBody MergeRequest request) {
        Change change = request.change(swatch);
        return BrandResponse.answer(keeper.change(id, ifMatch, brand -> change));
    }

    /** The same, only looked at: nothing is kept. */
    @PostMapping("/merge/preview")
    ResponseEntity<BrandResponse> previewMerge(
            @PathVariable UUID id, @PathVariable UUID swatch, @Valid @RequestBody MergeRequest request) {
        return BrandResponse.answer(keeper.preview(id, brand -> request.change(swatch)));
    }

    /** Lets a step of a ladder stand on its own. */
    @PutMapping("/freedom")
    ResponseEntity<BrandResponse> free(
            @PathVariable UUID id, @PathVariable UUID swatch, @RequestHeader("If-Match") IfMatch ifMatch) {
        Change change = new PaletteChange.FreeSwatch(new SwatchId(swatch));
        return BrandResponse.answer(keeper.change(id, ifMatch, brand -> change));
    }

    /**
     * @param code a colour in any notation
     * @param origin where it was taken from; absent if it was typed
     */
    record ColorRequest(
            @NotNull @Size(max = 60) String code,
            @Nullable @Valid NewOrigin origin) {
        Change change(UUID swatch) {
            return new PaletteChange.RecolorSwatch(
                    new SwatchId(swatch),
                    Given.color(code),
                    Optional.ofNullable(origin).map(NewOrigin::toOrigin));
        }
    }

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
        Mix mix() {
            return new Mix(lightness == null ? 0 : lightness, chroma == null ? 0 : chroma, hue == null ? 0 : hue);
        }
    }

    /** @param into the swatch that stays */
    record MergeRequest(@NotNull UUID into) {
        Change change(UUID swatch) {
            if (swatch.equals(into)) {
                throw new SameSwatchException();
            }
            return new PaletteChange.MergeSwatches(new SwatchId(into), new SwatchId(swatch));
        }
    }
}
