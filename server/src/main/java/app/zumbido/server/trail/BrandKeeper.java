package app.zumbido.server.trail;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.Change;
import app.zumbido.core.brand.ChangeKind;
import app.zumbido.core.brand.TrailNote;
import app.zumbido.server.shelf.BrandMapper;
import app.zumbido.server.shelf.BrandRow;
import app.zumbido.server.shelf.UnknownBrandException;
import app.zumbido.server.storage.Ids;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Keeps brands: one transaction takes a change, writes the tables that hold the present, the step on the trail and the
 * snapshot. Nothing is decoded, hashed or drawn in here.
 */
@Service
public class BrandKeeper {
    private final BrandMapper brands;
    private final TrailMapper trail;
    private final BrandTables tables;
    private final TrailJson json;
    private final NewBrandDefaults defaults;
    private final Ids ids;
    private final Clock clock;
    private final ApplicationEventPublisher events;

    BrandKeeper(
            BrandMapper brands,
            TrailMapper trail,
            BrandTables tables,
            TrailJson json,
            NewBrandDefaults defaults,
            Ids ids,
            Clock clock,
            ApplicationEventPublisher events) {
        this.brands = brands;
        this.trail = trail;
        this.tables = tables;
        this.json = json;
        this.defaults = defaults;
        this.ids = ids;
        this.clock = clock;
        this.events = events;
    }

    /** @throws UnknownBrandException if it is not on the shelf */
    @Transactional(readOnly = true)
    public KeptBrand load(UUID id) {
        BrandRow row = standing(id);
        return KeptBrand.of(tables.read(row), row.cursor(), row.tip());
    }

    @Transactional
    public KeptBrand begin(String name, Optional<String> shortCode) {
        Brand brand = defaults.get().begin(ids.next(), name, shortCode, ids.next());
        return begin(brand, TrailNote.of(ChangeKind.BEGUN));
    }

    /**
     * @param pictures by the id of a picture of the original that of the same one in the copy
     * @return a brand of its own that begins as another stands
     */
    @Transactional
    public KeptBrand copy(UUID original, String name, UnaryOperator<UUID> pictures) {
        Brand brand = load(original).brand();
        return begin(brand.copy(ids::next, name).over(pictures), TrailNote.copyOf(brand));
    }

    private KeptBrand begin(Brand brand, TrailNote note) {
        Instant now = clock.instant();
        long revision = brand.revision();
        brands.insert(new BrandRow(
                brand.id(),
                brand.name(),
                brand.shortCode().orElse(null),
                revision,
                revision,
                revision,
                now,
                now,
                null));
        tables.begin(brand);
        trail.insert(
                new StepRow(brand.id(), revision, "begin", null, revision, json.note(note), null, now),
                json.snapshot(brand));
        return KeptBrand.of(brand, revision, revision);
    }

    /**
     * Applies one change as one step.
     *
     * @param change makes the change from the brand as it stands
     * @return the brand afterwards
     * @throws StaleRevisionException if the brand has moved on
     */
    @Transactional
    public KeptBrand change(UUID id, IfMatch ifMatch, Function<Brand, Change> change) {
        BrandRow row = expected(id, ifMatch);
        Brand before = tables.read(row);
        Change made = change.apply(before);
        Brand after = before.apply(made);
        StepRow step = new StepRow(
                id,
                after.revision(),
                "change",
                row.cursor(),
                after.revision(),
                json.note(made.note(before)),
                json.change(made),
                clock.instant());
        trail.insert(step, json.snapshot(after));
        return store(row, after, after.revision(), after.revision());
    }

    /** @throws TrailEndException at the beginning */
    @Transactional
    public KeptBrand undo(UUID id, IfMatch ifMatch) {
        BrandRow row = expected(id, ifMatch);
        StepRow shown = step(id, row.cursor());
        if (shown.base() == null) {
            throw new TrailEndException("undo");
        }
        return goTo(row, "undo", step(id, shown.base()), shown);
    }

    /** @throws TrailEndException at the newest step */
    @Transactional
    public KeptBrand redo(UUID id, IfMatch ifMatch) {
        BrandRow row = expected(id, ifMatch);
        StepRow next = row.cursor() == row.tip() ? null : trail.following(id, row.cursor(), row.tip());
        if (next == null) {
            throw new TrailEndException("redo");
        }
        return goTo(row, "redo", next, next);
    }

    /**
     * Goes to any step between the beginning and the newest one; what lies after it can be redone.
     *
     * @throws UnknownStepException if there is no such step on the way
     */
    @Transactional
    public KeptBrand goTo(UUID id, IfMatch ifMatch, long revision) {
        BrandRow row = expected(id, ifMatch);
        StepRow target = onTheWay(row, revision);
        return goTo(row, revision < row.cursor() ? "undo" : "redo", target, target);
    }

    /** @return the brand as it was after a step */
    @Transactional(readOnly = true)
    public Brand asOf(UUID id, long revision) {
        onTheWay(standing(id), revision);
        return json.brand(trail.snapshot(id, revision).snapshot());
    }

    /** @param theme the one that is meant; absent: the one that is handed over first @return the brand as it looks in it */
    @Transactional(readOnly = true)
    public Brand seenIn(UUID id, @Nullable UUID theme) {
        Brand brand = tables.read(standing(id));
        return theme == null ? brand : brand.seenIn(theme);
    }

    /** @return what a change would make of the brand; nothing is kept */
    @Transactional(readOnly = true)
    public Preview preview(UUID id, Change change) {
        BrandRow row = standing(id);
        Brand before = tables.read(row);
        return new Preview(before, KeptBrand.of(change.applyTo(before), row.cursor(), row.tip()));
    }

    private StepRow onTheWay(BrandRow row, long revision) {
        StepRow step = trail.find(row.id(), revision);
        boolean first = step != null && step.base() == null;
        boolean newest = revision == row.tip();
        if (step == null || !(first || newest || trail.following(row.id(), revision, row.tip()) != null)) {
            throw new UnknownStepException(revision);
        }
        return step;
    }

    private KeptBrand goTo(BrandRow row, String kind, StepRow target, StepRow concerned) {
        Brand brand = json.brand(trail.snapshot(row.id(), target.revision()).snapshot())
                .at(row.revision() + 1);
        trail.insert(
                new StepRow(
                        row.id(),
                        brand.revision(),
                        kind,
                        row.cursor(),
                        target.revision(),
                        concerned.note(),
                        null,
                        clock.instant()),
                null);
        return store(row, brand, target.revision(), row.tip());
    }

    private KeptBrand store(BrandRow row, Brand brand, long cursor, long tip) {
        tables.replace(brand);
        brands.update(new BrandRow(
                row.id(),
                brand.name(),
                brand.shortCode().orElse(null),
                brand.revision(),
                cursor,
                tip,
                row.begunAt(),
                clock.instant(),
                row.deletedAt()));
        events.publishEvent(new BrandChanged(row.id(), brand.revision()));
        return KeptBrand.of(brand, cursor, tip);
    }

    /** Takes a brand off the shelf; it can be put back. */
    @Transactional
    public void delete(UUID id, IfMatch ifMatch) {
        expected(id, ifMatch);
        brands.markDeleted(id, clock.instant());
    }

    @Transactional
    public KeptBrand putBack(UUID id) {
        BrandRow row = brands.find(id);
        if (row == null) {
            throw new UnknownBrandException(id);
        }
        brands.markDeleted(id, null);
        return KeptBrand.of(tables.read(row), row.cursor(), row.tip());
    }

    /** @return the steps that lead from the beginning to the newest one that redo can reach, oldest first */
    @Transactional(readOnly = true)
    public Trail trail(UUID id) {
        BrandRow row = standing(id);
        return Trail.of(trail.ofBrand(id), row.cursor(), row.tip(), json::note);
    }

    private BrandRow standing(UUID id) {
        BrandRow row = brands.find(id);
        if (row == null || row.deletedAt() != null) {
            throw new UnknownBrandException(id);
        }
        return row;
    }

    private BrandRow expected(UUID id, IfMatch ifMatch) {
        BrandRow row = standing(id);
        if (!ifMatch.allows(row.revision())) {
            List<TrailNote> since = trail.ofBrand(id).stream()
                    .filter(step -> ifMatch.isOlderThan(step.revision()))
                    .map(step -> json.note(step.note()))
                    .toList();
            throw new StaleRevisionException(row.revision(), since);
        }
        return row;
    }

    private StepRow step(UUID id, long revision) {
        return Objects.requireNonNull(trail.find(id, revision), "a step names another that exists");
    }
}
