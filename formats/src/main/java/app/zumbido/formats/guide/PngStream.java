package app.zumbido.formats.guide;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.zip.CRC32;
import java.util.zip.Deflater;
import java.util.zip.DeflaterOutputStream;

/**
 * Writes a PNG image by image from above to below, so that no more than one of them is in memory (PNG, third edition). The
 * writer of the platform wants the whole picture at once.
 */
final class PngStream implements AutoCloseable {
    private static final byte[] SIGNATURE = {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1A, '\n'};
    private static final int CHUNK = 1 << 16;
    private static final byte TRUE_COLOR = 2;
    private static final byte TRUE_COLOR_AND_ALPHA = 6;
    /** Each byte less the one above it. */
    private static final byte FILTER_UP = 2;

    private final OutputStream out;
    private final int width;
    private final boolean transparent;
    private final Deflater deflater = new Deflater(Deflater.BEST_SPEED);
    private final DeflaterOutputStream rows;
    private byte[] above;

    /** @param perInch resolution that it is meant to be seen in */
    PngStream(OutputStream out, int width, int height, boolean transparent, double perInch) throws IOException {
        this.out = out;
        this.width = width;
        this.transparent = transparent;
        above = new byte[width * bytes()];
        out.write(SIGNATURE);
        chunk(
                "IHDR",
                ByteBuffer.allocate(13)
                        .putInt(width)
                        .putInt(height)
                        .put((byte) 8)
                        .put(transparent ? TRUE_COLOR_AND_ALPHA : TRUE_COLOR)
                        .array());
        chunk("sRGB", new byte[] {0});
        int perMetre = (int) Math.round(perInch / 0.0254);
        chunk(
                "pHYs",
                ByteBuffer.allocate(9)
                        .putInt(perMetre)
                        .putInt(perMetre)
                        .put((byte) 1)
                        .array());
        rows = new DeflaterOutputStream(new Data(), deflater, CHUNK);
    }

    private int bytes() {
        return transparent ? 4 : 3;
    }

    /** @param image as wide as the whole; its rows come beneath those that were added before */
    void add(BufferedImage image) throws IOException {
        int[] pixels = new int[width];
        for (int y = 0; y < image.getHeight(); y++) {
            image.getRGB(0, y, width, 1, pixels, 0, width);
            byte[] row = new byte[width * bytes()];
            int place = 0;
            for (int pixel : pixels) {
                row[place++] = (byte) (pixel >> 16);
                row[place++] = (byte) (pixel >> 8);
                row[place++] = (byte) pixel;
                if (transparent) {
                    row[place++] = (byte) (pixel >>> 24);
                }
            }
            byte[] filtered = new byte[row.length + 1];
            filtered[0] = FILTER_UP;
            for (int i = 0; i < row.length; i++) {
                filtered[i + 1] = (byte) (row[i] - above[i]);
            }
            rows.write(filtered);
            above = row;
        }
    }

    @Override
    public void close() throws IOException {
        rows.finish();
        rows.flush();
        deflater.end();
        chunk("IEND", new byte[0]);
    }

    private void chunk(String kind, byte[] content) throws IOException {
        byte[] name = kind.getBytes(StandardCharsets.US_ASCII);
        CRC32 check = new CRC32();
        check.update(name);
        check.update(content);
        out.write(ByteBuffer.allocate(4).putInt(content.length).array());
        out.write(name);
        out.write(content);
        out.write(ByteBuffer.allocate(4).putInt((int) check.getValue()).array());
    }

    /** What is packed comes in chunks. */
    private final class Data extends OutputStream {
        private final ByteArrayOutputStream gathered = new ByteArrayOutputStream();

        @Override
        public void write(int value) throws IOException {
            write(new byte[] {(byte) value}, 0, 1);
        }

        @Override
        public void write(byte[] bytes, int offset, int length) throws IOException {
            gathered.write(bytes, offset, length);
            if (gathered.size() >= CHUNK) {
                flush();
            }
        }

        @Override
        public void flush() throws IOException {
            if (gathered.size() > 0) {
                chunk("IDAT", gathered.toByteArray());
                gathered.reset();
            }
        }
    }
}
