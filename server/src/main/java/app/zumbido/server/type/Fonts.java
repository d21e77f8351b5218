package app.zumbido.server.type;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.type.Embedding;
import app.zumbido.core.type.FontFamily;
import app.zumbido.core.type.Lettering;
import app.zumbido.formats.fonts.FaceFacts;
import app.zumbido.formats.fonts.FontFace;
import app.zumbido.formats.fonts.FontFile;
import app.zumbido.formats.fonts.KnownFamilies;
import app.zumbido.formats.fonts.ShippedFaces;
import app.zumbido.formats.fonts.UnreadableFontException;
import app.zumbido.server.storage.BlobHolder;
import app.zumbido.server.storage.BlobStore;
import app.zumbido.server.storage.Ids;
import app.zumbido.server.storage.IncomingFile;
import app.zumbido.server.trail.BrandKeeper;
import app.zumbido.server.workshop.HeapShare;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.io.InputStream;
import java.time.Clock;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

/** Every face at hand: those that ship and those that somebody gave. */
@Service
class Fonts implements BlobHolder, BrandFonts {
    private static final int LONGEST_FILE_NAME = 255;
    /** Of all that are held read together; bytes. */
    private static final long MOST_HELD = Math.min(Integer.MAX_VALUE, HeapShare.bytes(0.06));
    /** Files of which the facts are held; some hundred bytes a face. */
    private static final long MOST_KNOWN = 2_000;
    /** How many times its file a font takes in memory; measured on those that ship. */
    private static final long READ = 5;
    /** Weights so near to each other are the same style of a family. */
    private static final int SAME_STYLE = 100;

    private final FontMapper mapper;
    private final ShippedMeasures shipped;
    private final BrandKeeper keeper;
    private final BlobStore blobs;
    private final FontTrial trial;
    private final Ids ids;
    private final Clock clock;
    private final TransactionTemplate transaction;
    private final Cache<String, List<FontFace>> read =
            Caffeine.newBuilder().maximumWeight(MOST_HELD).weigher(Fonts::held).build();
    /** Lists ask for all of them, far more than are held read. */
    private final Cache<String, List<FaceFacts>> facts =
            Caffeine.newBuilder().maximumSize(MOST_KNOWN).build();

    Fonts(
            FontMapper mapper,
            ShippedMeasures shipped,
            BrandKeeper keeper,
            BlobStore blobs,
            FontTrial trial,
            Ids ids,
            Clock clock,
            TransactionTemplate transaction) {
        this.mapper = mapper;
        this.shipped = shipped;
        this.keeper = keeper;
        this.blobs = blobs;
        this.trial = trial;
        this.ids = ids;
        this.clock = clock;
        this.transaction = transaction;
    }

    /** One that is larger than all together may be is held all the same, alone. */
    private static int held(String blob, List<FontFace> faces) {
        long bytes = faces.stream().mapToLong(FontFace::fileSize).max().orElse(0);
        return (int) Math.min(MOST_HELD, READ * bytes);
    }

    /**
     * @param brandId nothing: every brand has it
     * @return every face of the file; those that are known already as they are
     * @throws app.zumbido.formats.fonts.UnreadableFontException if there is none in it
     */
    List<FaceAtHand> add(@Nullable UUID brandId, String fileName, InputStream content) {
        if (brandId != null) {
            keeper.require(brandId);
        }
        try (IncomingFile file = blobs.receive(content)) {
            List<FontFace> faces = trial.read(file.content());
            file.keep();
            read.put(file.name(), faces);
            String name = fileName.isBlank() ? "font" : fileName.strip();
            return Objects.requireNonNull(transaction.execute(status -> {
                List<FaceAtHand> added = new ArrayList<>();
                for (int i = 0; i < faces.size(); i++) {
                    FontRow row = mapper.same(file.name(), i, brandId);
                    if (row == null) {
                        row = row(brandId, name, file.name(), i, faces.get(i));
                        mapper.insert(row);
                    }
                    added.add(atHand(row));
                }
                return added;
            }));
        }
    }

    @Override
    public List<FontRow> usedBy(Brand brand) {
        Set<String> families =
                brand.type().families().stream().map(FontFamily::name).collect(Collectors.toSet());
        return mapper.at(brand.id()).stream()
                .filter(row -> row.brandId() != null || families.contains(row.family()))
                .toList();
    }

    @Override
    public List<FontRow> ofBrand(UUID brand) {
        return mapper.ofBrand(brand);
    }

    @Override
    public FontRow ready(String blob, int face, String fileName) {
        List<FontFace> faces = trial.read(blobs.get(blob));
        if (face < 0 || face >= faces.size()) {
            throw UnreadableFontException.noSuchFace(face);
        }
        return row(null, fileName, blob, face, faces.get(face));
    }

    @Override
    public void put(FontRow face, UUID brand) {
        if (mapper.same(face.blob(), face.face(), brand) == null) {
            mapper.insert(face.of(ids.next(), brand));
        }
    }

    private FontRow row(@Nullable UUID brandId, String fileName, String blob, int face, FontFace font) {
        return new FontRow(
                ids.next(),
                brandId,
                fileName.length() > LONGEST_FILE_NAME ? fileName.substring(0, LONGEST_FILE_NAME) : fileName,
                blob,
                face,
                font.family(),
                font.style(),
                font.weight(),
                font.isItalic(),
                font.measured().kind(),
                font.embedding(),
                clock.instant());
    }

    /** Takes an own face away; what is set in it keeps its name. */
    void remove(UUID id) {
        row(id);
        mapper.setRemoved(id, clock.instant());
    }

    /** Puts a face back that was taken away. */
    void putBack(UUID id) {
        mapper.putBack(id);
    }

    /** @param brandId nothing: what every brand has @return those that somebody gave, then those that ship */
    List<FaceAtHand> at(@Nullable UUID brandId) {
        List<FaceAtHand> all = new ArrayList<>(own(brandId));
        shipped.faces()
                .forEach((id, font) ->
                        all.add(FaceAtHand.of(ShippedFaces.face(id).orElseThrow(), font)));
        return all;
    }

    List<FaceAtHand> own(@Nullable UUID brandId) {
        return mapper.at(brandId).stream().map(this::atHand).toList();
    }

    private FaceAtHand atHand(FontRow row) {
        List<FaceFacts> known = facts.get(
                row.blob(), blob -> faces(blob).stream().map(FontFace::facts).toList());
        return FaceAtHand.of(row, known.get(row.face()), () -> font(row));
    }

    private List<FontFace> faces(String blob) {
        return read.get(blob, file -> FontFile.read(blobs.get(file)));
    }

    private FontFace font(FontRow row) {
        return faces(row.blob()).get(row.face());
    }

    private FontRow row(UUID id) {
        return Optional.ofNullable(mapper.find(id)).orElseThrow(() -> new UnknownFontException(id.toString()));
    }

    /** @throws UnknownFontException if there is no such face */
    FaceAtHand find(String id) {
        FontFace font = ShippedFaces.face(id).isPresent() ? shipped.faces().get(id) : null;
        if (font != null) {
            return FaceAtHand.of(ShippedFaces.face(id).orElseThrow(), font);
        }
        FontRow row = row(uuid(id));
        return atHand(row);
    }

    /** @return the whole file that the face is in */
    byte[] file(String id) {
        return ShippedFaces.face(id)
                .map(ShippedFaces.Shipped::bytes)
                .orElseGet(() -> blobs.get(row(uuid(id)).blob()));
    }

    static boolean isShipped(String id) {
        return ShippedFaces.face(id).isPresent();
    }

    /** @return the face as browsers take it: in parts where it ships, else whole */
    byte[] part(String id, int part) {
        Optional<ShippedFaces.Shipped> face = ShippedFaces.face(id);
        int parts = face.map(one -> one.file().page().size()).orElse(1);
        if (part < 0 || part >= parts) {
            throw new UnknownFontException(id + " of " + parts + " parts");
        }
        return face.map(one -> ShippedFaces.bytes(one.file().page().get(part).file()))
                .orElseGet(() -> font(row(uuid(id))).standalone());
    }

    private static UUID uuid(String id) {
        try {
            return UUID.fromString(id);
        } catch (IllegalArgumentException e) {
            throw new UnknownFontException(id);
        }
    }

    /** @return of all faces of the family the one nearest to how the role is set; one of the brand before one that ships */
    Optional<FaceAtHand> nearest(UUID brandId, Lettering lettering) {
        return nearest(at(brandId), lettering);
    }

    /** @return a face of exactly that style whose file may be put into documents that others edit */
    Optional<FaceAtHand> embeddable(UUID brandId, String family, int weight, boolean italic) {
        return at(brandId).stream()
                .filter(one -> one.face().family().equalsIgnoreCase(family))
                .filter(one -> one.face().italic() == italic)
                .filter(one -> Math.abs(one.face().weight() - weight) <= SAME_STYLE)
                .filter(one -> one.embedding() == Embedding.INSTALLABLE || one.embedding() == Embedding.EDITABLE)
                .min(Comparator.comparing(FaceAtHand::origin)
                        .reversed()
                        .thenComparingInt(one -> Math.abs(one.face().weight() - weight)));
    }

    static Optional<FaceAtHand> nearest(List<FaceAtHand> all, Lettering lettering) {
        return nearest(all, lettering.family(), lettering.weight(), lettering.italic());
    }

    /** @return of all faces of a family the one nearest to that weight and style */
    Optional<FaceAtHand> nearest(UUID brandId, String family, int weight, boolean italic) {
        return nearest(at(brandId), family, weight, italic);
    }

    private static Optional<FaceAtHand> nearest(List<FaceAtHand> all, String family, int weight, boolean italic) {
        return all.stream()
                .filter(one -> one.face().family().equalsIgnoreCase(family))
                .min(Comparator.comparing(FaceAtHand::origin)
                        .reversed()
                        .thenComparingInt(one -> one.face().distanceTo(weight, italic)));
    }

    /** @return the family of that name as it is made, whether there is a file of it or not */
    FontFamily family(UUID brandId, String name) {
        return mapper.at(brandId).stream()
                .filter(row -> row.family().equalsIgnoreCase(name))
                .findFirst()
                .map(row -> new FontFamily(row.family(), row.kind()))
                .orElseGet(() -> KnownFamilies.of(name));
    }

    @Override
    public Set<String> heldBlobs() {
        return mapper.blobs();
    }
}
