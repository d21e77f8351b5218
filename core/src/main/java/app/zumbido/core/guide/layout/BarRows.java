package app.zumbido.core.guide.layout;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.guide.Block;
import app.zumbido.core.guide.Block.Bar;
import app.zumbido.core.guide.Block.Written;
import java.util.ArrayList;
import java.util.List;

/** Grounds, with what may stand on each written on it. */
final class BarRows {
    private static final double LARGE = 1.5;

    private final Setting setting;
    private final double padding;

    private BarRows(Setting setting) {
        this.setting = setting;
        padding = setting.base() * 0.9;
    }

    static List<Part> of(Block.Bars bars, Setting setting) {
        BarRows rows = new BarRows(setting);
        return bars.bars().stream().map(rows::bar).toList();
    }

    private Part bar(Bar bar) {
        double inner = setting.width() - 2 * padding;
        List<Part> parts = new ArrayList<>();
        Part name = Lines.set(Tag.P, bar.name(), setting.small(), bar.ink(), padding, padding * 0.7, inner, setting);
        parts.add(name);
        double line = Setting.line(setting.heading(LARGE)) * 1.05;
        double x = padding;
        double y = name.box().bottom();
        for (Written written : bar.written()) {
            double wide = Math.min(width(written), inner);
            if (x > padding && x + wide > padding + inner) {
                x = padding;
                y += line;
            }
            parts.addAll(written(written, bar.ink(), x, y, wide, line));
            x += wide + setting.base() * 1.3;
        }
        double bottom = bar.written().isEmpty() ? y : y + line;
        Box box = new Box(0, 0, setting.width(), bottom + padding * 0.6);
        return Part.item(Tag.ITEM, box, ChipRows.filled(box, bar.ground(), bar.outlined(), setting), parts);
    }

    private Lettered style(Written written) {
        return written.large() ? setting.heading(LARGE) : setting.strong();
    }

    private double width(Written written) {
        return setting.measurer().width(style(written), written.words()) + ratioWidth(written);
    }

    private double ratioWidth(Written written) {
        return setting.base() * 0.4 + setting.measurer().width(setting.small(), written.ratio());
    }

    /** A name that is wider than the whole bar is set smaller, but never cut. */
    private List<Part> written(Written written, Rgb ink, double x, double y, double wide, double line) {
        double room = wide - ratioWidth(written);
        Lettered style = style(written);
        double needed = setting.measurer().width(style, written.words());
        Lettered fitting = needed > room ? style.sized(style.size() * room / needed) : style;
        double baseline = y + line * 0.72;
        Part words = span(written.words(), fitting, written.ink(), x, y, line, baseline);
        // The ratio is small, so it is written in what reads as text there.
        Part ratio = span(
                written.ratio(),
                setting.small(),
                ink,
                x + wide - ratioWidth(written) + setting.base() * 0.4,
                y,
                line,
                baseline);
        return List.of(words, ratio);
    }

    private Part span(String text, Lettered style, Rgb ink, double x, double y, double line, double baseline) {
        Box box = new Box(x, y, setting.measurer().width(style, text), line);
        return Part.of(Tag.SPAN, box, List.of(new Mark.Words(box, baseline, text, style, ink)));
    }
}
