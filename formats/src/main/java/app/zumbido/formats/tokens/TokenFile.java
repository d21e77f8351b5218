package app.zumbido.formats.tokens;

import app.zumbido.core.color.CodeNotation;
import app.zumbido.core.color.CodeScanner;
import app.zumbido.core.color.ColorCode;
import app.zumbido.core.color.FoundCode;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.inspect.Uses;
import app.zumbido.formats.image.UnreadableImageException;
import app.zumbido.formats.image.UnreadableImageException.Reason;
import app.zumbido.formats.press.CoatedPress;
import app.zumbido.formats.uses.ColoredFile;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Reads the colour tokens of a JSON file, each under the words of its path. A value is an object with a colour space or a
 * text, its own or another token's by alias. Source: Design Tokens Format Module 2025.10, 5 and 7; Color Module 2025.10, 4.
 */
public final class TokenFile implements ColoredFile {
    /** Groups in groups, and aliases of aliases; no real file comes near it. */
    private static final int DEEPEST = 32;

    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final Map<String, JsonNode> tokens = new LinkedHashMap<>();

    /** In the order of the file; of one without tokens, whatever codes stand in it. */
    private final List<Named> colors = new ArrayList<>();

    private record Named(Rgb color, String name) {}

    private TokenFile() {}

    /** @throws UnreadableImageException if it is no JSON */
    public static TokenFile of(String json) {
        JsonNode root;
        try {
            root = JSON.readTree(json);
        } catch (JacksonException e) {
            throw new UnreadableImageException(
                    Reason.BROKEN,
                    "The JSON file is damaged near line " + lineOf(e) + ": something is missing there",
                    e);
        }
        TokenFile file = new TokenFile();
        file.collect(root, "", null, 0);
        file.tokens.forEach((path, value) ->
                file.color(value, 0).ifPresent(color -> file.colors.add(new Named(color, path.replace('.', ' ')))));
        if (file.colors.isEmpty()) {
            file.addCodes(json);
        }
        return file;
    }

    @Override
    public String kind() {
        return "json";
    }

    @Override
    public boolean tellsUses() {
        return false;
    }

    @Override
    public void walk(Uses uses) {
        colors.forEach(named -> uses.named(named.color(), named.name()));
    }

    private static int lineOf(JacksonException e) {
        return e.getLocation() == null ? 1 : e.getLocation().getLineNr();
    }

    private void addCodes(String json) {
        for (FoundCode code : CodeScanner.scan(json, CoatedPress.instance())) {
            if (!code.ambiguous()) {
                colors.add(new Named(code.color(), code.name().orElse(code.text())));
            }
        }
    }

    /** @param type what the groups around it say that their tokens are */
    private void collect(JsonNode node, String path, @Nullable String type, int depth) {
        if (!node.isObject() || depth > DEEPEST) {
            return;
        }
        String own = node.path("$type").isString() ? node.path("$type").stringValue() : type;
        JsonNode value = node.get("$value");
        if (value != null) {
            if (own == null || own.equals("color")) {
                tokens.put(path, value);
            }
            return;
        }
        node.properties().forEach(entry -> {
            if (!entry.getKey().startsWith("$")) {
                String inner = path.isEmpty() ? entry.getKey() : path + "." + entry.getKey();
                collect(entry.getValue(), inner, own, depth + 1);
            }
        });
    }

    private Optional<Rgb> color(JsonNode value, int depth) {
        if (value.isString()) {
            String text = value.stringValue().strip();
            boolean alias = text.startsWith("{") && text.endsWith("}");
            return alias ? alias(text.substring(1, text.length() - 1), depth) : code(text);
        }
        return value.isObject() ? inSpace(value) : Optional.empty();
    }

    private Optional<Rgb> alias(String path, int depth) {
        JsonNode target = tokens.get(path);
        return target == null || depth > DEEPEST ? Optional.empty() : color(target, depth + 1);
    }

    /** @param text hex with or without opacity, or a function */
    private static Optional<Rgb> code(String text) {
        return CodeScanner.scan(text, CoatedPress.instance()).stream()
                .filter(code -> code.text().equals(text))
                .map(FoundCode::color)
                .findFirst();
    }

    /** Spaces that we cannot compute in give their colour by the hex that stands beside them. */
    private static Optional<Rgb> inSpace(JsonNode value) {
        // A component may be the word none, which means 0 to whoever does not mix.
        double[] parts = value.path("components")
                .valueStream()
                .mapToDouble(part -> part.isNumber() ? part.doubleValue() : 0)
                .toArray();
        Optional<Rgb> computed =
                parts.length == 3 ? inSpace(value.path("colorSpace").asString(""), parts) : Optional.empty();
        return computed.or(() -> ColorCode.parse(value.path("hex").asString("")));
    }

    private static Optional<Rgb> inSpace(String space, double[] parts) {
        return switch (space) {
            case "srgb" -> ColorCode.ofNumbers(CodeNotation.RGB, parts[0] * 255, parts[1] * 255, parts[2] * 255);
            case "hsl" -> ColorCode.ofNumbers(CodeNotation.HSL, parts[0], parts[1], parts[2]);
            case "lab" -> ColorCode.ofNumbers(CodeNotation.LAB, parts[0], parts[1], parts[2]);
            case "lch" -> ColorCode.ofNumbers(CodeNotation.LCH, parts[0], parts[1], parts[2]);
            case "oklab" -> ColorCode.ofNumbers(CodeNotation.OKLAB, parts[0], parts[1], parts[2]);
            case "oklch" -> ColorCode.ofNumbers(CodeNotation.OKLCH, parts[0], parts[1], parts[2]);
            default -> Optional.empty();
        };
    }
}
