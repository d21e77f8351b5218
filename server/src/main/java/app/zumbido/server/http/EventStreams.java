package app.zumbido.server.http;

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
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter.SseEventBuilder;

/** Windows that listen to what becomes of something, by its id. Source: HTML Living Standard, 9.2. */
@Component
public class EventStreams {
    private static final long HEARTBEAT_MILLIS = 20_000;
    private static final long NEVER = 0;

    private final Map<UUID, List<SseEmitter>> listeners = new ConcurrentHashMap<>();

    /** @param first what is told at once */
    public SseEmitter open(UUID subject, SseEventBuilder first) {
        SseEmitter emitter = new SseEmitter(NEVER);
        List<SseEmitter> others = listeners.computeIfAbsent(subject, id -> new CopyOnWriteArrayList<>());
        others.add(emitter);
        emitter.onCompletion(() -> others.remove(emitter));
        emitter.onError(error -> others.remove(emitter));
        if (!sent(emitter, first)) {
            others.remove(emitter);
        }
        return emitter;
    }

    /** Tells it to every window that listens; those that have gone are forgotten. */
    public void tell(UUID subject, String name, Object data) {
        List<SseEmitter> open = listeners.getOrDefault(subject, new CopyOnWriteArrayList<>());
        open.removeIf(emitter -> !sent(emitter, SseEmitter.event().name(name).data(data)));
    }

    /** Nothing more will be told. */
    public void end(UUID subject) {
        List<SseEmitter> open = listeners.remove(subject);
        if (open != null) {
            open.forEach(SseEmitter::complete);
        }
    }

    /** A closed window is noticed only by writing to it. */
    @Scheduled(fixedRate = HEARTBEAT_MILLIS)
    void beat() {
        listeners
                .values()
                .forEach(open -> open.removeIf(
                        emitter -> !sent(emitter, SseEmitter.event().comment("still here"))));
    }

    /** An open stream would hold up the end of the server. */
    @EventListener(ContextClosedEvent.class)
    void close() {
        listeners.values().forEach(open -> open.forEach(SseEmitter::complete));
    }

    /** @return false if the window has gone; the container ends its request by itself then */
    private static boolean sent(SseEmitter emitter, SseEventBuilder event) {
        try {
            emitter.send(event);
            return true;
        } catch (IOException | RuntimeException e) {
            return false;
        }
    }
}
