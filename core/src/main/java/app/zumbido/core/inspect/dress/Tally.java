package app.zumbido.core.inspect.dress;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.inspect.ColorUse;
import app.zumbido.core.inspect.Purpose;
import app.zumbido.core.inspect.Setting;
import app.zumbido.core.inspect.Use;
import app.zumbido.core.theme.ThemeSlot;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * What one colour of a file is used for: either to write, or to paint.
 *
 * @param uses at least one
 */
record Tally(Rgb color, boolean text, List<Use> uses) {
    /** @return most used first */
    static List<Tally> of(List<Use> uses) {
        Map<List<Object>, Tally> tallies = new LinkedHashMap<>();
        for (Use use : uses) {
            if (!(use.setting() instanceof Setting.Implied)) {
                boolean text = use.what() == ColorUse.TEXT;
                tallies.computeIfAbsent(
                                List.of(use.color(), text), key -> new Tally(use.color(), text, new ArrayList<>()))
                        .uses
                        .add(use);
            }
        }
        return tallies.values().stream()
                .sorted(Comparator.comparingInt((Tally tally) -> tally.uses.size())
                        .reversed())
                .toList();
    }

    Map<Purpose, Integer> purposes() {
        Map<Purpose, Integer> purposes = new EnumMap<>(Purpose.class);
        uses.forEach(use -> purposes.merge(use.purpose(), 1, Integer::sum));
        return purposes;
    }

    Purpose purpose() {
        return purposes().entrySet().stream()
                .max(Map.Entry.<Purpose, Integer>comparingByValue()
                        .thenComparing(entry -> -entry.getKey().ordinal()))
                .orElseThrow()
                .getKey();
    }

    int byHand() {
        return (int) uses.stream()
                .filter(use -> use.setting() instanceof Setting.ByHand)
                .count();
    }

    /** @return the slot that the file mostly has it through, as it is; nothing if it is mostly set by hand */
    Optional<ThemeSlot> slot() {
        if (byHand() * 2 > uses.size()) {
            return Optional.empty();
        }
        return uses.stream()
                .flatMap(use -> use.setting() instanceof Setting.OfTheme theme
                        ? Optional.of(theme.slot()).stream()
                        : Optional.<ThemeSlot>empty().stream())
                .findFirst();
    }

    OptionalInt page() {
        Map<Integer, Integer> pages = new HashMap<>();
        uses.forEach(use -> use.place().page().ifPresent(page -> pages.merge(page, 1, Integer::sum)));
        return pages.entrySet().stream()
                .max(Map.Entry.<Integer, Integer>comparingByValue().thenComparing(entry -> -entry.getKey()))
                .map(entry -> OptionalInt.of(entry.getKey()))
                .orElseGet(OptionalInt::empty);
    }

    /** @return on how many pages it is seen */
    int pages() {
        return (int) uses.stream().map(use -> use.place().page()).distinct().count();
    }
}
