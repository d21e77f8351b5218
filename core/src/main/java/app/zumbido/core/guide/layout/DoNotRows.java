package app.zumbido.core.guide.layout;

import app.zumbido.core.guide.Block;
import app.zumbido.core.guide.Block.DoNot;
import app.zumbido.core.guide.Block.Example;
import java.util.ArrayList;
import java.util.List;

/** What must not be done: shown, crossed out, and said. */
final class DoNotRows {
    private static final double TALL = 0.54;
    private static final double AIR = 0.18;
    /** In sizes of text: of a tile. */
    private static final double TILE_WIDTH = 10.5;

    private static final double TIGHT_TILE_WIDTH = 9;
    private static final int MOST_IN_A_ROW = 4;
    private static final int TIGHT_MOST_IN_A_ROW = 5;

    private DoNotRows() {}

    static List<Part> of(Block.DoNots examples, Setting setting) {
        int columns = Grid.columns(
                examples.examples().size(),
                setting.by(TILE_WIDTH, TIGHT_TILE_WIDTH, TILE_WIDTH),
                setting.by(MOST_IN_A_ROW, TIGHT_MOST_IN_A_ROW, MOST_IN_A_ROW),
                setting);
        return Grid.rows(examples.examples(), columns, setting, (example, width) -> tile(example, width, setting));
    }

    private static Part tile(DoNot example, double width, Setting setting) {
        Box box = new Box(0, 0, width, Math.min(width * TALL, setting.height() * 0.35));
        List<Mark> marks = new ArrayList<>(ChipRows.filled(box, example.ground(), example.outlined(), setting));
        Box inner = box.inset(Math.min(box.width(), box.height()) * AIR);
        marks.addAll(example.example()
                .match(
                        words -> List.of(words(words, inner, setting)),
                        everywhere -> everywhere(everywhere, inner),
                        color -> List.of(new Mark.Fill(inner, color.color())),
                        wrong -> List.of(LogoRows.mark(placed(wrong, inner), wrong.logo(), wrong.turned()))));
        marks.add(new Mark.Line(box, false, example.line(), setting.hair() * 2.5));
        return Captions.under(Part.figure(box, marks, example.words()), example.words(), setting);
    }

    private static Mark words(Example.Words words, Box inner, Setting setting) {
        Lettered style = setting.heading(1.3);
        double needed = setting.measurer().width(style, words.text());
        Lettered fitting = needed > inner.width() ? style.sized(style.size() * inner.width() / needed) : style;
        double wide = Math.min(inner.width(), needed);
        double line = Math.min(inner.height(), Setting.line(fitting));
        double y = inner.y() + (inner.height() - line) / 2;
        return new Mark.Words(
                new Box(inner.x() + (inner.width() - wide) / 2, y, wide, line),
                y + (line + setting.measurer().capHeight(fitting)) / 2,
                words.text(),
                fitting,
                words.ink());
    }

    /** A heading, three lines and a button, all of them in the highlight. */
    private static List<Mark> everywhere(Example.Everywhere everywhere, Box inner) {
        double unit = inner.height() / 9;
        return List.of(
                new Mark.Fill(new Box(inner.x(), inner.y(), inner.width() * 0.7, unit * 2), everywhere.highlight()),
                new Mark.Fill(new Box(inner.x(), inner.y() + unit * 3, inner.width(), unit), everywhere.highlight()),
                new Mark.Fill(
                        new Box(inner.x(), inner.y() + unit * 5, inner.width() * 0.9, unit), everywhere.highlight()),
                new Mark.Fill(
                        new Box(inner.x(), inner.y() + unit * 7, inner.width() * 0.4, unit * 2),
                        everywhere.highlight()));
    }

    /** A turned logo is made so small that its corners stay within. */
    private static Box placed(Example.WrongLogo wrong, Box inner) {
        double ratio = wrong.logo().ratio() * wrong.stretched();
        double angle = Math.toRadians(Math.abs(wrong.turned()));
        double wide = ratio * Math.cos(angle) + Math.sin(angle);
        double tall = ratio * Math.sin(angle) + Math.cos(angle);
        double scale = Math.min(inner.width() / wide, inner.height() / tall);
        double width = ratio * scale;
        return new Box(inner.x() + (inner.width() - width) / 2, inner.y() + (inner.height() - scale) / 2, width, scale);
    }
}
