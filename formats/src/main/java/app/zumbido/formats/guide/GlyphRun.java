package app.zumbido.formats.guide;

import app.zumbido.formats.fonts.FontFace;
import java.util.List;

/**
 * Letters of one face, as they stand beside each other from left to right.
 *
 * @param x where it begins, from the beginning of its line, in points
 * @param width to where the next one begins, in points
 * @param glyphs from left to right
 * @param letters what each stands for
 * @param offsets of each glyph from the beginning of the run, in thousandths of an em
 */
record GlyphRun(
        FontFace face, double x, double width, List<Integer> glyphs, List<String> letters, List<Double> offsets) {
    GlyphRun {
        glyphs = List.copyOf(glyphs);
        letters = List.copyOf(letters);
        offsets = List.copyOf(offsets);
    }

    GlyphRun at(double other) {
        return new GlyphRun(face, other, width, glyphs, letters, offsets);
    }
}
