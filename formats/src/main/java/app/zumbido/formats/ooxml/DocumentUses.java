package app.zumbido.formats.ooxml;

import app.zumbido.core.inspect.FoundPage;
import app.zumbido.core.inspect.FoundTheme;
import app.zumbido.core.inspect.Uses;
import app.zumbido.formats.archive.PartTree;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Walks through the colours of a document piece by piece, its main text first. Where pages end is known only as far as
 * programs have left it in the file. Source: ECMA-376 Part 1, 17.2, 17.10 and 17.11.
 */
final class DocumentUses {
    private final Uses uses;
    private final OfficePackage parts;
    private final WordStyles styles;

    DocumentUses(Uses uses, Optional<FoundTheme> theme, OfficePackage parts, String main) {
        this.uses = uses;
        this.parts = parts;
        this.styles = new WordStyles(parts, main, theme);
    }

    void walk(String main) {
        uses.page(FoundPage.alone(1, ""));
        WordBody body = new WordBody(main, false, styles, parts, uses);
        PartTree.each(main, parts.part(main), Set.of("body", "document"), body::block);
        for (String kind : List.of("header", "footer", "footnotes", "endnotes")) {
            for (String part : parts.targets(main, kind)) {
                WordBody small = new WordBody(part, true, styles, parts, uses);
                PartTree.each(part, parts.part(part), Set.of("hdr", "ftr", "footnote", "endnote"), small::block);
            }
        }
    }
}
