package app.zumbido.server.source;

import app.zumbido.core.brand.ThemeTaking;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.extraction.Extraction;
import app.zumbido.core.extraction.Place;
import app.zumbido.core.extraction.Reading;
import app.zumbido.core.image.Pixels;
import app.zumbido.core.inspect.FoundTheme;
import app.zumbido.core.inspect.Inventory;
import app.zumbido.core.palette.Swatch;
import app.zumbido.server.contrast.PicturesOnTheSheet;
import app.zumbido.server.http.IfMatch;
import app.zumbido.server.storage.BlobHolder;
import app.zumbido.server.storage.BlobStore;
import app.zumbido.server.storage.Ids;
import app.zumbido.server.storage.IncomingFile;
import app.zumbido.server.trail.BrandKeeper;
import app.zumbido.server.trail.KeptBrand;
import java.io.InputStream;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionOperations;

/** Takes files in and reads colours out of them. Decoding happens outside every transaction. */
@Service
class SourceService implements SourceIntake, PicturesOnTheSheet, BlobHolder {
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

    @Override
    public void require(UUID brandId, UUID id) {
        SourceRow row = find(brandId, id);
        if (!row.hasPicture()) {
            throw new WrongKindOfSourceException(row.name() + " shows no picture that a text could stand on");
        }
    }

    @Override
    public KeptBrand draft(UUID brandId, UUID sourceId, IfMatch ifMatch) {
        return drafts.draft(brandId, find(brandId, sourceId), ifMatch);
    }

    @Override
    public Set<String> heldBlobs() {
        return sources.blobs();
    }
}
