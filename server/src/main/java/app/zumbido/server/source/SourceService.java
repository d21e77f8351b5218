package app.zumbido.server.source;

import app.zumbido.core.brand.Change;
import app.zumbido.core.brand.Draft;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.extraction.Extraction;
import app.zumbido.core.extraction.Place;
import app.zumbido.core.extraction.Reading;
import app.zumbido.core.extraction.Sample;
import app.zumbido.core.extraction.SampleArea;
import app.zumbido.core.image.Pixels;
import app.zumbido.formats.image.PngImage;
import app.zumbido.server.source.DraftException.Reason;
import app.zumbido.server.storage.BlobStore;
import app.zumbido.server.storage.Ids;
import app.zumbido.server.trail.BrandKeeper;
import app.zumbido.server.trail.IfMatch;
import app.zumbido.server.trail.KeptBrand;
import java.time.Clock;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** Takes pictures in and reads colours out of them. Decoding happens here, outside every transaction. */
@Service
class SourceService implements SourceIntake {
    /** Long side of the picture that the page shows; pixels. */
    private static final int SHOWN_SIDE = 1600;
    /** Long side of the mask of a region; pixels. */
    private static final int MASK_SIDE = 480;
    /** Side of what the magnifier shows; pixels. */
    private static final int PATCH = 13;

    private final SourceMapper sources;
    private final BrandKeeper keeper;
    private final BlobStore blobs;
    private final Pictures pictures;
    private final Ids ids;
    private final Clock clock;

    SourceService(SourceMapper sources, BrandKeeper keeper, BlobStore blobs, Pictures pictures, Ids ids, Clock clock) {
        this.sources = sources;
        this.keeper = keeper;
        this.blobs = blobs;
        this.pictures = pictures;
        this.ids = ids;
        this.clock = clock;
    }

    List<SourceRow> list(UUID brandId) {
        keeper.load(brandId);
        return sources.ofBrand(brandId);
    }

    @Override
    public UUID add(UUID brandId, String fileName, byte[] file) {
        keeper.load(brandId);
        List<SourceFile> parts = SourceFile.allOf(file);
        // What cannot be drawn is refused before anything is kept of it.
        pictures.decode(parts.get(0));
        String blob = blobs.put(file);
        String name = SourceName.of(fileName);
        List<SourceRow> rows = new ArrayList<>();
        for (int i = 0; i < parts.size(); i++) {
            SourceFile part = parts.get(i);
            boolean paged = part instanceof SourceFile.Page;
            rows.add(new SourceRow(
                    ids.next(),
                    brandId,
                    parts.size() > 1 ? name + ", page " + (i + 1) : name,
                    part.kind(),
                    part.width(),
                    part.height(),
                    paged ? i : null,
                    blob,
                    clock.instant()));
        }
        rows.forEach(sources::insert);
        return rows.get(0).id();
    }

    SourceRow find(UUID brandId, UUID id) {
        keeper.load(brandId);
        SourceRow row = sources.find(brandId, id);
        if (row == null) {
            throw new UnknownSourceException(id);
        }
        return row;
    }

    Extraction extraction(UUID brandId, UUID id, Optional<Reading> reading) {
        return pictures.extraction(find(brandId, id), reading);
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

    /** @return the pixels around a place, row by row; nothing where the picture ends or is transparent */
    List<Optional<Rgb>> patch(UUID brandId, UUID id, Place place) {
        Pixels pixels = pictures.pixels(find(brandId, id));
        List<Optional<Rgb>> patch = new ArrayList<>();
        for (int y = place.y() - PATCH / 2; y <= place.y() + PATCH / 2; y++) {
            for (int x = place.x() - PATCH / 2; x <= place.x() + PATCH / 2; x++) {
                patch.add(
                        pixels.contains(x, y) && pixels.at(x, y) >>> 24 != 0
                                ? Optional.of(Rgb.ofPacked(pixels.at(x, y)))
                                : Optional.empty());
            }
        }
        return patch;
    }

    /** @return our PNG of the picture, made small enough to be shown */
    byte[] picture(UUID brandId, UUID id) {
        return PngImage.scaled(pictures.pixels(find(brandId, id)), SHOWN_SIDE);
    }

    /** @return a PNG that is opaque where the picture belongs to the colour */
    byte[] region(UUID brandId, UUID id, Optional<Reading> reading, Rgb color) {
        SourceRow row = find(brandId, id);
        double scale = Math.min(1, (double) MASK_SIDE / Math.max(row.width(), row.height()));
        int width = Math.max(1, (int) Math.round(row.width() * scale));
        int height = Math.max(1, (int) Math.round(row.height() * scale));
        BitSet mask = pictures.extraction(row, reading)
                .region(pictures.pixels(row), color, width, height)
                .orElseThrow(() -> new OutsidePictureException("The picture does not propose " + color.hex()));
        return PngImage.ofMask(mask, width, height);
    }

    @Override
    public KeptBrand draft(UUID brandId, UUID sourceId, IfMatch ifMatch) {
        SourceRow row = find(brandId, sourceId);
        Extraction extraction = pictures.extraction(row, Optional.empty());
        Change draft = Draft.from(extraction, row.name(), pictures.names(row), ids::next)
                .orElseThrow(() -> new DraftException(Reason.NOTHING_FOUND, "The picture shows no colour"));
        return keeper.change(brandId, ifMatch, brand -> {
            if (!brand.palette().swatches().isEmpty()) {
                throw new DraftException(Reason.BRAND_NOT_EMPTY, "The brand has colours already");
            }
            return draft;
        });
    }
}
