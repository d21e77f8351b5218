package app.zumbido.server.delivery;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.Look;
import app.zumbido.core.palette.Swatch;
import app.zumbido.formats.delivery.Order;
import app.zumbido.formats.parcel.Catalogue;
import app.zumbido.formats.parcel.Item;
import app.zumbido.formats.parcel.Parcel;
import app.zumbido.server.storage.BlobHolder;
import app.zumbido.server.storage.BlobStore;
import app.zumbido.server.storage.Ids;
import app.zumbido.server.storage.IncomingFile;
import app.zumbido.server.trail.BrandKeeper;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.time.Clock;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** The log of what was handed over, with the files as they were. */
@Service
class HandedOver implements BlobHolder {
    private static final int MOST = 100;
    /** Brands whose present files are remembered, so that asking again what is out of date costs nothing. */
    private static final int MOST_REMEMBERED = 8;

    private static final Set<String> EVERYTHING =
            Catalogue.ITEMS.stream().map(Item::id).collect(Collectors.toUnmodifiableSet());
    private static final JsonMapper JSON = new JsonMapper();

    private record State(UUID brand, long revision, UUID theme) {}

    private final HandedOverMapper mapper;
    private final BrandKeeper keeper;
    private final Deliveries deliveries;
    private final BlobStore blobs;
    private final Ids ids;
    private final Clock clock;
    private final Cache<State, Map<String, String>> present =
            Caffeine.newBuilder().maximumSize(MOST_REMEMBERED).build();

    HandedOver(
            HandedOverMapper mapper, BrandKeeper keeper, Deliveries deliveries, BlobStore blobs, Ids ids, Clock clock) {
        this.mapper = mapper;
        this.keeper = keeper;
        this.deliveries = deliveries;
        this.blobs = blobs;
        this.ids = ids;
        this.clock = clock;
    }

    void add(PreparedParcel made, InputStream content) {
        try (IncomingFile file = blobs.receive(content)) {
            long size = file.content().length;
            file.keep();
            mapper.insert(new HandedOverRow(
                    ids.next(),
                    made.look().brand().id(),
                    made.look().brand().revision(),
                    made.look().themeId(),
                    made.fileName(),
                    file.name(),
                    size,
                    JSON.writeValueAsString(made.files()),
                    JSON.writeValueAsString(made.openPoints()),
                    clock.instant()));
        }
    }

    List<HandedOverResponse> ofBrand(UUID brand) {
        keeper.require(brand);
        return mapper.ofBrand(brand, MOST).stream()
                .map(row -> HandedOverResponse.of(row, files(row), openPoints(row)))
                .toList();
    }

    private static List<HandedFile> files(HandedOverRow row) {
        return JSON.readValue(row.files(), new TypeReference<List<HandedFile>>() {});
    }

    private static List<OpenPointResponse> openPoints(HandedOverRow row) {
        return JSON.readValue(row.openPoints(), new TypeReference<List<OpenPointResponse>>() {});
    }

    /** @throws UnknownDeliveryException if the brand was never handed over under that id */
    HandedOverRow find(UUID brand, UUID id) {
        HandedOverRow row = mapper.find(brand, id);
        if (row == null) {
            throw new UnknownDeliveryException(id.toString());
        }
        return row;
    }

    byte[] content(HandedOverRow row) {
        return blobs.get(row.blob());
    }

    /** What has gone out of date of it, file by file, and which colours are others now. */
    SinceResponse since(UUID brandId, UUID id) {
        HandedOverRow row = find(brandId, id);
        Brand now = keeper.load(brandId).brand();
        boolean hasTheme = now.themes().find(row.themeId()).isPresent();
        Look look = hasTheme ? now.look(row.themeId()) : now.look();
        Map<String, String> files = present(look);
        List<String> outOfDate = files(row).stream()
                .filter(file -> !file.sha256().equals(files.get(key(file))))
                .map(HandedFile::path)
                .toList();
        return new SinceResponse(
                now.revision() > row.revision(), outOfDate, recolored(keeper.asOf(brandId, row.revision()), now));
    }

    /** A brand that is renamed calls its files otherwise; what is in them is what counts. */
    private static String key(HandedFile file) {
        boolean called = Catalogue.ofKind(file.kind())
                .filter(writer -> file.path().endsWith(writer.ending()))
                .isPresent();
        return file.kind() + " " + file.theme() + " " + (called ? "" : file.path());
    }

    private Map<String, String> present(Look look) {
        return present.get(
                new State(look.brand().id(), look.brand().revision(), look.themeId()), state -> summed(look));
    }

    private Map<String, String> summed(Look look) {
        Map<String, String> sums = new HashMap<>();
        Parcel parcel = new Parcel(EVERYTHING, Deliveries::stem);
        try {
            parcel.write(
                    Order.of(look, deliveries.assets(look.brand())),
                    OutputStream.nullOutputStream(),
                    (path, writer, made, content) -> {
                        HandedFile file = HandedFile.of(path, writer.kind(), made.themeId(), content);
                        sums.put(key(file), file.sha256());
                    });
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return sums;
    }

    private static List<SinceResponse.Recolored> recolored(Brand before, Brand now) {
        List<SinceResponse.Recolored> recolored = new ArrayList<>();
        for (Swatch swatch : before.palette().swatches()) {
            String is = now.palette()
                    .find(swatch.id())
                    .map(other -> other.color().hex())
                    .orElse(null);
            if (!swatch.color().hex().equals(is)) {
                recolored.add(new SinceResponse.Recolored(
                        swatch.name(), swatch.color().hex(), is));
            }
        }
        return recolored;
    }

    @Override
    public Set<String> heldBlobs() {
        return mapper.blobs();
    }
}
