package app.zumbido.server.trail.form;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.TrailNote;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Map;
import java.util.zip.DeflaterOutputStream;
import java.util.zip.InflaterInputStream;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Writes brands and notes in the present form and reads them in every form that there ever was. A snapshot is JSON,
 * {@code {"version": n, "brand": {...}}}, deflated where it is kept.
 */
public final class StoredForm {
    /** By version, the first at 0. */
    private static final List<Class<? extends BrandForm>> VERSIONS = List.of(
            Brand1.class,
            Brand2.class,
            Brand3.class,
            Brand4.class,
            Brand5.class,
            Brand6.class,
            Brand7.class,
            Brand8.class,
            Brand9.class,
            Brand10.class,
            Brand11.class);

    private static final JsonMapper MAPPER = JsonMapper.builder()
            // A count that nobody spoke of yet is nothing.
            .disable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
            .build();

    private record Snapshot(int version, Brand11 brand) {}

    private StoredForm() {}

    /** @return a snapshot of the present version, deflated */
    public static byte[] snapshot(Brand brand) {
        return deflated(MAPPER.writeValueAsBytes(new Snapshot(Brand11.VERSION, Brand11.of(brand))));
    }

    public static Brand brand(byte[] snapshot) {
        return brand(tree(snapshot));
    }

    /** @throws IllegalArgumentException if it is no snapshot of a version that is known */
    public static Brand brand(JsonNode snapshot) {
        int version = snapshot.path("version").asInt();
        if (version < 1 || version > Brand11.VERSION) {
            throw new IllegalArgumentException("Snapshots of version " + version + " are not known to this program");
        }
        return MAPPER.treeToValue(snapshot.path("brand"), VERSIONS.get(version - 1))
                .newest()
                .brand();
    }

    public static String note(TrailNote note) {
        return MAPPER.writeValueAsString(Note1.of(note));
    }

    public static TrailNote note(String json) {
        return MAPPER.readValue(json, Note1.class).note();
    }

    /** @return a snapshot as it is written, in its own version */
    public static JsonNode tree(byte[] snapshot) {
        try (InflaterInputStream inflater = new InflaterInputStream(new ByteArrayInputStream(snapshot))) {
            return MAPPER.readTree(inflater.readAllBytes());
        } catch (IOException | JacksonException e) {
            throw new DamagedSnapshotException(e);
        }
    }

    public static JsonNode tree(String text) {
        return MAPPER.readTree(text);
    }

    public static byte[] deflated(JsonNode snapshot) {
        return deflated(MAPPER.writeValueAsBytes(snapshot));
    }

    private static byte[] deflated(byte[] json) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (DeflaterOutputStream deflater = new DeflaterOutputStream(bytes)) {
            deflater.write(json);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return bytes.toByteArray();
    }

    /** @param ids by the text that stands there what is to stand instead @return the same under other ids */
    public static JsonNode under(JsonNode node, Map<String, String> ids) {
        if (node instanceof ObjectNode object) {
            ObjectNode other = MAPPER.createObjectNode();
            object.properties().forEach(field -> other.set(field.getKey(), under(field.getValue(), ids)));
            return other;
        }
        if (node instanceof ArrayNode array) {
            ArrayNode other = MAPPER.createArrayNode();
            array.forEach(element -> other.add(under(element, ids)));
            return other;
        }
        return node.isString() && ids.containsKey(node.asString()) ? MAPPER.stringNode(ids.get(node.asString())) : node;
    }
}
