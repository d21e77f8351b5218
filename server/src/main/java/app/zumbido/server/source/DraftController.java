package app.zumbido.server.source;

import app.zumbido.server.answer.BrandResponse;
import app.zumbido.server.http.IfMatch;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** A brand as its files show it. */
@RestController
@RequestMapping("/api/brands/{id}/draft")
class DraftController {
    private final SourceService sources;
    private final Drafts drafts;

    DraftController(SourceService sources, Drafts drafts) {
        this.sources = sources;
        this.drafts = drafts;
    }

    /** Palette and theme of an empty brand from one picture, as one step. */
    @PostMapping
    ResponseEntity<BrandResponse> draft(
            @PathVariable UUID id,
            @RequestHeader("If-Match") IfMatch ifMatch,
            @Valid @RequestBody DraftRequest request) {
        return BrandResponse.answer(drafts.draft(id, sources.find(id, request.sourceId()), ifMatch));
    }

    /**
     * Drafts the brand anew from some of its files, as one step. What is found again stays as it is; what came from a file and
     * is not found any more goes.
     */
    @PostMapping("/again")
    ResponseEntity<BrandResponse> draftAgain(
            @PathVariable UUID id,
            @RequestHeader("If-Match") IfMatch ifMatch,
            @Valid @RequestBody DraftAgainRequest request) {
        return BrandResponse.answer(drafts.draftAgain(id, rows(id, request), ifMatch));
    }

    /** The same, only looked at: nothing is kept. */
    @PostMapping("/again/preview")
    ResponseEntity<BrandResponse> lookAtDraft(@PathVariable UUID id, @Valid @RequestBody DraftAgainRequest request) {
        return BrandResponse.answer(drafts.lookAt(id, rows(id, request)));
    }

    private List<SourceRow> rows(UUID id, DraftAgainRequest request) {
        return request.sourceIds().stream()
                .map(source -> sources.find(id, source))
                .toList();
    }

    record DraftRequest(@NotNull UUID sourceId) {}

    /** @param sourceIds the most important first */
    record DraftAgainRequest(@NotEmpty @Size(max = 24) List<@NotNull UUID> sourceIds) {}
}
