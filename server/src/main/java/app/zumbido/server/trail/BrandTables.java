package app.zumbido.server.trail;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.SwatchId;
import app.zumbido.core.theme.SlotFill;
import app.zumbido.core.theme.SlotReason;
import app.zumbido.core.theme.SlotSetting;
import app.zumbido.core.theme.Theme;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.core.type.FontPair;
import app.zumbido.server.shelf.BrandRow;
import app.zumbido.server.theme.SlotRow;
import app.zumbido.server.theme.ThemeMapper;
import app.zumbido.server.theme.ThemeRow;
import java.util.Collections;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** The present of a brand in rows, and back. Brands read lately are remembered under their revision. */
@Component
class BrandTables {
    private static final int REMEMBERED = 64;

    private final PaletteTables palettes;
    private final ThemeMapper themes;
    private final RoleTables roles;
    private final Map<UUID, Brand> recent = Collections.synchronizedMap(new LinkedHashMap<>(16, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<UUID, Brand> eldest) {
            return size() > REMEMBERED;
        }
    });

    BrandTables(PaletteTables palettes, ThemeMapper themes, RoleTables roles) {
        this.palettes = palettes;
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
                palettes.read(row.id()),
                roles.read(row.id()),
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
        roles.clear(brand.id());
        palettes.clear(brand.id());
        themes.update(themeRow(brand));
        insertParts(brand);
    }

    private void insertParts(Brand brand) {
        palettes.write(brand.id(), brand.palette());
        roles.write(brand.id(), brand.roles());
        brand.theme().slots().forEach((slot, setting) -> themes.insertSlot(row(brand, slot, setting)));
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
