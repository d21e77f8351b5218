package app.zumbido.formats.ooxml;

import app.zumbido.core.inspect.Spot;
import app.zumbido.core.inspect.check.Edit;
import app.zumbido.formats.delivery.LogoPicture;
import app.zumbido.formats.uses.Changes;
import app.zumbido.formats.uses.PartEdits;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * Puts logos in the place of pictures: as new parts of the file, so that whoever else shows the old picture keeps it.
 * Source: ECMA-376 Part 2, 6.5 and 6.2.3.
 */
final class NewLogos {
    /** Of the picture; wide enough for a page of print. */
    private static final int PIXELS = 1600;

    private static final String IMAGE = "/image";
    private static final String TYPES = "[Content_Types].xml";

    private final OfficePackage parts;
    private final Changes.LogoFiles logos;
    private final PartEdits edits;
    private final String folder;
    private final Map<String, byte[]> added = new HashMap<>();
    private final Map<String, Integer> relations = new HashMap<>();

    /** @param main the part that everything hangs on */
    NewLogos(OfficePackage parts, String main, Changes.LogoFiles logos, PartEdits edits) {
        this.parts = parts;
        this.logos = logos;
        this.edits = edits;
        this.folder = main.substring(0, main.lastIndexOf('/') + 1) + "media/";
    }

    void put(Edit.PutLogo edit) {
        Optional<LogoPicture> logo = logos.logo(edit.form(), edit.version());
        if (logo.isEmpty()) {
            return;
        }
        String name = "logo-" + edit.form().name().toLowerCase(Locale.ROOT) + "-"
                + edit.version().name().toLowerCase(Locale.ROOT).replace('_', '-');
        Spot spot = edit.spot();
        PartEdits.Part part = edits.part(spot.part());
        part.splices()
                .put(
                        spot.from(),
                        spot.to(),
                        relate(spot.part(), add(name + ".png", logo.get().png(PIXELS))));
        svgBeside(part.text(), spot)
                .ifPresent(at -> part.splices()
                        .put(
                                at.from(),
                                at.to(),
                                relate(
                                        spot.part(),
                                        add(name + ".svg", logo.get().svg()))));
    }

    /** Programs that draw SVG take that one. An addition to the standard, within the same picture. */
    private static Optional<Spot> svgBeside(String text, Spot spot) {
        int end = text.indexOf("blipFill>", spot.to());
        int svg = text.indexOf("svgBlip", spot.to());
        int embed = svg < 0 ? -1 : text.indexOf("embed=", svg);
        if (embed < 0 || end < embed) {
            return Optional.empty();
        }
        int from = embed + "embed=".length() + 1;
        int to = text.indexOf(text.charAt(from - 1), from);
        return to > from ? Optional.of(new Spot(spot.part(), from, to)) : Optional.empty();
    }

    private String add(String name, byte[] content) {
        String part = folder + name;
        if (added.put(part, content) == null && !parts.has(part)) {
            declare(name.substring(name.lastIndexOf('.') + 1));
        }
        return part;
    }

    private void declare(String ending) {
        PartEdits.Part types = edits.part(TYPES);
        boolean known = types.text().contains("Extension=\"" + ending + "\"")
                || types.text().contains("Extension='" + ending + "'");
        int at = types.text().indexOf('>', types.text().indexOf("<Types")) + 1;
        if (!known && edits.isFirst(new Spot(ending, 0, 1))) {
            String type = ending.equals("svg") ? "image/svg+xml" : "image/" + ending;
            insert(TYPES, at, "<Default Extension=\"" + ending + "\" ContentType=\"" + type + "\"/>");
        }
    }

    private final Map<String, StringBuilder> inserted = new HashMap<>();
    private final Map<String, Integer> insertedAt = new HashMap<>();

    private void insert(String part, int at, String text) {
        insertedAt.put(part, at);
        inserted.computeIfAbsent(part, name -> new StringBuilder()).append(text);
    }

    private String relate(String from, String target) {
        int slash = from.lastIndexOf('/') + 1;
        String list = from.substring(0, slash) + "_rels/" + from.substring(slash) + ".rels";
        String text = edits.part(list).text();
        String id;
        do {
            id = "rIdLogo" + relations.merge(list, 1, Integer::sum);
        } while (text.contains('"' + id + '"'));
        int end = text.lastIndexOf("</");
        // The type is spelled like those that stand there, which tells the two forms of the standard apart.
        int image = text.indexOf(IMAGE + '"');
        String type = image < 0
                ? "http://schemas.openxmlformats.org/officeDocument/2006/relationships" + IMAGE
                : text.substring(text.lastIndexOf('"', image) + 1, image + IMAGE.length());
        insert(list, end, "<Relationship Id=\"" + id + "\" Type=\"" + type + "\" Target=\"/" + target + "\"/>");
        return id;
    }

    /** @return new parts by their names, when everything has been put */
    Map<String, byte[]> finish() {
        inserted.forEach((part, text) -> {
            int at = insertedAt.get(part);
            PartEdits.Part changing = edits.part(part);
            String before = changing.text().substring(at - 1, at);
            changing.splices().put(at - 1, at, before + text);
        });
        return added;
    }
}
