package app.zumbido.core.palette;

import app.zumbido.core.color.Oklab;
import app.zumbido.core.color.Rgb;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Objects;

/** What people call a colour, as in 'olive green', and the middle of what they call so. The source stands in the list. */
record EverydayName(String name, Oklab place) {
    private static final List<EverydayName> ALL = read();

    private static List<EverydayName> read() {
        InputStream in = Objects.requireNonNull(EverydayName.class.getResourceAsStream("everyday-names.csv"));
        try (BufferedReader lines = new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8))) {
            return lines.lines()
                    .filter(line -> !line.startsWith("#") && !line.startsWith("name,"))
                    .map(line -> line.split(","))
                    .map(parts -> new EverydayName(parts[0], Oklab.of(Rgb.ofHex(parts[1]))))
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** @return the nearest, beginning with a capital */
    static String nearest(Rgb color) {
        Oklab at = Oklab.of(color);
        String name = ALL.stream()
                .min(Comparator.comparingDouble(candidate -> candidate.place().distanceTo(at)))
                .orElseThrow()
                .name();
        return name.substring(0, 1).toUpperCase(Locale.ROOT) + name.substring(1);
    }
}
