package app.zumbido.formats.ooxml;

import app.zumbido.core.inspect.FoundPage;
import app.zumbido.core.inspect.FoundTheme;
import app.zumbido.core.inspect.Uses;
import app.zumbido.formats.archive.PartTree;
import app.zumbido.formats.archive.PartXml;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Walks through the colours of a workbook sheet by sheet. Source: ECMA-376 Part 1, 18.2 and 18.3. */
final class WorkbookUses {
    /** What a sheet has that colours hang on, besides its rows. */
    private static final Set<String> HOLDERS = Set.of("worksheet", "sheetData");

    private final Uses uses;
    private final OfficePackage parts;
    private final BookStyles styles;
    private final List<String> texts;

    WorkbookUses(Uses uses, Optional<FoundTheme> theme, OfficePackage parts, String main) {
        this.uses = uses;
        this.parts = parts;
        this.styles = new BookStyles(parts, main, theme);
        this.texts = SharedTexts.of(parts, main);
    }

    void walk(String main) {
        int number = 0;
        for (String sheet : sheets(main)) {
            uses.page(FoundPage.alone(++number, sheet));
            SheetUses walk = new SheetUses(number, sheet, styles, texts, parts, uses);
            PartTree.each(sheet, parts.part(sheet), HOLDERS, walk::piece);
        }
    }

    /** @return the parts of the sheets in the order of their tabs. Source: ECMA-376 Part 1, 18.2.20 */
    private List<String> sheets(String main) {
        Map<String, String> targets = parts.byId(main);
        Set<String> worksheets = Set.copyOf(parts.targets(main, "worksheet"));
        Set<String> sheets = new LinkedHashSet<>();
        PartXml.read(main, parts.part(main), tag -> {
            if (tag.name().equals("sheet")) {
                OfficePackage.reference(tag, "id")
                        .map(targets::get)
                        .filter(worksheets::contains)
                        .ifPresent(sheets::add);
            }
        });
        return List.copyOf(sheets);
    }
}
