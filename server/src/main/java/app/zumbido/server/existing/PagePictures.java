package app.zumbido.server.existing;

import app.zumbido.formats.existing.FilePages;
import app.zumbido.server.source.DecodeGate;
import app.zumbido.server.storage.BlobStore;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;

/** Pages of files as pictures, as they are and as they would be; made when asked for and kept for a while. */
@Component
class PagePictures {
    private static final long MOST_PICTURES = 64L << 20;
    private static final long MOST_CHANGED = 64L << 20;
    /** What a page with its pictures takes while it is drawn, by and large. */
    private static final long DRAWN_PIXELS = 8_000_000;

    private final BlobStore blobs;
    private final DecodeGate gate;
    private final Cache<Page, byte[]> drawn = Caffeine.newBuilder()
            .maximumWeight(MOST_PICTURES)
            .<Page, byte[]>weigher((page, png) -> png.length)
            .build();
    /** Files as they would be, by what they are made of. */
    private final Cache<String, byte[]> changed = Caffeine.newBuilder()
            .maximumWeight(MOST_CHANGED)
            .<String, byte[]>weigher((key, file) -> file.length)
            .build();

    private record Page(String file, int number) {}

    PagePictures(BlobStore blobs, DecodeGate gate) {
        this.blobs = blobs;
        this.gate = gate;
    }

    /** @param number 1 for the first @return a PNG file */
    byte[] draw(ExistingFileRow row, int number) {
        return draw(row, row.blob(), number, () -> blobs.get(row.blob()));
    }

    /**
     * @param key tells what would be changed from everything else that could be
     * @param change makes the file as it would be
     * @return a PNG file
     */
    byte[] draw(ExistingFileRow row, String key, int number, Supplier<byte[]> change) {
        if (number < 1 || number > row.pages()) {
            throw ExistingFileException.noSuchPage(number, row.pages());
        }
        Page page = new Page(row.blob() + key, number);
        byte[] known = drawn.getIfPresent(page);
        if (known != null) {
            return known;
        }
        byte[] file = key.equals(row.blob()) ? change.get() : changed.get(page.file(), name -> change.get());
        byte[] png = gate.pass(
                DRAWN_PIXELS,
                () -> FilePages.draw(file, row.kind(), number)
                        .orElseThrow(() -> ExistingFileException.noSuchPage(number, row.pages())));
        drawn.put(page, png);
        return png;
    }
}
