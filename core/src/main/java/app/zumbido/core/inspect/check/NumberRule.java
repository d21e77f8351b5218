package app.zumbido.core.inspect.check;

import app.zumbido.core.color.Difference;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.inspect.ColorUse;
import app.zumbido.core.inspect.Findings;
import app.zumbido.core.inspect.FoundPage;
import app.zumbido.core.inspect.Frame;
import app.zumbido.core.inspect.House;
import app.zumbido.core.inspect.Place;
import app.zumbido.core.inspect.Purpose;
import app.zumbido.core.inspect.Setting;
import app.zumbido.core.inspect.Use;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * How many colours are seen on a page besides its ground and its ordinary text. Tints count with the colour that they are
 * made of; the series of charts have an order of their own and do not count.
 */
final class NumberRule implements Rule {
    /** Common practice, no published source. */
    private static final int MOST = 5;

    private static final int FEWEST = 2;
    private static final int FEWEST_PAGES = 3;

    @Override
    public void judge(Findings findings, House house, Faults faults) {
        if (findings.isWorkbook()) {
            return;
        }
        List<Runnable> few = new ArrayList<>();
        for (FoundPage page : findings.pages()) {
            List<Use> uses = findings.on(page);
            List<Rgb> colors = colors(uses, findings, house);
            long things = findings.own(page).stream()
                    .filter(use -> use.purpose() != Purpose.PAGE_GROUND)
                    .map(use -> use.place().shape())
                    .distinct()
                    .count();
            boolean charted = uses.stream().anyMatch(use -> use.purpose() == Purpose.SERIES);
            int all = all(uses).size();
            if (colors.size() > MOST) {
                add(FaultKind.TOO_MANY, page, colors.size(), MOST, faults);
            } else if (things >= 2 && !charted && all < FEWEST) {
                few.add(() -> add(FaultKind.TOO_FEW, page, all, FEWEST, faults));
            }
        }
        // What most pages do is how the file is made.
        if (few.size() * 2 <= findings.pages().size() || findings.pages().size() < FEWEST_PAGES) {
            few.forEach(Runnable::run);
        }
    }

    private static void add(FaultKind kind, FoundPage page, int number, int needed, Faults faults) {
        Place whole = Place.on(page.number(), page.part(), "").at(OptionalInt.empty(), Optional.of(Frame.WHOLE));
        faults.add(new Faults.Draft(kind, whole).measure(number).needed(needed));
    }

    private static List<Rgb> colors(List<Use> uses, Findings findings, House house) {
        Set<Rgb> ordinary = new HashSet<>(house.jobs().texts());
        Set<Rgb> grounds = grounds(uses);
        Set<Rgb> known = new HashSet<>();
        List<Rgb> colors = new ArrayList<>();
        for (Use use : uses) {
            Rgb base = base(use, findings, house);
            boolean quiet = use.purpose() == Purpose.PAGE_GROUND
                    || use.purpose() == Purpose.SERIES
                    || use.what() == ColorUse.TEXT && ordinary.contains(use.color())
                    || grounds.contains(base)
                    || known.contains(base);
            if (!quiet
                    && known.add(base)
                    && colors.stream().noneMatch(other -> Difference.between(other, base) < House.NEAR)) {
                colors.add(base);
            }
        }
        return colors;
    }

    private static Set<Rgb> grounds(List<Use> uses) {
        return uses.stream()
                .filter(use -> use.purpose() == Purpose.PAGE_GROUND)
                .map(Use::color)
                .collect(Collectors.toSet());
    }

    private static Rgb base(Use use, Findings findings, House house) {
        if (use.setting() instanceof Setting.OfTheme theme && findings.slots().containsKey(theme.slot())) {
            return findings.slots().get(theme.slot());
        }
        return house.has(use.color()) ? use.color() : house.steps().getOrDefault(use.color(), use.color());
    }

    /** Also what is only written. */
    private static Set<Rgb> all(List<Use> uses) {
        Set<Rgb> colors = new HashSet<>();
        uses.forEach(use -> colors.add(use.color()));
        colors.removeAll(grounds(uses));
        return colors;
    }
}
