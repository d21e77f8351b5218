package app.zumbido.core.guide.layout;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.guide.Block;
import java.util.ArrayList;
import java.util.List;

/** Two small charts side by side: all series in their order, and one of them raised. */
final class ChartFigure {
    private static final double HEIGHT = 8;
    private static final int GROUPS = 4;
    /** How high bars are, as shares; only to be looked at. */
    private static final double[] HIGH = {0.82, 0.62, 0.95, 0.48, 0.74, 0.36, 0.88, 0.55, 0.68, 0.42, 1, 0.6};

    private static final int BESIDE = 5;
    private static final int RAISED = 2;

    private ChartFigure() {}

    static Part of(Block.Chart chart, Setting setting) {
        double height = setting.base() * HEIGHT;
        double gap = setting.width() * 0.06;
        double wide = (setting.width() - gap) * 0.64;
        List<Mark> marks = new ArrayList<>();
        int series = chart.series().size();
        double group = wide / GROUPS;
        double bar = group * 0.8 / series;
        for (int i = 0; i < GROUPS; i++) {
            for (int j = 0; j < series; j++) {
                double high = HIGH[(i * 5 + j) % HIGH.length] * height * 0.94;
                marks.add(bar(
                        i * group + j * bar,
                        bar * 0.9,
                        high,
                        height,
                        chart.series().get(j)));
            }
        }
        double left = wide + gap;
        double each = (setting.width() - left) / BESIDE;
        for (int i = 0; i < BESIDE; i++) {
            double high = (i == RAISED ? 0.94 : HIGH[i + 3] * 0.75) * height;
            marks.add(bar(left + i * each, each * 0.8, high, height, i == RAISED ? chart.raised() : chart.quiet()));
        }
        double thick = setting.hair() * 2;
        marks.add(new Mark.Fill(new Box(0, height, wide, thick), setting.inks().text()));
        marks.add(new Mark.Fill(
                new Box(left, height, setting.width() - left, thick),
                setting.inks().text()));
        return Part.figure(new Box(0, 0, setting.width(), height + thick), marks, chart.words());
    }

    private static Mark bar(double x, double wide, double high, double bottom, Rgb color) {
        return new Mark.Fill(new Box(x, bottom - high, wide, high), color);
    }
}
