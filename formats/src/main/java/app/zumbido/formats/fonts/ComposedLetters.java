package app.zumbido.formats.fonts;

import app.zumbido.formats.fonts.UnreadableFontException.Reason;
import java.io.IOException;
import java.nio.BufferUnderflowException;
import java.nio.ByteBuffer;
import org.apache.fontbox.ttf.IndexToLocationTable;
import org.apache.fontbox.ttf.TTFTable;
import org.apache.fontbox.ttf.TrueTypeFont;

/**
 * Counts the parts that the letters of a TrueType font are composed of, without drawing one: a letter of sixty-four parts, each
 * of which is one of sixty-four parts, and so on. Source: OpenType 1.9, glyf table, composite glyph description.
 */
final class ComposedLetters {
    /** Of one letter, parts of parts included. */
    private static final int MOST = 500;
    /** Of parts in parts; real fonts have two or three. */
    private static final int DEEPEST = 16;
    /** Contours and box of a letter; bytes. */
    private static final int HEADER = 10;

    private static final int WORDS = 0x0001;
    private static final int SCALE = 0x0008;
    private static final int MORE = 0x0020;
    private static final int TWO_SCALES = 0x0040;
    private static final int MATRIX = 0x0080;

    private final ByteBuffer letters;
    private final long[] offsets;
    /** Of each letter with its parts; 0 where it is not known yet. */
    private final int[] counted;

    private ComposedLetters(byte[] letters, long[] offsets) {
        this.letters = ByteBuffer.wrap(letters);
        this.offsets = offsets;
        this.counted = new int[offsets.length];
    }

    /** @throws UnreadableFontException if a letter is made of too many, or of itself */
    static void check(TrueTypeFont font) throws IOException {
        TTFTable table = font.getTableMap().get("glyf");
        IndexToLocationTable places = font.getIndexToLocation();
        if (table == null || places == null) {
            return;
        }
        ComposedLetters composed = new ComposedLetters(font.getTableBytes(table), places.getOffsets());
        for (int glyph = 0; glyph < composed.offsets.length - 1; glyph++) {
            composed.count(glyph, 0);
        }
    }

    private int count(int glyph, int depth) {
        if (glyph >= offsets.length - 1) {
            return 1;
        }
        if (counted[glyph] > 0) {
            return counted[glyph];
        }
        if (depth > DEEPEST) {
            throw tooMuch();
        }
        int sum = 1;
        try {
            sum += parts(glyph, depth);
        } catch (BufferUnderflowException | IllegalArgumentException e) {
            // A damaged letter is told when it is drawn.
        }
        counted[glyph] = sum;
        return sum;
    }

    private int parts(int glyph, int depth) {
        long length = offsets[glyph + 1] - offsets[glyph];
        if (length <= HEADER
                || letters.duplicate().position((int) offsets[glyph]).getShort() >= 0) {
            return 0;
        }
        ByteBuffer at = letters.duplicate().position((int) offsets[glyph] + HEADER);
        int sum = 0;
        int flags;
        do {
            flags = at.getShort();
            int part = at.getShort() & 0xFFFF;
            at.position(at.position() + placing(flags));
            sum += count(part, depth + 1);
            if (sum > MOST) {
                throw tooMuch();
            }
        } while ((flags & MORE) != 0);
        return sum;
    }

    /** @return bytes that say where the part stands, and how large */
    private static int placing(int flags) {
        int scaling = (flags & SCALE) != 0 ? 2 : (flags & TWO_SCALES) != 0 ? 4 : (flags & MATRIX) != 0 ? 8 : 0;
        return ((flags & WORDS) != 0 ? 4 : 2) + scaling;
    }

    private static UnreadableFontException tooMuch() {
        return new UnreadableFontException(Reason.TOO_MUCH, "A letter of this font is made of too many parts");
    }
}
