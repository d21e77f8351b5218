package app.zumbido.formats.fonts;

import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/** Small fonts that promise what nobody can read or draw, made from one that ships. */
public final class HostileFonts {
    private static final byte[] PLAIN = ShippedFaces.bytes("caveat-400.ttf");
    private static final int TRUE_TYPE = 0x00010000;
    private static final int COMPACT = 0x4F54544F;
    private static final int MORE = 0x0020;

    private HostileFonts() {}

    private static FontTables plain() {
        return new FontTables(PLAIN);
    }

    private static int glyph(int codePoint) {
        return FontFile.read(PLAIN).get(0).glyph(codePoint);
    }

    /**
     * The letter is so many times the next one, which is so many times the next one. With more than five thousand glyphs
     * the reader keeps none. Source: OpenType 1.9, glyf table.
     */
    public static byte[] lettersOfLetters(int codePoint, int levels, int times) {
        int count = 6000;
        int first = glyph(codePoint);
        int parts = count - levels;
        ByteBuffer glyf = ByteBuffer.allocate(levels * (16 + 8 * times) + 64);
        ByteBuffer loca = ByteBuffer.allocate(4 * (count + 1));
        for (int glyph = 0; glyph < count; glyph++) {
            loca.putInt(glyf.position());
            int level = glyph == first ? 0 : glyph >= parts ? glyph - parts + 1 : levels + 1;
            if (level < levels) {
                compose(glyf, parts + level, times);
            } else if (level == levels) {
                triangle(glyf);
            }
        }
        loca.putInt(glyf.position());
        byte[] head = plain().get("head").clone();
        ByteBuffer.wrap(head).putShort(50, (short) 1);
        byte[] maxp = plain().get("maxp").clone();
        ByteBuffer.wrap(maxp).putShort(4, (short) count).putShort(30, (short) 60_000);
        return plain().with("glyf", glyf.array())
                .with("loca", loca.array())
                .with("head", head)
                .with("maxp", maxp)
                .file(TRUE_TYPE);
    }

    private static void compose(ByteBuffer glyf, int part, int times) {
        glyf.putShort((short) -1).putLong(0);
        for (int i = 0; i < times; i++) {
            int more = i < times - 1 ? MORE : 0;
            glyf.putShort((short) more).putShort((short) part).putShort((short) 0);
        }
        glyf.position(glyf.position() + (-glyf.position() & 3));
    }

    private static void triangle(ByteBuffer glyf) {
        glyf.putShort((short) 1).putLong(0).putShort((short) 2).putShort((short) 0);
        // Three points on the curve, each a byte to the right and up.
        glyf.put(new byte[] {0x37, 0x37, 0x37, 1, 9, 9, 1, 9, 9});
        glyf.position(glyf.position() + (-glyf.position() & 3));
    }

    /** Every subroutine calls the next one so many times. Source: Technical Notes 5176 and 5177. */
    public static byte[] subroutinesOfSubroutines(int levels, int times) {
        List<byte[]> subroutines = new ArrayList<>();
        for (int level = 0; level < levels; level++) {
            ByteArrayOutputStream code = new ByteArrayOutputStream();
            for (int i = 0; i < times; i++) {
                code.writeBytes(call(level + 1));
            }
            code.write(11);
            subroutines.add(code.toByteArray());
        }
        // One line to the right, then back.
        subroutines.add(new byte[] {(byte) 144, (byte) 139, 5, 11});
        ByteArrayOutputStream letter = new ByteArrayOutputStream();
        letter.writeBytes(new byte[] {(byte) 139, (byte) 139, 21});
        letter.writeBytes(call(0));
        letter.write(14);
        return compact(letter.toByteArray(), subroutines);
    }

    private static byte[] call(int subroutine) {
        return new byte[] {(byte) (subroutine - 107 + 139), 29};
    }

    /** Every letter is drawn by the same charstring. Source: Adobe Technical Note 5176, The Compact Font Format. */
    private static byte[] compact(byte[] letter, List<byte[]> subroutines) {
        byte[] name = index(List.of(new byte[] {'F'}));
        byte[] strings = index(List.of());
        byte[] global = index(subroutines);
        int glyphs = Math.min(200, ByteBuffer.wrap(plain().get("maxp")).getShort(4));
        // Its two offsets are written in five bytes each, so that its own length is known beforehand.
        int before = 4 + name.length + index(List.of(top(0, 0))).length + strings.length + global.length;
        byte[] letters = index(Collections.nCopies(glyphs, letter));
        ByteArrayOutputStream table = new ByteArrayOutputStream();
        table.writeBytes(new byte[] {1, 0, 4, 4});
        table.writeBytes(name);
        table.writeBytes(index(List.of(top(before, before + letters.length))));
        table.writeBytes(strings);
        table.writeBytes(global);
        table.writeBytes(letters);
        byte[] maxp = plain().get("maxp").clone();
        ByteBuffer.wrap(maxp).putShort(4, (short) glyphs);
        return plain().without("glyf", "loca")
                .with("CFF ", table.toByteArray())
                .with("maxp", maxp)
                .file(COMPACT);
    }

    private static byte[] top(int letters, int own) {
        return ByteBuffer.allocate(18)
                .put((byte) 29)
                .putInt(letters)
                .put((byte) 17)
                .put((byte) 139)
                .put((byte) 29)
                .putInt(own)
                .put((byte) 18)
                .array();
    }

    private static byte[] index(List<byte[]> entries) {
        ByteArrayOutputStream index = new ByteArrayOutputStream();
        index.writeBytes(ByteBuffer.allocate(2).putShort((short) entries.size()).array());
        if (entries.isEmpty()) {
            return index.toByteArray();
        }
        index.write(4);
        int at = 1;
        index.writeBytes(ByteBuffer.allocate(4).putInt(at).array());
        for (byte[] entry : entries) {
            at += entry.length;
            index.writeBytes(ByteBuffer.allocate(4).putInt(at).array());
        }
        entries.forEach(index::writeBytes);
        return index.toByteArray();
    }

    /** So many names, all of which are the same sixty thousand bytes. Source: OpenType 1.9, name table. */
    public static byte[] namesOverEachOther(int names) {
        int length = 60_000;
        ByteBuffer table = ByteBuffer.allocate(6 + 12 * names + length);
        table.putShort((short) 0).putShort((short) names).putShort((short) (6 + 12 * names));
        for (int i = 0; i < names; i++) {
            table.putShort((short) 3)
                    .putShort((short) 1)
                    .putShort((short) 0x409)
                    .putShort((short) (i + 1))
                    .putShort((short) length)
                    .putShort((short) 0);
        }
        while (table.hasRemaining()) {
            table.putShort((short) 'n');
        }
        return plain().with("name", table.array()).file(TRUE_TYPE);
    }

    /** Every group of characters is the whole plane again. Source: OpenType 1.9, cmap table, format 12. */
    public static byte[] lettersByTheBillion(int groups) {
        ByteBuffer table = ByteBuffer.allocate(4 + 8 + 16 + 12 * groups);
        table.putShort((short) 0).putShort((short) 1);
        table.putShort((short) 3).putShort((short) 10).putInt(12);
        table.putShort((short) 12)
                .putShort((short) 0)
                .putInt(16 + 12 * groups)
                .putInt(0)
                .putInt(groups);
        for (int i = 0; i < groups; i++) {
            table.putInt(' ').putInt(0xD7FF).putInt(1);
        }
        byte[] maxp = plain().get("maxp").clone();
        ByteBuffer.wrap(maxp).putShort(4, (short) 0xFFFF);
        return plain().with("cmap", table.array())
                .with("maxp", maxp)
                .with("loca", new byte[4 * 0x10000])
                .file(TRUE_TYPE);
    }
}
