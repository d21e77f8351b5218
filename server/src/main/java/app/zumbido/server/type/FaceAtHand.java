package app.zumbido.server.type;

import app.zumbido.core.type.Embedding;
import app.zumbido.core.type.Face;
import app.zumbido.core.type.TypeRemark;
import app.zumbido.formats.fonts.FaceFacts;
import app.zumbido.formats.fonts.FontFace;
import app.zumbido.formats.fonts.ShippedFaces.Shipped;
import java.util.function.Supplier;

/**
 * A face that there is a file of.
 *
 * @param styleName as the file words it
 * @param file reads the letters, which takes a while where nobody has asked for them lately
 */
record FaceAtHand(
        String id,
        Origin origin,
        Face face,
        String styleName,
        Embedding embedding,
        FaceFacts facts,
        Supplier<FontFace> file) {
    /** Where it is from. */
    enum Origin {
        SHIPPED,
        OWN
    }

    static FaceAtHand of(Shipped shipped, FontFace font) {
        return new FaceAtHand(
                shipped.file().id(),
                Origin.SHIPPED,
                ShippedMeasures.measured(shipped, font),
                font.style(),
                font.embedding(),
                font.facts(),
                () -> font);
    }

    static FaceAtHand of(FontRow row, FaceFacts facts, Supplier<FontFace> file) {
        return new FaceAtHand(
                row.id().toString(), Origin.OWN, facts.measured(), row.styleName(), row.embedding(), facts, file);
    }

    FontFace font() {
        return file.get();
    }

    TypeRemark.AtHand forRemarks() {
        return new TypeRemark.AtHand(face, embedding, letter -> font().has(letter));
    }
}
