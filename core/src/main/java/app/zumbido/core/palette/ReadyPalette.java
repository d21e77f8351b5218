package app.zumbido.core.palette;

import app.zumbido.core.color.Rgb;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Stream;

/**
 * A palette of our own making, to begin with where nothing exists: one for every mood and hue.
 *
 * @param name as in 'Quiet fern'
 * @param colors the main one first
 */
public record ReadyPalette(String name, Mood mood, HueFamily hue, List<Color> colors) {
    private static final List<ReadyPalette> ALL = Stream.of(Mood.values())
            .flatMap(mood -> Stream.of(HueFamily.values()).map(hue -> of(mood, hue)))
            .toList();

    public record Color(String name, Rgb color) {}

    public ReadyPalette {
        colors = List.copyOf(colors);
    }

    private static ReadyPalette of(Mood mood, HueFamily hue) {
        Set<String> names = new HashSet<>();
        List<Color> colors = new ArrayList<>();
        for (Rgb color : mood.colorsOf(hue)) {
            String name = WorkingName.of(color, names);
            names.add(name);
            colors.add(new Color(name, color));
        }
        String adjective = mood.name().charAt(0) + mood.name().substring(1).toLowerCase(Locale.ROOT);
        return new ReadyPalette(adjective + " " + hue.word(), mood, hue, colors);
    }

    public static List<ReadyPalette> all() {
        return ALL;
    }

    /** @param id as {@link #id()} gives it */
    public static Optional<ReadyPalette> find(String id) {
        return ALL.stream().filter(palette -> palette.id().equals(id)).findFirst();
    }

    /** @return the name in lower case with a hyphen; no two palettes have the same */
    public String id() {
        return name.toLowerCase(Locale.ROOT).replace(' ', '-');
    }

    /** @return whether every word of the text is in the name, the hue or the name of a colour */
    public boolean speaksOf(String text) {
        List<String> words = new ArrayList<>(List.of(name, hue.name()));
        colors.forEach(color -> words.add(color.name()));
        String all = String.join(" ", words).toLowerCase(Locale.ROOT);
        return Stream.of(text.toLowerCase(Locale.ROOT).strip().split("\\s+")).allMatch(all::contains);
    }

    /** @param ids makes an id for each swatch */
    public List<Swatch> swatches(Set<String> takenNames, Supplier<UUID> ids) {
        Set<String> names = new HashSet<>(takenNames);
        List<Swatch> swatches = new ArrayList<>();
        for (Color color : colors) {
            String free = WorkingName.of(color.color(), names);
            names.add(free);
            swatches.add(Swatch.of(new SwatchId(ids.get()), free, color.color(), List.of(Origin.of(name))));
        }
        return swatches;
    }
}
