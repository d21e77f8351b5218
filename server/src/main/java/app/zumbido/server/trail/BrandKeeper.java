package app.zumbido.server.trail;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.Change;
import app.zumbido.core.brand.ChangeKind;
import app.zumbido.core.brand.Look;
import app.zumbido.core.brand.TrailNote;
import app.zumbido.server.http.IfMatch;
import app.zumbido.server.storage.Ids;
import app.zumbido.server.trail.form.StoredForm;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/**
 * Keeps brands: every change becomes one step on the trail. What a change makes of a brand is computed outside of every
 * transaction; if somebody else was faster it is computed again from what stands there then, or refused, as the request says.
 */
@Service
public class BrandKeeper {
    /** So often somebody else may be faster; beyond that something is wrong. */
    private static final int ATTEMPTS = 100;
    /** A page that was away for long is told the first of what has happened. */
    private static final int MOST_SINCE = 50;

    private final BrandStore store;
    private final TrailMapper trail;
    private final NewBrandDefaults defaults;
    private final Ids ids;
    private final Clock clock;

    BrandKeeper(BrandStore store, TrailMapper trail, NewBrandDefaults defaults, Ids ids, Clock clock) {
        this.store = store;
        this.trail = trail;
        this.defaults = defaults;
        this.ids = ids;
        this.clock = clock;
    }

    /** @throws UnknownBrandException if it is not on the shelf */
    public KeptBrand load(UUID id) {
        return store.load(id).kept();
    }

    /** @throws UnknownBrandException if it is not on the shelf */
    public void require(UUID id) {
        store.row(id);
    }

    /** @param theme the one that is meant; absent: the one that is handed over first @return the brand as it looks in it */
    public Look look(UUID id, @Nullable UUID theme) {
        Brand brand = load(id).brand();
        return theme == null ? brand.look() : brand.look(theme);
    }

    /** Whether there is any brand, on the shelf or off it. */
    public boolean keepsAny() {
        return store.keepsAny();
    }

    public KeptBrand begin(String name, Optional<String> shortCode) {
        Brand brand = defaults.get().begin(ids.next(), name, shortCode, ids.next());
        return begin(brand, TrailNote.of(ChangeKind.BEGUN), () -> {});
    }

    /**
     * @param pictures by the id of a picture of the original that of the same one in the copy
     * @param beside what is written together with the copy, given its id
     * @return a brand of its own that begins as another stands
     */
    public KeptBrand copy(UUID original, String name, UnaryOperator<UUID> pictures, Consumer<UUID> beside) {
        Brand brand = load(original).brand();
        Brand copy = brand.copy(ids::next, name).over(pictures);
        return begin(copy, TrailNote.copyOf(brand), () -> beside.accept(copy.id()));
    }

    private KeptBrand begin(Brand brand, TrailNote note, Runnable beside) {
        Instant now = clock.instant();
        long revision = brand.revision();
        store.begin(
                BrandRow.of(brand, revision, revision, now, now),
                brand,
                new StepRow(brand.id(), revision, "begin", null, revision, StoredForm.note(note), now),
                beside);
        return KeptBrand.of(brand, revision, revision);
    }

    /**
     * Applies one change as one step.
     *
     * @param change makes the change from the brand as it stands; asked again if somebody else was faster
     * @return the brand afterwards
     * @throws StaleRevisionException if the brand has moved on and the request does not allow for it
     */
    public KeptBrand change(UUID id, IfMatch ifMatch, Function<Brand, Change> change) {
        return untilWritten(() -> {
            StandingBrand before = expected(id, ifMatch);
            Change made = change.apply(before.brand());
            Brand after = before.brand().apply(made);
            long revision = after.revision();
            Instant now = clock.instant();
            StepRow step = new StepRow(
                    id,
                    revision,
                    "change",
                    before.row().cursor(),
                    revision,
                    StoredForm.note(made.note(before.brand())),
                    now);
            BrandRow row = before.row().moved(after, revision, revision, now);
            return store.append(before, row, after, step, StoredForm.snapshot(after))
                    ? Optional.of(KeptBrand.of(after, revision, revision))
                    : Optional.empty();
        });
    }

    /** @throws TrailEndException at the beginning */
    public KeptBrand undo(UUID id, IfMatch ifMatch) {
        return goTo(id, ifMatch, "undo", row -> {
            StepRow shown = step(id, row.cursor());
            if (shown.base() == null) {
                throw new TrailEndException("undo");
            }
            return new Way(step(id, shown.base()), shown);
        });
    }

    /** @throws TrailEndException at the newest step */
    public KeptBrand redo(UUID id, IfMatch ifMatch) {
        return goTo(id, ifMatch, "redo", row -> {
            StepRow next =
                    row.cursor() == row.tip() ? null : store.read(() -> trail.following(id, row.cursor(), row.tip()));
            if (next == null) {
                throw new TrailEndException("redo");
            }
            return new Way(next, next);
        });
    }

    /**
     * Goes to any step between the beginning and the newest one; what lies after it can be redone.
     *
     * @throws UnknownStepException if there is no such step on the way
     */
    public KeptBrand goTo(UUID id, IfMatch ifMatch, long revision) {
        BrandRow now = store.row(id);
        return goTo(id, ifMatch, revision < now.cursor() ? "undo" : "redo", row -> {
            StepRow target = onTheWay(row, revision);
            return new Way(target, target);
        });
    }

    /**
     * @param target the step whose state is shown from now on
     * @param concerned the step that is told of
     */
    private record Way(StepRow target, StepRow concerned) {}

    private KeptBrand goTo(UUID id, IfMatch ifMatch, String kind, Function<BrandRow, Way> find) {
        return untilWritten(() -> {
            StandingBrand before = expected(id, ifMatch);
            BrandRow row = before.row();
            Way way = find.apply(row);
            long target = way.target().revision();
            Brand brand = store.asOf(id, target).at(row.revision() + 1);
            Instant now = clock.instant();
            StepRow step = new StepRow(
                    id,
                    brand.revision(),
                    kind,
                    row.cursor(),
                    target,
                    way.concerned().note(),
                    now);
            return store.append(before, row.moved(brand, target, row.tip(), now), brand, step, null)
                    ? Optional.of(KeptBrand.of(brand, target, row.tip()))
                    : Optional.empty();
        });
    }

    private interface Attempt {
        Optional<KeptBrand> make();
    }

    private static KeptBrand untilWritten(Attempt attempt) {
        for (int made = 0; made < ATTEMPTS; made++) {
            Optional<KeptBrand> written = attempt.make();
            if (written.isPresent()) {
                return written.get();
            }
        }
        throw new IllegalStateException("The brand is changed too fast by others");
    }

    /** @return the brand as it was after a step */
    public Brand asOf(UUID id, long revision) {
        onTheWay(store.row(id), revision);
        return store.asOf(id, revision);
    }

    /** @return what a change would make of the brand; nothing is kept */
    public Preview preview(UUID id, Function<Brand, Change> change) {
        StandingBrand before = store.load(id);
        BrandRow row = before.row();
        Brand after = before.brand().apply(change.apply(before.brand())).at(row.revision());
        return new Preview(before.brand(), KeptBrand.of(after, row.cursor(), row.tip()));
    }

    private StepRow onTheWay(BrandRow row, long revision) {
        StepRow step = store.read(() -> trail.find(row.id(), revision));
        boolean first = step != null && step.base() == null;
        boolean newest = revision == row.tip();
        if (step == null
                || !(first || newest || store.read(() -> trail.following(row.id(), revision, row.tip())) != null)) {
            throw new UnknownStepException(revision);
        }
        return step;
    }

    /** Takes a brand off the shelf; it can be put back. */
    public void delete(UUID id, IfMatch ifMatch) {
        StandingBrand standing = expected(id, ifMatch);
        if (!store.delete(standing.row(), clock.instant())) {
            // Somebody else was faster; whether that matters is asked of what stands there now.
            delete(id, ifMatch);
        }
    }

    /** @throws UnknownBrandException if there never was one of that id */
    public KeptBrand putBack(UUID id) {
        store.putBack(id);
        return load(id);
    }

    /**
     * @param before only what lies before this step; absent: from the newest one that redo can reach
     * @param most how many steps
     * @return a part of the way from the beginning to the newest step
     */
    public Trail trail(UUID id, OptionalLong before, int most) {
        BrandRow row = store.row(id);
        Long from = before.isPresent() ? onTheWay(row, before.getAsLong()).base() : Long.valueOf(row.tip());
        List<StepRow> steps = from == null ? List.of() : store.read(() -> trail.way(id, from, most));
        return Trail.of(steps, row.cursor());
    }

    private StandingBrand expected(UUID id, IfMatch ifMatch) {
        StandingBrand standing = store.load(id);
        long revision = standing.row().revision();
        if (!ifMatch.allows(revision)) {
            List<TrailNote> since = ifMatch.newest().stream()
                    .boxed()
                    .flatMap(named -> store.read(() -> trail.since(id, named, MOST_SINCE)).stream())
                    .map(step -> StoredForm.note(step.note()))
                    .toList();
            throw new StaleRevisionException(revision, since);
        }
        return standing;
    }

    private StepRow step(UUID id, long revision) {
        return Objects.requireNonNull(store.read(() -> trail.find(id, revision)), "a step names another that exists");
    }
}
