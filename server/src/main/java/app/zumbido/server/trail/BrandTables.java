package app.zumbido.server.trail;

import app.zumbido.core.brand.Brand;
import app.zumbido.server.shelf.BrandRow;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** The present of a brand in rows, and back. Brands read lately are remembered under their revision. */
@Component
class BrandTables {
    private static final int REMEMBERED = 64;

    private final PaletteTables palettes;
    private final ThemeTables themes;
    private final RoleTables roles;
    private final GroundTables grounds;
    private final Map<UUID, Brand> recent = Collections.synchronizedMap(new LinkedHashMap<>(16, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<UUID, Brand> eldest) {
            return size() > REMEMBERED;
        }
    });

    BrandTables(PaletteTables palettes, ThemeTables themes, RoleTables roles, GroundTables grounds) {
        this.palettes = palettes;
        this.themes = themes;
        this.roles = roles;
        this.grounds = grounds;
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
        return new Brand(
                row.id(),
                row.revision(),
                row.name(),
                Optional.ofNullable(row.shortCode()),
                palettes.read(row.id()),
                roles.read(row.id()),
                themes.read(row.id()),
                grounds.read(row.id()));
    }

    /** Writes what hangs on the brand's own row; that row exists already. */
    void begin(Brand brand) {
        palettes.write(brand.id(), brand.palette());
        roles.write(brand.id(), brand.roles());
        themes.write(brand.id(), brand.themes());
        grounds.write(brand.id(), brand.grounds());
    }

    /** Replaces what hangs on the brand's own row. */
    void replace(Brand brand) {
        grounds.clear(brand.id());
        themes.clear(brand.id());
        roles.clear(brand.id());
        palettes.clear(brand.id());
        begin(brand);
    }
}
