package app.zumbido.core.color;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;

/** The colour names of CSS. Source: W3C CSS Color Module Level 4, 6.1. */
public final class NamedColors {
    private static final Map<String, Rgb> COLORS = read();

    private NamedColors() {}

    /** @param name in any case */
    public static Optional<Rgb> find(String name) {
        return Optional.ofNullable(COLORS.get(name.strip().toLowerCase(Locale.ROOT)));
    }

    private static Map<String, Rgb> read() {
        InputStream in = Objects.requireNonNull(NamedColors.class.getResourceAsStream("named-colors.csv"));
        try (BufferedReader lines = new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8))) {
            return lines.lines()
                    .filter(line -> !line.startsWith("#"))
                    .map(line -> line.split(","))
                    .collect(Collectors.toUnmodifiableMap(parts -> parts[0], parts -> Rgb.ofHex(parts[1])));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
