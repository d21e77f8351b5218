package app.zumbido.server.source;

import app.zumbido.core.type.NamedFonts;
import app.zumbido.server.storage.BlobStore;
import app.zumbido.server.workshop.Workshop;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** Which fonts manuals mean, read when asked for and kept for a while: every page of one asks the same. */
@Service
class ManualFonts {
    private static final long MOST = 32;
    /** The kind of a source that is one page of several. */
    private static final String MANUAL = "pdf";

    private final SourceService sources;
    private final BlobStore blobs;
    private final Workshop workshop;
    private final Cache<String, Optional<NamedFonts.Pair>> meant =
            Caffeine.newBuilder().maximumSize(MOST).build();

    ManualFonts(SourceService sources, BlobStore blobs, Workshop workshop) {
        this.workshop = workshop;
        this.sources = sources;
        this.blobs = blobs;
    }

    /** @return nothing of what is no document with pages, or means no font */
    Optional<NamedFonts.Pair> of(UUID brandId, UUID sourceId) {
        SourceRow row = sources.find(brandId, sourceId);
        return row.kind().equals(MANUAL) ? meant.get(row.blob(), this::read) : Optional.empty();
    }

    private Optional<NamedFonts.Pair> read(String blob) {
        ReadManual.Meant meant = workshop.run(new ReadManual(blobs.get(blob)));
        return meant.heading() == null || meant.body() == null
                ? Optional.empty()
                : Optional.of(new NamedFonts.Pair(meant.heading(), meant.body()));
    }
}
