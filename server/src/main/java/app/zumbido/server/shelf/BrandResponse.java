package app.zumbido.server.shelf;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.ShortCode;
import app.zumbido.server.palette.SwatchResponse;
import app.zumbido.server.theme.SpecimenResponse;
import app.zumbido.server.theme.ThemeResponse;
import app.zumbido.server.trail.ETags;
import app.zumbido.server.trail.KeptBrand;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;

/**
 * The whole brand as the page shows it.
 *
 * @param proposedShortCode what the name suggests; empty if nothing
 */
public record BrandResponse(
        UUID id,
        String name,
        @Nullable String shortCode,
        String proposedShortCode,
        long revision,
        boolean canUndo,
        boolean canRedo,
        List<SwatchResponse> swatches,
        ThemeResponse theme,
        SpecimenResponse specimen) {
    public static BrandResponse of(KeptBrand kept) {
        Brand brand = kept.brand();
        return new BrandResponse(
                brand.id(),
                brand.name(),
                brand.shortCode().orElse(null),
                ShortCode.propose(brand.name()),
                brand.revision(),
                kept.canUndo(),
                kept.canRedo(),
                brand.palette().swatches().stream()
                        .map(swatch -> SwatchResponse.of(swatch, brand.roles()))
                        .toList(),
                ThemeResponse.of(brand),
                SpecimenResponse.of(brand));
    }

    /** @return 200 with the brand and its revision as ETag */
    public static ResponseEntity<BrandResponse> answer(KeptBrand kept) {
        return ResponseEntity.ok().eTag(ETags.of(kept.brand().revision())).body(of(kept));
    }
}
