package app.zumbido.formats.guide;

import app.zumbido.core.type.FaceKind;
import app.zumbido.core.type.FontSet;
import app.zumbido.core.type.FontStack;
import app.zumbido.core.type.Lettering;
import app.zumbido.core.type.TypeRole;
import app.zumbido.formats.delivery.Assets;
import app.zumbido.formats.fonts.FontFace;
import app.zumbido.formats.fonts.ShippedFaces;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** The faces that a guide is set in; where there is no file of one, what stands in for it. */
final class BrandFaces {
    /** The widest of those that ship, tried for letters that a face lacks. */
    private static final List<String> WIDE = List.of("Open Sans", "Arimo", "Inter", "Source Sans 3");

    private final FontSet type;
    private final Assets assets;
    private final Map<String, FontFace> found = new HashMap<>();

    BrandFaces(FontSet type, Assets assets) {
        this.type = type;
        this.assets = assets;
    }

    FontFace of(TypeRole role, boolean strong) {
        return found.computeIfAbsent(role + " " + strong, key -> find(role, strong));
    }

    private FontFace find(TypeRole role, boolean strong) {
        Lettering lettering = type.get(role);
        int weight = weight(role, lettering, strong);
        return FontStack.of(lettering).families().stream()
                .flatMap(family -> assets.face(family, weight, lettering.italic()).stream())
                .findFirst()
                .or(() -> ShippedFaces.families().stream()
                        .filter(family -> family.faceKind() == lettering.kind())
                        .findFirst()
                        .flatMap(family -> ShippedFaces.nearest(family.family(), weight, lettering.italic())))
                .or(() -> ShippedFaces.nearest(usual(lettering.kind()), weight, lettering.italic()))
                .orElseThrow();
    }

    /** Headings are as heavy as the brand has them; what is strong in the text is bold. */
    private static int weight(TypeRole role, Lettering lettering, boolean strong) {
        return role == TypeRole.BODY && strong ? Math.max(Lettering.BOLD, lettering.weight()) : lettering.weight();
    }

    private static String usual(FaceKind kind) {
        return kind == FaceKind.SERIF ? "Source Serif 4" : "Source Sans 3";
    }

    /** @return a face that has a letter which the role's own lacks; nothing if none of those at hand has it */
    Optional<FontFace> having(int codePoint) {
        return Stream.concat(
                        Stream.of(TypeRole.HEADING, TypeRole.BODY).map(role -> of(role, false)),
                        Stream.concat(
                                        WIDE.stream(),
                                        ShippedFaces.families().stream().map(ShippedFaces.Family::family))
                                .flatMap(family -> ShippedFaces.nearest(family, Lettering.REGULAR, false).stream()))
                .filter(face -> face.has(codePoint))
                .findFirst();
    }

    /** Whether there is a file of the very family. */
    boolean isAtHand(TypeRole role) {
        Lettering lettering = type.get(role);
        return assets.face(lettering.family(), lettering.weight(), lettering.italic())
                .isPresent();
    }
}
