package app.zumbido.server.trail;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.Origin;
import app.zumbido.core.palette.Palette;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.palette.SwatchId;
import app.zumbido.core.roles.Roles;
import app.zumbido.core.theme.SlotFill;
import app.zumbido.core.theme.SlotReason;
import app.zumbido.core.theme.SlotSetting;
import app.zumbido.core.theme.Theme;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.core.type.FontPair;
import app.zumbido.server.palette.OriginRow;
import app.zumbido.server.palette.SwatchMapper;
import app.zumbido.server.palette.SwatchRow;
import app.zumbido.server.roles.RoleMapper;
import app.zumbido.server.roles.RoleRow;
import app.zumbido.server.shelf.BrandRow;
import app.zumbido.server.theme.SlotRow;
import app.zumbido.server.theme.ThemeMapper;
import app.zumbido.server.theme.ThemeRow;
import java.util.Collections;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The present of a brand in rows, and back. Brands read lately are remembered under their revision. */
@Component
class BrandTables {
    private static final int REMEMBERED = 64;
    private static final String OFF_LIMITS = "off-limits";

    private final SwatchMapper swatches;
    private final ThemeMapper themes;
    private final RoleMapper roles;
    private final Map<UUID, Brand> recent = Collections.synchronizedMap(new LinkedHashMap<>(16, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<UUID, Brand> eldest) {
            return size() > REMEMBERED;
        }
    });

    BrandTables(SwatchMapper swatches, ThemeMapper themes, RoleMapper roles) {
        this.swatches = swatches;
        this.themes = themes;
        this.roles = roles;
    }

    /** @param row as it was committed: a revision that is rolled back may come again with another content */
    Brand read(BrandRow row) {
        Brand known = recent.get(row.id());
        if (known != null && known.revision() == row.revision()) {
            return known;
        }
        Brand brand = readParts(row);
        recent.put(row.id(), brand);
        return brand;
    }

    private Brand readParts(BrandRow row) {
        Map<UUID, List<Origin>> origins = swatches.origins(row.id()).stream()
                .collect(Collectors.groupingBy(
                        OriginRow::swatchId, Collectors.mapping(BrandTables::origin, Collectors.toList())));
        List<Swatch> palette = swatches.ofBrand(row.id()).stream()
                .map(swatch -> swatch(swatch, origins.getOrDefault(swatch.id(), List.of())))
                .toList();
        ThemeRow theme = Objects.requireNonNull(themes.ofBrand(row.id()), "every brand has a theme");
        Map<ThemeSlot, SlotSetting> slots = new EnumMap<>(ThemeSlot.class);
        for (SlotRow slot : themes.slots(theme.id())) {
            slots.put(ThemeSlot.ofCode(slot.slot()).orElseThrow(), setting(slot));
        }
        return new Brand(
                row.id(),
                row.revision(),
                row.name(),
                Optional.ofNullable(row.shortCode()),
                new Palette(palette),
                new Roles(roles.ofBrand(row.id()).stream()
                        .map(role -> new SwatchId(role.swatchId()))
                        .toList()),
                new Theme(theme.id(), theme.name(), new FontPair(theme.headingFont(), theme.bodyFont()), slots));
    }

    /** Writes what hangs on the brand's own row; that row exists already. */
    void begin(Brand brand) {
        themes.insert(themeRow(brand));
        insertParts(brand);
    }

    /** Replaces what hangs on the brand's own row. */
    void replace(Brand brand) {
        themes.deleteSlots(brand.theme().id());
        roles.deleteOfBrand(brand.id());
        swatches.deleteOrigins(brand.id());
        swatches.deleteOfBrand(brand.id());
        themes.update(themeRow(brand));
        insertParts(brand);
    }

    private void insertParts(Brand brand) {
        int position = 0;
        for (Swatch swatch : brand.palette().swatches()) {
            insert(brand.id(), position++, swatch);
        }
        int place = 0;
        for (SwatchId swatch : brand.roles().offLimits()) {
            roles.insert(new RoleRow(brand.id(), OFF_LIMITS, place++, swatch.value()));
        }
        brand.theme().slots().forEach((slot, setting) -> themes.insertSlot(row(brand, slot, setting)));
    }

    private static Swatch swatch(SwatchRow row, List<Origin> origins) {
        return new Swatch(new SwatchId(row.id()), row.name(), Rgb.ofHex(row.hex()), origins);
    }

    private static Origin origin(OriginRow row) {
        return new Origin(row.source(), optional(row.x()), optional(row.y()), optional(row.area()));
    }

    private void insert(UUID brandId, int position, Swatch swatch) {
        UUID id = swatch.id().value();
        swatches.insert(new SwatchRow(
                brandId, id, position, swatch.name(), swatch.color().hex()));
        int place = 0;
        for (Origin origin : swatch.origins()) {
            swatches.insertOrigin(new OriginRow(
                    brandId,
                    id,
                    place++,
                    origin.source(),
                    nullable(origin.x()),
                    nullable(origin.y()),
                    nullable(origin.area())));
        }
    }

    private static OptionalInt optional(@Nullable Integer value) {
        return value == null ? OptionalInt.empty() : OptionalInt.of(value);
    }

    private static @Nullable Integer nullable(OptionalInt value) {
        return value.isPresent() ? value.getAsInt() : null;
    }

    private static ThemeRow themeRow(Brand brand) {
        Theme theme = brand.theme();
        return new ThemeRow(
                theme.id(),
                brand.id(),
                theme.name(),
                theme.fonts().heading(),
                theme.fonts().body());
    }

    private static SlotSetting setting(SlotRow row) {
        SlotFill fill = switch (row.kind()) {
            case "swatch" -> new SlotFill.OfSwatch(swatchId(row));
            case "derived" -> new SlotFill.Derived(swatchId(row), Objects.requireNonNull(row.lightness()));
            case "fixed" -> new SlotFill.Fixed(Rgb.ofHex(Objects.requireNonNull(row.hex())));
            default -> SlotFill.EMPTY;
        };
        return new SlotSetting(fill, Optional.ofNullable(row.reason()).map(SlotReason::valueOf));
    }

    private static SwatchId swatchId(SlotRow row) {
        return new SwatchId(Objects.requireNonNull(row.swatchId()));
    }

    private static SlotRow row(Brand brand, ThemeSlot slot, SlotSetting setting) {
        String reason = setting.reason().map(SlotReason::name).orElse(null);
        UUID theme = brand.theme().id();
        return setting.fill()
                .match(
                        f -> new SlotRow(
                                theme,
                                slot.code(),
                                "swatch",
                                brand.id(),
                                f.swatch().value(),
                                null,
                                null,
                                reason),
                        f -> new SlotRow(
                                theme,
                                slot.code(),
                                "derived",
                                brand.id(),
                                f.swatch().value(),
                                f.lightness(),
                                null,
                                reason),
                        f -> new SlotRow(
                                theme,
                                slot.code(),
                                "fixed",
                                brand.id(),
                                null,
                                null,
                                f.color().hex(),
                                reason),
                        f -> new SlotRow(theme, slot.code(), "empty", brand.id(), null, null, null, reason));
    }
}
