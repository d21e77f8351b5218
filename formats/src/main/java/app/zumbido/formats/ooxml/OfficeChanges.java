package app.zumbido.formats.ooxml;

import app.zumbido.core.inspect.Spot;
import app.zumbido.core.inspect.check.Edit;
import app.zumbido.formats.delivery.Xml;
import app.zumbido.formats.uses.Changes;
import app.zumbido.formats.uses.Changes.NewTheme;
import app.zumbido.formats.uses.PartEdits;
import java.util.List;
import java.util.Map;

/** Writes changes into the parts of an office file. */
final class OfficeChanges {
    private final OfficePackage parts;
    private final String main;
    private final PartEdits edits;

    OfficeChanges(OfficePackage parts, String main) {
        this.parts = parts;
        this.main = main;
        this.edits = new PartEdits(parts::part);
    }

    /** @return the parts that changed or are new, by their names */
    Map<String, byte[]> of(Changes changes) {
        NewParts added = new NewParts(parts, edits);
        NewLogos logos = new NewLogos(added, main, changes.logos(), edits);
        for (Edit edit : changes.edits()) {
            if (edits.isFirst(edit.spot())) {
                put(edit, logos);
            }
        }
        changes.theme().ifPresent(this::dress);
        return added.changed();
    }

    private void put(Edit edit, NewLogos logos) {
        PartEdits.Part part = edits.part(edit.spot().part());
        if (edit instanceof Edit.Paint paint) {
            OfficeRepaint.put(part.text(), paint.spot(), paint.replacement(), part.splices());
        } else if (edit instanceof Edit.Write write) {
            part.splices().put(write.spot().from(), write.spot().to(), Xml.text(write.value()));
        } else if (edit instanceof Edit.Shrink shrink) {
            Shrink.put(shrink, part);
        } else if (edit instanceof Edit.PutLogo logo) {
            logos.put(logo);
        }
    }

    private void dress(NewTheme theme) {
        for (String master : parts.targets(main, "slideMaster")) {
            if (!theme.left().contains(master)) {
                theme(master, theme);
                ThemeSplice.turn(master, theme.dark(), edits, parts.part(master));
            }
        }
        theme(main, theme);
        if (main.startsWith("word/")) {
            for (String kind : List.of("", "styles", "header", "footer", "numbering", "footnotes", "endnotes")) {
                List<String> of = kind.isEmpty() ? List.of(main) : parts.targets(main, kind);
                of.forEach(part -> WordFallbacks.put(part, parts.part(part), theme.colors(), edits));
            }
        }
    }

    private void theme(String holder, NewTheme theme) {
        parts.targets(holder, "theme").stream()
                .filter(parts::has)
                .filter(part -> edits.isFirst(new Spot(part, 0, 1)))
                .forEach(part -> ThemeSplice.put(part, theme, edits, parts.part(part)));
    }
}
