package app.zumbido.server.source;

import app.zumbido.server.storage.BlobStore;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Clears files away that no source names any more, once at start-up. */
@Component
class BlobSweep {
    private final SourceMapper sources;
    private final BlobStore blobs;

    BlobSweep(SourceMapper sources, BlobStore blobs) {
        this.sources = sources;
        this.blobs = blobs;
    }

    @EventListener(ApplicationReadyEvent.class)
    void sweep() {
        blobs.clear(sources.blobs());
    }
}
