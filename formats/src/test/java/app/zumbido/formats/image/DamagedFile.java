package app.zumbido.formats.image;

import java.util.Arrays;
import java.util.Random;

/** A good file, damaged by chance. */
public final class DamagedFile {
    private DamagedFile() {}

    /** @return cut off, some bits turned, some bytes overwritten, or a part of it twice */
    public static byte[] of(byte[] good, Random random) {
        byte[] file = good.clone();
        switch (random.nextInt(4)) {
            case 0 -> file = Arrays.copyOf(good, random.nextInt(good.length));
            case 1 -> {
                for (int i = 0; i <= random.nextInt(4); i++) {
                    file[random.nextInt(file.length)] ^= (byte) (1 << random.nextInt(8));
                }
            }
            case 2 -> {
                int at = random.nextInt(file.length);
                Arrays.fill(file, at, Math.min(file.length, at + 1 + random.nextInt(8)), (byte) random.nextInt(256));
            }
            default -> {
                int at = random.nextInt(file.length);
                file = Arrays.copyOf(good, good.length + good.length - at);
                System.arraycopy(good, at, file, good.length, good.length - at);
            }
        }
        return file;
    }
}
