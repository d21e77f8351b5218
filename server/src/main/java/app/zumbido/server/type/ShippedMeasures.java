package app.zumbido.server.type;

import app.zumbido.core.type.Face;
import app.zumbido.core.type.StandIns;
import app.zumbido.formats.fonts.FontFace;
import app.zumbido.formats.fonts.ShippedFaces;
import app.zumbido.formats.fonts.ShippedFaces.Shipped;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** The faces that ship, read and measured once. That takes a second or two, so it begins as soon as the server answers. */
@Component
class ShippedMeasures {
    private final CompletableFuture<Map<String, FontFace>> reading = new CompletableFuture<>();
    private final CompletableFuture<StandIns> standIns = reading.thenApply(faces -> StandIns.among(measured(faces)));

    @EventListener(ApplicationReadyEvent.class)
    void begin() {
        Thread thread = new Thread(this::read, "shipped-faces");
        thread.setDaemon(true);
        thread.setPriority(Thread.MIN_PRIORITY);
        thread.start();
    }

    private void read() {
        try {
            Map<String, FontFace> faces = new LinkedHashMap<>();
            ShippedFaces.families()
                    .forEach(family ->
                            family.faces().forEach(file -> faces.put(file.id(), new Shipped(family, file).read())));
            reading.complete(faces);
        } catch (RuntimeException e) {
            reading.completeExceptionally(e);
        }
    }

    /** @return by id, in the order of the families */
    Map<String, FontFace> faces() {
        return reading.join();
    }

    StandIns standIns() {
        return standIns.join();
    }

    /** @return as they are listed: of the kind that the list says */
    static Face measured(Shipped shipped, FontFace face) {
        Face measured = face.measured();
        return new Face(
                shipped.family().family(),
                shipped.family().faceKind(),
                shipped.file().weight(),
                shipped.file().isItalic(),
                measured.metrics());
    }

    private static List<Face> measured(Map<String, FontFace> faces) {
        return faces.entrySet().stream()
                .map(entry -> measured(ShippedFaces.face(entry.getKey()).orElseThrow(), entry.getValue()))
                .toList();
    }
}
