package app.zumbido.core.palette;

import app.zumbido.core.color.Degrees;
import app.zumbido.core.color.Oklab;
import app.zumbido.core.color.Oklch;
import app.zumbido.core.color.Rgb;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;

/** A word of our list, as in 'Brick' or 'Lagoon', and the colour that it stands for. */
record ColorWord(String word, Oklab place) {
    private static final List<ColorWord> ALL = read();

    /** Farther away a word says something else; OKLab units, set by eye. */
    private static final double FARTHEST = 0.075;

    private static List<ColorWord> read() {
        InputStream in = Objects.requireNonNull(ColorWord.class.getResourceAsStream("color-words.csv"));
        try (BufferedReader lines = new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8))) {
            return lines.lines()
                    .filter(line -> !line.startsWith("#") && !line.startsWith("word,"))
                    .map(line -> line.split(","))
                    .map(parts -> new ColorWord(parts[0], place(parts)))
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Oklab place(String[] parts) {
        Degrees hue = Degrees.of(Double.parseDouble(parts[3]));
        return new Oklch(Double.parseDouble(parts[1]), Double.parseDouble(parts[2]), Optional.of(hue)).toOklab();
    }

    /** @return the words that a colour may be called by, the fittest first */
    static List<String> near(Rgb color) {
        Oklab at = Oklab.of(color);
        return ALL.stream()
                .filter(word -> word.place().distanceTo(at) <= FARTHEST)
                .sorted(Comparator.comparingDouble(word -> word.place().distanceTo(at)))
                .map(ColorWord::word)
                .toList();
    }
}
