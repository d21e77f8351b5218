package app.zumbido.server.trail;

import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Tells every open window of a brand that it has a new revision. Source: HTML Living Standard, 9.2. */
@Component
class BrandEvents {
    private static final long HEARTBEAT_MILLIS = 20_000;
    private static final long NEVER = 0;

    private final Map<UUID, List<SseEmitter>> windows = new ConcurrentHashMap<>();

    SseEmitter open(UUID brand) {
        SseEmitter emitter = new SseEmitter(NEVER);
        List<SseEmitter> others = windows.computeIfAbsent(brand, id -> new CopyOnWriteArrayList<>());
        others.add(emitter);
        emitter.onCompletion(() -> others.remove(emitter));
        emitter.onError(error -> others.remove(emitter));
        if (!sent(emitter, SseEmitter.event().comment("open"))) {
            others.remove(emitter);
        }
        return emitter;
    }

    @EventListener
    void tell(BrandChanged change) {
        List<SseEmitter> open = windows.getOrDefault(change.id(), new CopyOnWriteArrayList<>());
        open.removeIf(
                emitter -> !sent(emitter, SseEmitter.event().name("revision").data(String.valueOf(change.revision()))));
    }

    /** A closed window is noticed only by writing to it. */
    @Scheduled(fixedRate = HEARTBEAT_MILLIS)
    void beat() {
        windows.values()
                .forEach(open -> open.removeIf(
                        emitter -> !sent(emitter, SseEmitter.event().comment("still here"))));
    }

    /** An open stream would hold up the end of the server. */
    @EventListener(ContextClosedEvent.class)
    void close() {
        windows.values().forEach(open -> open.forEach(SseEmitter::complete));
    }

    /** @return false if the window has gone; the container ends its request by itself then */
    private static boolean sent(SseEmitter emitter, SseEmitter.SseEventBuilder event) {
        try {
            emitter.send(event);
            return true;
        } catch (IOException | RuntimeException e) {
            return false;
        }
    }
}
