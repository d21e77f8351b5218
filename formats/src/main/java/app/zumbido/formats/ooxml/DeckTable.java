package app.zumbido.formats.ooxml;

import app.zumbido.core.inspect.Frame;
import app.zumbido.formats.archive.PartTree.Node;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A table on a slide, whose style says what head, bands and edges look like. Source: ECMA-376 Part 1, 21.1.3 and
 * 20.1.4.2.
 */
final class DeckTable {
    private final DeckSheet slide;
    private final Node table;
    private final Optional<Node> style;
    private final List<Node> rows;
    /** Most cells of a table have the same parts of its style. */
    private final Map<List<String>, List<Node>> parts = new HashMap<>();

    private final Map<List<Node>, Optional<Fill>> fills = new HashMap<>();
    private final Map<List<Node>, Optional<Seen>> texts = new HashMap<>();
    /** Where each column begins, and the last ends. */
    private final double[] columns;

    private final double[] lines;

    /**
     * A cell that is seen.
     *
     * @param styles the parts of the style that hold for it, the most particular first
     * @param row 0 first
     */
    record Cell(Node node, List<Node> styles, int row, int column, boolean head) {}

    DeckTable(DeckSheet slide, Node table, Optional<Node> style) {
        this.slide = slide;
        this.table = table;
        this.style = style;
        this.rows = table.children("tr").toList();
        this.columns = edges(
                table.child("tblGrid").stream()
                        .flatMap(grid -> grid.children("gridCol"))
                        .toList(),
                "w");
        this.lines = edges(rows, "h");
    }

    /** @return id of its style */
    static Optional<String> styleId(Node table) {
        return table.at("tblPr", "tableStyleId").map(node -> node.text().strip());
    }

    List<Cell> cells() {
        List<Cell> cells = new ArrayList<>();
        for (int row = 0; row < rows.size(); row++) {
            List<Node> inRow = rows.get(row).children("tc").toList();
            for (int column = 0; column < inRow.size(); column++) {
                Node cell = inRow.get(column);
                if (!is(cell, "hMerge") && !is(cell, "vMerge")) {
                    boolean head = row == 0 && has("firstRow");
                    cells.add(new Cell(cell, styles(row, column, inRow.size()), row, column, head));
                }
            }
        }
        return cells;
    }

    private List<Node> styles(int row, int column, int columns) {
        boolean firstRow = row == 0 && has("firstRow");
        boolean lastRow = row == rows.size() - 1 && has("lastRow");
        boolean firstColumn = column == 0 && has("firstCol");
        boolean lastColumn = column == columns - 1 && has("lastCol");
        List<String> names = new ArrayList<>();
        add(names, firstRow && firstColumn, "nwCell");
        add(names, firstRow && lastColumn, "neCell");
        add(names, lastRow && firstColumn, "swCell");
        add(names, lastRow && lastColumn, "seCell");
        add(names, firstRow, "firstRow");
        add(names, lastRow, "lastRow");
        add(names, firstColumn, "firstCol");
        add(names, lastColumn, "lastCol");
        // The first band begins behind the head.
        int band = row - (has("firstRow") ? 1 : 0);
        add(names, has("bandRow") && !firstRow && !lastRow, band % 2 == 0 ? "band1H" : "band2H");
        int upright = column - (has("firstCol") ? 1 : 0);
        add(names, has("bandCol") && !firstColumn && !lastColumn, upright % 2 == 0 ? "band1V" : "band2V");
        names.add("wholeTbl");
        return parts.computeIfAbsent(
                names,
                key -> key.stream()
                        .flatMap(name -> style.flatMap(node -> node.child(name)).stream())
                        .toList());
    }

    private static void add(List<String> names, boolean holds, String name) {
        if (holds) {
            names.add(name);
        }
    }

    private boolean has(String option) {
        return table.child("tblPr").filter(properties -> is(properties, option)).isPresent();
    }

    private static boolean is(Node node, String flag) {
        return node.attribute(flag)
                .filter(value -> value.equals("1") || value.equals("true"))
                .isPresent();
    }

    /** @return where the cell lies, as far as the table says how wide its columns and how tall its rows are */
    Optional<Frame> frame(Cell cell, Frame table) {
        int last = columns.length - 1;
        double width = columns[last];
        double height = lines[lines.length - 1];
        if (width <= 0 || height <= 0 || cell.column() >= last) {
            return Optional.empty();
        }
        int end = Math.min(last, cell.column() + span(cell));
        double left = columns[cell.column()];
        double top = lines[cell.row()];
        return Optional.of(new Frame(
                table.x() + left / width * table.width(),
                table.y() + top / height * table.height(),
                (columns[end] - left) / width * table.width(),
                (lines[cell.row() + 1] - top) / height * table.height()));
    }

    private static int span(Cell cell) {
        return cell.node()
                .attribute("gridSpan")
                .flatMap(Percent::number)
                .map(Double::intValue)
                .filter(columns -> columns > 0)
                .orElse(1);
    }

    private static double[] edges(List<Node> nodes, String length) {
        double[] edges = new double[nodes.size() + 1];
        for (int i = 0; i < nodes.size(); i++) {
            edges[i + 1] = edges[i]
                    + nodes.get(i)
                            .attribute(length)
                            .flatMap(Percent::number)
                            .filter(value -> value > 0)
                            .orElse(0.0);
        }
        return edges;
    }

    Fill fill(Cell cell) {
        return cell.node()
                .child("tcPr")
                .flatMap(properties -> Fill.in(properties, slide.colors(), Optional.empty()))
                .or(() -> fills.computeIfAbsent(
                        cell.styles(),
                        styles -> styles.stream()
                                .flatMap(part -> part.child("tcStyle").flatMap(this::ofStyle).stream())
                                .findFirst()))
                .orElseGet(Fill.Clear::new);
    }

    private Optional<Fill> ofStyle(Node cellStyle) {
        return cellStyle
                .child("fill")
                .flatMap(fill -> Fill.in(fill, slide.colors(), Optional.empty()))
                .or(() -> cellStyle
                        .child("fillRef")
                        .flatMap(reference -> slide.theme().fill(reference, slide.colors())));
    }

    /** @return what the style says about the text of the cell */
    Optional<Seen> text(Cell cell) {
        return texts.computeIfAbsent(
                cell.styles(),
                styles -> styles.stream()
                        .flatMap(part -> part.child("tcTxStyle").stream())
                        .flatMap(text -> slide.colors().in(text, Optional.empty()).stream())
                        .findFirst());
    }

    /** @return colours of the edges that the cell itself has */
    List<Seen> edges(Cell cell) {
        return cell.node().child("tcPr").stream()
                .flatMap(properties -> properties.children().stream())
                .filter(edge -> edge.name().startsWith("ln"))
                .flatMap(edge -> Fill.in(edge, slide.colors(), Optional.empty()).stream())
                .flatMap(fill -> fill.colors().stream())
                .toList();
    }
}
