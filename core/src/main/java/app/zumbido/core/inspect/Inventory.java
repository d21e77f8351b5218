package app.zumbido.core.inspect;

import app.zumbido.core.color.Rgb;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * All colours of a finished file.
 *
 * @param theme nothing if the kind of file has none
 * @param colors most used first, then in the order of the file
 * @param combinations most used first
 * @param counted whether the uses could be counted; if not, only the theme and named colours are known
 */
public record Inventory(
        Optional<FoundTheme> theme, List<UsedColor> colors, List<Combination> combinations, boolean counted) {
    public Inventory {
        colors = List.copyOf(colors);
        combinations = List.copyOf(combinations);
    }

    /** @return whether nothing at all was found */
    public boolean isEmpty() {
        return theme.isEmpty() && colors.isEmpty();
    }

    /** Counts while a file is walked through. */
    public static final class Tally implements Uses {
        private final Map<Rgb, Map<ColorUse, Integer>> uses = new LinkedHashMap<>();
        private final Map<Rgb, String> names = new LinkedHashMap<>();
        private final Map<Pairing, Integer> pairings = new LinkedHashMap<>();

        private record Pairing(Rgb foreground, Rgb background) {}

        public Tally() {}

        /** The first name of a colour counts. */
        @Override
        public void named(Rgb color, String name) {
            uses.computeIfAbsent(color, c -> new EnumMap<>(ColorUse.class));
            names.putIfAbsent(color, name);
        }

        @Override
        public void use(Use use) {
            uses.computeIfAbsent(use.color(), c -> new EnumMap<>(ColorUse.class))
                    .merge(use.what(), 1, Integer::sum);
            if (use.what() == ColorUse.TEXT) {
                use.grounds().forEach(ground -> combine(use.color(), ground));
            }
        }

        /** A colour on itself is nothing that anybody sees. */
        private void combine(Rgb foreground, Rgb background) {
            if (!foreground.equals(background)) {
                pairings.merge(new Pairing(foreground, background), 1, Integer::sum);
            }
        }

        public Inventory inventory(Optional<FoundTheme> theme, boolean counted) {
            List<UsedColor> colors = new ArrayList<>();
            uses.forEach(
                    (color, count) -> colors.add(new UsedColor(color, Optional.ofNullable(names.get(color)), count)));
            // Sorting keeps the order of the file among equals.
            colors.sort(Comparator.comparingInt(UsedColor::count).reversed());
            List<Combination> combinations = new ArrayList<>();
            pairings.forEach((pairing, count) ->
                    combinations.add(new Combination(pairing.foreground(), pairing.background(), count)));
            combinations.sort(Comparator.comparingInt(Combination::count).reversed());
            return new Inventory(theme, colors, combinations, counted);
        }
    }
}
