package app.zumbido.core.inspect.check;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.inspect.Place;
import app.zumbido.core.inspect.Purpose;
import app.zumbido.core.inspect.Setting;
import app.zumbido.core.inspect.Spot;
import app.zumbido.core.inspect.Use;
import app.zumbido.core.inspect.Written;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.Predicate;

/**
 * One colour that somebody has set once, however often it is seen: the runs of a paragraph that are alike, or what a layout
 * says for many slides.
 *
 * @param uses at least one; the first is shown
 */
record Spotted(List<Use> uses) {
    private record Key(Object where, Rgb color, Purpose purpose, List<Rgb> grounds) {}

    /** Where on a page something is, whatever its frame. */
    private record Where(String part, OptionalInt page, String thing, OptionalInt shape, OptionalInt paragraph) {}

    /** @return in the order of the file */
    static List<Spotted> of(List<Use> uses, Predicate<Use> which) {
        Map<Key, List<Use>> groups = new LinkedHashMap<>();
        for (Use use : uses) {
            if (which.test(use)) {
                groups.computeIfAbsent(key(use), key -> new ArrayList<>()).add(use);
            }
        }
        return groups.values().stream().map(Spotted::new).toList();
    }

    private static Key key(Use use) {
        Place place = use.place();
        Optional<Spot> elsewhere =
                use.setting().spot().filter(spot -> !spot.part().equals(place.part()));
        // What is set elsewhere is one thing wherever it is seen.
        return elsewhere
                .map(spot -> new Key(spot, use.color(), use.purpose(), use.grounds()))
                .orElseGet(() -> new Key(
                        new Where(place.part(), place.page(), place.thing(), place.shape(), place.paragraph()),
                        use.color(),
                        use.purpose(),
                        use.grounds()));
    }

    Use first() {
        return uses.get(0);
    }

    Rgb color() {
        return first().color();
    }

    Place place() {
        return first().place();
    }

    /** @return where the colour is written down, each spot once */
    Set<Spot> spots() {
        Set<Spot> spots = new LinkedHashSet<>();
        uses.stream().map(Use::setting).map(Setting::spot).forEach(spot -> spot.ifPresent(spots::add));
        return spots;
    }

    /** @return on how many pages it is seen */
    int pages() {
        return (int) Math.max(
                1, uses.stream().map(use -> use.place().page()).distinct().count());
    }

    /** @return what is written there */
    String text() {
        return first().written().map(Written::text).orElse("");
    }

    Faults.Draft fault(FaultKind kind) {
        return new Faults.Draft(kind, place()).saying(text()).on(pages()).color(color());
    }
}
