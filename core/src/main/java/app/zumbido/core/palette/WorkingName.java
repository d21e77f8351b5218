package app.zumbido.core.palette;

import app.zumbido.core.color.Degrees;
import app.zumbido.core.color.Oklch;
import app.zumbido.core.color.Rgb;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;

/**
 * A first name for a colour that nobody has named yet: 'Dark blue', 'Orange', 'Rust'. The borders between the
 * words were set by eye on OKLCH; common practice, no published source. Between orange and green, where hue and lightness do
 * not say what people say (a dark orange is brown), the nearest everyday name is taken.
 */
public final class WorkingName {
    private record Hue(double upTo, String name) {}

    /** Degrees of OKLCH hue; red closes the circle. */
    private static final List<Hue> HUES = List.of(
            new Hue(15, "Pink"),
            new Hue(38, "Red"),
            new Hue(68, "Orange"),
            new Hue(108, "Yellow"),
            new Hue(130, "Lime"),
            new Hue(165, "Green"),
            new Hue(205, "Teal"),
            new Hue(275, "Blue"),
            new Hue(315, "Violet"),
            new Hue(345, "Magenta"),
            new Hue(360, "Pink"));

    /** Below this chroma people say grey; OKLCH. */
    private static final double GREYISH = 0.03;

    /** From orange to green; degrees of OKLCH hue. */
    private static final double EARTHY_FROM = 40;

    private static final double EARTHY_TO = 135;
    /** There a colour of less chroma, or a darker one, is brown, ochre or olive and not its hue; OKLCH. */
    private static final double EARTHY_CHROMA = 0.135;

    private static final double EARTHY_LIGHTNESS = 0.5;

    /** As many as anybody compares. */
    private static final int MOST = 4;

    private WorkingName() {}

    /** @return a name that differs from all that are taken */
    public static String of(Rgb color, Set<String> taken) {
        return proposals(color, taken).get(0);
    }

    /** Whether a colour is still called by the first name that it was given, numbered or not. */
    public static boolean isOne(String name, Rgb color) {
        String plain = of(color, Set.of());
        return name.equals(plain)
                || name.startsWith(plain + " ")
                        && name.substring(plain.length() + 1).matches("\\d{1,3}");
    }

    /**
     * Names in plain words, the plainest first: hue and lightness, then words of our list.
     *
     * @return at least one; all differ from those that are taken
     */
    public static List<String> proposals(Rgb color, Set<String> taken) {
        List<String> words = new ArrayList<>();
        words.add(isEarthy(Oklch.of(color)) ? EverydayName.nearest(color) : plain(color));
        words.addAll(ColorWord.near(color));
        List<String> free = words.stream()
                .distinct()
                .filter(word -> !taken.contains(word))
                .limit(MOST)
                .toList();
        return free.isEmpty() ? List.of(numbered(words.get(0), taken)) : free;
    }

    private static String numbered(String plain, Set<String> taken) {
        int number = 2;
        while (taken.contains(plain + " " + number)) {
            number++;
        }
        return plain + " " + number;
    }

    /**
     * @param turn -1 for the hue before this one on the circle, 1 for the one after it
     * @return its name in lower case, as in 'towards green'; empty for a grey, which has no hue
     */
    public static String towards(Rgb color, int turn) {
        Oklch lch = Oklch.of(color);
        if (lch.c() < GREYISH || lch.hue().isEmpty()) {
            return "";
        }
        String own = hueName(lch.hue().get().value());
        int place = 0;
        while (!HUES.get(place).name().equals(own)) {
            place++;
        }
        // Pink stands at both ends of the list, since it closes the circle.
        int circle = HUES.size() - 1;
        return HUES.get(Math.floorMod(place + turn, circle)).name().toLowerCase(Locale.ROOT);
    }

    private static boolean isEarthy(Oklch lch) {
        double hue = lch.hue().map(Degrees::value).orElse(0.0);
        boolean between = hue >= EARTHY_FROM && hue <= EARTHY_TO;
        return between && lch.c() >= GREYISH && (lch.c() < EARTHY_CHROMA || lch.l() < EARTHY_LIGHTNESS);
    }

    private static String plain(Rgb color) {
        Oklch lch = Oklch.of(color);
        if (lch.c() < GREYISH) {
            return grey(lch.l());
        }
        String hue = lch.hue().map(degrees -> hueName(degrees.value())).orElse("Grey");
        if (lch.l() < 0.45) {
            return "Dark " + hue.toLowerCase(Locale.ROOT);
        }
        boolean pale = lch.l() > 0.8 && lch.c() < 0.08 || lch.l() > 0.85 && lch.c() < 0.1;
        return pale ? "Pale " + hue.toLowerCase(Locale.ROOT) : hue;
    }

    private static String grey(double lightness) {
        if (lightness > 0.985) {
            return "White";
        }
        if (lightness > 0.85) {
            return "Pale grey";
        }
        if (lightness > 0.45) {
            return "Grey";
        }
        return lightness > 0.2 ? "Dark grey" : "Black";
    }

    private static String hueName(double degrees) {
        return HUES.stream()
                .filter(hue -> degrees <= hue.upTo())
                .map(Hue::name)
                .findFirst()
                .orElse("Pink");
    }
}
