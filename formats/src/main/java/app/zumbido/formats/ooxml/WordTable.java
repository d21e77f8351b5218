package app.zumbido.formats.ooxml;

import app.zumbido.formats.archive.PartTree.Node;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A table of a document, whose style says what head and bands look like. Source: ECMA-376 Part 1, 17.4.55 (tblLook) and
 * 17.7.6 (tblStylePr).
 */
final class WordTable {
    private final Node table;
    private final List<Node> style;
    private final int look;

    /**
     * @param styles parts of the style that hold for it, the most particular first
     * @param row 0 first
     */
    record Cell(Node node, List<Node> styles, int row, boolean head) {}

    /** @param style the style and what it is based on */
    WordTable(Node table, List<Node> style) {
        this.table = table;
        this.style = style;
        this.look = table.at("tblPr", "tblLook").map(WordTable::bits).orElse(0);
    }

    private static int bits(Node look) {
        Optional<Integer> written = look.attribute("val")
                .filter(hex -> hex.matches("[0-9A-Fa-f]{1,4}"))
                .map(hex -> Integer.parseInt(hex, 16));
        return written.orElseGet(() -> bit(look, "firstRow", 0x20)
                | bit(look, "lastRow", 0x40)
                | bit(look, "firstColumn", 0x80)
                | bit(look, "lastColumn", 0x100)
                | bit(look, "noHBand", 0x200)
                | bit(look, "noVBand", 0x400));
    }

    private static int bit(Node look, String name, int bit) {
        return look.attribute(name)
                        .filter(value -> value.equals("1") || value.equals("true") || value.equals("on"))
                        .isPresent()
                ? bit
                : 0;
    }

    private boolean has(int bit) {
        return (look & bit) != 0;
    }

    List<Cell> cells() {
        List<Node> rows = table.children("tr").toList();
        List<Cell> cells = new ArrayList<>();
        for (int row = 0; row < rows.size(); row++) {
            List<Node> inRow = rows.get(row).children("tc").toList();
            for (int column = 0; column < inRow.size(); column++) {
                boolean head = row == 0 && has(0x20)
                        || rows.get(row).at("trPr", "tblHeader").isPresent();
                cells.add(new Cell(inRow.get(column), styles(row, rows.size(), column, inRow.size()), row, head));
            }
        }
        return cells;
    }

    private List<Node> styles(int row, int rows, int column, int columns) {
        boolean first = row == 0 && has(0x20);
        boolean last = row == rows - 1 && has(0x40) && !first;
        List<String> types = new ArrayList<>();
        if (first) {
            types.add("firstRow");
        }
        if (last) {
            types.add("lastRow");
        }
        if (column == 0 && has(0x80)) {
            types.add("firstCol");
        }
        if (column == columns - 1 && has(0x100)) {
            types.add("lastCol");
        }
        if (!has(0x200) && !first && !last) {
            types.add((row - (has(0x20) ? 1 : 0)) % 2 == 0 ? "band1Horz" : "band2Horz");
        }
        if (!has(0x400)) {
            types.add((column - (has(0x80) ? 1 : 0)) % 2 == 0 ? "band1Vert" : "band2Vert");
        }
        List<Node> found = new ArrayList<>();
        for (Node one : style) {
            for (String type : types) {
                one.children("tblStylePr")
                        .filter(part ->
                                part.attribute("type").filter(type::equals).isPresent())
                        .forEach(found::add);
            }
        }
        found.addAll(style);
        return found;
    }
}
