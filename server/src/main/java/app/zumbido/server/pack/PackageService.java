package app.zumbido.server.pack;

import app.zumbido.core.brand.Brand;
import app.zumbido.formats.fonts.UnreadableFontException;
import app.zumbido.server.delivery.BrandPlaces;
import app.zumbido.server.delivery.PlaceRow;
import app.zumbido.server.http.FileStem;
import app.zumbido.server.source.SourceMapper;
import app.zumbido.server.source.SourceRow;
import app.zumbido.server.storage.BlobStore;
import app.zumbido.server.storage.Ids;
import app.zumbido.server.storage.IncomingFile;
import app.zumbido.server.trail.BrandKeeper;
import app.zumbido.server.trail.BrandRecord;
import app.zumbido.server.trail.BrandRecords;
import app.zumbido.server.trail.BrokenRecordException;
import app.zumbido.server.trail.KeptBrand;
import app.zumbido.server.trail.ReadyBrand;
import app.zumbido.server.trail.RecordedBrand;
import app.zumbido.server.type.BrandFonts;
import app.zumbido.server.type.FontRow;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.core.JacksonException;

/** Sends whole brands out, takes them in, and copies one. */
@Service
class PackageService {
    private static final Pattern KIND = Pattern.compile("[a-z0-9]{1,10}");
    private static final Pattern FILE = Pattern.compile("[0-9a-f]{64}");
    private static final int LONGEST_NAME = 255;

    private final BrandRecords records;
    private final BrandKeeper keeper;
    private final SourceMapper sources;
    private final BrandFonts fonts;
    private final BrandPlaces places;
    private final BlobStore blobs;
    private final Ids ids;
    private final TransactionTemplate transaction;

    PackageService(
            BrandRecords records,
            BrandKeeper keeper,
            SourceMapper sources,
            BrandFonts fonts,
            BrandPlaces places,
            BlobStore blobs,
            Ids ids,
            TransactionTemplate transaction) {
        this.records = records;
        this.keeper = keeper;
        this.sources = sources;
        this.fonts = fonts;
        this.places = places;
        this.blobs = blobs;
        this.ids = ids;
        this.transaction = transaction;
    }

    /** @throws app.zumbido.server.trail.UnknownBrandException if one of them is not on the shelf */
    List<PackagedBrand> pack(List<UUID> brands) {
        List<UUID> each = brands.stream().distinct().toList();
        long steps = each.stream().mapToLong(records::count).sum();
        if (steps + each.size() > PackageForm.MOST_ENTRIES) {
            throw new PackageException("These brands have " + steps + " steps together, more than one package holds;"
                    + " send fewer of them at once");
        }
        return each.stream().map(this::pack).toList();
    }

    private PackagedBrand pack(UUID brand) {
        RecordedBrand recorded = records.read(brand);
        Brand standing = keeper.load(brand).brand();
        List<SourceRecord> listed =
                needed(standing).stream().map(SourceRecord::of).toList();
        List<FontRecord> faces =
                fonts.usedBy(standing).stream().map(FontRecord::of).toList();
        List<PlaceRecord> usedAt =
                places.kept(brand).stream().map(PlaceRecord::of).toList();
        return new PackagedBrand() {
            @Override
            public BrandRecord head() {
                return recorded.head();
            }

            @Override
            public List<SourceRecord> sources() {
                return listed;
            }

            @Override
            public List<FontRecord> fonts() {
                return faces;
            }

            @Override
            public List<PlaceRecord> places() {
                return usedAt;
            }

            @Override
            public void steps(Consumer<BrandRecord.Step> each) {
                recorded.steps(each);
            }
        };
    }

    /** @return what a package of these brands is called: after the only one, or by their number */
    String stem(List<PackagedBrand> brands) {
        return brands.size() == 1
                ? FileStem.of(keeper.load(brands.get(0).head().id()).brand().name())
                : brands.size() + "-brands";
    }

    void write(List<PackagedBrand> brands, OutputStream out) throws IOException {
        PackageWriter.write(brands, blobs::get, out);
    }

    /**
     * Takes in every brand of a package, or none of them.
     *
     * @throws PackageException if something in it cannot be taken
     */
    List<TakenIn> takeIn(Path file) {
        List<Arriving> arriving = new ArrayList<>();
        try (PackageReader reader = PackageReader.open(file)) {
            for (PackagedBrand packed : reader.brands()) {
                // Files first, outside of the transaction; what nobody names afterwards is swept away some day.
                packed.sources().forEach(source -> keep(source, reader));
                List<FontRow> faces =
                        packed.fonts().stream().map(font -> keep(font, reader)).toList();
                List<PlaceRow> usedAt = packed.places().stream()
                        .map(place -> places.ready(place.row(packed.head().id())))
                        .toList();
                Map<UUID, UUID> own = new HashMap<>();
                packed.sources().forEach(source -> own.put(source.id(), ids.next()));
                arriving.add(new Arriving(records.ready(packed, own), packed.sources(), own, faces, usedAt));
            }
            transaction.executeWithoutResult(status -> arriving.forEach(this::put));
            return arriving.stream()
                    .map(one -> new TakenIn(one.ready().brand(), one.ready().copy()))
                    .toList();
        } catch (BrokenRecordException e) {
            throw new PackageException("The package cannot be taken in. " + e.getMessage(), e);
        } catch (IllegalArgumentException e) {
            throw new PackageException("The package cannot be taken in. " + e.getMessage(), e);
        } catch (JacksonException e) {
            throw new PackageException("The package cannot be read: " + e.getOriginalMessage(), e);
        } finally {
            arriving.forEach(one -> one.ready().close());
        }
    }

    /** @param own by the id of a source in the package the one that it gets in a copy */
    private record Arriving(
            ReadyBrand ready,
            List<SourceRecord> sources,
            Map<UUID, UUID> own,
            List<FontRow> faces,
            List<PlaceRow> places) {}

    private void put(Arriving arriving) {
        ReadyBrand ready = arriving.ready();
        records.write(ready);
        for (SourceRecord source : arriving.sources()) {
            insert(source, ready.brand().id(), ready.copy() ? arriving.own().get(source.id()) : source.id());
        }
        arriving.faces().forEach(face -> fonts.put(face, ready.brand().id()));
        arriving.places().forEach(place -> places.put(place, ready.brand().id()));
    }

    private void keep(SourceRecord source, PackageReader reader) {
        boolean plain = KIND.matcher(source.kind()).matches()
                && FILE.matcher(source.file()).matches()
                && source.name().length() <= LONGEST_NAME
                && (source.width() == null) == (source.height() == null);
        if (!plain) {
            throw new PackageException("A source in the package is not described as it should be");
        }
        keep(source.file(), source.name(), reader);
    }

    private FontRow keep(FontRecord font, PackageReader reader) {
        boolean plain = FILE.matcher(font.file()).matches()
                && !font.name().isBlank()
                && font.name().length() <= LONGEST_NAME;
        if (!plain) {
            throw new PackageException("A font in the package is not described as it should be");
        }
        keep(font.file(), font.name(), reader);
        try {
            return fonts.ready(font.file(), font.face(), font.name());
        } catch (UnreadableFontException e) {
            throw new PackageException("The font " + font.name() + " in the package cannot be read", e);
        }
    }

    private void keep(String expected, String name, PackageReader reader) {
        try (InputStream content = reader.file(expected);
                IncomingFile file = blobs.receive(content)) {
            if (!file.name().equals(expected)) {
                throw new PackageException("The file of " + name + " in the package is not what it was");
            }
            file.keep();
        } catch (IOException e) {
            throw new PackageException("The file of " + name + " in the package is damaged", e);
        }
    }

    /** @param copy whether a brand of the same id was known, so that it got another one */
    record TakenIn(Brand brand, boolean copy) {}

    private void insert(SourceRecord source, UUID brand, UUID id) {
        sources.insert(new SourceRow(
                id,
                brand,
                source.name(),
                source.kind(),
                source.width(),
                source.height(),
                source.page(),
                source.cropX(),
                source.cropY(),
                source.file(),
                Instant.parse(source.addedAt())));
    }

    /** @return what lies on its sheet, and what was taken off it but is still the logo or lies beneath a ground */
    private List<SourceRow> needed(Brand brand) {
        Set<UUID> pictures = new HashSet<>();
        brand.over(picture -> {
            pictures.add(picture);
            return picture;
        });
        return Stream.concat(
                        sources.ofBrand(brand.id()).stream(),
                        sources.removedOf(brand.id()).stream().filter(row -> pictures.contains(row.id())))
                .toList();
    }

    /** @return a brand of its own with the same palette, theme and sources, and a trail that begins with it */
    KeptBrand copy(UUID original, String name) {
        Map<UUID, UUID> own = new HashMap<>();
        List<SourceRow> originals = needed(keeper.load(original).brand());
        originals.forEach(source -> own.put(source.id(), ids.next()));
        return keeper.copy(original, name, picture -> own.getOrDefault(picture, picture), copied -> {
            originals.forEach(source -> insert(SourceRecord.of(source), copied, own.get(source.id())));
            fonts.ofBrand(original).forEach(face -> fonts.put(face, copied));
        });
    }
}
