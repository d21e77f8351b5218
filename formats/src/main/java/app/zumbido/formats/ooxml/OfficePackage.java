package app.zumbido.formats.ooxml;

import app.zumbido.formats.archive.Archive;
import app.zumbido.formats.archive.PartXml;
import app.zumbido.formats.image.UnreadableImageException;
import app.zumbido.formats.image.UnreadableImageException.Reason;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Parts of an office file and how they refer to each other. Source: ECMA-376 Part 2, 6.5. */
final class OfficePackage {
    /** Where the main part hangs; the end of its type is the same in both forms of the standard. */
    private static final String ROOT = "";

    private final Archive archive;

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

    /** @return in the order of the file; those that lead outside the file are left out */
    List<Relation> relations(String part) {
        int slash = part.lastIndexOf('/') + 1;
        String folder = part.substring(0, slash);
        List<Relation> relations = new ArrayList<>();
        archive.get(folder + "_rels/" + part.substring(slash) + ".rels")
                .ifPresent(xml -> PartXml.read(xml, (name, element) -> {
                    Optional<String> id = PartXml.attribute(element, "Id");
                    Optional<String> type = PartXml.attribute(element, "Type");
                    Optional<String> target = PartXml.attribute(element, "Target");
                    boolean outside = PartXml.attribute(element, "TargetMode").equals(Optional.of("External"));
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
