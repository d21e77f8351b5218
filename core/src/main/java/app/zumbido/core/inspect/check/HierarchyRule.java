package app.zumbido.core.inspect.check;

import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.inspect.Findings;
import app.zumbido.core.inspect.FoundPage;
import app.zumbido.core.inspect.House;
import app.zumbido.core.inspect.Place;
import app.zumbido.core.inspect.Purpose;
import app.zumbido.core.inspect.Use;
import app.zumbido.core.inspect.Written;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** A heading leads: what stands beneath it is not stronger; and the main colour is seen somewhere. */
final class HierarchyRule implements Rule {
    /** So much stronger is seen as stronger; set by eye, common practice, no published source. */
    private static final double STRONGER = 1.15;

    private static final double BOLDER = 1.2;
    /** From here more contrast makes nothing stronger. */
    private static final double FULL = 7;
    /** Shorter numbers are shown large on purpose. */
    private static final int FIGURE = 10;
    /** A file of fewer pages need not show every colour. */
    private static final int FEWEST_PAGES = 3;

    @Override
    public void judge(Findings findings, House house, Faults faults) {
        for (FoundPage page : findings.pages()) {
            judge(findings.own(page), house, faults);
        }
        if (findings.pages().isEmpty()) {
            judge(findings.uses(), house, faults);
        }
        mainUnused(findings, house, faults);
    }

    private static void judge(List<Use> uses, House house, Faults faults) {
        Optional<Use> title = strongest(uses, Purpose.TITLE);
        if (title.isEmpty()) {
            return;
        }
        Optional<Use> subtitle = strongest(uses, Purpose.SUBTITLE);
        boolean inverted = subtitle.filter(
                        sub -> strength(sub) > STRONGER * strength(title.get()) || swapped(title.get(), sub, house))
                .isPresent();
        if (inverted) {
            add(subtitle.get(), title.get(), faults);
            return;
        }
        strongest(uses, Purpose.BODY)
                .filter(body -> points(body) > STRONGER * points(title.get()))
                .filter(body -> !isFigure(body))
                .ifPresent(body -> add(body, title.get(), faults));
    }

    private static boolean isFigure(Use use) {
        String text = use.written().map(Written::text).orElse("").strip();
        return text.length() <= FIGURE && text.chars().anyMatch(Character::isDigit);
    }

    /** The subheading has the colour that leads, and the heading one that supports it. */
    private static boolean swapped(Use title, Use subtitle, House house) {
        return house.jobs().main().filter(subtitle.color()::equals).isPresent()
                && house.jobs().secondary().contains(title.color());
    }

    private static Optional<Use> strongest(List<Use> uses, Purpose purpose) {
        return uses.stream()
                .filter(use -> use.purpose() == purpose && points(use) > 0)
                .max(Comparator.comparingDouble(HierarchyRule::strength));
    }

    private static double points(Use use) {
        return use.written().map(Written::points).orElse(0.0);
    }

    private static double strength(Use use) {
        double contrast = Meant.worst(use.color(), use.grounds())
                .map(ground -> ContrastRatio.between(use.color(), ground).value())
                .orElse(FULL);
        double bold = use.written().filter(Written::bold).isPresent() ? BOLDER : 1;
        return points(use) * bold * Math.sqrt(Math.min(contrast, FULL) / FULL);
    }

    private static void add(Use stronger, Use title, Faults faults) {
        faults.add(new Faults.Draft(FaultKind.HIERARCHY, stronger.place())
                .saying(stronger.written().map(Written::text).orElse(""))
                .color(stronger.color())
                .other(title.color())
                .measure(points(stronger))
                .needed(points(title)));
    }

    private static void mainUnused(Findings findings, House house, Faults faults) {
        Optional<Rgb> main = house.jobs().main();
        if (main.isEmpty() || findings.pages().size() < FEWEST_PAGES || findings.isWorkbook()) {
            return;
        }
        boolean used = findings.uses().stream()
                .map(Use::color)
                .anyMatch(color -> color.equals(main.get())
                        || main.get().equals(house.steps().get(color)));
        if (!used) {
            FoundPage first = findings.pages().get(0);
            faults.add(new Faults.Draft(FaultKind.HIERARCHY, Place.on(first.number(), first.part(), ""))
                    .other(main.get()));
        }
    }
}
