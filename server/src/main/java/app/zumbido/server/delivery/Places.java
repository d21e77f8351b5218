package app.zumbido.server.delivery;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.handover.PlaceOfUse;
import app.zumbido.core.logos.LogoVersion;
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
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/** Where a brand is set up by hand. They stand beside the brand: what is typed in elsewhere is not undone by undoing here. */
@Service
class Places implements BrandPlaces {
    private static final JsonMapper JSON = new JsonMapper();

    /** As a place is kept; nothing: the logo was not given there. */
    private record Kept(List<KeptColor> colors, @Nullable String logo) {}

    private record KeptColor(UUID swatch, String name, String hex) {
        static KeptColor of(PlaceOfUse.Given given) {
            return new KeptColor(
                    given.swatch().value(), given.name(), given.color().hex());
        }

        PlaceOfUse.Given given() {
            return new PlaceOfUse.Given(new SwatchId(swatch), name, Rgb.ofHex(hex));
        }
    }

    private final PlaceMapper mapper;
    private final BrandKeeper keeper;
    private final Deliveries deliveries;
    private final Ids ids;
    private final Clock clock;

    Places(PlaceMapper mapper, BrandKeeper keeper, Deliveries deliveries, Ids ids, Clock clock) {
        this.mapper = mapper;
        this.keeper = keeper;
        this.deliveries = deliveries;
        this.ids = ids;
        this.clock = clock;
    }

    @Override
    public List<PlaceRow> kept(UUID brand) {
        return mapper.ofBrand(brand);
    }

    @Override
    public PlaceRow ready(PlaceRow row) {
        try {
            PlaceOfUse place = place(row);
            return new PlaceRow(
                    row.id(), row.brandId(), place.name(), place.kind().name(), json(place), row.addedAt());
        } catch (JacksonException | NullPointerException e) {
            throw new IllegalArgumentException("What was given to the place cannot be read", e);
        }
    }

    @Override
    public void put(PlaceRow row, UUID brand) {
        mapper.insert(row.of(ids.next(), brand));
    }

    List<PlaceResponse> ofBrand(UUID brandId) {
        Brand brand = keeper.load(brandId).brand();
        return mapper.ofBrand(brandId).stream()
                .map(row -> PlaceResponse.of(place(row), brand, logo(brand)))
                .toList();
    }

    /** @return a key of the logo as it looks; nothing: there is none */
    private Optional<String> logo(Brand brand) {
        return brand.logos().forms().keySet().stream()
                .findFirst()
                .flatMap(form -> deliveries.assets(brand).logo(form, LogoVersion.LIGHT))
                .map(picture -> HandedFile.sum(picture.svg()));
    }

    /**
     * @param swatches that are typed in there; nothing: every one that may be used
     * @param logo whether the logo is put in there, too
     */
    PlaceResponse add(UUID brandId, String name, PlaceOfUse.Kind kind, @Nullable List<UUID> swatches, boolean logo) {
        Brand brand = keeper.load(brandId).brand();
        Optional<String> now = logo(brand);
        PlaceOfUse place =
                new PlaceOfUse(ids.next(), name, kind, given(brand, swatches), logo ? now : Optional.empty());
        mapper.insert(new PlaceRow(place.id(), brandId, name, kind.name(), json(place), clock.instant()));
        return PlaceResponse.of(place, brand, now);
    }

    PlaceResponse change(
            UUID brandId, UUID id, String name, PlaceOfUse.Kind kind, @Nullable List<UUID> swatches, boolean logo) {
        return changed(brandId, id, (place, brand) -> {
            List<PlaceOfUse.Given> given = swatches == null ? place.given() : keeping(place, given(brand, swatches));
            Optional<String> kept = place.logo().isPresent() ? place.logo() : logo(brand);
            return new PlaceOfUse(id, name, kind, given, logo ? kept : Optional.empty());
        });
    }

    /** Somebody has typed in there what is right now. */
    PlaceResponse redone(UUID brandId, UUID id) {
        return changed(brandId, id, (place, brand) -> place.redone(brand, logo(brand)));
    }

    void remove(UUID brandId, UUID id) {
        row(brandId, id);
        mapper.setRemoved(brandId, id, clock.instant());
    }

    PlaceResponse putBack(UUID brandId, UUID id) {
        Brand brand = keeper.load(brandId).brand();
        if (mapper.setRemoved(brandId, id, null) == 0) {
            throw new UnknownPlaceException(id);
        }
        return PlaceResponse.of(place(row(brandId, id)), brand, logo(brand));
    }

    private PlaceResponse changed(UUID brandId, UUID id, BiFunction<PlaceOfUse, Brand, PlaceOfUse> change) {
        Brand brand = keeper.load(brandId).brand();
        PlaceOfUse place = change.apply(place(row(brandId, id)), brand);
        mapper.update(id, place.name(), place.kind().name(), json(place));
        return PlaceResponse.of(place, brand, logo(brand));
    }

    /** @throws UnknownPlaceException if the brand is not set up there */
    PlaceResponse find(UUID brandId, UUID id) {
        Brand brand = keeper.load(brandId).brand();
        return PlaceResponse.of(place(row(brandId, id)), brand, logo(brand));
    }

    private PlaceRow row(UUID brandId, UUID id) {
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
        return JSON.writeValueAsString(new Kept(
                place.given().stream().map(KeptColor::of).toList(), place.logo().orElse(null)));
    }

    private static PlaceOfUse place(PlaceRow row) {
        Kept kept = JSON.readValue(row.given(), Kept.class);
        return new PlaceOfUse(
                row.id(),
                row.name(),
                PlaceOfUse.Kind.valueOf(row.kind()),
                kept.colors().stream().map(KeptColor::given).toList(),
                Optional.ofNullable(kept.logo()));
    }
}
