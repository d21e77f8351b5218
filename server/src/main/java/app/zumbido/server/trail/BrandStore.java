package app.zumbido.server.trail;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.palette.Palette;
import app.zumbido.core.palette.Swatch;
import app.zumbido.server.trail.form.StoredForm;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Brands in the database: the present is the snapshot at the trail's cursor. Snapshots are read and written outside of every
 * transaction; a transaction only compares, inserts and updates. Brands read lately are remembered under their revision.
 */
@Component
class BrandStore {
    private static final int REMEMBERED = 64;
    /** SQLite takes 32,766 values in a statement, and each colour is four. */
    private static final int COLORS_AT_ONCE = 1000;

    private final BrandMapper brands;
    private final TrailMapper trail;
    private final TransactionTemplate reading;
    private final TransactionTemplate writing;
    private final ApplicationEventPublisher events;
    private final RecentBrands recent = new RecentBrands();

    BrandStore(
            BrandMapper brands,
            TrailMapper trail,
            PlatformTransactionManager transactions,
            ApplicationEventPublisher events) {
        this.brands = brands;
        this.trail = trail;
        this.events = events;
        writing = new TransactionTemplate(transactions);
        reading = new TransactionTemplate(transactions);
        reading.setReadOnly(true);
    }

    <T> T read(Supplier<T> query) {
        return reading.execute(status -> query.get());
    }

    /** @throws UnknownBrandException if it is not on the shelf */
    StandingBrand load(UUID id) {
        BrandRow row = row(id);
        Brand known = recent.find(id, row.revision());
        if (known != null) {
            return new StandingBrand(row, known);
        }
        Brand brand = asOf(id, row.cursor()).at(row.revision());
        recent.put(brand);
        return new StandingBrand(row, brand);
    }

    /** @throws UnknownBrandException if it is not on the shelf */
    BrandRow row(UUID id) {
        BrandRow row = read(() -> brands.find(id));
        if (row == null || row.deletedAt() != null) {
            throw new UnknownBrandException(id);
        }
        return row;
    }

    boolean keepsAny() {
        return read(brands::count) > 0;
    }

    boolean isKnown(UUID id) {
        return read(() -> brands.find(id)) != null;
    }

    /** @param revision of a step that has a snapshot */
    Brand asOf(UUID id, long revision) {
        return StoredForm.brand(snapshot(id, revision));
    }

    byte[] snapshot(UUID id, long revision) {
        return Objects.requireNonNull(read(() -> trail.snapshot(id, revision)), "the step has a snapshot")
                .snapshot();
    }

    /** @param beside what is written in the same transaction */
    void begin(BrandRow row, Brand brand, StepRow step, Runnable beside) {
        byte[] snapshot = StoredForm.snapshot(brand);
        writing.executeWithoutResult(status -> {
            brands.insert(row);
            insertColors(brand);
            trail.insert(step, snapshot);
            beside.run();
        });
    }

    /**
     * Writes one more step.
     *
     * @param before as it was read
     * @param snapshot none for undo and redo
     * @return false if somebody else has changed the brand since; nothing is written then
     */
    boolean append(StandingBrand before, BrandRow after, Brand brand, StepRow step, byte @Nullable [] snapshot) {
        boolean written = Boolean.TRUE.equals(writing.execute(status -> {
            if (brands.update(after, before.row().revision()) == 0) {
                return false;
            }
            trail.insert(step, snapshot);
            replaceColors(before.brand().palette(), brand);
            return true;
        }));
        if (written) {
            recent.put(brand);
            events.publishEvent(new BrandChanged(brand.id(), brand.revision()));
        }
        return written;
    }

    /** @return false if somebody else has changed the brand since */
    boolean delete(BrandRow row, Instant at) {
        return Boolean.TRUE.equals(writing.execute(status -> brands.markDeleted(row.id(), at, row.revision()) > 0));
    }

    /** @throws UnknownBrandException if there never was one of that id */
    void putBack(UUID id) {
        if (!isKnown(id)) {
            throw new UnknownBrandException(id);
        }
        writing.executeWithoutResult(status -> brands.putBack(id));
    }

    private void replaceColors(Palette before, Brand after) {
        if (!colors(after.id(), before).equals(colors(after.id(), after.palette()))) {
            brands.deleteColors(after.id());
            insertColors(after);
        }
    }

    void insertColors(Brand brand) {
        List<BrandMapper.ShelfColorRow> colors = colors(brand.id(), brand.palette());
        for (int from = 0; from < colors.size(); from += COLORS_AT_ONCE) {
            brands.insertColors(colors.subList(from, Math.min(from + COLORS_AT_ONCE, colors.size())));
        }
    }

    private static List<BrandMapper.ShelfColorRow> colors(UUID brand, Palette palette) {
        List<BrandMapper.ShelfColorRow> colors = new ArrayList<>();
        for (Swatch swatch : palette.swatches()) {
            colors.add(new BrandMapper.ShelfColorRow(
                    brand, colors.size(), swatch.color().hex(), swatch.name()));
        }
        return colors;
    }

    /** What was read or written last, by brand. */
    private static final class RecentBrands {
        private final Map<UUID, Brand> brands = new LinkedHashMap<>(16, 0.75f, true) {
            @Override
            protected boolean removeEldestEntry(Map.Entry<UUID, Brand> eldest) {
                return size() > REMEMBERED;
            }
        };

        synchronized @Nullable Brand find(UUID id, long revision) {
            Brand brand = brands.get(id);
            return brand != null && brand.revision() == revision ? brand : null;
        }

        synchronized void put(Brand brand) {
            brands.put(brand.id(), brand);
        }
    }
}
