package app.zumbido.formats.ooxml;

import app.zumbido.core.inspect.Written;
import app.zumbido.formats.archive.PartTree;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** What is written in the cells of a workbook, each text once. Source: ECMA-376 Part 1, 18.4.9 (sst). */
final class SharedTexts {
    private SharedTexts() {}

    /** @return each cut to what is told of it */
    static List<String> of(OfficePackage parts, String main) {
        List<String> texts = new ArrayList<>();
        parts.targets(main, "sharedStrings").stream()
                .filter(parts::has)
                .findFirst()
                .ifPresent(part -> PartTree.each(part, parts.part(part), Set.of("sst"), item -> {
                    String text = item.text();
                    texts.add(text.substring(0, Math.min(text.length(), Written.LONGEST)));
                }));
        return texts;
    }
}
