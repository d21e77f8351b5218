package app.zumbido.server.guide;

import app.zumbido.core.brand.GuideChange;
import app.zumbido.core.brand.Look;
import app.zumbido.core.guide.SectionKind;
import app.zumbido.formats.guide.Guide;
import app.zumbido.server.answer.BrandResponse;
import app.zumbido.server.delivery.BrandFiles;
import app.zumbido.server.http.IfMatch;
import app.zumbido.server.trail.BrandKeeper;
import jakarta.validation.Valid;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The style guide as it prints, and what is decided about it. */
@RestController
@RequestMapping("/api/brands/{id}/guide")
class GuideController {
    private final BrandKeeper keeper;
    private final BrandFiles files;

    GuideController(BrandKeeper keeper, BrandFiles files) {
        this.keeper = keeper;
        this.files = files;
    }

    /**
     * The guide of the brand as it stands: every section with what it lacks, and every page with all that is drawn on it.
     * Lengths are points, from the upper left corner of a page downwards.
     *
     * @param theme the one that it is made in; absent: the one that is handed over first
     * @param onePage whether only the most important of it is laid out, on one page
     */
    @GetMapping
    GuideResponse guide(
            @PathVariable UUID id,
            @RequestParam(required = false) @Nullable UUID theme,
            @RequestParam(defaultValue = "false") boolean onePage) {
        Look look = keeper.look(id, theme);
        return GuideResponse.of(
                Guide.of(look, files.assets(look.brand()), look.brand().guide().sheet(), onePage));
    }

    /** Chooses what it is laid out on. */
    @PutMapping("/sheet")
    ResponseEntity<BrandResponse> sheet(
            @PathVariable UUID id,
            @RequestHeader("If-Match") IfMatch ifMatch,
            @Valid @RequestBody GuideRequests.GuideSheetRequest request) {
        return BrandResponse.answer(keeper.change(id, ifMatch, brand -> new GuideChange.LayGuideOn(request.sheet())));
    }

    /** Shows a section or leaves it out, sizes it, gives it a title and a note; what is absent stays as it is. */
    @PutMapping("/sections/{section}")
    ResponseEntity<BrandResponse> section(
            @PathVariable UUID id,
            @PathVariable SectionKind section,
            @RequestHeader("If-Match") IfMatch ifMatch,
            @Valid @RequestBody GuideRequests.GuideSectionRequest request) {
        return BrandResponse.answer(keeper.change(
                id,
                ifMatch,
                brand ->
                        new GuideChange.SetSection(request.changed(brand.guide().get(section)))));
    }

    /** Moves a section. */
    @PutMapping("/sections/{section}/place")
    ResponseEntity<BrandResponse> place(
            @PathVariable UUID id,
            @PathVariable SectionKind section,
            @RequestHeader("If-Match") IfMatch ifMatch,
            @Valid @RequestBody GuideRequests.SectionPlaceRequest request) {
        return BrandResponse.answer(keeper.change(id, ifMatch, brand -> request.of(section)));
    }

    /** Says what the brand says of itself. */
    @PutMapping("/words")
    ResponseEntity<BrandResponse> words(
            @PathVariable UUID id,
            @RequestHeader("If-Match") IfMatch ifMatch,
            @Valid @RequestBody GuideRequests.GuideWordsRequest request) {
        return BrandResponse.answer(keeper.change(id, ifMatch, brand -> new GuideChange.WordGuide(request.words())));
    }

    /** Chooses the mood pictures, in their order. */
    @PutMapping("/mood")
    ResponseEntity<BrandResponse> mood(
            @PathVariable UUID id,
            @RequestHeader("If-Match") IfMatch ifMatch,
            @Valid @RequestBody GuideRequests.GuideMoodRequest request) {
        return BrandResponse.answer(
                keeper.change(id, ifMatch, brand -> new GuideChange.SetMood(request.chosen(), request.byHand())));
    }
}
