package app.zumbido.server.trail;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.Group;
import app.zumbido.core.palette.LadderStep;
import app.zumbido.core.palette.Notes;
import app.zumbido.core.palette.Origin;
import app.zumbido.core.palette.Palette;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.palette.SwatchId;
import app.zumbido.server.palette.OriginRow;
import app.zumbido.server.palette.SwatchMapper;
import app.zumbido.server.palette.SwatchRow;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The palette of a brand in rows, and back. */
@Component
class PaletteTables {
    private final SwatchMapper swatches;

    PaletteTables(SwatchMapper swatches) {
        this.swatches = swatches;
    }

    Palette read(UUID brand) {
        Map<UUID, List<Origin>> origins = swatches.origins(brand).stream()
                .collect(Collectors.groupingBy(
                        OriginRow::swatchId, Collectors.mapping(PaletteTables::origin, Collectors.toList())));
        return new Palette(
                swatches.ofBrand(brand).stream()
                        .map(row -> swatch(row, origins.getOrDefault(row.id(), List.of())))
                        .toList(),
                swatches.groups(brand).stream().map(Group::new).toList(),
                swatches.asides(brand));
    }

    void clear(UUID brand) {
        swatches.deleteAsides(brand);
        swatches.deleteOrigins(brand);
        swatches.deleteOfBrand(brand);
        swatches.deleteGroups(brand);
    }

    void write(UUID brand, Palette palette) {
        int place = 0;
        for (Group group : palette.groups()) {
            swatches.insertGroup(brand, place++, group.name());
        }
        int position = 0;
        for (Swatch swatch : palette.swatches()) {
            insert(brand, position++, swatch);
        }
        int aside = 0;
        for (String remark : palette.asides()) {
            swatches.insertAside(brand, aside++, remark);
        }
    }

    private static Swatch swatch(SwatchRow row, List<Origin> origins) {
        return new Swatch(
                new SwatchId(row.id()),
                row.name(),
                Rgb.ofHex(row.hex()),
                origins,
                step(row),
                new Group(row.groupName()),
                new Notes(row.spotInk(), row.note()));
    }

    private static Optional<LadderStep> step(SwatchRow row) {
        UUID base = row.baseId();
        Double away = row.away();
        return base == null || away == null ? Optional.empty() : Optional.of(new LadderStep(new SwatchId(base), away));
    }

    private static Origin origin(OriginRow row) {
        return new Origin(row.source(), optional(row.x()), optional(row.y()), optional(row.area()));
    }

    private void insert(UUID brand, int position, Swatch swatch) {
        UUID id = swatch.id().value();
        swatches.insert(new SwatchRow(
                brand,
                id,
                position,
                swatch.name(),
                swatch.color().hex(),
                swatch.group().name(),
                swatch.step().map(step -> step.base().value()).orElse(null),
                swatch.step().map(LadderStep::away).orElse(null),
                swatch.notes().spotInk(),
                swatch.notes().note()));
        int place = 0;
        for (Origin origin : swatch.origins()) {
            swatches.insertOrigin(new OriginRow(
                    brand,
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
}
