package app.zumbido.server.shelf;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.BrandChange;
import app.zumbido.core.brand.Change;
import app.zumbido.server.answer.BrandResponse;
import app.zumbido.server.http.ETags;
import app.zumbido.server.http.IfMatch;
import app.zumbido.server.http.PlainName;
import app.zumbido.server.trail.BrandKeeper;
import app.zumbido.server.trail.KeptBrand;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.net.URI;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
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
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api")
class ShelfController {
    private static final String SHORT_CODE_RULE = "must have 1 to 8 capital letters or digits";

    private final Shelf shelf;
    private final BrandKeeper keeper;

    ShelfController(Shelf shelf, BrandKeeper keeper) {
        this.shelf = shelf;
        this.keeper = keeper;
    }

    /**
     * @param search a name, a short code, what a swatch is called, or a color in any notation
     * @param from how many to pass over
     * @param most how many; absent: all of them
     */
    @GetMapping("/brands")
    List<ShelfResponse> list(
            @RequestParam(defaultValue = "false") boolean deleted,
            @RequestParam(defaultValue = "") @Size(max = 200) String search,
            @RequestParam(defaultValue = "0") @Min(0) int from,
            @RequestParam(defaultValue = "2147483647") @Min(1) int most) {
        return shelf.list(deleted, search, from, most);
    }

    @PostMapping("/brands")
    @ResponseStatus(HttpStatus.CREATED)
    ResponseEntity<BrandResponse> begin(@Valid @RequestBody NewBrand request) {
        KeptBrand kept = keeper.begin(request.name().strip(), Optional.ofNullable(request.shortCode()));
        Brand brand = kept.brand();
        return ResponseEntity.created(URI.create("/api/brands/" + brand.id()))
                .eTag(ETags.of(brand.revision()))
                .body(BrandResponse.of(kept));
    }

    @PutMapping("/brands/{id}/name")
    ResponseEntity<BrandResponse> rename(
            @PathVariable UUID id, @RequestHeader("If-Match") IfMatch ifMatch, @Valid @RequestBody BrandName request) {
        return BrandResponse.answer(keeper.change(id, ifMatch, brand -> request.change()));
    }

    @PutMapping("/brands/{id}/short-code")
    ResponseEntity<BrandResponse> setShortCode(
            @PathVariable UUID id,
            @RequestHeader("If-Match") IfMatch ifMatch,
            @Valid @RequestBody ShortCodeRequest request) {
        Change change = new BrandChange.SetShortCode(Optional.ofNullable(request.shortCode()));
        return BrandResponse.answer(keeper.change(id, ifMatch, brand -> change));
    }

    @DeleteMapping("/brands/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@PathVariable UUID id, @RequestHeader("If-Match") IfMatch ifMatch) {
        keeper.delete(id, ifMatch);
    }

    @PostMapping("/brands/{id}/restoration")
    ResponseEntity<BrandResponse> putBack(@PathVariable UUID id) {
        return BrandResponse.answer(keeper.putBack(id));
    }

    /** How many brands there are. */
    @GetMapping("/shelf")
    ShelfCountResponse count() {
        return new ShelfCountResponse(shelf.count(false), shelf.count(true));
    }

    /** @param takenOff those that can be put back */
    record ShelfCountResponse(long standing, long takenOff) {}

    record NewBrand(
            @NotNull @PlainName(max = Brand.LONGEST_NAME) String name,

            @Nullable @Pattern(regexp = Brand.SHORT_CODE, message = SHORT_CODE_RULE)
            String shortCode) {}

    record BrandName(
            @NotNull @PlainName(max = Brand.LONGEST_NAME) String name) {
        Change change() {
            return new BrandChange.RenameBrand(name.strip());
        }
    }

    /** @param shortCode absent: the brand has none any more */
    record ShortCodeRequest(
            @Nullable @Pattern(regexp = Brand.SHORT_CODE, message = SHORT_CODE_RULE)
            String shortCode) {}

    /**
     * A brand on the shelf.
     *
     * @param colors hex codes of its first swatches, in order, 24 at most
     * @param found the color among them that was looked for, if one was
     */
    record ShelfResponse(
            UUID id,
            String name,
            @Nullable String shortCode,
            long revision,
            List<String> colors,
            @Nullable String found,
            Instant changedAt,
            @Nullable Instant deletedAt) {}
}
