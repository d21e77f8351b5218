package app.zumbido.core.inspect.check;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.inspect.Findings;
import app.zumbido.core.inspect.FoundPage;
import app.zumbido.core.inspect.House;
import app.zumbido.core.inspect.Purpose;
import app.zumbido.core.inspect.Use;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** The highlight is for the one thing that matters: not for several, and not for what nobody looks at. */
final class HighlightRule implements Rule {
    private static final Set<Purpose> OF_NO_WEIGHT =
            Set.of(Purpose.PAGE_GROUND, Purpose.SMALL_PRINT, Purpose.EDGE, Purpose.LINE, Purpose.TABLE_BAND);

    @Override
    public void judge(Findings findings, House house, Faults faults) {
        house.jobs().highlight().ifPresent(highlight -> {
            if (findings.pages().isEmpty() || !mattersAtAll(highlight, house)) {
                return;
            }
            for (FoundPage page : findings.pages()) {
                judge(page, highlight, findings, faults);
            }
        });
    }

    /** A brand whose highlight is also its main colour cannot be told to keep it for one thing. */
    private static boolean mattersAtAll(Rgb highlight, House house) {
        return house.jobs().main().filter(highlight::equals).isEmpty()
                && !house.jobs().texts().contains(highlight);
    }

    private static void judge(FoundPage page, Rgb highlight, Findings findings, Faults faults) {
        Map<Object, Use> things = new LinkedHashMap<>();
        for (Use use : findings.on(page)) {
            boolean behind = page.drawn().contains(use.place().part())
                    && !use.place().part().equals(page.part());
            if (!behind && use.color().equals(highlight)) {
                things.putIfAbsent(thing(use), use);
            }
        }
        List<Use> weighty = things.values().stream()
                .filter(use -> !OF_NO_WEIGHT.contains(use.purpose()))
                .toList();
        if (weighty.size() > 1) {
            add(weighty.get(0), weighty.size(), faults);
        } else if (weighty.isEmpty() && !things.isEmpty()) {
            add(things.values().iterator().next(), 0, faults);
        }
    }

    /** A box and its edge are one thing, and so are the cells of a table; each paragraph is one. */
    private static Object thing(Use use) {
        boolean text = use.purpose() == Purpose.BODY || use.purpose() == Purpose.LINK;
        Object shape = use.place().shape().isPresent()
                ? use.place().shape()
                : use.place().thing();
        return List.of(
                shape,
                use.purpose() == Purpose.SERIES ? use.place().thing() : "",
                text ? use.place().paragraph() : "");
    }

    private static void add(Use use, int things, Faults faults) {
        faults.add(new Faults.Draft(FaultKind.HIGHLIGHT, use.place())
                .saying(use.written().map(written -> written.text()).orElse(""))
                .color(use.color())
                .measure(things)
                .needed(1));
    }
}
