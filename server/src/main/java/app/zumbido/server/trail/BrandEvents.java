package app.zumbido.server.trail;

import app.zumbido.server.http.EventStreams;
import java.util.UUID;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Tells every open window of a brand that it has a new revision. */
@Component
class BrandEvents {
    /** No brand has this id. */
    private static final UUID ALL = new UUID(0, 0);

    private final EventStreams streams;

    BrandEvents(EventStreams streams) {
        this.streams = streams;
    }

    SseEmitter open(UUID brand) {
        return streams.open(brand, SseEmitter.event().comment("open"));
    }

    /** Of every brand; one window listens for all that are open in a browser. */
    SseEmitter openAll() {
        return streams.open(ALL, SseEmitter.event().comment("open"));
    }

    /** @param brand which has the new revision */
    record Revision(UUID brand, long revision) {}

    @EventListener
    void tell(BrandChanged change) {
        streams.tell(ALL, "revision", new Revision(change.id(), change.revision()));
        streams.tell(change.id(), "revision", String.valueOf(change.revision()));
    }
}
