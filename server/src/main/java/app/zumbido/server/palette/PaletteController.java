package app.zumbido.server.palette;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.Change;
import app.zumbido.core.brand.PaletteChange;
import app.zumbido.core.color.ColorCode;
import app.zumbido.core.palette.Gap;
import app.zumbido.core.palette.Gaps;
import app.zumbido.core.palette.MoodWord;
import app.zumbido.core.palette.Palette;
import app.zumbido.core.palette.PaletteOrder;
import app.zumbido.core.palette.Swatch;
import app.zumbido.server.answer.BrandResponse;
import app.zumbido.server.http.IfMatch;
import app.zumbido.server.trail.BrandKeeper;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What concerns the palette as a whole. */
@RestController
@RequestMapping("/api/brands/{id}")
class PaletteController {
    private final BrandKeeper keeper;

    PaletteController(BrandKeeper keeper) {
        this.keeper = keeper;
    }

    /** All swatches by one rule, as one step; groups stay together. */
    @PutMapping("/swatches/order")
    ResponseEntity<BrandResponse> order(
            @PathVariable UUID id,
            @RequestHeader("If-Match") IfMatch ifMatch,
            @Valid @RequestBody OrderRequest request) {
        return BrandResponse.answer(keeper.change(id, ifMatch, request::change));
    }

    /** The same, only looked at: nothing is kept. */
    @PostMapping("/swatches/order/preview")
    ResponseEntity<BrandResponse> previewOrder(@PathVariable UUID id, @Valid @RequestBody OrderRequest request) {
        return BrandResponse.answer(keeper.preview(id, request::change));
    }

    /** The codes that people copy most, of every swatch. */
    @GetMapping("/palette/codes")
    List<SwatchCodesResponse> codes(@PathVariable UUID id) {
        return keeper.load(id).brand().palette().swatches().stream()
                .map(SwatchCodesResponse::of)
                .toList();
    }

    /** @param hex the colour that the codes are of; the page may have moved on since */
    record SwatchCodesResponse(UUID swatch, String hex, String rgb, String hsl) {
        static SwatchCodesResponse of(Swatch swatch) {
            return new SwatchCodesResponse(
                    swatch.id().value(),
                    swatch.color().hex(),
                    ColorCode.rgbFunction(swatch.color()),
                    ColorCode.hslFunction(swatch.color()));
        }
    }

    /** Colours that the palette lacks, each with the reason why it is proposed. */
    @GetMapping("/palette/gaps")
    GapsResponse gaps(@PathVariable UUID id) {
        Brand brand = keeper.load(id).brand();
        Palette palette = brand.palette();
        return GapsResponse.of(
                Gaps.accents(palette, brand.usable()),
                Gaps.neutrals(palette, brand.usable()),
                NewSwatch.namesOf(palette));
    }

    /** Brings a mood into the palette. */
    @PutMapping("/palette/mood")
    ResponseEntity<BrandResponse> applyMood(
            @PathVariable UUID id,
            @RequestHeader("If-Match") IfMatch ifMatch,
            @Valid @RequestBody MoodRequest request) {
        return BrandResponse.answer(keeper.change(id, ifMatch, brand -> request.change()));
    }

    /** The same, only looked at: nothing is kept. */
    @PostMapping("/palette/mood/preview")
    ResponseEntity<BrandResponse> previewMood(@PathVariable UUID id, @Valid @RequestBody MoodRequest request) {
        return BrandResponse.answer(keeper.preview(id, brand -> request.change()));
    }

    /** Puts a remark aside, or lets it be spoken again. */
    @PutMapping("/palette/remarks")
    ResponseEntity<BrandResponse> putAside(
            @PathVariable UUID id,
            @RequestHeader("If-Match") IfMatch ifMatch,
            @Valid @RequestBody AsideRequest request) {
        Change change = new PaletteChange.PutRemarkAside(request.remark(), request.aside());
        return BrandResponse.answer(keeper.change(id, ifMatch, brand -> change));
    }

    record OrderRequest(@NotNull PaletteOrder by) {
        Change change(Brand brand) {
            return new PaletteChange.OrderSwatches(
                    by, by.of(brand.palette(), brand.themes().first().uses()));
        }
    }

    /** @param amount how much of it, 0 to 1 */
    record MoodRequest(
            @NotNull MoodWord word,
            @NotNull @DecimalMin("0") @DecimalMax("1") Double amount) {
        Change change() {
            return new PaletteChange.ApplyMood(word, amount);
        }
    }

    /** @param remark its key */
    record AsideRequest(
            @NotNull @Size(min = 1, max = 120) String remark,
            @NotNull Boolean aside) {}

    record GapsResponse(List<GapResponse> accents, List<GapResponse> neutrals) {
        static GapsResponse of(List<Gap> accents, List<Gap> neutrals, Set<String> names) {
            return new GapsResponse(named(accents, names), named(neutrals, names));
        }

        /** @param names those that are taken; each name that is given joins them */
        private static List<GapResponse> named(List<Gap> gaps, Set<String> names) {
            List<GapResponse> named = new ArrayList<>();
            for (Gap gap : gaps) {
                named.add(GapResponse.of(gap, names));
                names.add(named.get(named.size() - 1).name());
            }
            return named;
        }
    }
}
