package app.zumbido.server.source;

import app.zumbido.core.extraction.Extraction;
import app.zumbido.core.extraction.Reading;
import app.zumbido.core.image.Pixels;
import app.zumbido.formats.image.BitmapFile;
import app.zumbido.server.storage.BlobStore;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** Decoded pictures and what they propose, made when asked for and kept for a while; one large decode at a time. */
@Component
class Pictures {
    /** About 400 MB at 4 bytes a pixel: one picture at the limit, or many ordinary ones. */
    private static final long MOST_PIXELS = BitmapFile.MOST_PIXELS;

    private static final long MOST_EXTRACTIONS = 64;

    private final BlobStore blobs;
    private final DecodeGate gate;
    private final LatestCache<String, Pixels> decoded = new LatestCache<>(MOST_PIXELS, Pixels::count);
    private final LatestCache<Key, Extraction> extractions = new LatestCache<>(MOST_EXTRACTIONS, extraction -> 1);

    private record Key(String blob, Optional<Reading> reading) {}

    Pictures(BlobStore blobs, DecodeGate gate) {
        this.blobs = blobs;
        this.gate = gate;
    }

    Pixels pixels(String blob) {
        return decoded.get(blob, () -> decode(SourceFile.of(blobs.get(blob))));
    }

    /** @throws app.zumbido.formats.image.UnreadableImageException if its pixels are damaged */
    Pixels decode(SourceFile file) {
        return gate.pass((long) file.width() * file.height(), file::decode);
    }

    /** @param reading nothing: the machine decides */
    Extraction extraction(String blob, Optional<Reading> reading) {
        return extractions.get(new Key(blob, reading), () -> {
            return SourceFile.of(blobs.get(blob)).extract(pixels(blob), reading);
        });
    }
}
