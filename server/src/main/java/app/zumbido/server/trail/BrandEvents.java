package app.zumbido.server.trail;

import app.zumbido.server.http.EventStreams;
import java.util.UUID;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Tells every open window of a brand that it has a new revision. */
@Component
class BrandEvents {
    private final EventStreams streams;

    BrandEvents(EventStreams streams) {
        this.streams = streams;
    }

    SseEmitter open(UUID brand) {
        return streams.open(brand, SseEmitter.event().comment("open"));
    }

    @EventListener
    void tell(BrandChanged change) {
        streams.tell(change.id(), "revision", String.valueOf(change.revision()));
    }
}
