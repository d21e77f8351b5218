package app.zumbido.server.trail;

import app.zumbido.core.brand.ChangeKind;
import app.zumbido.core.brand.TrailNote;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.server.shelf.BrandResponse;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/brands/{id}")
class TrailController {
    private final BrandKeeper keeper;

    TrailController(BrandKeeper keeper) {
        this.keeper = keeper;
    }

    @GetMapping("/trail")
    TrailResponse trail(@PathVariable UUID id) {
        return TrailResponse.of(keeper.trail(id));
    }

    @PostMapping("/undo")
    ResponseEntity<BrandResponse> undo(@PathVariable UUID id, @RequestHeader("If-Match") IfMatch ifMatch) {
        return BrandResponse.answer(keeper.undo(id, ifMatch));
    }

    @PostMapping("/redo")
    ResponseEntity<BrandResponse> redo(@PathVariable UUID id, @RequestHeader("If-Match") IfMatch ifMatch) {
        return BrandResponse.answer(keeper.redo(id, ifMatch));
    }

    /** @param cursor revision of the step whose state is shown */
    record TrailResponse(List<StepResponse> steps, long cursor) {
        static TrailResponse of(Trail trail) {
            return new TrailResponse(
                    trail.steps().stream().map(StepResponse::of).toList(), trail.cursor());
        }
    }

    /** @param done false if the step is undone at present */
    record StepResponse(long revision, Instant madeAt, boolean done, NoteResponse note) {
        static StepResponse of(Trail.Step step) {
            return new StepResponse(step.revision(), step.madeAt(), step.done(), NoteResponse.of(step.note()));
        }
    }

    /** What a step was, as values; the page words it. */
    record NoteResponse(
            ChangeKind kind,
            int count,
            @Nullable String subject,
            @Nullable String hex,
            @Nullable String slot,
            @Nullable String from,
            @Nullable String to) {
        static NoteResponse of(TrailNote note) {
            return new NoteResponse(
                    note.kind(),
                    note.count(),
                    note.subject().orElse(null),
                    note.color().map(Rgb::hex).orElse(null),
                    note.slot().map(ThemeSlot::code).orElse(null),
                    note.from().orElse(null),
                    note.to().orElse(null));
        }
    }
}
