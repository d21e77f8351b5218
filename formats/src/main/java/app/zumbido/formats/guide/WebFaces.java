package app.zumbido.formats.guide;

import app.zumbido.core.guide.layout.Lettered;
import app.zumbido.core.type.Capitals;
import app.zumbido.core.type.Embedding;
import app.zumbido.core.type.FontSet;
import app.zumbido.core.type.FontStack;
import app.zumbido.core.type.Lettering;
import app.zumbido.core.type.TypeRole;
import app.zumbido.formats.fonts.FontFace;
import app.zumbido.formats.fonts.ShippedFaces;
import java.util.Base64;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;

/** The faces of a page for the web: those that may go with it come with the letters that are used, the others by their names. */
final class WebFaces {
    private final FontSet type;
    private final BrandFaces faces;
    private final Map<FontFace, String> names = new LinkedHashMap<>();
    private final Map<FontFace, Set<Integer>> used = new LinkedHashMap<>();

    WebFaces(FontSet type, BrandFaces faces) {
        this.type = type;
        this.faces = faces;
    }

    /** Says that letters are used, so that they come with the page. */
    void use(Lettered style, String text) {
        FontFace face = faces.of(style.role(), style.strong());
        Set<Integer> letters = used.computeIfAbsent(face, missing -> new TreeSet<>());
        names.computeIfAbsent(face, missing -> "brand-" + names.size());
        text.codePoints().forEach(letters::add);
        text.toUpperCase(Locale.ROOT).codePoints().forEach(letters::add);
    }

    /** @return the properties that set the face and how it is set, but not its size */
    String css(Lettered style) {
        Lettering lettering = type.get(style.role());
        FontFace face = faces.of(style.role(), style.strong());
        String stack = FontStack.of(lettering).css();
        String family = names.containsKey(face) && mayCome(face) ? names.get(face) + "," + stack : stack;
        int weight = style.role() == TypeRole.BODY && style.strong()
                ? Math.max(Lettering.BOLD, lettering.weight())
                : lettering.weight();
        return "font-family:" + family + ";font-weight:" + weight
                + (lettering.italic() ? ";font-style:italic" : "")
                + (lettering.capitals() == Capitals.ALL_CAPITALS ? ";text-transform:uppercase" : "")
                + (lettering.tracking() == 0
                        ? ""
                        : ";letter-spacing:" + Markup.number(lettering.tracking() / 1000.0) + "em");
    }

    /** What a page carries can be taken out of it again by whoever looks at it. */
    private static boolean mayCome(FontFace face) {
        return face.embedding() == Embedding.INSTALLABLE || face.embedding() == Embedding.EDITABLE;
    }

    /** @return a rule for each that comes with the page; it serves every weight that is asked for */
    String rules() {
        StringBuilder rules = new StringBuilder();
        used.forEach((face, letters) -> {
            if (mayCome(face)) {
                face.shipped()
                        .ifPresentOrElse(
                                file -> file.page().stream()
                                        .filter(part -> part.hasAnyOf(letters))
                                        .forEach(part -> rules.append(
                                                rule(face, "woff2", ShippedFaces.bytes(part.file()), part.ranges()))),
                                () -> rules.append(
                                        rule(face, face.isTrueType() ? "ttf" : "otf", face.standalone(), "")));
            }
        });
        return rules.toString();
    }

    private String rule(FontFace face, String kind, byte[] file, String ranges) {
        return "@font-face{font-family:" + names.get(face) + ";font-weight:1 1000;font-style:"
                + (face.isItalic() ? "italic" : "normal") + ";src:url(data:font/" + kind + ";base64,"
                + Base64.getEncoder().encodeToString(file) + ")" + (ranges.isBlank() ? "" : ";unicode-range:" + ranges)
                + "}\n";
    }
}
