package app.zumbido.server.existing;

import app.zumbido.core.inspect.Findings;
import app.zumbido.formats.existing.ExistingFile;
import app.zumbido.formats.existing.FilePages;
import app.zumbido.formats.ooxml.DrawnPage;
import app.zumbido.server.source.DecodeGate;
import app.zumbido.server.source.DrawnSlide;
import app.zumbido.server.storage.BlobStore;
import app.zumbido.server.workshop.HeapShare;
import app.zumbido.server.workshop.Workshop;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;

/** Pages of files as pictures, as they are and as they would be; made when asked for and kept for a while. */
@Component
class PagePictures {
    private static final long MOST_PICTURES = Math.min(64L << 20, HeapShare.bytes(0.03));
    private static final long MOST_CHANGED = Math.min(64L << 20, HeapShare.bytes(0.03));
    /** What a page with its pictures takes while it is drawn, by and large. */
    private static final long DRAWN_PIXELS = 8_000_000;
    /** The longer side of the picture of a graphic; pixels. */
    static final int GRAPHIC_SIDE = 1_200;

    private final BlobStore blobs;
    private final DecodeGate gate;
    private final Workshop workshop;
    private final Inspections inspections;
    private final Graphics graphics;
    private final Cache<Page, DrawnPage> drawn = Caffeine.newBuilder()
            .maximumWeight(MOST_PICTURES)
            .<Page, DrawnPage>weigher((page, made) -> made.png().length)
            .build();
    /** Files as they would be, by what they are made of. */
    private final Cache<String, byte[]> changed = Caffeine.newBuilder()
            .maximumWeight(MOST_CHANGED)
            .<String, byte[]>weigher((key, file) -> file.length)
            .build();

    private record Page(String file, int number) {}

    PagePictures(BlobStore blobs, DecodeGate gate, Workshop workshop, Inspections inspections, Graphics graphics) {
        this.workshop = workshop;
        this.graphics = graphics;
        this.inspections = inspections;
        this.blobs = blobs;
        this.gate = gate;
    }

    /** @param number 1 for the first */
    DrawnPage draw(ExistingFileRow row, int number) {
        return draw(row, row.blob(), number, () -> blobs.get(row.blob()));
    }

    /**
     * @param key tells what would be changed from everything else that could be
     * @param change makes the file as it would be
     */
    DrawnPage draw(ExistingFileRow row, String key, int number, Supplier<byte[]> change) {
        if (number < 1 || number > row.pages()) {
            throw ExistingFileException.noSuchPage(number, row.pages());
        }
        Page page = new Page(row.blob() + key, number);
        DrawnPage known = drawn.getIfPresent(page);
        if (known != null) {
            return known;
        }
        if (Graphics.isKind(row.kind())) {
            DrawnPage made = new DrawnPage(graphics.png(row, GRAPHIC_SIDE), List.of());
            drawn.put(page, made);
            return made;
        }
        boolean asItIs = key.equals(row.blob());
        byte[] file = asItIs ? change.get() : changed.get(page.file(), name -> change.get());
        DrawnPage made = make(row, asItIs, file, number)
                .orElseThrow(() -> ExistingFileException.noSuchPage(number, row.pages()));
        drawn.put(page, made);
        return made;
    }

    private Optional<DrawnPage> make(ExistingFileRow row, boolean asItIs, byte[] file, int number) {
        if (row.kind().equals("pptx")) {
            return workshop.run(new DrawnSlide(file, number - 1)).stream().findFirst();
        }
        // Found before it is this one's turn to draw: walking through a file waits for a turn of its own.
        Findings found = findings(row, asItIs, file);
        return gate.pass(DRAWN_PIXELS, () -> FilePages.simple(row.kind(), number, found));
    }

    private Findings findings(ExistingFileRow row, boolean asItIs, byte[] file) {
        if (asItIs) {
            return inspections.of(row.blob());
        }
        try (ExistingFile opened = ExistingFile.open(file)) {
            return opened.findings();
        }
    }
}
