package app.zumbido.server.pack;

import app.zumbido.core.brand.Brand;
import app.zumbido.server.source.SourceMapper;
import app.zumbido.server.source.SourceRow;
import app.zumbido.server.storage.BlobStore;
import app.zumbido.server.storage.Ids;
import app.zumbido.server.trail.BrandKeeper;
import app.zumbido.server.trail.BrandRecords;
import app.zumbido.server.trail.BrokenRecordException;
import app.zumbido.server.trail.KeptBrand;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Pattern;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

/** Sends whole brands out, takes them in, and copies one. */
@Service
class PackageService {
    private static final Pattern KIND = Pattern.compile("[a-z0-9]{1,10}");
    private static final Pattern FILE = Pattern.compile("[0-9a-f]{64}");
    private static final int LONGEST_NAME = 255;

    private final BrandRecords records;
    private final BrandKeeper keeper;
    private final SourceMapper sources;
    private final BlobStore blobs;
    private final Ids ids;
    private final TransactionTemplate transaction;

    PackageService(
            BrandRecords records,
            BrandKeeper keeper,
            SourceMapper sources,
            BlobStore blobs,
            Ids ids,
            TransactionTemplate transaction) {
        this.records = records;
        this.keeper = keeper;
        this.sources = sources;
        this.blobs = blobs;
        this.ids = ids;
        this.transaction = transaction;
    }

    /** @throws app.zumbido.server.shelf.UnknownBrandException if one of them is not on the shelf */
    List<PackedBrand> pack(List<UUID> brands) {
        return brands.stream().distinct().map(this::pack).toList();
    }

    private PackedBrand pack(UUID brand) {
        return new PackedBrand(
                records.read(brand),
                sources.ofBrand(brand).stream().map(SourceRecord::of).toList());
    }

    void write(List<PackedBrand> brands, OutputStream out) throws IOException {
        PackageWriter.write(brands, blobs::get, PackageForm.MAPPER, out);
    }

    /**
     * Takes in every brand of a package, or none of them.
     *
     * @throws PackageException if something in it cannot be taken
     */
    List<TakenIn> takeIn(Path file) {
        try (PackageReader reader = PackageReader.open(file)) {
            List<PackedBrand> packed = new ArrayList<>();
            for (String path : reader.brands()) {
                PackedBrand brand = reader.brand(path);
                // Files first, outside of the transaction; what nobody names afterwards is swept away some day.
                brand.sources().forEach(source -> keep(source, reader));
                packed.add(brand);
            }
            return transaction.execute(status -> packed.stream().map(this::put).toList());
        } catch (BrokenRecordException e) {
            throw new PackageException("The package cannot be taken in. " + e.getMessage(), e);
        }
    }

    private void keep(SourceRecord source, PackageReader reader) {
        boolean plain = KIND.matcher(source.kind()).matches()
                && FILE.matcher(source.file()).matches()
                && source.name().length() <= LONGEST_NAME
                && (source.width() == null) == (source.height() == null);
        if (!plain) {
            throw new PackageException("A source in the package is not described as it should be");
        }
        if (!blobs.put(reader.file(source.file())).equals(source.file())) {
            throw new PackageException("The file of " + source.name() + " in the package is not what it was");
        }
    }

    /** @param copy whether a brand of the same id was known, so that it got another one */
    record TakenIn(Brand brand, boolean copy) {}

    private TakenIn put(PackedBrand packed) {
        boolean known = records.isKnown(packed.brand().id());
        Map<UUID, UUID> own = new HashMap<>();
        packed.sources().forEach(source -> own.put(source.id(), known ? ids.next() : source.id()));
        Map<String, String> renamed = new HashMap<>();
        own.forEach((was, is) -> renamed.put(was.toString(), is.toString()));
        Brand brand = records.write(packed.brand(), renamed);
        for (SourceRecord source : packed.sources()) {
            insert(source, brand.id(), own.get(source.id()));
        }
        return new TakenIn(brand, known);
    }

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

    /** @return a brand of its own with the same palette, theme and sources, and a trail that begins with it */
    KeptBrand copy(UUID original, String name) {
        return transaction.execute(status -> {
            Map<UUID, UUID> own = new HashMap<>();
            List<SourceRow> originals = sources.ofBrand(original);
            originals.forEach(source -> own.put(source.id(), ids.next()));
            KeptBrand copied = keeper.copy(original, name, picture -> own.getOrDefault(picture, picture));
            for (SourceRow source : originals) {
                insert(SourceRecord.of(source), copied.brand().id(), own.get(source.id()));
            }
            return copied;
        });
    }
}
