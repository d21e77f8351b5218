package app.zumbido.server.source;

import static org.mockito.Mockito.doReturn;

import app.zumbido.server.storage.BlobStore;
import app.zumbido.server.storage.Ids;
import app.zumbido.server.trail.BrandKeeper;
import app.zumbido.server.workshop.WorkshopHere;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mockito.Mock;
import org.mockito.junit.jupiter.MockitoExtension;
import org.springframework.transaction.support.TransactionOperations;

/** Sources over a mapper and files that a test decides about. */
@ExtendWith(MockitoExtension.class)
abstract class SourceTest {
    static final UUID BRAND = new UUID(1, 1);
    static final UUID SOURCE = new UUID(1, 2);
    static final String BLOB = "ab".repeat(32);
    static final Clock CLOCK = Clock.fixed(Instant.parse("2026-03-01T08:00:00Z"), ZoneOffset.UTC);

    @Mock
    SourceMapper mapper;

    @Mock
    BrandKeeper keeper;

    @Mock
    BlobStore blobs;

    SourceService service;
    Pictures pictures;

    @BeforeEach
    void build() {
        pictures = new Pictures(blobs, new DecodeGate(), new WorkshopHere());
        Listings listings = new Listings(blobs);
        Ids ids = new Ids(CLOCK);
        Drafts drafts = new Drafts(mapper, keeper, pictures, listings, ids);
        service = new SourceService(
                mapper,
                keeper,
                blobs,
                pictures,
                listings,
                drafts,
                ids,
                CLOCK,
                TransactionOperations.withoutTransaction());
    }

    void hold(byte[] file) {
        doReturn(new SourceRow(SOURCE, BRAND, "logo.png", "png", 200, 100, null, null, null, BLOB, CLOCK.instant()))
                .when(mapper)
                .find(BRAND, SOURCE);
        doReturn(file).when(blobs).get(BLOB);
    }
}
