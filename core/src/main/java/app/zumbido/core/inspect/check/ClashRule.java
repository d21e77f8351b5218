package app.zumbido.core.inspect.check;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.contrast.Clash;
import app.zumbido.core.inspect.ColorUse;
import app.zumbido.core.inspect.Findings;
import app.zumbido.core.inspect.FoundChart;
import app.zumbido.core.inspect.House;
import app.zumbido.core.inspect.Purpose;
import app.zumbido.core.inspect.Use;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Vivid colours of like lightness that stand side by side or one on the other. */
final class ClashRule implements Rule {
    /** Shapes that lie no farther apart are neighbours; share of the page. */
    private static final double BESIDE = 0.02;

    @Override
    public void judge(Findings findings, House house, Faults faults) {
        Repaints repaints = new Repaints(findings, house);
        for (Spotted spotted : Spotted.of(findings.uses(), use -> ground(use).isPresent())) {
            Rgb ground = ground(spotted.first()).orElseThrow();
            Faults.Draft draft = spotted.fault(FaultKind.CLASH).other(ground);
            Meant.color(spotted.first(), house)
                    .filter(color -> !Clash.between(color, ground))
                    .flatMap(color -> repaints.to(color, Mending.Kind.SLOT_THAT_IS_MEANT, spotted))
                    .ifPresent(draft::by);
            faults.add(draft);
        }
        besides(findings, faults);
        findings.charts().forEach(chart -> inChart(chart, faults));
    }

    private static Optional<Rgb> ground(Use use) {
        return use.purpose() == Purpose.SERIES
                ? Optional.empty()
                : use.grounds().stream()
                        .filter(ground -> Clash.between(use.color(), ground))
                        .findFirst();
    }

    private static void besides(Findings findings, Faults faults) {
        List<Use> fills = findings.uses().stream()
                .filter(use -> use.purpose() != Purpose.SERIES && use.purpose() != Purpose.PAGE_GROUND)
                .filter(use -> use.what() == ColorUse.GRAPHIC || use.what() == ColorUse.GROUND)
                .filter(use -> use.place().frame().isPresent())
                .toList();
        Set<Set<Object>> told = new HashSet<>();
        for (int i = 0; i < fills.size(); i++) {
            Use one = fills.get(i);
            for (int j = i + 1; j < fills.size() && samePage(one, fills.get(j)); j++) {
                Use other = fills.get(j);
                // One on the other has been told already, and the stops of a gradient are one thing.
                boolean apart =
                        !one.place().equals(other.place()) && !other.grounds().contains(one.color());
                if (apart
                        && Clash.between(one.color(), other.color())
                        && one.place()
                                .frame()
                                .get()
                                .touches(other.place().frame().get(), BESIDE)
                        && told.add(Set.of(one.place(), other.place()))) {
                    faults.add(new Faults.Draft(FaultKind.CLASH, other.place())
                            .color(other.color())
                            .other(one.color()));
                }
            }
        }
    }

    private static boolean samePage(Use one, Use other) {
        return one.place().page().equals(other.place().page());
    }

    private static void inChart(FoundChart chart, Faults faults) {
        for (int i = 1; i < chart.series().size(); i++) {
            FoundChart.Series before = chart.series().get(i - 1);
            FoundChart.Series series = chart.series().get(i);
            if (Clash.between(before.color(), series.color())) {
                faults.add(new Faults.Draft(FaultKind.CLASH, chart.place().called(series.name()))
                        .color(series.color())
                        .other(before.color())
                        .word(series.name()));
            }
        }
    }
}
