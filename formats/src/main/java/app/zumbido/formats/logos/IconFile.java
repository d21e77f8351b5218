package app.zumbido.formats.logos;

import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.util.ArrayList;
import java.util.List;
import java.util.function.IntFunction;

/** Several sizes of an icon in one file, each as PNG: the .ico that browsers ask for. */
public final class IconFile {
    private static final List<Integer> SIZES = List.of(16, 32, 48);
    private static final int HEADER = 6;
    private static final int ENTRY = 16;
    private static final short ICON = 1;
    private static final short ONE_PLANE = 1;
    private static final short BITS = 32;

    private IconFile() {}

    /** @param picture by side in pixels its PNG */
    public static byte[] write(IntFunction<byte[]> picture) {
        List<byte[]> pictures = new ArrayList<>();
        SIZES.forEach(side -> pictures.add(picture.apply(side)));
        int at = HEADER + ENTRY * SIZES.size();
        ByteBuffer head = ByteBuffer.allocate(at).order(ByteOrder.LITTLE_ENDIAN);
        head.putShort((short) 0).putShort(ICON).putShort((short) SIZES.size());
        for (int i = 0; i < pictures.size(); i++) {
            byte side = SIZES.get(i).byteValue();
            head.put(side).put(side).put((byte) 0).put((byte) 0);
            head.putShort(ONE_PLANE)
                    .putShort(BITS)
                    .putInt(pictures.get(i).length)
                    .putInt(at);
            at += pictures.get(i).length;
        }
        ByteArrayOutputStream file = new ByteArrayOutputStream();
        file.writeBytes(head.array());
        pictures.forEach(file::writeBytes);
        return file.toByteArray();
    }
}
