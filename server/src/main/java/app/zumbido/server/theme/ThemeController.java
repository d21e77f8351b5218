package app.zumbido.server.theme;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.Look;
import app.zumbido.core.brand.ThemeChange;
import app.zumbido.core.palette.Paint;
import app.zumbido.core.palette.SwatchId;
import app.zumbido.core.theme.PageGround;
import app.zumbido.core.theme.Suggestion;
import app.zumbido.core.theme.SuggestionPolicy;
import app.zumbido.core.theme.Theme;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.server.answer.BrandResponse;
import app.zumbido.server.http.ETags;
import app.zumbido.server.http.Given;
import app.zumbido.server.http.IfMatch;
import app.zumbido.server.http.PlainName;
import app.zumbido.server.http.RevisionMissingException;
import app.zumbido.server.trail.BrandKeeper;
import app.zumbido.server.trail.KeptBrand;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Objects;
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
        return BrandResponse.answer(keeper.change(id, ifMatch, brand -> request.change(look(tid, brand), slot)));
    }

    /** The same, only looked at: nothing is kept. */
    @PostMapping("/slots/{slot}/preview")
    ResponseEntity<BrandResponse> preview(
            @PathVariable UUID id,
            @PathVariable(required = false) @Nullable UUID tid,
            @PathVariable String slot,
            @Valid @RequestBody SlotRequest request) {
        return BrandResponse.answer(keeper.preview(id, brand -> request.change(look(tid, brand), slot)));
    }

    /**
     * Suggests all twelve but those that are kept; with {@code apply} also sets them, which needs {@code If-Match}.
     *
     * <p>What is not said is as the theme has it; what is applied has it from then on.
     *
     * @param spare what stands in accents that the brand has no color for
     * @param highlight where the highlight stands among the accents
     * @param keep codes of slots that stay as they are
     */
    @PostMapping("/suggestion")
    ResponseEntity<SuggestionResponse> suggest(
            @PathVariable UUID id,
            @PathVariable(required = false) @Nullable UUID tid,
            @RequestParam(defaultValue = "false") boolean apply,
            @RequestParam(required = false) SuggestionPolicy.@Nullable Spare spare,
            @RequestParam(required = false) SuggestionPolicy.@Nullable LinkColors links,
            @RequestParam(required = false) SuggestionPolicy.@Nullable Highlight highlight,
            @RequestParam(required = false) @Nullable Set<String> keep,
            @RequestHeader(name = "If-Match", required = false) @Nullable IfMatch ifMatch) {
        PolicyRequest said = new PolicyRequest(spare, links, highlight, keep);
        if (!apply) {
            Look look = keeper.look(id, tid);
            return answer(look, suggestion(look, said.policy(look.theme())));
        }
        if (ifMatch == null) {
            throw new RevisionMissingException();
        }
        KeptBrand kept = keeper.change(id, ifMatch, brand -> {
            Look look = look(tid, brand);
            return ThemeChange.ApplySuggestion.of(look, said.policy(look.theme()));
        });
        // It does not depend on what stood in the slots, so it is the same again.
        Look filled = look(tid, kept.brand());
        return answer(filled, suggestion(filled, filled.theme().policy()));
    }

    private static Suggestion suggestion(Look look, SuggestionPolicy policy) {
        return Suggestion.of(look.palette(), look.roles(), look.theme(), policy);
    }

    /** Says what every suggestion for the theme heeds; what is not said stays. */
    @PutMapping("/policy")
    ResponseEntity<BrandResponse> setPolicy(
            @PathVariable UUID id,
            @PathVariable(required = false) @Nullable UUID tid,
            @RequestHeader("If-Match") IfMatch ifMatch,
            @Valid @RequestBody PolicyRequest request) {
        return BrandResponse.answer(keeper.change(id, ifMatch, brand -> {
            Look look = look(tid, brand);
            return new ThemeChange.SetPolicy(look.themeId(), request.policy(look.theme()));
        }));
    }

    /** Without an id the theme that is handed over first is meant. */
    private static Look look(@Nullable UUID tid, Brand brand) {
        return tid == null ? brand.look() : brand.look(tid);
    }

    private static ResponseEntity<SuggestionResponse> answer(Look look, Suggestion suggestion) {
        return ResponseEntity.ok()
                .eTag(ETags.of(look.brand().revision()))
                .body(SuggestionResponse.of(suggestion, look));
    }

    @PutMapping("/name")
    ResponseEntity<BrandResponse> rename(
            @PathVariable UUID id,
            @PathVariable(required = false) @Nullable UUID tid,
            @RequestHeader("If-Match") IfMatch ifMatch,
            @Valid @RequestBody ThemeName request) {
        return BrandResponse.answer(keeper.change(
                id,
                ifMatch,
                brand -> new ThemeChange.RenameTheme(
                        look(tid, brand).themeId(), request.name().strip())));
    }

    /** What the pages of the theme stand on. */
    @PutMapping("/ground")
    ResponseEntity<BrandResponse> turn(
            @PathVariable UUID id,
            @PathVariable(required = false) @Nullable UUID tid,
            @RequestHeader("If-Match") IfMatch ifMatch,
            @Valid @RequestBody GroundRequest request) {
        return BrandResponse.answer(keeper.change(
                id, ifMatch, brand -> new ThemeChange.SetGround(look(tid, brand).themeId(), request.ground())));
    }

    /** A swatch that the slot follows, or a color of its own, or neither: the slot is emptied. */
    record SlotRequest(
            @Nullable UUID swatchId,
            @Nullable @Size(max = 60) String hex) {
        ThemeChange change(Look look, String slot) {
            ThemeSlot filled = ThemeSlot.ofCode(slot).orElseThrow(() -> new UnknownSlotException(slot));
            return new ThemeChange.FillSlot(look.themeId(), filled, paint());
        }

        private Optional<Paint> paint() {
            if (swatchId != null) {
                return Optional.of(new Paint.OfSwatch(new SwatchId(swatchId)));
            }
            return Optional.ofNullable(hex).map(code -> new Paint.Fixed(Given.color(code)));
        }
    }

    /** @param keep codes of slots that stay as they are */
    record PolicyRequest(
            SuggestionPolicy.@Nullable Spare spare,
            SuggestionPolicy.@Nullable LinkColors links,
            SuggestionPolicy.@Nullable Highlight highlight,
            @Nullable @Size(max = 12) Set<String> keep) {
        SuggestionPolicy policy(Theme theme) {
            SuggestionPolicy before = theme.policy();
            return new SuggestionPolicy(
                    Objects.requireNonNullElse(spare, before.spare()),
                    Objects.requireNonNullElse(links, before.links()),
                    Objects.requireNonNullElse(highlight, before.highlight()),
                    keep == null
                            ? before.kept()
                            : keep.stream()
                                    .map(code ->
                                            ThemeSlot.ofCode(code).orElseThrow(() -> new UnknownSlotException(code)))
                                    .collect(Collectors.toSet()));
        }
    }

    record GroundRequest(@NotNull PageGround ground) {}

    record ThemeName(
            @NotNull @PlainName(max = Theme.LONGEST_NAME) String name) {}
}
