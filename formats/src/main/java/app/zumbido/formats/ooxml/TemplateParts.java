package app.zumbido.formats.ooxml;

import app.zumbido.formats.archive.Archive;
import app.zumbido.formats.archive.PartTree;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;

/**
 * The first master of a template with its layouts, its theme and what they show, ready to come into a file: under names that
 * the file does not have, in its measures, with ids that are free. Source: ECMA-376 Part 1, 13.3.
 */
final class TemplateParts {
    /** Lengths and sizes of letters as our templates write them; one of a deck is never in another element. */
    private static final Pattern LENGTHS =
            Pattern.compile("(?<= )(x|y|cx|cy|sz|marL|marR|indent|lIns|tIns|rIns|bIns|w|defTabSz)=\"(-?\\d+)\"");

    private static final Pattern LAYOUT_ID = Pattern.compile("(<p:sldLayoutId id=\")\\d+(\")");

    private final OfficePackage parts;
    private final Deck deck;
    private final String master;
    private final Map<String, String> names = new HashMap<>();

    private TemplateParts(OfficePackage parts, Set<String> taken) {
        this.parts = parts;
        this.deck = new Deck(parts, parts.main());
        this.master = deck.masters().keySet().iterator().next();
        int number = 1;
        while (!isFree("brand" + number, taken)) {
            number++;
        }
        for (String part : Reach.from(master, parts)) {
            names.put(part, renamed(part, "brand" + number));
        }
    }

    /** @param template of our own @param taken names of parts that the file has */
    static TemplateParts of(Archive template, Set<String> taken) {
        return new TemplateParts(new OfficePackage(template), taken);
    }

    private static boolean isFree(String family, Set<String> taken) {
        return taken.stream().noneMatch(name -> name.contains("/" + family + "-"));
    }

    private static String renamed(String part, String family) {
        int slash = part.lastIndexOf('/') + 1;
        return part.substring(0, slash) + family + "-" + part.substring(slash);
    }

    double width() {
        return deck.frames().width();
    }

    double height() {
        return deck.frames().height();
    }

    /** @return name of the master in the file */
    String masterPart() {
        return names.get(master);
    }

    /** @return name of its theme in the file */
    Optional<String> themePart() {
        return parts.targets(master, "theme").stream().findFirst().map(names::get);
    }

    /** @return the layouts in their order; their parts are still called as in the template */
    List<DeckSheet> layouts() {
        return parts.targets(master, "slideLayout").stream().map(deck::layout).toList();
    }

    /** @return name of a layout in the file */
    String nameOf(DeckSheet layout) {
        return names.get(layout.part());
    }

    /**
     * Puts everything into the file.
     *
     * @param scale what one unit of the template is in the file
     * @param firstId that is free, and all behind it
     */
    void addTo(NewParts added, double scale, long firstId) {
        Map<String, String> types = types();
        for (Map.Entry<String, String> entry : names.entrySet()) {
            String part = entry.getKey();
            String type = types.get("/" + part);
            byte[] content = parts.part(part);
            if (type == null) {
                added.add(entry.getValue(), content);
            } else {
                String text = scaled(new String(content, StandardCharsets.UTF_8), scale);
                added.add(entry.getValue(), numbered(text, firstId).getBytes(StandardCharsets.UTF_8), type);
            }
            String list = NewParts.relationsOf(part);
            if (parts.has(list)) {
                added.add(NewParts.relationsOf(entry.getValue()), moved(parts.part(list)));
            }
        }
    }

    private static String numbered(String text, long firstId) {
        long[] next = {firstId};
        return LAYOUT_ID.matcher(text).replaceAll(found -> found.group(1) + next[0]++ + found.group(2));
    }

    private static String scaled(String text, double scale) {
        if (scale == 1) {
            return text;
        }
        return LENGTHS.matcher(text)
                .replaceAll(
                        found -> found.group(1) + "=\"" + Math.round(Long.parseLong(found.group(2)) * scale) + "\"");
    }

    private byte[] moved(byte[] relations) {
        String text = new String(relations, StandardCharsets.UTF_8);
        for (Map.Entry<String, String> entry : names.entrySet()) {
            text = text.replace("Target=\"/" + entry.getKey() + "\"", "Target=\"/" + entry.getValue() + "\"");
        }
        return text.getBytes(StandardCharsets.UTF_8);
    }

    private Map<String, String> types() {
        Map<String, String> types = new HashMap<>();
        PartTree.read(NewParts.TYPES, parts.part(NewParts.TYPES))
                .children("Override")
                .forEach(entry -> types.put(
                        entry.attribute("PartName").orElse(""),
                        entry.attribute("ContentType").orElse("")));
        return types;
    }
}
