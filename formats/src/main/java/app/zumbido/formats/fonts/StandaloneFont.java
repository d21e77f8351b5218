package app.zumbido.formats.fonts;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Comparator;
import java.util.List;
import org.apache.fontbox.ttf.TTFTable;
import org.apache.fontbox.ttf.TrueTypeFont;

/** Writes one face of a collection as a file of its own, since browsers take no collections. Source: OpenType 1.9. */
final class StandaloneFont {
    private static final int HEADER = 12;
    private static final int RECORD = 16;
    private static final int TRUE_TYPE = 0x00010000;
    private static final int COMPACT = 0x4F54544F;

    private StandaloneFont() {}

    static byte[] of(TrueTypeFont font) throws IOException {
        List<TTFTable> tables = font.getTables().stream()
                .sorted(Comparator.comparing(TTFTable::getTag))
                .toList();
        int count = tables.size();
        int power = Integer.highestOneBit(count);
        ByteBuffer head = ByteBuffer.allocate(HEADER + RECORD * count);
        head.putInt(font.getTableMap().containsKey("CFF ") ? COMPACT : TRUE_TYPE)
                .putShort((short) count)
                .putShort((short) (power * RECORD))
                .putShort((short) Integer.numberOfTrailingZeros(power))
                .putShort((short) ((count - power) * RECORD));
        ByteArrayOutputStream body = new ByteArrayOutputStream();
        for (TTFTable table : tables) {
            byte[] bytes = font.getTableBytes(table);
            head.put(table.getTag().getBytes(StandardCharsets.US_ASCII))
                    .putInt((int) table.getCheckSum())
                    .putInt(head.capacity() + body.size())
                    .putInt(bytes.length);
            body.writeBytes(bytes);
            body.writeBytes(new byte[-bytes.length & 3]);
        }
        byte[] whole = new byte[head.capacity() + body.size()];
        System.arraycopy(head.array(), 0, whole, 0, head.capacity());
        System.arraycopy(body.toByteArray(), 0, whole, head.capacity(), body.size());
        return whole;
    }
}
