package app.zumbido.server.source;

import app.zumbido.core.brand.Look;
import app.zumbido.core.brand.ThemeTaking;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.contrast.Overlay;
import app.zumbido.core.contrast.WorstPlace;
import app.zumbido.core.extraction.Extraction;
import app.zumbido.core.extraction.Place;
import app.zumbido.core.extraction.Reading;
import app.zumbido.core.extraction.Sample;
import app.zumbido.core.extraction.SampleArea;
import app.zumbido.core.image.Pixels;
import app.zumbido.core.inspect.FoundTheme;
import app.zumbido.core.inspect.Inventory;
import app.zumbido.core.palette.Swatch;
import app.zumbido.formats.image.PngImage;
import app.zumbido.formats.ooxml.DrawnPage;
import app.zumbido.formats.ooxml.SlidePictures;
import app.zumbido.server.contrast.PicturesOnTheSheet;
import app.zumbido.server.http.IfMatch;
import app.zumbido.server.storage.BlobHolder;
import app.zumbido.server.storage.BlobStore;
import app.zumbido.server.storage.Ids;
import app.zumbido.server.storage.IncomingFile;
import app.zumbido.server.trail.BrandKeeper;
import app.zumbido.server.trail.KeptBrand;
import app.zumbido.server.type.PicturedWords;
import java.io.InputStream;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionOperations;

/** Takes files in and reads colours out of them. Decoding happens here, outside every transaction. */
@Service
class SourceService implements SourceIntake, PicturesOnTheSheet, PicturedWords, BlobHolder {
    /** Long side of the picture that the page shows; pixels. */
    private static final int SHOWN_SIDE = 1600;
    /** Long side of the mask of a region; pixels. */
    private static final int MASK_SIDE = 480;
    /** The kind of a source that has slides. */
    private static final String DECK = "pptx";

    private final SourceMapper sources;
    private final BrandKeeper keeper;
    private final BlobStore blobs;
    private final Pictures pictures;
    private final Listings listings;
    private final Drafts drafts;
    private final Ids ids;
    private final Clock clock;
    private final TransactionOperations transaction;

    SourceService(
            SourceMapper sources,
            BrandKeeper keeper,
            BlobStore blobs,
            Pictures pictures,
            Listings listings,
            Drafts drafts,
            Ids ids,
            Clock clock,
            TransactionOperations transaction) {
        this.sources = sources;
        this.keeper = keeper;
        this.blobs = blobs;
        this.pictures = pictures;
        this.listings = listings;
        this.drafts = drafts;
        this.ids = ids;
        this.clock = clock;
        this.transaction = transaction;
    }

    List<SourceRow> list(UUID brandId) {
        keeper.require(brandId);
        return sources.ofBrand(brandId);
    }

    @Override
    public UUID add(UUID brandId, String fileName, InputStream content) {
        keeper.require(brandId);
        try (IncomingFile file = blobs.receive(content)) {
            List<SourceRow> rows = read(brandId, fileName, file);
            file.keep();
            // All pages of a document or none, whatever happens.
            transaction.executeWithoutResult(status -> rows.forEach(sources::insert));
            return rows.get(0).id();
        }
    }

    /** What cannot be drawn is refused before anything is kept of it. */
    private List<SourceRow> read(UUID brandId, String fileName, IncomingFile file) {
        byte[] content = file.content();
        List<SourceFile> parts = pictures.holding(content, () -> {
            // What takes for ever to draw is opened here only after it was drawn elsewhere.
            if (SourceFile.isDrawn(content)) {
                pictures.check(content, file.name());
                return SourceFile.allOf(content);
            }
            List<SourceFile> read = SourceFile.allOf(content);
            if (read.get(0) instanceof SourceFile.Picture) {
                pictures.check(content, file.name());
            }
            return read;
        });
        String name = SourceName.of(fileName);
        List<SourceRow> rows = new ArrayList<>();
        for (int i = 0; i < parts.size(); i++) {
            String called = parts.size() > 1 ? name + ", page " + (i + 1) : name;
            rows.add(row(brandId, called, parts.get(i), i, file.name()));
        }
        return rows;
    }

    private SourceRow row(UUID brandId, String name, SourceFile part, int page, String blob) {
        SourceFile.Picture picture = part instanceof SourceFile.Picture shown ? shown : null;
        return new SourceRow(
                ids.next(),
                brandId,
                name,
                part.kind(),
                picture == null ? null : picture.width(),
                picture == null ? null : picture.height(),
                part instanceof SourceFile.Page ? page : null,
                null,
                null,
                blob,
                clock.instant());
    }

    /** Cuts a part out of a picture; it lies on the sheet as a source of its own, for the mood board. */
    SourceRow crop(UUID brandId, UUID id, Place corner, int width, int height) {
        SourceRow row = find(brandId, id);
        Pixels whole = pictures.pixels(row);
        if (!whole.contains(corner.x(), corner.y())
                || width > whole.width() - corner.x()
                || height > whole.height() - corner.y()) {
            throw new OutsidePictureException("The picture has " + whole.width() + " x " + whole.height() + " pixels");
        }
        // A part of a part is a part of the whole.
        SourceRow crop = new SourceRow(
                ids.next(),
                brandId,
                row.isCrop() ? row.name() : row.name() + ", cropped",
                row.kind(),
                width,
                height,
                row.page(),
                corner.x() + (row.cropX() == null ? 0 : row.cropX()),
                corner.y() + (row.cropY() == null ? 0 : row.cropY()),
                row.blob(),
                clock.instant());
        sources.insert(crop);
        return crop;
    }

    /** Swatches that came from it stay. */
    @Override
    public void remove(UUID brandId, UUID id) {
        keeper.require(brandId);
        setRemoved(brandId, id, clock.instant());
    }

    void putBack(UUID brandId, UUID id) {
        keeper.require(brandId);
        setRemoved(brandId, id, null);
    }

    private void setRemoved(UUID brandId, UUID id, @Nullable Instant removedAt) {
        if (sources.setRemoved(brandId, id, removedAt) == 0) {
            throw new UnknownSourceException(id);
        }
    }

    SourceRow find(UUID brandId, UUID id) {
        keeper.require(brandId);
        SourceRow row = sources.find(brandId, id);
        if (row == null) {
            throw new UnknownSourceException(id);
        }
        return row;
    }

    Extraction extraction(UUID brandId, UUID id, Optional<Reading> reading) {
        return pictures.extraction(find(brandId, id), reading);
    }

    /** @return by colour the swatch that is the same already */
    Function<Rgb, Optional<Swatch>> sameAs(UUID brandId) {
        return keeper.load(brandId).brand().palette()::sameAs;
    }

    Inventory inventory(UUID brandId, UUID id) {
        return listings.inventory(find(brandId, id));
    }

    /** Makes the theme of a file that lists one the brand's, as one step. */
    KeptBrand takeTheme(UUID brandId, UUID id, IfMatch ifMatch) {
        SourceRow row = find(brandId, id);
        FoundTheme theme = listings.inventory(row)
                .theme()
                .orElseThrow(() -> DraftException.nothingFound(row.name() + " has no theme"));
        return keeper.change(brandId, ifMatch, brand -> ThemeTaking.from(theme, row.name(), brand, ids::next));
    }

    /** @return names that the file itself gives to colours */
    Map<Rgb, String> names(UUID brandId, UUID id) {
        return pictures.names(find(brandId, id));
    }

    Rgb sample(UUID brandId, UUID id, Place place, SampleArea area) {
        Pixels pixels = pictures.pixels(find(brandId, id));
        if (!pixels.contains(place.x(), place.y())) {
            throw new OutsidePictureException(
                    "The picture has " + pixels.width() + " x " + pixels.height() + " pixels");
        }
        return Sample.take(pixels, place, area)
                .orElseThrow(() -> new OutsidePictureException("The picture is transparent there"));
    }

    /**
     * @param side odd
     * @return so many pixels around a place, row by row; nothing where the picture ends or is transparent
     */
    List<Optional<Rgb>> patch(UUID brandId, UUID id, Place place, int side) {
        Pixels pixels = pictures.pixels(find(brandId, id));
        List<Optional<Rgb>> patch = new ArrayList<>();
        for (int y = place.y() - side / 2; y <= place.y() + side / 2; y++) {
            for (int x = place.x() - side / 2; x <= place.x() + side / 2; x++) {
                patch.add(
                        pixels.contains(x, y) && pixels.at(x, y) >>> 24 != 0
                                ? Optional.of(Rgb.ofPacked(pixels.at(x, y)))
                                : Optional.empty());
            }
        }
        return patch;
    }

    /**
     * @param frame of the text; nothing: it may stand anywhere
     * @return where a text over the picture is hardest to read; what is transparent stands on white
     */
    WorstPlace.OnPicture worstPlace(
            UUID brandId, UUID id, Optional<WorstPlace.Frame> frame, Optional<Overlay> overlay, Rgb text) {
        Pixels picture = pictures.pixels(find(brandId, id));
        if (frame.isEmpty()) {
            return WorstPlace.on(picture, overlay, text);
        }
        if (!picture.contains(frame.get().x(), frame.get().y())) {
            throw new OutsidePictureException(
                    "The picture has " + picture.width() + " x " + picture.height() + " pixels");
        }
        return WorstPlace.on(picture, frame.get(), overlay, text);
    }

    /** @return our PNG of the picture, made small enough to be shown */
    byte[] picture(UUID brandId, UUID id) {
        return pictures.with(find(brandId, id), pixels -> PngImage.scaled(pixels, SHOWN_SIDE));
    }

    @Override
    public void require(UUID brandId, UUID id) {
        SourceRow row = find(brandId, id);
        if (!row.hasPicture()) {
            throw new WrongKindOfSourceException(row.name() + " shows no picture that a text could stand on");
        }
    }

    /** @return how many slides the deck has @throws WrongKindOfSourceException if it is none that slides are drawn of */
    int slides(UUID brandId, UUID id) {
        return SlidePictures.count(deck(brandId, id));
    }

    private byte[] deck(UUID brandId, UUID id) {
        SourceRow row = find(brandId, id);
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

    /** @return a PNG that is opaque where the picture belongs to the colour */
    byte[] region(UUID brandId, UUID id, Optional<Reading> reading, Rgb color) {
        SourceRow row = find(brandId, id);
        Pixels pixels = pictures.pixels(row);
        double scale = Math.min(1, (double) MASK_SIDE / Math.max(pixels.width(), pixels.height()));
        int width = Math.max(1, (int) Math.round(pixels.width() * scale));
        int height = Math.max(1, (int) Math.round(pixels.height() * scale));
        BitSet mask = pictures.extraction(row, reading)
                .region(pixels, color, width, height)
                .orElseThrow(() -> new OutsidePictureException("The picture does not propose " + color.hex()));
        return PngImage.ofMask(mask, width, height);
    }

    @Override
    public KeptBrand draft(UUID brandId, UUID sourceId, IfMatch ifMatch) {
        return drafts.draft(brandId, find(brandId, sourceId), ifMatch);
    }

    @Override
    public Pixels part(UUID brandId, UUID id, int x, int y, int width, int height) {
        Pixels whole = pictures.pixels(find(brandId, id));
        if (x + width > whole.width() || y + height > whole.height()) {
            throw new OutsidePictureException("That part reaches beyond the picture");
        }
        return whole.crop(x, y, width, height);
    }

    @Override
    public Set<String> heldBlobs() {
        return sources.blobs();
    }
}
