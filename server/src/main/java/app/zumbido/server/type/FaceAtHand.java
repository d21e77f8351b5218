package app.zumbido.server.type;

import app.zumbido.core.type.Embedding;
import app.zumbido.core.type.Face;
import app.zumbido.core.type.TypeRemark;
import app.zumbido.formats.fonts.FontFace;
import app.zumbido.formats.fonts.ShippedFaces.Shipped;

/**
 * A face that there is a file of.
 *
 * @param styleName as the file words it
 */
record FaceAtHand(String id, Origin origin, Face face, String styleName, Embedding embedding, FontFace font) {
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
                font);
    }

    static FaceAtHand of(FontRow row, FontFace font) {
        return new FaceAtHand(row.id().toString(), Origin.OWN, font.measured(), row.styleName(), row.embedding(), font);
    }

    TypeRemark.AtHand forRemarks() {
        return new TypeRemark.AtHand(face, embedding, font::has);
    }
}
