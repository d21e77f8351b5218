package app.zumbido.server.existing;

import app.zumbido.core.inspect.Findings;
import app.zumbido.core.inspect.FoundPage;
import app.zumbido.formats.existing.ExistingFile;
import app.zumbido.server.storage.BlobStore;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.function.Consumer;
import org.springframework.stereotype.Component;

/** What was found in files, walked through when asked for and kept for a while. */
@Component
class Inspections {
    /** Of all together; a use takes about half a kilobyte. */
    private static final long MOST_USES = 200_000;

    private final BlobStore blobs;
    private final Cache<String, Findings> findings = Caffeine.newBuilder()
            .maximumWeight(MOST_USES)
            .<String, Findings>weigher((blob, found) -> found.uses().size() + 1)
            .build();

    Inspections(BlobStore blobs) {
        this.blobs = blobs;
    }

    Findings of(String blob) {
        return findings.get(blob, name -> walk(name, page -> {}));
    }

    /** @param page is told of each page as it begins, and may throw to stop */
    Findings walk(String blob, Consumer<FoundPage> page) {
        try (ExistingFile file = ExistingFile.open(blobs.get(blob))) {
            Findings found = file.findings(page);
            findings.put(blob, found);
            return found;
        }
    }
}
