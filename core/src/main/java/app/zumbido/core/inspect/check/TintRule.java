package app.zumbido.core.inspect.check;

import app.zumbido.core.color.Oklch;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.inspect.Findings;
import app.zumbido.core.inspect.FoundChart;
import app.zumbido.core.inspect.FoundPage;
import app.zumbido.core.inspect.House;
import app.zumbido.core.inspect.Purpose;
import app.zumbido.core.inspect.Setting;
import app.zumbido.core.inspect.Use;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * The top colours come first, their tints only when more are really needed; greys are the exception, where the light one is
 * usual.
 */
final class TintRule implements Rule {
    @Override
    public void judge(Findings findings, House house, Faults faults) {
        findings.charts().forEach(chart -> inChart(chart, findings, house, faults));
        for (FoundPage page : findings.pages()) {
            onPage(page, findings, house, faults);
        }
    }

    private static Optional<Rgb> base(Rgb color, Setting setting, Findings findings, House house) {
        Optional<Rgb> base = setting instanceof Setting.OfTheme theme
                ? Optional.ofNullable(findings.slots().get(theme.slot()))
                : Optional.ofNullable(house.steps().get(color));
        return base.filter(top -> !top.equals(color) && !house.has(color))
                .filter(top -> Oklch.of(top).isColorful());
    }

    private static void inChart(FoundChart chart, Findings findings, House house, Faults faults) {
        Set<Rgb> used = chart.series().stream().map(FoundChart.Series::color).collect(Collectors.toSet());
        Optional<Rgb> free = house.jobs().series().stream()
                .filter(color -> !used.contains(color) && house.has(color))
                .findFirst();
        if (free.isEmpty()) {
            return;
        }
        for (FoundChart.Series series : chart.series()) {
            if (base(series.color(), series.setting(), findings, house).isPresent()) {
                faults.add(new Faults.Draft(FaultKind.TINTS_FIRST, chart.place().called(series.name()))
                        .color(series.color())
                        .other(free.get())
                        .word(series.name()));
                return;
            }
        }
    }

    private static void onPage(FoundPage page, Findings findings, House house, Faults faults) {
        List<Use> own = findings.own(page).stream()
                .filter(use -> use.purpose() == Purpose.SHAPE_FILL)
                .toList();
        if (own.isEmpty()) {
            return;
        }
        Set<Rgb> seen = findings.on(page).stream().map(Use::color).collect(Collectors.toSet());
        Set<Rgb> told = new HashSet<>();
        for (Use use : own) {
            base(use.color(), use.setting(), findings, house)
                    .filter(top -> !seen.contains(top) && told.add(top))
                    .ifPresent(top -> faults.add(new Faults.Draft(FaultKind.TINTS_FIRST, use.place())
                            .color(use.color())
                            .other(top)));
        }
    }
}
