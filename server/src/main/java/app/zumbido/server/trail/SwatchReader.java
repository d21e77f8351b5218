package app.zumbido.server.trail;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.Group;
import app.zumbido.core.palette.LadderStep;
import app.zumbido.core.palette.Notes;
import app.zumbido.core.palette.Origin;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.palette.SwatchId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ValueDeserializer;

/**
 * Reads a swatch as it is written on the trail, now and in former times: it had one place at first and often none, and
 * neither group nor notes nor a ladder to stand on.
 */
final class SwatchReader extends ValueDeserializer<Swatch> {
    @Override
    public Swatch deserialize(JsonParser parser, DeserializationContext context) {
        JsonNode swatch = context.readTree(parser);
        return new Swatch(
                context.readTreeAsValue(swatch.path("id"), SwatchId.class),
                swatch.path("name").asString(),
                context.readTreeAsValue(swatch.path("color"), Rgb.class),
                origins(swatch, context),
                part(swatch.path("step"), LadderStep.class, context),
                part(swatch.path("group"), Group.class, context).orElse(Group.CORE),
                part(swatch.path("notes"), Notes.class, context).orElse(Notes.NONE));
    }

    private static List<Origin> origins(JsonNode swatch, DeserializationContext context) {
        List<Origin> origins = new ArrayList<>();
        for (JsonNode origin : swatch.path("origins")) {
            origins.add(context.readTreeAsValue(origin, Origin.class));
        }
        part(swatch.path("origin"), Origin.class, context).ifPresent(origins::add);
        return origins;
    }

    private static <T> Optional<T> part(JsonNode node, Class<T> type, DeserializationContext context) {
        return node.isMissingNode() || node.isNull()
                ? Optional.empty()
                : Optional.of(context.readTreeAsValue(node, type));
    }
}
