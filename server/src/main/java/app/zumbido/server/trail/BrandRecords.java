package app.zumbido.server.trail;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.contrast.ComposedGround;
import app.zumbido.core.contrast.PairRule;
import app.zumbido.core.palette.Origin;
import app.zumbido.core.palette.Swatch;
import app.zumbido.server.problem.PlainName;
import app.zumbido.server.shelf.BrandMapper;
import app.zumbido.server.shelf.BrandRow;
import app.zumbido.server.shelf.UnknownBrandException;
import app.zumbido.server.storage.Ids;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;

/** Brands with their whole trail as records, out of the tables and back into them. */
@Service
public class BrandRecords {
    private final BrandMapper brands;
    private final TrailMapper trail;
    private final BrandTables tables;
    private final TrailJson json;
    private final Ids ids;

    BrandRecords(BrandMapper brands, TrailMapper trail, BrandTables tables, TrailJson json, Ids ids) {
        this.brands = brands;
        this.trail = trail;
        this.tables = tables;
        this.json = json;
        this.ids = ids;
    }

    /** @throws UnknownBrandException if it is not on the shelf */
    @Transactional(readOnly = true)
    public BrandRecord read(UUID id) {
        BrandRow row = brands.find(id);
        if (row == null || row.deletedAt() != null) {
            throw new UnknownBrandException(id);
        }
        List<BrandRecord.Step> steps = new ArrayList<>();
        for (StepRow step : trail.ofBrand(id)) {
            boolean kept = step.shows() == step.revision();
            steps.add(new BrandRecord.Step(
                    step.revision(),
                    step.kind(),
                    step.base(),
                    step.shows(),
                    step.madeAt().toString(),
                    json.tree(step.note()),
                    step.change() == null ? null : json.tree(step.change()),
                    kept ? json.tree(trail.snapshot(id, step.revision()).snapshot()) : null));
        }
        return new BrandRecord(
                id,
                row.revision(),
                row.cursor(),
                row.tip(),
                row.begunAt().toString(),
                row.changedAt().toString(),
                json.tree(json.snapshot(tables.read(row))),
                steps);
    }

    /** Whether a brand of that id is known, on the shelf or off it. */
    @Transactional(readOnly = true)
    public boolean isKnown(UUID id) {
        return brands.find(id) != null;
    }

    /**
     * Puts a brand on the shelf as it was; under new ids if its own are taken.
     *
     * @param sources by the id of a source in the record the one that it gets
     * @return the brand as it stands there
     * @throws BrokenRecordException if it cannot have been written by this program
     */
    @Transactional
    public Brand write(BrandRecord record, Map<String, String> sources) {
        Map<String, String> renamed = new HashMap<>(sources);
        if (brands.find(record.id()) != null) {
            renamed.putAll(newIds(record));
        }
        UUID id = UUID.fromString(
                renamed.getOrDefault(record.id().toString(), record.id().toString()));
        Brand present = brand(json.under(record.present(), renamed));
        Map<Long, Brand> snapshots = new HashMap<>();
        for (BrandRecord.Step step : record.trail()) {
            if (step.snapshot() != null) {
                snapshots.put(step.revision(), brand(json.under(step.snapshot(), renamed)));
            }
        }
        check(record, present, snapshots);
        Instant changedAt = time(record.changedAt());
        brands.insert(new BrandRow(
                id,
                present.name(),
                present.shortCode().orElse(null),
                record.revision(),
                record.cursor(),
                record.tip(),
                time(record.begunAt()),
                changedAt,
                null));
        tables.begin(present);
        for (BrandRecord.Step step : record.trail()) {
            insert(id, renamed, step);
        }
        return present;
    }

    /** @return another id for the brand and for every theme that it ever had */
    private Map<String, String> newIds(BrandRecord record) {
        Map<String, String> renamed = new HashMap<>();
        renamed.put(record.id().toString(), ids.next().toString());
        record.trail().stream()
                .flatMap(step -> Stream.ofNullable(step.snapshot()))
                .flatMap(snapshot -> brand(snapshot).themes().ids().stream())
                .forEach(theme -> renamed.computeIfAbsent(
                        theme.toString(), any -> ids.next().toString()));
        return renamed;
    }

    private void insert(UUID id, Map<String, String> renamed, BrandRecord.Step step) {
        json.note(step.note().toString());
        JsonNode change = step.change() == null ? null : json.under(step.change(), renamed);
        if (change != null) {
            json.change(change.toString());
        }
        JsonNode snapshot = step.snapshot();
        trail.insert(
                new StepRow(
                        id,
                        step.revision(),
                        step.kind(),
                        step.base(),
                        step.shows(),
                        step.note().toString(),
                        change == null ? null : change.toString(),
                        time(step.madeAt())),
                snapshot == null ? null : json.deflated(json.under(snapshot, renamed)));
    }

    private Brand brand(JsonNode snapshot) {
        try {
            Brand brand = json.brand(snapshot);
            if (!texts(brand).allMatch(PlainName.Validator::isPrintable)) {
                throw new BrokenRecordException("A name in it holds characters that no file can carry");
            }
            return brand;
        } catch (BrokenRecordException e) {
            throw e;
        } catch (RuntimeException e) {
            throw new BrokenRecordException("A brand in it cannot be read: " + e.getMessage(), e);
        }
    }

    private static Stream<String> texts(Brand brand) {
        return Stream.of(
                        Stream.of(brand.name()),
                        brand.themes().all().stream()
                                .flatMap(theme -> Stream.of(
                                        theme.name(),
                                        theme.fonts().heading(),
                                        theme.fonts().body())),
                        brand.roles().words().values().stream(),
                        brand.grounds().pairs().stream().map(PairRule::reason),
                        brand.grounds().composed().stream().map(ComposedGround::name),
                        brand.palette().swatches().stream().flatMap(BrandRecords::texts))
                .flatMap(texts -> texts);
    }

    private static Stream<String> texts(Swatch swatch) {
        return Stream.concat(
                Stream.of(
                        swatch.name(),
                        swatch.group().name(),
                        swatch.notes().spotInk(),
                        swatch.notes().note()),
                swatch.origins().stream().map(Origin::source));
    }

    /** A trail leads from its beginning to the present without a gap, or undo would run into nothing. */
    private static void check(BrandRecord record, Brand present, Map<Long, Brand> snapshots) {
        Map<Long, BrandRecord.Step> steps = new HashMap<>();
        record.trail().forEach(step -> steps.put(step.revision(), step));
        for (BrandRecord.Step step : record.trail()) {
            boolean first = step.base() == null;
            boolean leads = first ? step.kind().equals("begin") : steps.containsKey(step.base());
            boolean kept = List.of("begin", "change").contains(step.kind()) == (step.snapshot() != null);
            if (!leads || !kept || !snapshots.containsKey(step.shows())) {
                throw new BrokenRecordException("Step " + step.revision() + " of its trail leads nowhere");
            }
        }
        Brand shown = snapshots.get(record.cursor());
        boolean whole = steps.size() == record.trail().size() && snapshots.containsKey(record.tip());
        if (!whole || shown == null || !Objects.equals(shown.at(record.revision()), present)) {
            throw new BrokenRecordException("Its trail does not lead to the brand as it stands");
        }
    }

    private static Instant time(String text) {
        try {
            return Instant.parse(text);
        } catch (RuntimeException e) {
            throw new BrokenRecordException("This is no time: " + text, e);
        }
    }
}
