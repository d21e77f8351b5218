package app.zumbido.formats.fonts;

import app.zumbido.formats.fonts.UnreadableFontException.Reason;
import java.nio.ByteBuffer;
import java.util.List;
import org.apache.fontbox.cff.CFFCIDFont;
import org.apache.fontbox.cff.CFFFont;
import org.apache.fontbox.cff.CFFType1Font;
import org.apache.fontbox.encoding.StandardEncoding;

/**
 * Counts what the letters of a PostScript font take, subroutines included, without drawing one: ten subroutines that each
 * call the next a hundred times fit into a kilobyte. Source: Adobe Technical Note 5177, The Type 2 Charstring Format.
 */
final class CharstringSteps {
    /** Of one letter; no drawing of a letter is as rich. */
    private static final int MOST = 100_000;
    /** Of all letters together; a large font of ideographs has a tenth of them. */
    private static final long MOST_TOGETHER = 200_000_000;
    /** Source: Technical Note 5177, appendix B. */
    private static final int DEEPEST = 10;

    private static final int HSTEM = 1;
    private static final int VSTEM = 3;
    private static final int CALL_LOCAL = 10;
    private static final int RETURN = 11;
    private static final int ESCAPE = 12;
    private static final int ENDCHAR = 14;
    private static final int HSTEM_MASKED = 18;
    private static final int HINT_MASK = 19;
    private static final int COUNTER_MASK = 20;
    private static final int VSTEM_MASKED = 23;
    private static final int SHORT = 28;
    private static final int CALL_GLOBAL = 29;
    private static final int FIRST_NUMBER = 32;
    private static final int FIXED = 255;

    private final CFFFont font;
    private final List<byte[]> letters;
    private final byte[][] global;
    private int steps;

    private CharstringSteps(CFFFont font) {
        this.font = font;
        this.letters = font.getCharStringBytes();
        this.global = font.getGlobalSubrIndex().toArray(byte[][]::new);
    }

    /** @throws UnreadableFontException if a letter takes too many, or all together do */
    static void check(CFFFont font) {
        CharstringSteps counted = new CharstringSteps(font);
        long together = 0;
        for (int glyph = 0; glyph < counted.letters.size(); glyph++) {
            counted.steps = 0;
            counted.take(glyph, 0);
            together += counted.steps;
            if (together > MOST_TOGETHER) {
                throw tooMuch();
            }
        }
    }

    private void take(int glyph, int depth) {
        byte[] code = letters.get(glyph);
        if (code != null) {
            new Letter(local(font, glyph)).walk(ByteBuffer.wrap(code), depth);
        }
    }

    private static byte[][] local(CFFFont font, int glyph) {
        Object subroutines = null;
        if (font instanceof CFFType1Font named) {
            subroutines = named.getPrivateDict().get("Subrs");
        } else if (font instanceof CFFCIDFont numbered) {
            int dictionary = numbered.getFdSelect().getFDIndex(glyph);
            if (dictionary >= 0 && dictionary < numbered.getPrivDicts().size()) {
                subroutines = numbered.getPrivDicts().get(dictionary).get("Subrs");
            }
        }
        return subroutines instanceof byte[][] known ? known : new byte[0][];
    }

    private static UnreadableFontException tooMuch() {
        return new UnreadableFontException(Reason.TOO_MUCH, "A letter of this font is made of too many parts");
    }

    /** One letter as far as it has been read. */
    private final class Letter {
        private final byte[][] local;
        private final Operands operands = new Operands();
        private int stems;

        Letter(byte[][] local) {
            this.local = local;
        }

        /** @return false where the letter is damaged and would end; that is told when it is drawn */
        private boolean walk(ByteBuffer code, int depth) {
            if (depth > DEEPEST) {
                throw tooMuch();
            }
            while (code.hasRemaining()) {
                steps++;
                if (steps > MOST) {
                    throw tooMuch();
                }
                int b = code.get() & 0xFF;
                boolean goesOn = b == SHORT || b >= FIRST_NUMBER ? number(b, code) : command(b, code, depth);
                if (!goesOn) {
                    return false;
                }
            }
            return true;
        }

        private boolean number(int b, ByteBuffer code) {
            int length = b == SHORT ? 2 : b == FIXED ? 4 : b >= 247 ? 1 : 0;
            if (code.remaining() < length) {
                return false;
            }
            switch (length) {
                case 2 -> operands.add(code.getShort());
                case 4 -> {
                    code.getInt();
                    operands.addFraction();
                }
                case 1 -> {
                    int second = code.get() & 0xFF;
                    operands.add(b < 251 ? (b - 247) * 256 + second + 108 : -(b - 251) * 256 - second - 108);
                }
                default -> operands.add(b - 139);
            }
            return true;
        }

        private boolean command(int b, ByteBuffer code, int depth) {
            switch (b) {
                case CALL_LOCAL:
                    return call(local, depth);
                case CALL_GLOBAL:
                    return call(global, depth);
                case RETURN:
                    // At the end of a subroutine it leaves what was given for what follows the call.
                    if (code.hasRemaining()) {
                        operands.clear();
                    }
                    return true;
                case HINT_MASK, COUNTER_MASK:
                    stems += operands.count() / 2;
                    operands.clear();
                    return skip(code, (stems + 7) / 8);
                case HSTEM, VSTEM, HSTEM_MASKED, VSTEM_MASKED:
                    stems += operands.count() / 2;
                    break;
                case ESCAPE:
                    operands.clear();
                    return skip(code, 1);
                case ENDCHAR:
                    if (operands.count() >= 4) {
                        part(operands.take(), depth);
                        part(operands.take(), depth);
                    }
                    break;
                default:
                    break;
            }
            operands.clear();
            return true;
        }

        /** A letter that is put together from two others. @param code of the standard encoding */
        private void part(int code, int depth) {
            int glyph =
                    font instanceof CFFType1Font named ? named.nameToGID(StandardEncoding.INSTANCE.getName(code)) : 0;
            if (glyph >= 0 && glyph < letters.size()) {
                take(glyph, depth + 1);
            }
        }

        private static boolean skip(ByteBuffer code, int bytes) {
            if (code.remaining() < bytes) {
                return false;
            }
            code.position(code.position() + bytes);
            return true;
        }

        private boolean call(byte[][] subroutines, int depth) {
            if (subroutines.length == 0) {
                return true;
            }
            if (operands.count() == 0) {
                return false;
            }
            int bias = subroutines.length < 1240 ? 107 : subroutines.length < 33_900 ? 1131 : 32_768;
            int number = operands.take() + bias;
            return number >= 0
                    && number < subroutines.length
                    && subroutines[number] != null
                    && walk(ByteBuffer.wrap(subroutines[number]), depth + 1);
        }
    }
}
