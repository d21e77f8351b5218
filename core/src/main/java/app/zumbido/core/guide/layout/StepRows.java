package app.zumbido.core.guide.layout;

import app.zumbido.core.guide.Block;
import app.zumbido.core.guide.Block.Step;
import app.zumbido.core.guide.Block.StepRow;
import java.util.ArrayList;
import java.util.List;

/** Derived steps of colours: the name, and every step with its code. */
final class StepRows {
    private static final double NAME = 0.24;
    /** In sizes of text: narrower the name stands above its steps. */
    private static final double WIDE_ENOUGH = 42;

    private StepRows() {}

    static List<Part> of(Block.Steps steps, Setting setting) {
        return steps.rows().stream().map(row -> row(row, setting)).toList();
    }

    private static Part row(StepRow row, Setting setting) {
        boolean beside = setting.width() >= setting.base() * WIDE_ENOUGH;
        double nameWidth = beside ? setting.width() * NAME - setting.seam() : setting.width();
        double tall = setting.base() * 1.75;
        double line = Setting.line(setting.small());
        Part name = Lines.set(
                Tag.P,
                row.name(),
                setting.small(),
                setting.inks().text(),
                0,
                beside ? (tall - line) / 2 : 0,
                nameWidth,
                setting);
        double x = beside ? setting.width() * NAME : 0;
        double y = beside ? 0 : name.box().bottom();
        List<Part> parts = new ArrayList<>(List.of(name));
        double wide = (setting.width() - x) / row.steps().size();
        Lettered style = fitting(row.steps(), wide, setting);
        for (int i = 0; i < row.steps().size(); i++) {
            parts.add(step(row.steps().get(i), new Box(x + i * wide, y, wide, tall), style, setting));
        }
        double height = Math.max(name.box().bottom(), y + tall);
        return Part.item(Tag.ITEM, new Box(0, 0, setting.width(), height), List.of(), parts);
    }

    /** Many steps in a narrow place get smaller codes. */
    private static Lettered fitting(List<Step> steps, double wide, Setting setting) {
        Lettered style = setting.small();
        double widest = steps.stream()
                .mapToDouble(step -> setting.measurer().width(style, step.label()))
                .max()
                .orElse(0);
        double room = wide * 0.9;
        return widest > room ? style.sized(style.size() * room / widest) : style;
    }

    private static Part step(Step step, Box box, Lettered style, Setting setting) {
        double wide = setting.measurer().width(style, step.label());
        double line = Math.min(Setting.line(style), box.height());
        double x = box.x() + Math.max(0, (box.width() - wide) / 2);
        double y = box.y() + (box.height() - line) / 2;
        double cap = setting.measurer().capHeight(style);
        List<Mark> marks = new ArrayList<>(ChipRows.filled(box, step.color(), step.outlined(), setting));
        marks.add(new Mark.Words(
                new Box(x, y, Math.min(wide, box.width()), line),
                y + (line + cap) / 2,
                step.label(),
                style,
                step.ink()));
        return Part.of(Tag.CODE, box, marks);
    }
}
