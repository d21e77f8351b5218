package app.zumbido.server.storage;

import java.time.Clock;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Clears files away that nobody holds any more, once at start-up. */
@Component
class BlobSweep {
    private final List<BlobHolder> holders;
    private final BlobStore blobs;
    private final Clock clock;

    BlobSweep(List<BlobHolder> holders, BlobStore blobs, Clock clock) {
        this.clock = clock;
        this.holders = holders;
        this.blobs = blobs;
    }

    @EventListener(ApplicationReadyEvent.class)
    void sweep() {
        Set<String> held =
                holders.stream().flatMap(holder -> holder.heldBlobs().stream()).collect(Collectors.toSet());
        blobs.clear(held, clock.instant());
    }
}
