package app.zumbido.server.delivery;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.handover.PlaceOfUse;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.palette.SwatchId;
import app.zumbido.server.storage.Ids;
import app.zumbido.server.trail.BrandKeeper;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.BiFunction;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Where a brand is set up by hand. They stand beside the brand: what is typed in elsewhere is not undone by undoing here. */
@Service
class Places {
    private static final JsonMapper JSON = new JsonMapper();

    /** As it is kept. */
    private record Kept(UUID swatch, String name, String hex) {
        static Kept of(PlaceOfUse.Given given) {
            return new Kept(given.swatch().value(), given.name(), given.color().hex());
        }

        PlaceOfUse.Given given() {
            return new PlaceOfUse.Given(new SwatchId(swatch), name, Rgb.ofHex(hex));
        }
    }

    private final PlaceMapper mapper;
    private final BrandKeeper keeper;
    private final Ids ids;
    private final Clock clock;

    Places(PlaceMapper mapper, BrandKeeper keeper, Ids ids, Clock clock) {
        this.mapper = mapper;
        this.keeper = keeper;
        this.ids = ids;
        this.clock = clock;
    }

    List<PlaceResponse> ofBrand(UUID brandId) {
        Brand brand = keeper.load(brandId).brand();
        return mapper.ofBrand(brandId).stream()
                .map(row -> PlaceResponse.of(place(row), brand))
                .toList();
    }

    /** @param swatches that are typed in there; nothing: every one that may be used */
    @Transactional
    PlaceResponse add(UUID brandId, String name, PlaceOfUse.Kind kind, @Nullable List<UUID> swatches) {
        Brand brand = keeper.load(brandId).brand();
        PlaceOfUse place = new PlaceOfUse(ids.next(), name, kind, given(brand, swatches));
        mapper.insert(new PlaceRow(place.id(), brandId, name, kind.name(), json(place), clock.instant()));
        return PlaceResponse.of(place, brand);
    }

    @Transactional
    PlaceResponse change(UUID brandId, UUID id, String name, PlaceOfUse.Kind kind, @Nullable List<UUID> swatches) {
        return changed(brandId, id, (place, brand) -> {
            List<PlaceOfUse.Given> given = swatches == null ? place.given() : keeping(place, given(brand, swatches));
            return new PlaceOfUse(id, name, kind, given);
        });
    }

    /** Somebody has typed in there what is right now. */
    @Transactional
    PlaceResponse redone(UUID brandId, UUID id) {
        return changed(brandId, id, PlaceOfUse::redone);
    }

    @Transactional
    void remove(UUID brandId, UUID id) {
        find(brandId, id);
        mapper.setRemoved(brandId, id, clock.instant());
    }

    @Transactional
    PlaceResponse putBack(UUID brandId, UUID id) {
        Brand brand = keeper.load(brandId).brand();
        if (mapper.setRemoved(brandId, id, null) == 0) {
            throw new UnknownPlaceException(id);
        }
        return PlaceResponse.of(place(find(brandId, id)), brand);
    }

    private PlaceResponse changed(UUID brandId, UUID id, BiFunction<PlaceOfUse, Brand, PlaceOfUse> change) {
        Brand brand = keeper.load(brandId).brand();
        PlaceOfUse place = change.apply(place(find(brandId, id)), brand);
        mapper.update(id, place.name(), place.kind().name(), json(place));
        return PlaceResponse.of(place, brand);
    }

    private PlaceRow find(UUID brandId, UUID id) {
        return Optional.ofNullable(mapper.find(brandId, id)).orElseThrow(() -> new UnknownPlaceException(id));
    }

    private static List<PlaceOfUse.Given> given(Brand brand, @Nullable List<UUID> swatches) {
        List<Swatch> chosen = swatches == null
                ? brand.usable().swatches()
                : swatches.stream()
                        .map(id -> brand.palette().get(new SwatchId(id)))
                        .toList();
        return chosen.stream()
                .limit(PlaceOfUse.MOST_GIVEN)
                .map(swatch -> new PlaceOfUse.Given(swatch.id(), swatch.name(), swatch.color()))
                .toList();
    }

    /** What is there already is as it was typed in, until somebody says that it has been redone. */
    private static List<PlaceOfUse.Given> keeping(PlaceOfUse place, List<PlaceOfUse.Given> wanted) {
        return wanted.stream()
                .map(one -> place.given().stream()
                        .filter(before -> before.swatch().equals(one.swatch()))
                        .findFirst()
                        .orElse(one))
                .toList();
    }

    private static String json(PlaceOfUse place) {
        return JSON.writeValueAsString(place.given().stream().map(Kept::of).toList());
    }

    private static PlaceOfUse place(PlaceRow row) {
        List<Kept> given = JSON.readValue(row.given(), new TypeReference<List<Kept>>() {});
        return new PlaceOfUse(
                row.id(),
                row.name(),
                PlaceOfUse.Kind.valueOf(row.kind()),
                given.stream().map(Kept::given).toList());
    }
}
