package app.zumbido.formats.fonts;

import app.zumbido.core.type.CommonFamily;
import app.zumbido.core.type.FaceKind;
import app.zumbido.core.type.FontFamily;

/** How families are made that nobody gave a file of. */
public final class KnownFamilies {
    private KnownFamilies() {}

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
