package app.zumbido.server.trail;

import app.zumbido.core.color.Fraction;
import app.zumbido.core.contrast.ComposedGround;
import app.zumbido.core.contrast.GroundRules;
import app.zumbido.core.contrast.PairRule;
import app.zumbido.core.palette.Paint;
import app.zumbido.server.contrast.ComposedGroundRow;
import app.zumbido.server.contrast.GradientStopRow;
import app.zumbido.server.contrast.GroundMapper;
import app.zumbido.server.contrast.PaintColumns;
import app.zumbido.server.contrast.PairRuleRow;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** What a brand has decided about grounds in rows, and back. */
@Component
class GroundTables {
    private static final PaintColumns NOTHING = new PaintColumns(null, null, null);

    private final GroundMapper mapper;

    GroundTables(GroundMapper mapper) {
        this.mapper = mapper;
    }

    GroundRules read(UUID brand) {
        Map<UUID, List<Paint>> stops = mapper.stops(brand).stream()
                .collect(Collectors.groupingBy(
                        GradientStopRow::groundId,
                        Collectors.mapping(stop -> stop.color().paint(), Collectors.toList())));
        return new GroundRules(
                mapper.rules(brand).stream().map(GroundTables::rule).toList(),
                mapper.composed(brand).stream()
                        .map(row -> composed(row, stops.getOrDefault(row.id(), List.of())))
                        .toList());
    }

    private static PairRule rule(PairRuleRow row) {
        return new PairRule(
                PairRule.Kind.valueOf(row.kind()),
                row.text().paint(),
                row.ground().paint(),
                row.reason());
    }

    private static ComposedGround composed(ComposedGroundRow row, List<Paint> stops) {
        ComposedGround.Base base = row.sourceId() == null
                ? new ComposedGround.Base.OfGradient(stops, row.radial(), row.angle())
                : new ComposedGround.Base.OfPicture(row.sourceId());
        Optional<ComposedGround.Laid> laid = Optional.ofNullable(row.opacity())
                .map(opacity -> new ComposedGround.Laid(row.laid().paint(), Fraction.of(opacity)));
        return new ComposedGround(row.id(), row.name(), base, laid, row.text().paint());
    }

    void clear(UUID brand) {
        mapper.deleteRules(brand);
        mapper.deleteStops(brand);
        mapper.deleteComposed(brand);
    }

    void write(UUID brand, GroundRules rules) {
        int place = 0;
        for (PairRule rule : rules.pairs()) {
            PaintColumns text = PaintColumns.of(rule.text());
            PaintColumns ground = PaintColumns.of(rule.ground());
            mapper.insertRule(new PairRuleRow(
                    brand,
                    place++,
                    rule.kind().name(),
                    text.swatch(),
                    text.away(),
                    text.hex(),
                    ground.swatch(),
                    ground.away(),
                    ground.hex(),
                    rule.reason()));
        }
        int position = 0;
        for (ComposedGround ground : rules.composed()) {
            insert(brand, position++, ground);
        }
    }

    private void insert(UUID brand, int position, ComposedGround ground) {
        PaintColumns text = PaintColumns.of(ground.text());
        PaintColumns laid = ground.laid()
                .map(ComposedGround.Laid::color)
                .map(PaintColumns::of)
                .orElse(NOTHING);
        UUID picture = ground.base() instanceof ComposedGround.Base.OfPicture over ? over.source() : null;
        ComposedGround.Base.OfGradient gradient =
                ground.base() instanceof ComposedGround.Base.OfGradient beneath ? beneath : null;
        mapper.insertComposed(new ComposedGroundRow(
                brand,
                ground.id(),
                position,
                ground.name(),
                picture,
                gradient != null && gradient.radial(),
                gradient == null ? 0 : gradient.angle(),
                laid.swatch(),
                laid.away(),
                laid.hex(),
                ground.laid().map(solid -> solid.opacity().value()).orElse(null),
                text.swatch(),
                text.away(),
                text.hex()));
        int place = 0;
        for (Paint stop : gradient == null ? List.<Paint>of() : gradient.stops()) {
            PaintColumns columns = PaintColumns.of(stop);
            mapper.insertStop(
                    new GradientStopRow(brand, ground.id(), place++, columns.swatch(), columns.away(), columns.hex()));
        }
    }
}
