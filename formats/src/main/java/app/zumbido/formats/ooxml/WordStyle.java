package app.zumbido.formats.ooxml;

import app.zumbido.formats.archive.PartTree.Node;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A style of a document.
 *
 * @param id by which paragraphs, runs and tables refer to it
 * @param name as people know it; the standard's names are the same in every language
 * @param basedOn the style that it takes the rest from
 */
record WordStyle(String id, String name, Optional<String> basedOn, Node node) {
    static WordStyle of(Node node) {
        return new WordStyle(
                node.attribute("styleId").orElse(""),
                node.child("name").flatMap(name -> name.attribute("val")).orElse(""),
                node.child("basedOn").flatMap(base -> base.attribute("val")),
                node);
    }

    /** @return itself and what it is based on, the nearest first; a circle is not followed for ever */
    List<WordStyle> line(Map<String, WordStyle> styles) {
        return Stream.iterate(
                        Optional.of(this),
                        Optional::isPresent,
                        style -> style.flatMap(WordStyle::basedOn)
                                .flatMap(base -> Optional.ofNullable(styles.get(base))))
                .limit(LONGEST_LINE)
                .flatMap(Optional::stream)
                .toList();
    }

    private static final int LONGEST_LINE = 40;

    /** @return 1 of a heading of the first rank; 0 of what is no heading. Source: ECMA-376 Part 1, 17.3.1.20 (outlineLvl) */
    int rank() {
        String lower = name.toLowerCase(Locale.ROOT);
        if (lower.equals("title")) {
            return 1;
        }
        if (lower.equals("subtitle")) {
            return 2;
        }
        if (lower.matches("heading [1-9]")) {
            return lower.charAt(lower.length() - 1) - '0';
        }
        return node.at("pPr", "outlineLvl")
                .flatMap(level -> level.attribute("val"))
                .flatMap(Percent::number)
                .filter(level -> level < 9)
                .map(level -> level.intValue() + 1)
                .orElse(0);
    }
}
