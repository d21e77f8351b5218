package app.zumbido.formats.fonts;

import app.zumbido.core.type.FaceKind;
import app.zumbido.core.type.Lettering;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import tools.jackson.databind.json.JsonMapper;

/** The open families that ship, as they were collected when the program was built. */
public final class ShippedFaces {
    private static final String FOLDER = "/faces/";
    private static final List<Family> FAMILIES =
            List.of(JsonMapper.builder().build().readValue(bytes("faces.json"), Family[].class));
    private static final Map<String, Shipped> BY_ID = FAMILIES.stream()
            .flatMap(family -> family.faces().stream().map(file -> new Shipped(family, file)))
            .collect(Collectors.toUnmodifiableMap(shipped -> shipped.file().id(), Function.identity()));

    private static final Map<String, FontFace> READ = new ConcurrentHashMap<>();

    private ShippedFaces() {}

    /**
     * @param kind in small letters
     * @param license as SPDX names it
     * @param licenseFile name of the file with its words
     */
    public record Family(
            String id,
            String family,
            String kind,
            String license,
            String attribution,
            String licenseFile,
            List<File> faces) {
        public FaceKind faceKind() {
            return FaceKind.valueOf(kind.toUpperCase(java.util.Locale.ROOT));
        }
    }

    /** @param style 'normal' or 'italic' @param page the same for browsers, in parts */
    public record File(String id, int weight, String style, String file, String sha256, List<Part> page) {
        public boolean isItalic() {
            return style.equals("italic");
        }
    }

    /** @param ranges the characters in it, as CSS words them */
    public record Part(String file, String sha256, String ranges) {
        /** Whether it has one of the characters, as far as its ranges say (CSS Fonts 4, 4.5). */
        public boolean hasAnyOf(Set<Integer> letters) {
            return ranges.isBlank()
                    || Arrays.stream(ranges.split(",")).anyMatch(range -> {
                        String[] ends = range.strip().substring(2).split("-");
                        int from = Integer.parseInt(ends[0].replace('?', '0'), 16);
                        int to = Integer.parseInt(ends[ends.length - 1].replace('?', 'F'), 16);
                        return letters.stream().anyMatch(letter -> letter >= from && letter <= to);
                    });
        }
    }

    /** One face of a family. */
    public record Shipped(Family family, File file) {
        public byte[] bytes() {
            return ShippedFaces.bytes(file.file());
        }

        public FontFace read() {
            return FontFile.trusted(bytes()).shippedAs(file);
        }
    }

    public static List<Family> families() {
        return FAMILIES;
    }

    public static Optional<Shipped> face(String id) {
        return Optional.ofNullable(BY_ID.get(id));
    }

    public static Optional<Family> family(String name) {
        return FAMILIES.stream()
                .filter(family -> family.family().equalsIgnoreCase(name))
                .findFirst();
    }

    /** @return the face of a family that comes nearest to a weight and style; nothing of a family that does not ship */
    public static Optional<FontFace> nearest(String family, int weight, boolean italic) {
        return family(family)
                .flatMap(known -> known.faces().stream()
                        .min(Comparator.comparingInt(file -> Math.abs(file.weight() - weight)
                                + (file.isItalic() == italic ? 0 : Lettering.HEAVIEST))))
                .map(file -> READ.computeIfAbsent(
                        file.id(), id -> face(id).orElseThrow().read()));
    }

    /** @param name of a file in the list of faces */
    public static byte[] bytes(String name) {
        try (InputStream in = ShippedFaces.class.getResourceAsStream(FOLDER + name)) {
            if (in == null) {
                throw new IllegalArgumentException("No shipped file is called " + name);
            }
            return in.readAllBytes();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
