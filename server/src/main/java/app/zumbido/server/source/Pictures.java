package app.zumbido.server.source;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.extraction.Extraction;
import app.zumbido.core.extraction.Reading;
import app.zumbido.core.image.Pixels;
import app.zumbido.formats.image.BitmapFile;
import app.zumbido.server.storage.BlobStore;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;

/** Decoded pictures and what they propose, made when asked for and kept for a while; one large decode at a time. */
@Component
class Pictures {
    /** About 400 MB at 4 bytes a pixel: one picture at the limit, or many ordinary ones. */
    private static final long MOST_PIXELS = BitmapFile.MOST_PIXELS;

    private static final long MOST_EXTRACTIONS = 64;
    /** What a slide with its pictures takes while it is drawn, by and large. */
    private static final long DRAWN_PIXELS = 8_000_000;

    private final BlobStore blobs;
    private final DecodeGate gate;
    private final LatestCache<Part, Pixels> decoded = new LatestCache<>(MOST_PIXELS, Pixels::count);
    private final LatestCache<Key, Extraction> extractions = new LatestCache<>(MOST_EXTRACTIONS, extraction -> 1);

    private final LatestCache<Part, Map<Rgb, String>> names = new LatestCache<>(MOST_EXTRACTIONS, names -> 1);

    /** Where a picture is kept: its file, the page in it, and what is cut out of that. */
    private record Part(String blob, int page, Optional<Rectangle> crop) {
        static Part whole(SourceRow row) {
            return new Part(row.blob(), row.part(), Optional.empty());
        }

        static Part of(SourceRow row) {
            return new Part(row.blob(), row.part(), Rectangle.of(row));
        }
    }

    /** A part of a picture, in pixels of the whole. */
    private record Rectangle(int x, int y, int width, int height) {
        static Optional<Rectangle> of(SourceRow row) {
            Integer x = row.cropX();
            Integer y = row.cropY();
            Integer width = row.width();
            Integer height = row.height();
            return x == null || y == null || width == null || height == null
                    ? Optional.empty()
                    : Optional.of(new Rectangle(x, y, width, height));
        }
    }

    private record Key(Part part, Optional<Reading> reading) {}

    Pictures(BlobStore blobs, DecodeGate gate) {
        this.blobs = blobs;
        this.gate = gate;
    }

    Pixels pixels(SourceRow row) {
        return decoded.get(
                Part.of(row),
                () -> Rectangle.of(row)
                        .map(part -> whole(row).crop(part.x(), part.y(), part.width(), part.height()))
                        .orElseGet(() -> decode(file(row))));
    }

    private Pixels whole(SourceRow row) {
        return decoded.get(Part.whole(row), () -> decode(file(row)));
    }

    /** @throws WrongKindOfSourceException if the file shows none */
    private SourceFile.Picture file(SourceRow row) {
        SourceFile file = SourceFile.allOf(blobs.get(row.blob())).get(row.part());
        if (file instanceof SourceFile.Picture picture) {
            return picture;
        }
        throw new WrongKindOfSourceException(row.name() + " shows no picture; its colours are listed");
    }

    /** @throws app.zumbido.formats.image.UnreadableImageException if its pixels are damaged */
    Pixels decode(SourceFile.Picture file) {
        return gate.pass((long) file.width() * file.height(), file::decode);
    }

    /** Draws something that takes as much memory as a picture of a few megapixels. */
    <T> T drawn(Supplier<T> draw) {
        return gate.pass(DRAWN_PIXELS, draw);
    }

    /** @param reading nothing: the machine decides */
    Extraction extraction(SourceRow row, Optional<Reading> reading) {
        return extractions.get(new Key(Part.of(row), reading), () -> file(row).extract(pixels(row), reading));
    }

    /** @return names that the file itself gives to colours */
    Map<Rgb, String> names(SourceRow row) {
        return names.get(Part.of(row), () -> file(row).names());
    }
}
