package app.zumbido.server.palette;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.BrandChange;
import app.zumbido.core.brand.Change;
import app.zumbido.core.brand.PaletteChange;
import app.zumbido.core.palette.HueFamily;
import app.zumbido.core.palette.Mood;
import app.zumbido.core.palette.ReadyPalette;
import app.zumbido.core.palette.Swatch;
import app.zumbido.server.answer.BrandResponse;
import app.zumbido.server.answer.SpecimenResponse;
import app.zumbido.server.http.IfMatch;
import app.zumbido.server.http.WireNames;
import app.zumbido.server.storage.Ids;
import app.zumbido.server.trail.BrandKeeper;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Palettes of our own making: looked for, tried on, taken. */
@RestController
@RequestMapping("/api")
class ReadyPaletteController {
    private final BrandKeeper keeper;
    private final Ids ids;

    ReadyPaletteController(BrandKeeper keeper, Ids ids) {
        this.keeper = keeper;
        this.ids = ids;
    }

    /**
     * @param text words of the name, the hue or a colour
     * @param colors how many a palette has
     */
    @GetMapping("/palettes")
    List<ReadyPaletteResponse> search(
            @RequestParam(defaultValue = "") @Size(max = 100) String text,
            @RequestParam(required = false) @Nullable HueFamily hue,
            @RequestParam(required = false) @Nullable Mood mood,
            @RequestParam(required = false) @Min(1) @Max(12) @Nullable Integer colors) {
        return ReadyPalette.all().stream()
                .filter(palette -> palette.speaksOf(text))
                .filter(palette -> hue == null || palette.hue() == hue)
                .filter(palette -> mood == null || palette.mood() == mood)
                .filter(palette -> colors == null || palette.colors().size() == colors)
                .map(ReadyPaletteResponse::of)
                .toList();
    }

    /** What the specimens look like in it; no brand is touched. */
    @GetMapping("/palettes/{palette}/specimen")
    SpecimenResponse specimen(@PathVariable String palette) {
        ReadyPalette ready = find(palette);
        Brand brand = Brand.begin(ids.next(), ready.name(), Optional.empty(), ids.next());
        return SpecimenResponse.of(brand.apply(draft(ready, brand)).look());
    }

    /** Its colours join the palette; of an empty brand they make the theme too. */
    @PostMapping("/brands/{id}/palettes/{palette}")
    ResponseEntity<BrandResponse> take(
            @PathVariable UUID id, @PathVariable String palette, @RequestHeader("If-Match") IfMatch ifMatch) {
        ReadyPalette ready = find(palette);
        return BrandResponse.answer(keeper.change(id, ifMatch, brand -> {
            boolean empty = brand.palette().swatches().isEmpty();
            return empty ? draft(ready, brand) : PaletteChange.AddSwatches.of(swatches(ready, brand));
        }));
    }

    private static ReadyPalette find(String id) {
        return ReadyPalette.find(id).orElseThrow(() -> new UnknownPaletteException(id));
    }

    private List<Swatch> swatches(ReadyPalette ready, Brand brand) {
        Set<String> names =
                brand.palette().swatches().stream().map(Swatch::name).collect(Collectors.toSet());
        return ready.swatches(names, ids::next);
    }

    private Change draft(ReadyPalette ready, Brand brand) {
        List<Swatch> swatches = swatches(ready, brand);
        return BrandChange.DraftBrand.of(brand, ready.name(), swatches);
    }

    /**
     * @param mood quiet, fresh, warm, deep, bright, earthy, soft or clear
     * @param hue red, orange, yellow, green, teal, blue, violet or pink
     */
    record ReadyPaletteResponse(String id, String name, String mood, String hue, List<ReadyColorResponse> colors) {
        static ReadyPaletteResponse of(ReadyPalette palette) {
            return new ReadyPaletteResponse(
                    palette.id(),
                    palette.name(),
                    WireNames.of(palette.mood()),
                    WireNames.of(palette.hue()),
                    palette.colors().stream().map(ReadyColorResponse::of).toList());
        }
    }

    record ReadyColorResponse(String name, String hex, String ink) {
        static ReadyColorResponse of(ReadyPalette.Color color) {
            return new ReadyColorResponse(
                    color.name(), color.color().hex(), color.color().ink().hex());
        }
    }
}
