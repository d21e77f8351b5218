package app.zumbido.server.type;

import app.zumbido.core.type.Embedding;
import app.zumbido.core.type.FaceKind;
import app.zumbido.formats.fonts.FaceFacts;
import app.zumbido.formats.fonts.ShippedFaces;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * A face at hand. Measures are in units of the file.
 *
 * @param style 'normal' or 'italic', as CSS has it
 * @param styleName as the file words it
 * @param weight 1 to 1000, 400 is regular and 700 bold
 * @param variable whether the file holds more weights than the one that is used
 * @param ascent above the baseline, as lines are laid out
 * @param descent below the baseline, negative
 * @param averageWidth the file's xAvgCharWidth; 0 if it has none
 * @param panose its ten figures, all 0 where the file says nothing
 * @param license as SPDX names it; absent for own files
 * @param parts the characters in each part of the face for browsers, as CSS words them; one part without a range: all
 */
record FontResponse(
        String id,
        String family,
        String style,
        String styleName,
        int weight,
        FaceKind kind,
        FaceAtHand.Origin origin,
        Embedding embedding,
        boolean variable,
        int unitsPerEm,
        int ascent,
        int descent,
        int lineGap,
        int xHeight,
        int capHeight,
        int averageWidth,
        List<Integer> panose,
        @Nullable String license,
        List<String> parts) {
    static FontResponse of(FaceAtHand one) {
        FaceFacts facts = one.facts();
        Optional<ShippedFaces.Shipped> shipped = ShippedFaces.face(one.id());
        return new FontResponse(
                one.id(),
                one.face().family(),
                one.face().italic() ? "italic" : "normal",
                one.styleName(),
                one.face().weight(),
                one.face().kind(),
                one.origin(),
                one.embedding(),
                facts.variable(),
                facts.unitsPerEm(),
                facts.ascent(),
                facts.descent(),
                facts.lineGap(),
                facts.xHeight(),
                facts.capHeight(),
                facts.averageWidth(),
                facts.panose(),
                shipped.map(face -> face.family().license()).orElse(null),
                shipped.map(face -> face.file().page().stream()
                                .map(ShippedFaces.Part::ranges)
                                .toList())
                        .orElse(List.of("")));
    }
}
