package app.zumbido.core.inspect.check;

import app.zumbido.core.color.Difference;
import app.zumbido.core.color.Lab;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.color.Vision;
import app.zumbido.core.inspect.ColorUse;
import app.zumbido.core.inspect.Findings;
import app.zumbido.core.inspect.FoundChart;
import app.zumbido.core.inspect.House;
import app.zumbido.core.inspect.Replacement;
import app.zumbido.core.theme.SlotColor;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.IntStream;

/** Whether the series of charts have the brand's colours in its order, and can be told apart. */
final class ChartRule implements Rule {
    /** A series that differs less from its ground is lost on it; ΔE00, common practice, no published source. */
    private static final double LOST = 5;

    @Override
    public void judge(Findings findings, House house, Faults faults) {
        for (FoundChart chart : findings.charts()) {
            List<Painted> painted = painted(chart);
            alike(chart, painted, house, faults);
            order(chart, painted, findings, house, faults);
        }
    }

    /** A series, or a piece of the one series of a cake. */
    private record Painted(FoundChart.Series series, Rgb color) {}

    private static List<Painted> painted(FoundChart chart) {
        if (chart.series().size() == 1 && chart.series().get(0).points().size() > 1) {
            FoundChart.Series only = chart.series().get(0);
            return only.points().stream().map(point -> new Painted(only, point)).toList();
        }
        return chart.series().stream()
                .map(series -> new Painted(series, series.color()))
                .toList();
    }

    private static void alike(FoundChart chart, List<Painted> painted, House house, Faults faults) {
        for (int i = 0; i < painted.size(); i++) {
            Rgb color = painted.get(i).color();
            Optional<Rgb> beside =
                    i == 0 ? Optional.empty() : Optional.of(painted.get(i - 1).color());
            double difference = beside.map(other -> least(color, other)).orElse(Double.POSITIVE_INFINITY);
            double onGround = chart.standing().colors().stream()
                    .mapToDouble(ground -> Difference.between(color, ground))
                    .min()
                    .orElse(Double.POSITIVE_INFINITY);
            boolean told =
                    beside.filter(other -> isOrdered(other, color, house)).isPresent();
            if (difference < Difference.TOLD_APART && !told || onGround < LOST) {
                boolean ground = onGround < difference;
                faults.add(new Faults.Draft(FaultKind.CHART_ALIKE, chart.place())
                        .color(color)
                        .other(ground ? chart.standing().colors().get(0) : beside.orElseThrow())
                        .measure(Math.min(difference, onGround))
                        .needed(Difference.TOLD_APART)
                        .word(painted.get(i).series().name()));
                return;
            }
        }
    }

    private static double least(Rgb one, Rgb other) {
        return Vision.EYES.stream()
                .mapToDouble(eyes -> Difference.between(Lab.of(eyes.see(one)), Lab.of(eyes.see(other))))
                .min()
                .orElseThrow();
    }

    /** What the brand itself puts side by side is told where its order is decided. */
    private static boolean isOrdered(Rgb one, Rgb other, House house) {
        List<Rgb> series = house.jobs().series();
        int place = series.indexOf(one);
        return place >= 0 && place + 1 < series.size() && series.get(place + 1).equals(other) && !one.equals(other);
    }

    private static void order(FoundChart chart, List<Painted> painted, Findings findings, House house, Faults faults) {
        List<Rgb> order = house.jobs().series();
        List<Integer> places = new ArrayList<>();
        for (Painted one : painted) {
            int place = order.indexOf(one.color());
            if (place >= 0) {
                places.add(place);
            }
        }
        OptionalInt wrong = IntStream.range(0, places.size())
                .filter(i -> places.get(i) != i)
                .findFirst();
        if (wrong.isEmpty()) {
            return;
        }
        Rgb color = order.get(places.get(wrong.getAsInt()));
        Faults.Draft draft = new Faults.Draft(FaultKind.CHART_ORDER, chart.place())
                .color(color)
                .other(order.get(wrong.getAsInt()))
                .measure(wrong.getAsInt() + 1);
        inOrder(chart, findings, house).ifPresent(draft::by);
        faults.add(draft);
    }

    private static Optional<Mending> inOrder(FoundChart chart, Findings findings, House house) {
        List<Edit> edits = new ArrayList<>();
        int next = 0;
        for (FoundChart.Series series : chart.series()) {
            if (!house.jobs().series().contains(series.color())) {
                continue;
            }
            if (series.setting().spot().isEmpty()
                    || next >= house.jobs().series().size()) {
                return Optional.empty();
            }
            Rgb color = house.jobs().series().get(next++);
            Optional<SlotColor> slot = House.slotIn(findings.slots(), color, ColorUse.GRAPHIC, findings.kind());
            edits.add(new Edit.Paint(
                    series.setting().spot().get(),
                    slot.map(it -> Replacement.of(it, color)).orElseGet(() -> Replacement.byHand(color))));
        }
        return Optional.of(Mending.other(Mending.Kind.CHART_IN_ORDER, "", edits));
    }
}
