package app.zumbido.core.inspect;

import app.zumbido.core.color.Difference;
import app.zumbido.core.color.Rgb;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

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
    /** In a small file even what is used once is meant; this and what follows: common practice, no published source. */
    private static final int FEW_USES = 30;

    private static final int REPEATED = 3;
    private static final double SHARE_OF_USES = 0.01;
    /** So near to another colour it was picked by eye; ΔE00. */
    private static final double JUST_BESIDE = 4;

    public Inventory {
        colors = List.copyOf(colors);
        combinations = List.copyOf(combinations);
    }

    /** @return whether nothing at all was found */
    public boolean isEmpty() {
        return theme.isEmpty() && colors.isEmpty();
    }

    /**
     * What the file means and what are its faults: its theme is meant, and what has a name, and what is used again and again.
     * What is used now and then, or lies just beside another colour, has come in by accident.
     *
     * @return most used first
     */
    public List<UsedColor> meant() {
        int all = colors.stream().mapToInt(UsedColor::count).sum();
        if (all < FEW_USES) {
            return colors;
        }
        int often = Math.max(REPEATED, (int) (SHARE_OF_USES * all));
        Set<Rgb> ofTheme =
                theme.map(found -> Set.copyOf(found.colors().values())).orElse(Set.of());
        List<UsedColor> meant = new ArrayList<>();
        for (UsedColor used : colors) {
            Rgb color = used.color();
            boolean said = ofTheme.contains(color) || used.name().isPresent();
            boolean beside = Stream.concat(ofTheme.stream(), meant.stream().map(UsedColor::color))
                    .anyMatch(other -> Difference.between(other, color) < JUST_BESIDE);
            if (said || used.count() >= often && !beside) {
                meant.add(used);
            }
        }
        return List.copyOf(meant);
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
