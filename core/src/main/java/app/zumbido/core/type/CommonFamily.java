package app.zumbido.core.type;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.EnumSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;

/**
 * A family that computers commonly have. The sources stand in the list.
 *
 * @param places where it may be counted on
 * @param twin the open family of the same metrics, where there is one: it is measured instead
 * @param published figures of a regular and a bold face, where there is no twin
 */
public record CommonFamily(String name, FaceKind kind, Set<Place> places, Optional<String> twin, List<Face> published) {
    private static final List<CommonFamily> ALL = read();

    public static List<CommonFamily> all() {
        return ALL;
    }

    public static Optional<CommonFamily> named(String name) {
        return ALL.stream()
                .filter(family -> family.name().equalsIgnoreCase(name))
                .findFirst();
    }

    private static List<CommonFamily> read() {
        InputStream in = Objects.requireNonNull(CommonFamily.class.getResourceAsStream("common-families.csv"));
        try (BufferedReader lines = new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8))) {
            return lines.lines()
                    .filter(line -> !line.startsWith("#") && !line.startsWith("family,"))
                    .map(line -> of(line.split(",", -1)))
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static CommonFamily of(String[] parts) {
        String name = parts[0];
        FaceKind kind = FaceKind.valueOf(parts[1]);
        Set<Place> places =
                parts[2].equals("everywhere") ? EnumSet.allOf(Place.class) : EnumSet.of(Place.SLIDES, Place.LETTERS);
        if (!parts[3].isEmpty()) {
            return new CommonFamily(name, kind, places, Optional.of(parts[3]), List.of());
        }
        double xHeight = Double.parseDouble(parts[6]);
        Face regular = face(name, kind, Lettering.REGULAR, parts[4], xHeight);
        List<Face> published = parts[5].isEmpty()
                ? List.of(regular)
                : List.of(regular, face(name, kind, Lettering.BOLD, parts[5], xHeight));
        return new CommonFamily(name, kind, places, Optional.empty(), published);
    }

    private static Face face(String name, FaceKind kind, int weight, String width, double xHeight) {
        return new Face(name, kind, weight, false, FaceMetrics.published(Double.parseDouble(width), xHeight));
    }
}
