package app.zumbido.formats.ooxml;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.inspect.FoundChart;
import app.zumbido.core.inspect.Place;
import app.zumbido.core.inspect.Standing;
import app.zumbido.core.inspect.Use;
import app.zumbido.core.inspect.Uses;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.formats.archive.PartTree.Node;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Font;
import java.awt.Graphics2D;
import java.awt.geom.Arc2D;
import java.awt.geom.Line2D;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A chart in a simple form: its series with their values and colours, as columns, bars, lines or a cake. Labels, legends and
 * what else programs draw are left out, and the picture says so.
 */
final class ChartPicture {
    /** Points left free around what is drawn. */
    private static final double MARGIN = 12;

    private static final int SMALL = 9;
    private static final String SIMPLE = "chart, drawn in a simple form";

    private enum Form {
        COLUMNS,
        BARS,
        LINES,
        CAKE
    }

    /** @param points colours of those that are painted unlike the rest */
    private record Drawn(List<Double> values, Rgb color, List<Rgb> points) {}

    private final Form form;
    private final List<Drawn> series;
    private final Rgb ink;

    private ChartPicture(Form form, List<Drawn> series, Rgb ink) {
        this.form = form;
        this.series = series;
        this.ink = ink;
    }

    static ChartPicture of(Node chart, DrawingColors colors) {
        List<FoundChart.Series> found = new ArrayList<>();
        Uses sink = new Uses() {
            @Override
            public void use(Use use) {}

            @Override
            public void chart(FoundChart it) {
                found.addAll(it.series());
            }
        };
        new ChartUses(colors, sink).walk(chart, Place.of("", ""), Standing.of(List.of()));
        List<Node> nodes = chart.inside().stream()
                .filter(node -> node.name().equals("ser"))
                .toList();
        List<Drawn> series = new ArrayList<>();
        for (int i = 0; i < Math.min(nodes.size(), found.size()); i++) {
            series.add(new Drawn(
                    values(nodes.get(i)), found.get(i).color(), found.get(i).points()));
        }
        Rgb ink = colors.slot("tx1", Optional.empty())
                .map(Seen::color)
                .orElseGet(() -> colors.slots().getOrDefault(ThemeSlot.DARK_1, Rgb.BLACK));
        return new ChartPicture(form(chart), series, ink);
    }

    private static Form form(Node chart) {
        Map<String, Form> forms = Map.of(
                "lineChart", Form.LINES,
                "scatterChart", Form.LINES,
                "radarChart", Form.LINES,
                "pieChart", Form.CAKE,
                "pie3DChart", Form.CAKE,
                "doughnutChart", Form.CAKE,
                "ofPieChart", Form.CAKE);
        for (Node node : chart.inside()) {
            if (forms.containsKey(node.name())) {
                return forms.get(node.name());
            }
            if (node.name().equals("barDir")) {
                return node.attribute("val").filter("bar"::equals).isPresent() ? Form.BARS : Form.COLUMNS;
            }
        }
        return Form.COLUMNS;
    }

    private static List<Double> values(Node series) {
        return series.child("val").or(() -> series.child("yVal")).stream()
                .flatMap(node -> node.inside().stream())
                .filter(node -> node.name().equals("pt"))
                .map(point -> point.child("v")
                        .map(Node::text)
                        .flatMap(Percent::number)
                        .orElse(0.0))
                .limit(200)
                .toList();
    }

    void draw(Graphics2D graphics, Rectangle2D anchor) {
        Rectangle2D area = new Rectangle2D.Double(
                anchor.getX() + MARGIN,
                anchor.getY() + MARGIN,
                Math.max(1, anchor.getWidth() - 2 * MARGIN),
                Math.max(1, anchor.getHeight() - 3 * MARGIN));
        if (form == Form.CAKE) {
            cake(graphics, area);
        } else {
            double most = series.stream()
                    .flatMap(one -> one.values().stream())
                    .mapToDouble(Math::abs)
                    .max()
                    .orElse(1);
            if (form == Form.LINES) {
                lines(graphics, area, most);
            } else {
                bars(graphics, area, most);
            }
            graphics.setColor(color(ink));
            graphics.setStroke(new BasicStroke(1));
            graphics.draw(
                    form == Form.BARS
                            ? new Line2D.Double(area.getMinX(), area.getMinY(), area.getMinX(), area.getMaxY())
                            : new Line2D.Double(area.getMinX(), area.getMaxY(), area.getMaxX(), area.getMaxY()));
        }
        graphics.setFont(new Font(PageFonts.drawn("Arimo"), Font.PLAIN, SMALL));
        graphics.setColor(color(ink));
        graphics.drawString(SIMPLE, (float) area.getMinX(), (float) (anchor.getMaxY() - 4));
    }

    private static Color color(Rgb rgb) {
        return new Color(rgb.packed());
    }

    private void bars(Graphics2D graphics, Rectangle2D area, double most) {
        int places = series.stream().mapToInt(one -> one.values().size()).max().orElse(0);
        boolean upright = form == Form.COLUMNS;
        double group = (upright ? area.getWidth() : area.getHeight()) / Math.max(1, places);
        double thick = group * 0.75 / Math.max(1, series.size());
        for (int s = 0; s < series.size(); s++) {
            Drawn one = series.get(s);
            for (int i = 0; i < one.values().size(); i++) {
                double length = Math.abs(one.values().get(i)) / most;
                double from = i * group + group * 0.125 + s * thick;
                graphics.setColor(color(one.color()));
                graphics.fill(
                        upright
                                ? new Rectangle2D.Double(
                                        area.getX() + from,
                                        area.getMaxY() - length * area.getHeight(),
                                        thick,
                                        length * area.getHeight())
                                : new Rectangle2D.Double(
                                        area.getX(), area.getY() + from, length * area.getWidth(), thick));
            }
        }
    }

    private void lines(Graphics2D graphics, Rectangle2D area, double most) {
        graphics.setStroke(new BasicStroke(2.5f));
        for (Drawn one : series) {
            Path2D path = new Path2D.Double();
            int count = one.values().size();
            for (int i = 0; i < count; i++) {
                double x = area.getX() + area.getWidth() * (i + 0.5) / count;
                double y = area.getMaxY() - Math.abs(one.values().get(i)) / most * area.getHeight();
                if (i == 0) {
                    path.moveTo(x, y);
                } else {
                    path.lineTo(x, y);
                }
            }
            graphics.setColor(color(one.color()));
            graphics.draw(path);
        }
    }

    private void cake(Graphics2D graphics, Rectangle2D area) {
        if (series.isEmpty()) {
            return;
        }
        Drawn one = series.get(0);
        double all = one.values().stream().mapToDouble(Math::abs).sum();
        double side = Math.min(area.getWidth(), area.getHeight());
        double from = 90;
        for (int i = 0; i < one.values().size() && all > 0; i++) {
            double angle = 360 * Math.abs(one.values().get(i)) / all;
            graphics.setColor(color(i < one.points().size() ? one.points().get(i) : one.color()));
            graphics.fill(new Arc2D.Double(
                    area.getCenterX() - side / 2, area.getCenterY() - side / 2, side, side, from, -angle, Arc2D.PIE));
            from -= angle;
        }
    }
}
