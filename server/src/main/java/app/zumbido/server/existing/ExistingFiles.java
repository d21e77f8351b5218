package app.zumbido.server.existing;

import app.zumbido.core.inspect.Findings;
import app.zumbido.formats.existing.ExistingFile;
import app.zumbido.formats.existing.FilePages;
import app.zumbido.formats.recolor.GraphicFile;
import app.zumbido.server.existing.ExistingFileMapper.LeftRow;
import app.zumbido.server.source.SourceName;
import app.zumbido.server.storage.BlobHolder;
import app.zumbido.server.storage.BlobStore;
import app.zumbido.server.storage.Ids;
import app.zumbido.server.storage.IncomingFile;
import app.zumbido.server.trail.BrandKeeper;
import java.io.ByteArrayInputStream;
import java.io.InputStream;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** The files that stand beside brands, version by version, and what was left in them on purpose. */
@Service
class ExistingFiles implements ExistingIntake, BlobHolder {
    private final ExistingFileMapper mapper;
    private final BrandKeeper keeper;
    private final BlobStore blobs;
    private final Inspections inspections;
    private final Graphics graphics;
    private final Ids ids;
    private final Clock clock;

    ExistingFiles(
            ExistingFileMapper mapper,
            BrandKeeper keeper,
            BlobStore blobs,
            Inspections inspections,
            Graphics graphics,
            Ids ids,
            Clock clock) {
        this.mapper = mapper;
        this.keeper = keeper;
        this.blobs = blobs;
        this.inspections = inspections;
        this.graphics = graphics;
        this.ids = ids;
        this.clock = clock;
    }

    List<ExistingFileRow> list(UUID brandId) {
        keeper.require(brandId);
        return mapper.ofBrand(brandId);
    }

    ExistingFileRow find(UUID brandId, UUID id) {
        keeper.require(brandId);
        ExistingFileRow row = mapper.find(brandId, id);
        if (row == null) {
            throw new UnknownFileException(id);
        }
        return row;
    }

    /** @throws app.zumbido.formats.image.UnreadableImageException if it is of no kind that something can be done to */
    ExistingFileRow add(UUID brandId, String fileName, InputStream content) {
        keeper.require(brandId);
        try (IncomingFile file = blobs.receive(content)) {
            // What cannot be walked through is refused before anything is kept of it.
            byte[] whole = file.content();
            Read read = graphics.holding(whole, () -> read(whole, graphics::take));
            file.keep();
            String name = SourceName.of(fileName);
            return keep(brandId, name, read, file.name(), Optional.empty());
        }
    }

    @Override
    public void takeIn(UUID brandId, String fileName, InputStream content) {
        add(brandId, fileName, content);
    }

    /** What has to be known of a file before it is kept. */
    private record Read(String kind, int pages, Findings findings) {}

    private static Read read(byte[] content, Function<byte[], GraphicFile> open) {
        if (Graphics.isGraphic(content)) {
            String kind = open.apply(content).kind();
            return new Read(kind, 1, Graphics.nothingFound(kind));
        }
        try (ExistingFile file = ExistingFile.open(content)) {
            Findings findings = file.findings();
            return new Read(file.kind(), FilePages.count(file, findings), findings);
        }
    }

    /** Where a file comes from that was written here. */
    record Made(String by, ExistingFileRow from) {}

    /** @return a file that was written here, as a new one */
    ExistingFileRow add(UUID brandId, byte[] content, Made made) {
        try (IncomingFile file = blobs.receive(new ByteArrayInputStream(content))) {
            Read read = read(content, graphics::read);
            file.keep();
            ExistingFileRow from = made.from();
            // What became another kind of picture is called by that.
            String name = read.kind().equals(from.kind())
                    ? from.name()
                    : from.name().replaceAll("\\.[^.]{1,5}$", "") + "." + read.kind();
            return keep(brandId, name, read, file.name(), Optional.of(made));
        }
    }

    private ExistingFileRow keep(UUID brandId, String name, Read read, String blob, Optional<Made> made) {
        UUID id = ids.next();
        String words = FileWords.of(read.findings());
        inspections.keep(blob, read.findings());
        UUID lineage = made.map(it -> it.from().lineage())
                .or(() -> earlier(brandId, name, read.kind(), words).map(ExistingFileRow::lineage))
                .orElse(id);
        ExistingFileRow row = new ExistingFileRow(
                id,
                brandId,
                lineage,
                name,
                read.kind(),
                read.pages(),
                blob,
                made.map(Made::by).orElse(null),
                made.map(it -> it.from().id()).orElse(null),
                words,
                clock.instant());
        mapper.insert(row);
        return row;
    }

    /** @return the newest file that this one is the next version of: it says mostly the same, or is called the same */
    private Optional<ExistingFileRow> earlier(UUID brandId, String name, String kind, String words) {
        List<ExistingFileRow> same = mapper.ofBrand(brandId).stream()
                .filter(row -> row.kind().equals(kind))
                // Icons of a set are numbered: only the very same name says that it is the same graphic.
                .filter(row -> Graphics.isKind(kind)
                        ? row.name().equals(name)
                        : stem(row.name()).equals(stem(name)) || FileWords.areOfOneFile(row.words(), words))
                .toList();
        return same.isEmpty() ? Optional.empty() : Optional.of(same.get(same.size() - 1));
    }

    /** @return the name without what people and programs add to it for the next version */
    static String stem(String name) {
        int dot = name.lastIndexOf('.');
        return (dot > 0 ? name.substring(0, dot) : name)
                .toLowerCase(Locale.ROOT)
                .replaceAll("[ _-]*(\\(\\d{1,4}\\)|v\\d{1,4}|copy|final|\\d{4}-\\d{2}-\\d{2})$", "")
                .strip();
    }

    void remove(UUID brandId, UUID id) {
        setRemoved(brandId, id, clock.instant());
    }

    void putBack(UUID brandId, UUID id) {
        setRemoved(brandId, id, null);
    }

    private void setRemoved(UUID brandId, UUID id, @Nullable Instant removedAt) {
        keeper.require(brandId);
        if (mapper.setRemoved(brandId, id, removedAt) == 0) {
            throw new UnknownFileException(id);
        }
    }

    byte[] content(ExistingFileRow row) {
        return blobs.get(row.blob());
    }

    Findings findings(ExistingFileRow row) {
        if (Graphics.isKind(row.kind())) {
            throw ExistingFileException.onlyRecolored(row.name());
        }
        return inspections.of(row.blob());
    }

    List<LeftRow> left(ExistingFileRow row) {
        return mapper.left(row.brandId(), row.lineage());
    }

    void leave(ExistingFileRow row, String fault, String because) {
        mapper.leave(row.brandId(), row.lineage(), fault, because, clock.instant());
    }

    void takeBack(ExistingFileRow row, String fault) {
        mapper.takeBack(row.brandId(), row.lineage(), fault);
    }

    @Override
    public Set<String> heldBlobs() {
        return mapper.blobs();
    }
}
