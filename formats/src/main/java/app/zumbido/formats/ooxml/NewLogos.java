package app.zumbido.formats.ooxml;

import app.zumbido.core.inspect.Spot;
import app.zumbido.core.inspect.check.Edit;
import app.zumbido.formats.delivery.LogoPicture;
import app.zumbido.formats.uses.Changes;
import app.zumbido.formats.uses.PartEdits;
import java.util.Locale;
import java.util.Optional;

/**
 * Puts logos in the place of pictures: as new parts of the file, so that whoever else shows the old picture keeps it.
 * Source: ECMA-376 Part 2, 6.5 and 6.2.3.
 */
final class NewLogos {
    /** Of the picture; wide enough for a page of print. */
    private static final int PIXELS = 1600;

    private final NewParts added;
    private final Changes.LogoFiles logos;
    private final PartEdits edits;
    private final String folder;

    /** @param main the part that everything hangs on */
    NewLogos(NewParts added, String main, Changes.LogoFiles logos, PartEdits edits) {
        this.added = added;
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
                        added.relate(
                                spot.part(),
                                "image",
                                add(name + ".png", logo.get().png(PIXELS))));
        svgBeside(part.text(), spot)
                .ifPresent(at -> part.splices()
                        .put(
                                at.from(),
                                at.to(),
                                added.relate(
                                        spot.part(),
                                        "image",
                                        add(name + ".svg", logo.get().svg()))));
    }

    private String add(String name, byte[] content) {
        return added.add(folder + name, content);
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
}
