package app.zumbido.formats.fonts;

import app.zumbido.core.type.Face;
import java.util.List;

/**
 * What is told of a face in lists: a few hundred bytes, where the face itself takes several times its file. Numbers are in its
 * own units, as {@link FontFace} gives them.
 */
public record FaceFacts(
        Face measured,
        boolean variable,
        int unitsPerEm,
        int ascent,
        int descent,
        int lineGap,
        int xHeight,
        int capHeight,
        int averageWidth,
        List<Integer> panose) {}
