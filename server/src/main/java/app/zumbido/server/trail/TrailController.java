package app.zumbido.server.trail;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import java.time.Instant;
import java.util.List;
import java.util.OptionalLong;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** The history of a brand, page by page, and word of what is added to it. */
@RestController
@RequestMapping("/api/brands/{id}")
class TrailController {
    private static final int MOST_AT_ONCE = 500;

    private final BrandKeeper keeper;
    private final BrandEvents events;

    TrailController(BrandKeeper keeper, BrandEvents events) {
        this.keeper = keeper;
        this.events = events;
    }

    /** An event {@code revision} with the new number after every change, whoever made it. */
    @GetMapping(path = "/events", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter events(@PathVariable UUID id) {
        keeper.require(id);
        return events.open(id);
    }

    /**
     * A page of the trail.
     *
     * @param before only what lies before this step; absent: the newest steps
     * @param most how many steps
     */
    @GetMapping("/trail")
    TrailResponse trail(
            @PathVariable UUID id,
            @RequestParam(required = false) @Nullable Long before,
            @RequestParam(defaultValue = "100") @Min(1) @Max(MOST_AT_ONCE) int most) {
        OptionalLong end = before == null ? OptionalLong.empty() : OptionalLong.of(before);
        return TrailResponse.of(keeper.trail(id, end, most));
    }

    /**
     * @param steps oldest first
     * @param cursor revision of the step whose state is shown
     * @param more whether older steps lie before these
     */
    record TrailResponse(List<StepResponse> steps, long cursor, boolean more) {
        static TrailResponse of(Trail trail) {
            return new TrailResponse(
                    trail.steps().stream().map(StepResponse::of).toList(), trail.cursor(), trail.more());
        }
    }

    /** @param done false if the step is undone at present */
    record StepResponse(long revision, Instant madeAt, boolean done, NoteResponse note) {
        static StepResponse of(Trail.Step step) {
            return new StepResponse(step.revision(), step.madeAt(), step.done(), NoteResponse.of(step.note()));
        }
    }
}
