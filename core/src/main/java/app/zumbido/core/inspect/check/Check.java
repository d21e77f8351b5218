package app.zumbido.core.inspect.check;

import app.zumbido.core.inspect.Findings;
import app.zumbido.core.inspect.House;
import java.util.Comparator;
import java.util.List;

/** Finds what is off in a file. */
public final class Check {
    private static final List<Rule> RULES = List.of(
            new ColorRule(),
            new ContrastRule(),
            new HighlightRule(),
            new HierarchyRule(),
            new NumberRule(),
            new ClashRule(),
            new ChartRule(),
            new TintRule(),
            new LetterRule());

    private Check() {}

    /** @return in the order of the kinds, those of one kind in the order of the file */
    public static List<Fault> of(Findings findings, House house, Logos logos) {
        Faults faults = new Faults();
        RULES.forEach(rule -> rule.judge(findings, house, faults));
        new LogoRule(logos).judge(findings, house, faults);
        return faults.all().stream()
                .sorted(Comparator.comparing(Fault::kind)
                        .thenComparing(fault -> fault.place().page().orElse(0)))
                .toList();
    }
}
