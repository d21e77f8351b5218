package app.zumbido.formats.fonts;

import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.TreeMap;

/** The tables of a font file, to be exchanged. Source: OpenType 1.9, table directory. */
final class FontTables {
    private static final int HEADER = 12;
    private static final int RECORD = 16;

    private final Map<String, byte[]> tables = new TreeMap<>();

    FontTables(byte[] font) {
        ByteBuffer file = ByteBuffer.wrap(font);
        for (int i = 0; i < file.getShort(4); i++) {
            int record = HEADER + RECORD * i;
            byte[] table = new byte[file.getInt(record + 12)];
            System.arraycopy(font, file.getInt(record + 8), table, 0, table.length);
            tables.put(new String(font, record, 4, StandardCharsets.US_ASCII), table);
        }
    }

    byte[] get(String tag) {
        return tables.get(tag);
    }

    FontTables with(String tag, byte[] table) {
        tables.put(tag, table);
        return this;
    }

    FontTables without(String... tags) {
        tables.keySet().removeAll(java.util.List.of(tags));
        return this;
    }

    /** @param kind the first four bytes */
    byte[] file(int kind) {
        int at = HEADER + RECORD * tables.size();
        int size = at;
        for (byte[] table : tables.values()) {
            size += table.length + (-table.length & 3);
        }
        ByteBuffer file = ByteBuffer.allocate(size);
        file.putInt(kind).putShort((short) tables.size()).putShort((short) 0).putInt(0);
        for (Map.Entry<String, byte[]> table : tables.entrySet()) {
            int length = table.getValue().length;
            file.put(table.getKey().getBytes(StandardCharsets.US_ASCII))
                    .putInt(0)
                    .putInt(at)
                    .putInt(length);
            System.arraycopy(table.getValue(), 0, file.array(), at, length);
            at += length + (-length & 3);
        }
        return file.array();
    }
}
