package app.zumbido.server.theme;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.Change;
import app.zumbido.core.brand.ThemeChange;
import app.zumbido.core.palette.SwatchId;
import app.zumbido.core.theme.PageGround;
import app.zumbido.core.theme.SlotFill;
import app.zumbido.core.theme.Suggestion;
import app.zumbido.core.theme.SuggestionPolicy;
import app.zumbido.core.theme.Theme;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.server.problem.Given;
import app.zumbido.server.problem.PlainName;
import app.zumbido.server.shelf.BrandResponse;
import app.zumbido.server.trail.BrandKeeper;
import app.zumbido.server.trail.ETags;
import app.zumbido.server.trail.IfMatch;
import app.zumbido.server.trail.KeptBrand;
import app.zumbido.server.trail.RevisionMissingException;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What stands in the slots of a theme: of the one that is handed over first, or of any by its id. */
@RestController
@RequestMapping({"/api/brands/{id}/theme", "/api/brands/{id}/themes/{tid}"})
class ThemeController {
    private final BrandKeeper keeper;

    ThemeController(BrandKeeper keeper) {
        this.keeper = keeper;
    }

    @PutMapping("/slots/{slot}")
    ResponseEntity<BrandResponse> fill(
            @PathVariable UUID id,
            @PathVariable(required = false) @Nullable UUID tid,
            @PathVariable String slot,
            @RequestHeader("If-Match") IfMatch ifMatch,
            @Valid @RequestBody SlotRequest request) {
        Change change = in(tid, request.change(slot));
        return BrandResponse.answer(keeper.change(id, ifMatch, brand -> change));
    }

    /** The same, only looked at: nothing is kept. */
    @PostMapping("/slots/{slot}/preview")
    ResponseEntity<BrandResponse> preview(
            @PathVariable UUID id,
            @PathVariable(required = false) @Nullable UUID tid,
            @PathVariable String slot,
            @Valid @RequestBody SlotRequest request) {
        return BrandResponse.answer(keeper.preview(id, in(tid, request.change(slot))));
    }

    /**
     * Suggests all twelve but those that are kept; with {@code apply} also sets them, which needs {@code If-Match}.
     *
     * @param spare what stands in accents that the brand has no color for
     * @param keep codes of slots that stay as they are
     */
    @PostMapping("/suggestion")
    ResponseEntity<SuggestionResponse> suggest(
            @PathVariable UUID id,
            @PathVariable(required = false) @Nullable UUID tid,
            @RequestParam(defaultValue = "false") boolean apply,
            @RequestParam(defaultValue = "DERIVE") SuggestionPolicy.Spare spare,
            @RequestParam(defaultValue = "BRAND") SuggestionPolicy.LinkColors links,
            @RequestParam(defaultValue = "") Set<String> keep,
            @RequestHeader(name = "If-Match", required = false) @Nullable IfMatch ifMatch) {
        SuggestionPolicy policy = new SuggestionPolicy(
                spare,
                links,
                keep.stream()
                        .map(code -> ThemeSlot.ofCode(code).orElseThrow(() -> new UnknownSlotException(code)))
                        .collect(Collectors.toSet()));
        if (!apply) {
            Brand brand = seenIn(tid, keeper.load(id).brand());
            return answer(brand, suggestion(brand, policy));
        }
        if (ifMatch == null) {
            throw new RevisionMissingException();
        }
        KeptBrand kept = keeper.change(
                id,
                ifMatch,
                brand -> in(
                        tid,
                        new ThemeChange.ApplySuggestion(
                                suggestion(seenIn(tid, brand), policy).settings())));
        // It does not depend on what stood in the slots, so it is the same again.
        Brand filled = seenIn(tid, kept.brand());
        return answer(filled, suggestion(filled, policy));
    }

    private static Suggestion suggestion(Brand brand, SuggestionPolicy policy) {
        return Suggestion.of(brand.palette(), brand.roles(), brand.theme().ground(), policy);
    }

    /** Without an id the theme that is handed over first is meant. */
    private static Brand seenIn(@Nullable UUID tid, Brand brand) {
        return tid == null ? brand : brand.seenIn(tid);
    }

    private static Change in(@Nullable UUID tid, ThemeChange change) {
        return tid == null ? change : new ThemeChange.InTheme(tid, change);
    }

    private static ResponseEntity<SuggestionResponse> answer(Brand brand, Suggestion suggestion) {
        return ResponseEntity.ok().eTag(ETags.of(brand.revision())).body(SuggestionResponse.of(suggestion, brand));
    }

    @PutMapping("/name")
    ResponseEntity<BrandResponse> rename(
            @PathVariable UUID id,
            @PathVariable(required = false) @Nullable UUID tid,
            @RequestHeader("If-Match") IfMatch ifMatch,
            @Valid @RequestBody ThemeName request) {
        Change change = in(tid, new ThemeChange.RenameTheme(request.name().strip()));
        return BrandResponse.answer(keeper.change(id, ifMatch, brand -> change));
    }

    /** What the pages of the theme stand on. */
    @PutMapping("/ground")
    ResponseEntity<BrandResponse> turn(
            @PathVariable UUID id,
            @PathVariable(required = false) @Nullable UUID tid,
            @RequestHeader("If-Match") IfMatch ifMatch,
            @Valid @RequestBody GroundRequest request) {
        Change change = in(tid, new ThemeChange.SetGround(request.ground()));
        return BrandResponse.answer(keeper.change(id, ifMatch, brand -> change));
    }

    /** A swatch that the slot follows, or a color of its own, or neither: the slot is emptied. */
    record SlotRequest(
            @Nullable UUID swatchId,
            @Nullable @Size(max = 60) String hex) {
        ThemeChange change(String slot) {
            ThemeSlot filled = ThemeSlot.ofCode(slot).orElseThrow(() -> new UnknownSlotException(slot));
            return new ThemeChange.FillSlot(filled, fill());
        }

        private SlotFill fill() {
            if (swatchId != null) {
                return new SlotFill.OfSwatch(new SwatchId(swatchId));
            }
            return Optional.ofNullable(hex)
                    .<SlotFill>map(code -> new SlotFill.Fixed(Given.color(code)))
                    .orElse(SlotFill.EMPTY);
        }
    }

    record GroundRequest(@NotNull PageGround ground) {}

    record ThemeName(
            @NotNull @PlainName(max = Theme.LONGEST_NAME) String name) {}
}
