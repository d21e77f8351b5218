package app.zumbido.server.existing;

import app.zumbido.core.inspect.Findings;
import app.zumbido.core.inspect.FoundPage;
import app.zumbido.formats.existing.ExistingFile;
import app.zumbido.server.source.DecodeGate;
import app.zumbido.server.storage.BlobStore;
import app.zumbido.server.workshop.HeapShare;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.function.Consumer;
import org.springframework.stereotype.Component;

/** What was found in files, walked through when asked for and kept for a while. */
@Component
class Inspections {
    /** Of all together; a use takes about a kilobyte. */
    private static final long MOST_USES = Math.min(60_000, HeapShare.bytes(0.04) / 1_000);

    private final BlobStore blobs;
    private final DecodeGate gate;
    private final Cache<String, Findings> findings = Caffeine.newBuilder()
            .maximumWeight(MOST_USES)
            .<String, Findings>weigher((blob, found) -> found.uses().size() + 1)
            .build();

    Inspections(BlobStore blobs, DecodeGate gate) {
        this.gate = gate;
        this.blobs = blobs;
    }

    Findings of(String blob) {
        return findings.get(blob, name -> read(name, page -> {}));
    }

    /** Remembers what was found in a file that has just come in. */
    void keep(String blob, Findings found) {
        findings.put(blob, found);
    }

    /** @param page is told of each page as it begins, and may throw to stop */
    void walk(String blob, Consumer<FoundPage> page) {
        if (findings.getIfPresent(blob) == null) {
            keep(blob, read(blob, page));
        }
    }

    private Findings read(String blob, Consumer<FoundPage> page) {
        byte[] content = blobs.get(blob);
        return gate.holding(content, () -> {
            try (ExistingFile file = ExistingFile.open(content)) {
                return file.findings(page);
            }
        });
    }
}
