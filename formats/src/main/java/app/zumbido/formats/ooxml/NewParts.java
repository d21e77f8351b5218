package app.zumbido.formats.ooxml;

import app.zumbido.core.inspect.Spot;
import app.zumbido.formats.archive.PartTree;
import app.zumbido.formats.archive.PartTree.Node;
import app.zumbido.formats.archive.RawTag;
import app.zumbido.formats.image.UnreadableImageException;
import app.zumbido.formats.uses.PartEdits;
import java.util.HashMap;
import java.util.Map;

/** Parts that come into an office file, with what the file says about them. Source: ECMA-376 Part 2, 6.5 and 6.2.3. */
final class NewParts {
    static final String TYPES = "[Content_Types].xml";
    private static final String RELATIONSHIPS = "http://schemas.openxmlformats.org/officeDocument/2006/relationships";

    private final OfficePackage parts;
    private final PartEdits edits;
    private final Map<String, byte[]> added = new HashMap<>();
    private final Map<String, Integer> relations = new HashMap<>();
    private final Map<String, StringBuilder> inserted = new HashMap<>();

    NewParts(OfficePackage parts, PartEdits edits) {
        this.parts = parts;
        this.edits = edits;
    }

    /** A part whose type follows from its ending. @return its name */
    String add(String name, byte[] content) {
        if (added.put(name, content) == null && !parts.has(name)) {
            declareEnding(name.substring(name.lastIndexOf('.') + 1));
        }
        return name;
    }

    /** @param type of its content @return its name */
    String add(String name, byte[] content, String type) {
        added.put(name, content);
        declare("<Override PartName=\"/" + name + "\" ContentType=\"" + type + "\"/>");
        return name;
    }

    private void declareEnding(String ending) {
        String types = edits.part(TYPES).text();
        boolean known = types.contains("Extension=\"" + ending + "\"") || types.contains("Extension='" + ending + "'");
        if (!known && edits.isFirst(new Spot(ending, 0, 1))) {
            String type = ending.equals("svg") ? "image/svg+xml" : "image/" + ending;
            declare("<Default Extension=\"" + ending + "\" ContentType=\"" + type + "\"/>");
        }
    }

    private void declare(String entry) {
        append(TYPES, entry);
    }

    private void append(String part, String text) {
        inserted.computeIfAbsent(part, name -> new StringBuilder()).append(text);
    }

    /** @return name of the part with the relations of another */
    static String relationsOf(String part) {
        int slash = part.lastIndexOf('/') + 1;
        return part.substring(0, slash) + "_rels/" + part.substring(slash) + ".rels";
    }

    /** @param kind last word of its type @return the id that the part calls the other by from now on */
    String relate(String from, String kind, String target) {
        String list = relationsOf(from);
        String text = edits.part(list).text();
        String id;
        do {
            id = "rIdBrand" + relations.merge(list, 1, Integer::sum);
        } while (text.contains('"' + id + '"'));
        // The type is spelled like those that stand there, which tells the two forms of the standard apart.
        String word = "/" + kind;
        int known = text.indexOf(word + '"');
        String type = known < 0
                ? RELATIONSHIPS + word
                : text.substring(text.lastIndexOf('"', known) + 1, known + word.length());
        append(list, "<Relationship Id=\"" + id + "\" Type=\"" + type + "\" Target=\"/" + target + "\"/>");
        return id;
    }

    /**
     * @return all parts that changed or are new, by their names, when everything has been put
     * @throws UnreadableImageException if a list that something is put into is damaged
     */
    Map<String, byte[]> changed() {
        inserted.forEach((part, text) -> put(part, text.toString()));
        Map<String, byte[]> changed = new HashMap<>(edits.changed());
        changed.putAll(added);
        return changed;
    }

    /** At the end of a list that nobody has read as a whole yet. */
    private void put(String name, String entries) {
        Node root = PartTree.read(name, parts.part(name));
        PartEdits.Part list = edits.part(name);
        RawTag tag = RawTag.at(list.text(), root.tag().from());
        if (tag.empty()) {
            list.splices().put(tag.from(), tag.to(), tag.opened(list.text(), entries));
        } else {
            int end = list.text().lastIndexOf("</" + tag.name());
            list.splices().put(end, end, entries);
        }
    }
}
