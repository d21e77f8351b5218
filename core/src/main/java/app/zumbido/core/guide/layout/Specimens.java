package app.zumbido.core.guide.layout;

import app.zumbido.core.guide.Block;
import app.zumbido.core.type.TypeRole;
import java.util.ArrayList;
import java.util.List;

/** Letters set in themselves. */
final class Specimens {
    private static final double TWO_COLUMNS = 34;

    private Specimens() {}

    /** As large as it is meant, or as it fits on one line; only what would get too small is broken. */
    static Part of(Block.Specimen specimen, Setting setting) {
        boolean strong = specimen.role() != TypeRole.BODY;
        Lettered style = new Lettered(specimen.role(), strong, setting.base() * specimen.size());
        double needed = setting.measurer().width(style, specimen.text());
        double fitting = needed > setting.width() ? style.size() * setting.width() / needed : style.size();
        Lettered set = style.sized(Math.max(Math.min(setting.base() * 1.6, style.size()), fitting));
        return Lines.set(
                Tag.P,
                specimen.text(),
                set,
                strong ? setting.inks().heading() : setting.inks().text(),
                0,
                0,
                setting.width(),
                setting);
    }

    static Part columns(Block.Columns columns, Setting setting) {
        boolean two = setting.width() >= setting.base() * TWO_COLUMNS;
        double gap = setting.base() * 2;
        double wide = two ? (setting.width() - gap) / 2 : setting.width();
        List<Lines.Line> lines = Lines.of(columns.text(), setting.body(), wide, setting.measurer());
        int first = two ? (lines.size() + 1) / 2 : lines.size();
        List<Part> parts = new ArrayList<>();
        for (int i = 0; i < (two && first < lines.size() ? 2 : 1); i++) {
            List<Lines.Line> some = i == 0 ? lines.subList(0, first) : lines.subList(first, lines.size());
            parts.add(
                    Lines.set(Tag.P, some, setting.body(), setting.inks().text(), i * (wide + gap), 0, wide, setting));
        }
        double height = parts.get(0).box().height();
        return Part.holding(Tag.GROUP, new Box(0, 0, setting.width(), height), parts);
    }
}
