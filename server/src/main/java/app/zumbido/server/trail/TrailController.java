package app.zumbido.server.trail;

import app.zumbido.core.brand.Brand;
import app.zumbido.server.shelf.BrandResponse;
import app.zumbido.server.theme.SpecimenResponse;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

@RestController
@RequestMapping("/api/brands/{id}")
class TrailController {
    private final BrandKeeper keeper;

    private final BrandEvents events;

    TrailController(BrandKeeper keeper, BrandEvents events) {
        this.keeper = keeper;
        this.events = events;
    }

    /** An event {@code revision} with the new number after every change, whoever made it. */
    @GetMapping(path = "/events", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter events(@PathVariable UUID id) {
        keeper.load(id);
        return events.open(id);
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

    /** Goes to any step on the trail. */
    @PostMapping("/trail/{revision}/return")
    ResponseEntity<BrandResponse> goTo(
            @PathVariable UUID id, @PathVariable long revision, @RequestHeader("If-Match") IfMatch ifMatch) {
        return BrandResponse.answer(keeper.goTo(id, ifMatch, revision));
    }

    /**
     * What the specimens looked like after a step.
     *
     * @param theme the one that is meant; the first of that time, if it is absent or was not there yet
     */
    @GetMapping("/trail/{revision}/specimen")
    SpecimenResponse specimen(
            @PathVariable UUID id, @PathVariable long revision, @RequestParam(required = false) @Nullable UUID theme) {
        Brand brand = keeper.asOf(id, revision);
        boolean there = theme != null && brand.themes().find(theme).isPresent();
        return SpecimenResponse.of(there ? brand.seenIn(theme) : brand);
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
}
