package app.zumbido.server.existing;

import app.zumbido.formats.existing.FilePages;
import app.zumbido.server.source.DecodeGate;
import app.zumbido.server.storage.BlobStore;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import org.springframework.stereotype.Component;

/** Pages of files as pictures, drawn when asked for and kept for a while. */
@Component
class PagePictures {
    private static final long MOST_BYTES = 64L << 20;
    /** What a page with its pictures takes while it is drawn, by and large. */
    private static final long DRAWN_PIXELS = 8_000_000;

    private final BlobStore blobs;
    private final DecodeGate gate;
    private final Cache<Page, byte[]> drawn = Caffeine.newBuilder()
            .maximumWeight(MOST_BYTES)
            .<Page, byte[]>weigher((page, png) -> png.length)
            .build();

    private record Page(String blob, int number) {}

    PagePictures(BlobStore blobs, DecodeGate gate) {
        this.blobs = blobs;
        this.gate = gate;
    }

    /** @param number 1 for the first @return a PNG file */
    byte[] draw(ExistingFileRow row, int number) {
        if (number < 1 || number > row.pages()) {
            throw ExistingFileException.noSuchPage(number, row.pages());
        }
        return drawn.get(
                new Page(row.blob(), number),
                page -> gate.pass(
                        DRAWN_PIXELS,
                        () -> FilePages.draw(blobs.get(row.blob()), row.kind(), number)
                                .orElseThrow(() -> ExistingFileException.noSuchPage(number, row.pages()))));
    }
}
