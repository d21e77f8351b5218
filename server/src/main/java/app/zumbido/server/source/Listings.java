package app.zumbido.server.source;

import app.zumbido.core.inspect.Inventory;
import app.zumbido.server.storage.BlobStore;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import org.springframework.stereotype.Component;

/** What files list, read when asked for and kept for a while. */
@Component
class Listings {
    private static final long MOST = 32;

    private final BlobStore blobs;
    private final Cache<String, Inventory> inventories =
            Caffeine.newBuilder().maximumSize(MOST).build();

    Listings(BlobStore blobs) {
        this.blobs = blobs;
    }

    /** @throws WrongKindOfSourceException if it is a picture */
    Inventory inventory(SourceRow row) {
        if (row.hasPicture()) {
            throw new WrongKindOfSourceException(row.name() + " is a picture; its colours are proposed");
        }
        return inventories.get(row.blob(), blob -> read(row));
    }

    private Inventory read(SourceRow row) {
        if (SourceFile.allOf(blobs.get(row.blob())).get(0) instanceof SourceFile.Listing listing) {
            return listing.inventory();
        }
        throw new IllegalStateException(row.id() + " was kept as a listing and is none");
    }
}
