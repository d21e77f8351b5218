package app.zumbido.server.trail;

import app.zumbido.core.brand.Brand;
import app.zumbido.server.storage.DataFolder;
import app.zumbido.server.storage.Ids;
import app.zumbido.server.trail.form.StoredForm;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Consumer;
import org.springframework.stereotype.Service;
import tools.jackson.databind.JsonNode;

/** Brands with their whole trail as records, out of the tables and back into them. */
@Service
public class BrandRecords {
    private static final int STEPS_AT_ONCE = 100;

    private final BrandMapper brands;
    private final TrailMapper trail;
    private final BrandStore store;
    private final Ids ids;
    private final DataFolder folder;

    BrandRecords(BrandMapper brands, TrailMapper trail, BrandStore store, Ids ids, DataFolder folder) {
        this.brands = brands;
        this.trail = trail;
        this.store = store;
        this.ids = ids;
        this.folder = folder;
    }

    /** @throws UnknownBrandException if it is not on the shelf */
    public RecordedBrand read(UUID id) {
        BrandRow row = store.row(id);
        BrandRecord head = new BrandRecord(
                id,
                row.revision(),
                row.cursor(),
                row.tip(),
                row.begunAt().toString(),
                row.changedAt().toString());
        return new RecordedBrand() {
            @Override
            public BrandRecord head() {
                return head;
            }

            @Override
            public void steps(Consumer<BrandRecord.Step> each) {
                walk(head, each);
            }
        };
    }

    /** Steps that have been made since the head was read are left out. */
    private void walk(BrandRecord head, Consumer<BrandRecord.Step> each) {
        long after = 0;
        while (after < head.revision()) {
            long from = after;
            List<StepRow> steps = store.read(() -> trail.since(head.id(), from, STEPS_AT_ONCE));
            for (StepRow step : steps) {
                if (step.revision() <= head.revision()) {
                    each.accept(record(step));
                }
            }
            after = steps.isEmpty()
                    ? head.revision()
                    : steps.get(steps.size() - 1).revision();
        }
    }

    private BrandRecord.Step record(StepRow step) {
        boolean kept = step.shows() == step.revision();
        byte[] snapshot = kept ? store.snapshot(step.brandId(), step.revision()) : null;
        return new BrandRecord.Step(
                step.revision(),
                step.kind(),
                step.base(),
                step.shows(),
                step.madeAt().toString(),
                StoredForm.tree(step.note()),
                snapshot == null ? null : StoredForm.tree(snapshot));
    }

    /**
     * Looks a recorded brand through and makes it ready to be written, under new ids if its own are taken.
     *
     * @param sources ids of its sources, and those that they get if it is to be a copy
     * @throws BrokenRecordException if it cannot have been written by this program
     */
    public ReadyBrand ready(RecordedBrand recorded, Map<UUID, UUID> sources) {
        BrandRecord head = recorded.head();
        RecordedTrail checked = RecordedTrail.check(recorded);
        boolean copy = store.isKnown(head.id());
        Map<String, String> renamed = new HashMap<>();
        if (copy) {
            renamed.put(head.id().toString(), ids.next().toString());
            sources.forEach((was, is) -> renamed.put(was.toString(), is.toString()));
            checked.themes()
                    .forEach(theme -> renamed.put(theme.toString(), ids.next().toString()));
        }
        UUID id = UUID.fromString(
                renamed.getOrDefault(head.id().toString(), head.id().toString()));
        AtomicReference<JsonNode> present = new AtomicReference<>();
        recorded.steps(step -> {
            if (step.revision() == head.cursor()) {
                present.set(step.snapshot());
            }
        });
        Brand brand =
                RecordedTrail.brand(StoredForm.under(present.get(), renamed)).at(head.revision());
        return new ReadyBrand(brand, copy, head, StepSpool.of(folder.onItsWay(), recorded, id, renamed));
    }

    /** Writes what has been made ready; to be called within a transaction. */
    public void write(ReadyBrand ready) {
        BrandRecord head = ready.head();
        brands.insert(BrandRow.of(
                ready.brand(),
                head.cursor(),
                head.tip(),
                RecordedTrail.time(head.begunAt()),
                RecordedTrail.time(head.changedAt())));
        store.insertColors(ready.brand());
        ready.spool().insert(trail::insert);
    }

    /** @return how many steps a brand has, undo and redo too */
    public long count(UUID id) {
        return store.read(() -> trail.count(id));
    }
}
