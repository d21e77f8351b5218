package app.zumbido.formats.fonts;

import app.zumbido.core.type.CommonFamily;
import app.zumbido.core.type.FaceKind;
import app.zumbido.core.type.FontFamily;
import java.util.LinkedHashSet;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** How families are made that nobody gave a file of. */
public final class KnownFamilies {
    private KnownFamilies() {}

    /** @return names of all of them */
    public static Set<String> names() {
        return Stream.concat(
                        ShippedFaces.families().stream().map(ShippedFaces.Family::family),
                        CommonFamily.all().stream().map(CommonFamily::name))
                .collect(Collectors.toCollection(LinkedHashSet::new));
    }

    /** @param run a name without blanks, as files spell it @return as people do, where it is known */
    public static Optional<String> spelled(String run) {
        String letters = letters(run);
        return names().stream().filter(name -> letters(name).equals(letters)).findFirst();
    }

    private static String letters(String name) {
        return name.replaceAll("[^\\p{L}\\d]", "").toLowerCase(Locale.ROOT);
    }

    /** @return of its kind where it ships or where computers commonly have it; else it is taken for a sans */
    public static FontFamily of(String name) {
        return new FontFamily(
                name,
                ShippedFaces.family(name)
                        .map(ShippedFaces.Family::faceKind)
                        .or(() -> CommonFamily.named(name).map(CommonFamily::kind))
                        .orElse(FaceKind.SANS));
    }
}
