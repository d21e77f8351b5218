package app.zumbido.server.trail;

import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Word of what is changed, whichever brand it is. */
@RestController
class EventsController {
    private final BrandEvents events;

    EventsController(BrandEvents events) {
        this.events = events;
    }

    /** An event {@code revision} with the brand's id and its new number after every change, whoever made it. */
    @GetMapping(path = "/api/events", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter all() {
        return events.openAll();
    }
}
