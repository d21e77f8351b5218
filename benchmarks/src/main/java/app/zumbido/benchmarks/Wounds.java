package app.zumbido.benchmarks;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.zip.CRC32;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;

/** Damages files by chance. What has sums of its own is damaged beneath them too, or nobody would look any further. */
final class Wounds {
    private static final int MOST = 12;
    private static final int LONGEST = 200;

    private final Random random;

    Wounds(long seed) {
        random = new Random(seed);
    }

    byte[] of(byte[] whole) throws IOException {
        boolean beneath = random.nextBoolean();
        if (beneath && whole[0] == 'P' && whole[1] == 'K') {
            return inOnePart(whole);
        }
        if (beneath && whole[0] == (byte) 0x89 && whole[1] == 'P') {
            return withRightSums(of(whole, true));
        }
        return of(whole, false);
    }

    /**
     * A few bytes changed, a piece cut out, doubled or moved, or the end cut off.
     *
     * @param inPlace only bytes are changed
     */
    private byte[] of(byte[] whole, boolean inPlace) {
        byte[] file = whole.clone();
        int wounds = 1 + random.nextInt(MOST);
        for (int i = 0; i < wounds && file.length > 1; i++) {
            int at = random.nextInt(file.length);
            int length = 1 + random.nextInt(Math.min(LONGEST, file.length - at));
            switch (inPlace ? 0 : random.nextInt(5)) {
                case 0, 1 -> file[at] = (byte) random.nextInt(256);
                case 2 -> file = joined(file, at, at + length);
                case 3 -> file = joined(file, at + length, at);
                default -> file = random.nextInt(8) == 0 ? Arrays.copyOf(file, at) : file;
            }
        }
        return file;
    }

    /** @return the file up to the first place, and from the second on */
    private static byte[] joined(byte[] file, int upTo, int from) {
        byte[] joined = new byte[upTo + file.length - from];
        System.arraycopy(file, 0, joined, 0, upTo);
        System.arraycopy(file, from, joined, upTo, file.length - from);
        return joined;
    }

    /** A zip whose sums are right, with one part that is not. */
    private byte[] inOnePart(byte[] zip) throws IOException {
        Map<String, byte[]> parts = new LinkedHashMap<>();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
            for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                parts.put(entry.getName(), in.readAllBytes());
            }
        }
        List<String> names = new ArrayList<>(parts.keySet());
        String hit = names.get(random.nextInt(names.size()));
        parts.computeIfPresent(hit, (name, part) -> part.length == 0 ? part : of(part, false));
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream out = new ZipOutputStream(bytes)) {
            for (Map.Entry<String, byte[]> part : parts.entrySet()) {
                out.putNextEntry(new ZipEntry(part.getKey()));
                out.write(part.getValue());
                out.closeEntry();
            }
        }
        return bytes.toByteArray();
    }

    /** Source: PNG (Third Edition), W3C, section 5.3: length, type, data, and CRC-32 of type and data. */
    private static byte[] withRightSums(byte[] png) {
        int at = 8;
        while (at + 12 <= png.length) {
            int length = number(png, at);
            if (length < 0 || at + 12L + length > png.length) {
                return png;
            }
            CRC32 sum = new CRC32();
            sum.update(png, at + 4, 4 + length);
            for (int i = 0; i < 4; i++) {
                png[at + 8 + length + i] = (byte) (sum.getValue() >> 24 - 8 * i);
            }
            at += 12 + length;
        }
        return png;
    }

    private static int number(byte[] bytes, int at) {
        return (bytes[at] & 0xFF) << 24
                | (bytes[at + 1] & 0xFF) << 16
                | (bytes[at + 2] & 0xFF) << 8
                | bytes[at + 3] & 0xFF;
    }
}
