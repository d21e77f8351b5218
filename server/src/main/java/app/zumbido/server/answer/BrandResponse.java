package app.zumbido.server.answer;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.ShortCode;
import app.zumbido.core.palette.Group;
import app.zumbido.server.http.ETags;
import app.zumbido.server.trail.KeptBrand;
import app.zumbido.server.trail.Preview;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;

/**
 * The whole brand as the page shows it.
 *
 * @param groups every part of the palette in its order, the empty ones too
 * @param themes all of them, the one that is handed over first at first
 * @param type how it is set
 * @param logos its logo, and what else belongs to it
 * @param template how its presentation template is made
 * @param palettes the name of the one that all of this stands on, and the others
 * @param consequences what would follow; only where a change is looked at before it is made
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
        List<GroupResponse> groups,
        List<RemarkResponse> remarks,
        RolesResponse roles,
        List<ThemeResponse> themes,
        TypeResponse type,
        LogosResponse logos,
        TemplateResponse template,
        AlternativesResponse palettes,
        @Nullable ConsequencesResponse consequences) {
    public static BrandResponse of(KeptBrand kept) {
        return of(kept, null);
    }

    private static BrandResponse of(KeptBrand kept, @Nullable ConsequencesResponse consequences) {
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
                brand.palette().groups().stream().map(GroupResponse::of).toList(),
                RemarkResponse.of(brand.palette()),
                RolesResponse.of(brand),
                ThemeResponse.allOf(brand),
                TypeResponse.of(brand.type()),
                LogosResponse.of(brand),
                TemplateResponse.of(brand.template()),
                AlternativesResponse.of(brand),
                consequences);
    }

    /** @return 200 with the brand and its revision as ETag */
    public static ResponseEntity<BrandResponse> answer(KeptBrand kept) {
        return ResponseEntity.ok().eTag(ETags.of(kept.brand().revision())).body(of(kept));
    }

    /** @return 200 with what a change would make of the brand and everything that would follow */
    public static ResponseEntity<BrandResponse> answer(Preview preview) {
        return answer(preview, true);
    }

    /** @param inside whether the colour is what was asked for */
    public static ResponseEntity<BrandResponse> answer(Preview preview, boolean inside) {
        KeptBrand after = preview.after();
        // No entity tag: what is shown is no state of the brand.
        return ResponseEntity.ok().body(of(after, ConsequencesResponse.of(preview.consequences(), inside)));
    }

    /** @param own whether the brand made it itself, so that it can be renamed and taken away */
    record GroupResponse(String name, boolean own) {
        static GroupResponse of(Group group) {
            return new GroupResponse(group.name(), group.isOwn());
        }
    }
}
