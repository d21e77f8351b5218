package app.zumbido.formats.ooxml;

import app.zumbido.formats.archive.Archive;
import app.zumbido.formats.archive.PartXml;
import app.zumbido.formats.archive.Tag;
import app.zumbido.formats.image.UnreadableImageException;
import app.zumbido.formats.image.UnreadableImageException.Reason;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;

/** Parts of an office file and how they refer to each other. Source: ECMA-376 Part 2, 6.5. */
final class OfficePackage {
    /** Where the main part hangs; the end of its type is the same in both forms of the standard. */
    static final String ROOT = "";

    private final Archive archive;
    /** Parts may be read beside each other. */
    private final Map<String, List<Relation>> relations = new ConcurrentHashMap<>();

    private final Map<String, Map<String, String>> byId = new ConcurrentHashMap<>();

    /**
     * A reference to another part.
     *
     * @param type the last word of it, as in {@code theme}
     * @param target name of the part
     */
    record Relation(String id, String type, String target) {}

    OfficePackage(Archive archive) {
        this.archive = archive;
    }

    /** @return name of the part that everything hangs on */
    String main() {
        return relations(ROOT).stream()
                .filter(relation -> relation.type().equals("officeDocument"))
                .map(Relation::target)
                .findFirst()
                .orElseThrow(() -> new UnreadableImageException(
                        Reason.UNKNOWN_KIND, "The file is no presentation, document or workbook"));
    }

    /** @throws UnreadableImageException if it is missing */
    byte[] part(String name) {
        return archive.get(name)
                .orElseThrow(() -> new UnreadableImageException(
                        Reason.BROKEN, "The file cannot be read: its part " + name + " is missing"));
    }

    boolean has(String name) {
        return archive.has(name);
    }

    /** @return the attribute that refers to another part: its own number is called id as well, but without a prefix */
    static Optional<String> reference(Tag tag, String name) {
        return tag.attributes().stream()
                .filter(attribute -> attribute.name().equals(name)
                        && !attribute.qualifiedName().equals(name))
                .map(Tag.Attribute::value)
                .findFirst();
    }

    /** @return names of the parts that the part refers to, by the ids it calls them */
    Map<String, String> byId(String part) {
        return byId.computeIfAbsent(
                part,
                name -> relations(name).stream()
                        .collect(Collectors.toMap(Relation::id, Relation::target, (first, second) -> first)));
    }

    /** @return in the order of the file; those that lead outside the file are left out */
    List<Relation> relations(String part) {
        return relations.computeIfAbsent(part, this::read);
    }

    private List<Relation> read(String part) {
        int slash = part.lastIndexOf('/') + 1;
        String folder = part.substring(0, slash);
        List<Relation> relations = new ArrayList<>();
        String list = folder + "_rels/" + part.substring(slash) + ".rels";
        archive.get(list)
                .ifPresent(xml -> PartXml.read(list, xml, tag -> {
                    Optional<String> id = tag.attribute("Id");
                    Optional<String> type = tag.attribute("Type");
                    Optional<String> target = tag.attribute("Target");
                    boolean outside = tag.attribute("TargetMode").equals(Optional.of("External"));
                    if (id.isPresent() && type.isPresent() && target.isPresent() && !outside) {
                        relations.add(new Relation(
                                id.get(),
                                type.get().substring(type.get().lastIndexOf('/') + 1),
                                resolve(folder, target.get())));
                    }
                }));
        return relations;
    }

    /** @return the parts that the part refers to by relations of that type */
    List<String> targets(String part, String type) {
        return relations(part).stream()
                .filter(relation -> relation.type().equals(type))
                .map(Relation::target)
                .toList();
    }

    private static String resolve(String folder, String target) {
        if (target.startsWith("/")) {
            return target.substring(1);
        }
        List<String> steps = new ArrayList<>();
        for (String step : (folder + target).split("/")) {
            if (step.equals("..")) {
                if (!steps.isEmpty()) {
                    steps.remove(steps.size() - 1);
                }
            } else if (!step.isEmpty() && !step.equals(".")) {
                steps.add(step);
            }
        }
        return String.join("/", steps);
    }
}
