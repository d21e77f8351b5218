package app.zumbido.core.guide.layout;

import app.zumbido.core.guide.Block;
import app.zumbido.core.guide.Block.Cell;
import java.util.ArrayList;
import java.util.List;

/** A table with rules between its rows; columns are as wide as their words, as far as there is room. */
final class TableRows {
    /** In sizes of text: of a column. */
    private static final double NARROWEST = 6.2;

    private final Setting setting;
    private final double padding;
    private final double gutter;
    private final double chip;

    private TableRows(Setting setting) {
        this.setting = setting;
        padding = setting.base() * 0.42;
        gutter = setting.base() * 1.1;
        chip = setting.base() * 0.9;
    }

    /** @return the head, then every row; in a narrow place without a head, every cell with that of its column */
    static List<Part> of(Block.Table table, Setting setting) {
        TableRows rows = new TableRows(setting);
        if (isNarrow(table, setting)) {
            return table.rows().stream()
                    .map(row -> rows.stacked(table.heads(), row))
                    .toList();
        }
        List<Double> widths = rows.widths(table);
        List<Part> parts = new ArrayList<>();
        parts.add(rows.row(table.heads().stream().map(Cell::of).toList(), widths, true));
        table.rows().forEach(row -> parts.add(rows.row(row, widths, false)));
        return parts;
    }

    /** Whether its columns would be so narrow that words break. */
    static boolean isNarrow(Block.Table table, Setting setting) {
        return setting.width() < table.heads().size() * setting.base() * NARROWEST;
    }

    private Part stacked(List<String> heads, List<Cell> cells) {
        List<Part> parts = new ArrayList<>();
        double y = 0;
        for (int i = 0; i < cells.size(); i++) {
            Cell cell = cells.get(i);
            String words =
                    i == 0 ? cell.text() : heads.get(i) + ": " + (cell.text().isEmpty() ? "–" : cell.text());
            Part part = cell(new Cell(words, cell.chip(), cell.code()), 0, setting.width(), i == 0, false)
                    .moved(0, y);
            parts.add(part);
            y = part.box().bottom();
        }
        double height = y + padding;
        Mark rule = new Mark.Fill(
                new Box(0, height - setting.hair(), setting.width(), setting.hair()),
                setting.inks().hairline());
        return Part.item(Tag.ROW, new Box(0, 0, setting.width(), height), List.of(rule), parts);
    }

    private Lettered style(boolean head) {
        return head ? setting.smallStrong() : setting.small();
    }

    private List<Double> widths(Block.Table table) {
        int columns = table.heads().size();
        double room = setting.width() - gutter * (columns - 1);
        double[] least = new double[columns];
        double[] natural = new double[columns];
        for (int i = 0; i < columns; i++) {
            measure(Cell.of(table.heads().get(i)), true, i, least, natural);
            for (List<Cell> row : table.rows()) {
                measure(row.get(i), false, i, least, natural);
            }
            least[i] = Math.min(least[i], room / columns);
        }
        double needed = sum(natural);
        double needless = sum(least);
        List<Double> widths = new ArrayList<>();
        for (int i = 0; i < columns; i++) {
            if (needed <= room) {
                widths.add(natural[i] + (room - needed) / columns);
            } else {
                double share = needed > needless ? Math.max(0, (room - needless) / (needed - needless)) : 0;
                widths.add(least[i] + (natural[i] - least[i]) * share);
            }
        }
        return widths;
    }

    private void measure(Cell cell, boolean head, int column, double[] least, double[] natural) {
        double indent = indent(cell);
        double whole = indent + setting.measurer().width(style(head), cell.text());
        natural[column] = Math.max(natural[column], whole);
        for (String word : cell.text().split("\\s+")) {
            least[column] = Math.max(least[column], indent + setting.measurer().width(style(head), word));
        }
    }

    private static double sum(double[] values) {
        double sum = 0;
        for (double value : values) {
            sum += value;
        }
        return sum;
    }

    private double indent(Cell cell) {
        return cell.chip().isPresent() ? chip * 1.5 : 0;
    }

    private Part row(List<Cell> cells, List<Double> widths, boolean head) {
        List<Part> parts = new ArrayList<>();
        double x = 0;
        double bottom = 0;
        for (int i = 0; i < cells.size(); i++) {
            Part cell = cell(cells.get(i), x, widths.get(i), i == 0, head);
            parts.add(cell);
            bottom = Math.max(bottom, cell.box().bottom());
            x += widths.get(i) + gutter;
        }
        double height = bottom + padding;
        double thick = head ? setting.hair() * 2 : setting.hair();
        Mark rule = new Mark.Fill(
                new Box(0, height - thick, setting.width(), thick),
                head ? setting.inks().text() : setting.inks().hairline());
        return Part.item(Tag.ROW, new Box(0, 0, setting.width(), height), List.of(rule), parts);
    }

    private Part cell(Cell cell, double x, double width, boolean first, boolean head) {
        double indent = indent(cell);
        Part words = Lines.set(
                cell.code() ? Tag.CODE : Tag.P,
                cell.text(),
                style(head),
                setting.inks().text(),
                x + indent,
                padding,
                Math.max(setting.base(), width - indent),
                setting);
        List<Mark> marks = new ArrayList<>();
        cell.chip().ifPresent(color -> {
            double line = Setting.line(style(head));
            Box box = new Box(x, padding + (line - chip) / 2, chip, chip);
            marks.addAll(ChipRows.filled(box, color, true, setting));
        });
        Tag tag = head ? Tag.COLUMN_HEAD : first ? Tag.ROW_HEAD : Tag.CELL;
        return Part.item(tag, new Box(x, 0, width, words.box().bottom()), marks, List.of(words));
    }
}
