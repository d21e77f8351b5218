package app.zumbido.server.source;

import app.zumbido.core.brand.Look;
import app.zumbido.formats.ooxml.DrawnPage;
import app.zumbido.formats.ooxml.SlidePictures;
import app.zumbido.server.storage.BlobStore;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** Draws the slides of decks that lie on the sheet. */
@Service
class SourceSlides {
    /** The kind of a source that has slides. */
    private static final String DECK = "pptx";

    private final SourceService sources;
    private final BlobStore blobs;
    private final Pictures pictures;

    SourceSlides(SourceService sources, BlobStore blobs, Pictures pictures) {
        this.sources = sources;
        this.blobs = blobs;
        this.pictures = pictures;
    }

    /** @return how many slides the deck has @throws WrongKindOfSourceException if it is none that slides are drawn of */
    int slides(UUID brandId, UUID id) {
        return SlidePictures.count(deck(brandId, id));
    }

    private byte[] deck(UUID brandId, UUID id) {
        SourceRow row = sources.find(brandId, id);
        if (!row.kind().equals(DECK)) {
            throw new WrongKindOfSourceException(row.name() + " is no presentation whose slides can be drawn");
        }
        return blobs.get(row.blob());
    }

    /**
     * @param number 1 for the first
     * @param dress nothing: as the deck is
     * @return a PNG of the slide
     */
    byte[] slide(UUID brandId, UUID id, int number, Optional<Look> dress) {
        byte[] deck = deck(brandId, id);
        DrawnPage asItIs = pictures.slide(deck, number - 1)
                .orElseThrow(() -> new OutsidePictureException("The deck has no slide " + number));
        // What was drawn in time as it is, is drawn in time in other colours.
        return dress.isEmpty()
                ? asItIs.png()
                : pictures.drawn(() -> SlidePictures.draw(deck, number - 1, dress))
                        .orElseThrow();
    }
}
