package app.zumbido.server.trail;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.BrandChange;
import app.zumbido.core.brand.Change;
import app.zumbido.core.brand.GroundChange;
import app.zumbido.core.brand.GroupChange;
import app.zumbido.core.brand.PaletteChange;
import app.zumbido.core.brand.RoleChange;
import app.zumbido.core.brand.ThemeChange;
import app.zumbido.core.brand.ThemesChange;
import app.zumbido.core.brand.TrailNote;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.contrast.ComposedGround;
import app.zumbido.core.palette.Group;
import app.zumbido.core.palette.Paint;
import app.zumbido.core.palette.Sighting;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.palette.SwatchId;
import app.zumbido.core.roles.Role;
import app.zumbido.core.theme.SlotFill;
import app.zumbido.core.theme.SlotSetting;
import app.zumbido.core.theme.Theme;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.core.theme.Themes;
import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonSetter;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonSubTypes.Type;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.annotation.JsonValue;
import com.fasterxml.jackson.annotation.Nulls;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Map;
import java.util.zip.DeflaterOutputStream;
import java.util.zip.InflaterInputStream;
import org.springframework.stereotype.Component;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.KeyDeserializer;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * How brands, changes and notes are written on the trail. What is written here must be readable for ever: the names in
 * the mixins below are part of the file format, and a snapshot says which version it is.
 */
@Component
class TrailJson {
    /** Grows when a snapshot changes its shape; older ones are then translated on reading. */
    private static final int VERSION = 5;

    private final JsonMapper mapper = JsonMapper.builder()
            .addMixIn(Change.class, ChangeNames.class)
            .addMixIn(SlotFill.class, FillNames.class)
            .addMixIn(Paint.class, PaintNames.class)
            .addMixIn(ComposedGround.Base.class, BaseNames.class)
            .addMixIn(Rgb.class, RgbAsHex.class)
            .addMixIn(PaletteChange.AddSwatches.class, AddSwatchesOfOld.class)
            .addMixIn(BrandChange.DraftBrand.class, DraftOfOld.class)
            .addMixIn(SwatchId.class, SwatchIdAsText.class)
            .addMixIn(Group.class, GroupAsName.class)
            .addMixIn(Themes.class, ThemesAsList.class)
            .addMixIn(ThemeSlot.class, SlotAsCode.class)
            .addModule(new SimpleModule()
                    .addKeyDeserializer(ThemeSlot.class, new SlotKeys())
                    .addDeserializer(Swatch.class, new SwatchReader()))
            // A number that nobody spoke of yet is nothing.
            .disable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
            .changeDefaultPropertyInclusion(i -> i.withValueInclusion(JsonInclude.Include.NON_ABSENT))
            .build();

    private record Snapshot(int version, Brand brand) {}

    byte[] snapshot(Brand brand) {
        return deflated(mapper.writeValueAsBytes(new Snapshot(VERSION, brand)));
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

    Brand brand(byte[] snapshot) {
        return brand(tree(snapshot));
    }

    Brand brand(JsonNode snapshot) {
        int version = snapshot.path("version").asInt();
        if (version > VERSION) {
            throw new IllegalStateException("A snapshot of version " + version + " is newer than this program");
        }
        JsonNode brand = snapshot.path("brand").deepCopy();
        OlderSnapshots.translate(brand, version);
        return mapper.treeToValue(brand, Brand.class);
    }

    /** @return a snapshot or a part of a step as it is written */
    JsonNode tree(byte[] snapshot) {
        try (InflaterInputStream inflater = new InflaterInputStream(new ByteArrayInputStream(snapshot))) {
            return mapper.readTree(inflater.readAllBytes());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    JsonNode tree(String text) {
        return mapper.readTree(text);
    }

    byte[] deflated(JsonNode snapshot) {
        return deflated(mapper.writeValueAsBytes(snapshot));
    }

    /** @param ids by the text that stands there what is to stand instead @return the same under other ids */
    JsonNode under(JsonNode node, Map<String, String> ids) {
        if (node instanceof ObjectNode object) {
            ObjectNode other = mapper.createObjectNode();
            object.properties().forEach(field -> other.set(field.getKey(), under(field.getValue(), ids)));
            return other;
        }
        if (node instanceof ArrayNode array) {
            ArrayNode other = mapper.createArrayNode();
            array.forEach(element -> other.add(under(element, ids)));
            return other;
        }
        return node.isString() && ids.containsKey(node.asString()) ? mapper.stringNode(ids.get(node.asString())) : node;
    }

    String change(Change change) {
        return mapper.writerFor(Change.class).writeValueAsString(change);
    }

    Change change(String json) {
        return mapper.readValue(json, Change.class);
    }

    String note(TrailNote note) {
        return mapper.writeValueAsString(note);
    }

    TrailNote note(String json) {
        return mapper.readValue(json, TrailNote.class);
    }

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
    @JsonSubTypes({
        @Type(name = "rename-brand", value = BrandChange.RenameBrand.class),
        @Type(name = "set-short-code", value = BrandChange.SetShortCode.class),
        @Type(name = "add-swatches", value = PaletteChange.AddSwatches.class),
        @Type(name = "rename-swatch", value = PaletteChange.RenameSwatch.class),
        @Type(name = "recolor-swatch", value = PaletteChange.RecolorSwatch.class),
        @Type(
                names = {"mix-swatch", "shift-swatch"},
                value = PaletteChange.MixSwatch.class),
        @Type(name = "remove-swatch", value = PaletteChange.RemoveSwatch.class),
        @Type(name = "move-swatch", value = PaletteChange.MoveSwatch.class),
        @Type(name = "order-swatches", value = PaletteChange.OrderSwatches.class),
        @Type(name = "merge-swatches", value = PaletteChange.MergeSwatches.class),
        @Type(name = "note-swatch", value = PaletteChange.NoteSwatch.class),
        @Type(name = "free-swatch", value = PaletteChange.FreeSwatch.class),
        @Type(name = "apply-mood", value = PaletteChange.ApplyMood.class),
        @Type(name = "put-remark-aside", value = PaletteChange.PutRemarkAside.class),
        @Type(name = "sort-swatches", value = GroupChange.SortSwatches.class),
        @Type(name = "rename-group", value = GroupChange.RenameGroup.class),
        @Type(name = "move-group", value = GroupChange.MoveGroup.class),
        @Type(name = "remove-group", value = GroupChange.RemoveGroup.class),
        @Type(name = "mark-hierarchy", value = RoleChange.MarkHierarchy.class),
        @Type(name = "assign-role", value = RoleChange.AssignRole.class),
        @Type(name = "draft-roles", value = RoleChange.DraftRoles.class),
        @Type(name = "word-role", value = RoleChange.WordRole.class),
        @Type(name = "set-proportion", value = RoleChange.SetProportion.class),
        @Type(name = "order-chart", value = RoleChange.OrderChart.class),
        @Type(name = "set-off-limits", value = RoleChange.SetOffLimits.class),
        @Type(name = "fill-slot", value = ThemeChange.FillSlot.class),
        @Type(name = "apply-suggestion", value = ThemeChange.ApplySuggestion.class),
        @Type(name = "rename-theme", value = ThemeChange.RenameTheme.class),
        @Type(name = "set-theme-ground", value = ThemeChange.SetGround.class),
        @Type(name = "in-theme", value = ThemeChange.InTheme.class),
        @Type(name = "add-theme", value = ThemesChange.AddTheme.class),
        @Type(name = "remove-theme", value = ThemesChange.RemoveTheme.class),
        @Type(name = "lead-with-theme", value = ThemesChange.LeadWithTheme.class),
        @Type(name = "rule-pair", value = GroundChange.RulePair.class),
        @Type(name = "free-pair", value = GroundChange.FreePair.class),
        @Type(name = "keep-ground", value = GroundChange.KeepGround.class),
        @Type(name = "drop-ground", value = GroundChange.DropGround.class),
        @Type(name = "draft-brand", value = BrandChange.DraftBrand.class),
        @Type(name = "take-theme", value = ThemeChange.TakeTheme.class)
    })
    private interface ChangeNames {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
    @JsonSubTypes({
        @Type(name = "swatch", value = SlotFill.OfSwatch.class),
        @Type(name = "derived", value = SlotFill.Derived.class),
        @Type(name = "fixed", value = SlotFill.Fixed.class),
        @Type(name = "empty", value = SlotFill.Empty.class)
    })
    private interface FillNames {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
    @JsonSubTypes({
        @Type(name = "swatch", value = Paint.OfSwatch.class),
        @Type(name = "ladder", value = Paint.OnLadder.class),
        @Type(name = "fixed", value = Paint.Fixed.class)
    })
    private interface PaintNames {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
    @JsonSubTypes({
        @Type(name = "gradient", value = ComposedGround.Base.OfGradient.class),
        @Type(name = "picture", value = ComposedGround.Base.OfPicture.class)
    })
    private interface BaseNames {}

    private abstract static class RgbAsHex {
        @JsonValue
        abstract String hex();

        @JsonCreator
        static Rgb ofHex(String hex) {
            return Rgb.ofHex(hex);
        }
    }

    /** Steps of a time when a swatch had one place speak of no other. */
    private abstract static class AddSwatchesOfOld {
        @JsonCreator
        AddSwatchesOfOld(List<Swatch> swatches, @JsonSetter(nulls = Nulls.AS_EMPTY) List<Sighting> sightings) {}
    }

    /** Steps of a time when a draft had no roles yet. */
    private abstract static class DraftOfOld {
        @JsonCreator
        DraftOfOld(
                String source,
                List<Swatch> swatches,
                @JsonSetter(nulls = Nulls.AS_EMPTY) Map<Role, List<SwatchId>> roles,
                Map<ThemeSlot, SlotSetting> settings) {}
    }

    private abstract static class SwatchIdAsText {
        @JsonValue
        @Override
        public abstract String toString();

        @JsonCreator
        static SwatchId parse(String text) {
            return SwatchId.parse(text);
        }
    }

    private abstract static class ThemesAsList {
        @JsonValue
        abstract List<Theme> all();

        @JsonCreator(mode = JsonCreator.Mode.DELEGATING)
        ThemesAsList(List<Theme> all) {}
    }

    private abstract static class GroupAsName {
        @JsonValue
        abstract String name();

        @JsonCreator(mode = JsonCreator.Mode.DELEGATING)
        GroupAsName(String name) {}
    }

    private abstract static class SlotAsCode {
        @JsonValue
        abstract String code();
    }

    private static final class SlotKeys extends KeyDeserializer {
        @Override
        public Object deserializeKey(String key, DeserializationContext context) {
            return ThemeSlot.ofCode(key).orElseThrow();
        }
    }
}
