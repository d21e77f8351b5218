package app.zumbido.core.type;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * The families that are tried one after the other.
 *
 * @param families the wanted one first
 * @param last the generic one that never fails
 */
public record FontStack(List<String> families, FaceKind.Generic last) {
    public FontStack {
        families = List.copyOf(families);
    }

    /** The family, what somebody chose for sites, the open family of the same metrics, the generic of its kind. */
    public static FontStack of(Lettering lettering) {
        Set<String> families = new LinkedHashSet<>();
        families.add(lettering.family());
        Stream.ofNullable(lettering.standIns().get(Place.SITE)).forEach(families::add);
        for (String family : List.copyOf(families)) {
            CommonFamily.named(family).flatMap(CommonFamily::twin).ifPresent(families::add);
        }
        return new FontStack(List.copyOf(families), lettering.kind().generic());
    }

    /** @return as the property font-family wants it (CSS Fonts 4) */
    public String css() {
        return families.stream().map(FontStack::quoted).collect(Collectors.joining(", ")) + ", " + last.css();
    }

    private static String quoted(String family) {
        return '"' + family.replace("\\", "\\\\").replace("\"", "\\\"") + '"';
    }
}
