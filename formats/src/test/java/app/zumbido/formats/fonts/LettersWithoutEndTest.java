package app.zumbido.formats.fonts;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.geom.PathIterator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;

/** Letters that would take for ever to draw are refused before one is drawn, whether anybody types them or not. */
@Timeout(20)
class LettersWithoutEndTest {
    /** No letter of the alphabet, so nobody looks at it when the font comes in. */
    private static final int BULLET = 0x2022;

    private static void assertRefused(byte[] font) {
        assertThatThrownBy(() -> FontFile.read(font))
                .isInstanceOfSatisfying(
                        UnreadableFontException.class,
                        e -> assertThat(e.reason()).isEqualTo(UnreadableFontException.Reason.TOO_MUCH));
    }

    private static int segments(FontFace face, int codePoint) {
        int count = 0;
        for (PathIterator path = face.outline(codePoint).getPathIterator(null); !path.isDone(); path.next()) {
            count++;
        }
        return count;
    }

    @Test
    void refusesLettersOfLetters() {
        assertRefused(HostileFonts.lettersOfLetters('A', 12, 64));
        assertRefused(HostileFonts.lettersOfLetters(BULLET, 12, 64));
        FontFace few = FontFile.read(HostileFonts.lettersOfLetters('A', 2, 3)).get(0);
        // Nine triangles, each of a move, lines and a close.
        assertThat(segments(few, 'A')).isGreaterThanOrEqualTo(9 * 4);
    }

    @Test
    void refusesSubroutinesOfSubroutines() {
        assertRefused(HostileFonts.subroutinesOfSubroutines(9, 100));
        assertRefused(HostileFonts.subroutinesOfSubroutines(40, 1));
        FontFace few =
                FontFile.read(HostileFonts.subroutinesOfSubroutines(2, 3)).get(0);
        assertThat(segments(few, 'A')).isGreaterThanOrEqualTo(9);
    }
}
