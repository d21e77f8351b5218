package app.zumbido.formats.fonts;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.catchThrowable;

import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FontFileTest {
    private static final byte[] CAVEAT = ShippedFaces.bytes("caveat-400.ttf");

    @ParameterizedTest
    @CsvSource({"wOFF, PACKED", "wOF2, PACKED", "GIF8, NOT_A_FONT"})
    void saysWhatToGiveInstead(String tag, UnreadableFontException.Reason reason) {
        byte[] bytes = CAVEAT.clone();
        System.arraycopy(tag.getBytes(StandardCharsets.US_ASCII), 0, bytes, 0, 4);
        assertThatThrownBy(() -> FontFile.read(bytes))
                .isInstanceOfSatisfying(
                        UnreadableFontException.class,
                        e -> assertThat(e.reason()).isEqualTo(reason));
    }

    @Test
    void refusesWhatIsTooShortToBeAFont() {
        for (int length : new int[] {0, 3, 12, 99, 1000}) {
            byte[] head = java.util.Arrays.copyOf(CAVEAT, length);
            assertThatThrownBy(() -> FontFile.read(head)).isInstanceOf(UnreadableFontException.class);
        }
    }

    /** Two faces in one file. Source: OpenType 1.9, font collections: offsets of tables count from the file's beginning. */
    private static byte[] collection(byte[]... fonts) {
        int head = 12 + 4 * fonts.length;
        int size = head;
        for (byte[] font : fonts) {
            size += font.length + (-font.length & 3);
        }
        ByteBuffer file = ByteBuffer.allocate(size);
        file.put("ttcf".getBytes(StandardCharsets.US_ASCII)).putInt(0x00010000).putInt(fonts.length);
        int at = head;
        for (byte[] font : fonts) {
            file.putInt(at);
            at += font.length + (-font.length & 3);
        }
        at = head;
        for (byte[] font : fonts) {
            ByteBuffer moved = ByteBuffer.wrap(font.clone());
            for (int table = 0; table < moved.getShort(4); table++) {
                int place = 12 + 16 * table + 8;
                moved.putInt(place, moved.getInt(place) + at);
            }
            file.position(at);
            file.put(moved.array());
            at += font.length + (-font.length & 3);
        }
        return file.array();
    }

    @Test
    void readsEveryFaceOfACollectionAndMakesEachAFileOfItsOwn() {
        List<FontFace> faces = FontFile.read(collection(CAVEAT, ShippedFaces.bytes("lora-400-italic.ttf")));
        assertThat(faces).extracting(FontFace::family).containsExactly("Caveat", "Lora");
        FontFace alone = FontFile.read(faces.get(1).standalone()).get(0);
        assertThat(alone.family()).isEqualTo("Lora");
        assertThat(alone.isItalic()).isTrue();
        assertThat(alone.advance('w')).isEqualTo(faces.get(1).advance('w'));
        assertThat(alone.outline('g').getBounds2D())
                .isEqualTo(faces.get(1).outline('g').getBounds2D());
    }

    /** Whatever is broken in a file, it ends in one kind of answer, or is a font that can be drawn. */
    @Test
    void endsEveryBrokenFileInOneKindOfAnswer() {
        Random random = new Random(20261127);
        List<byte[]> originals = List.of(
                CAVEAT,
                ShippedFaces.bytes("quicksand-400.ttf"),
                ShippedFaces.bytes("zilla-slab-400.ttf"),
                collection(CAVEAT, ShippedFaces.bytes("caladea-400.ttf")));
        int read = 0;
        int refused = 0;
        for (int i = 0; i < 1000; i++) {
            byte[] broken = broken(originals.get(i % originals.size()), random);
            Throwable answer = catchThrowable(() ->
                    FontFile.read(broken).forEach(face -> new FaceDrawer(face).draw("Zumbido 27", 40, 40, 60, 0, 0)));
            if (answer == null) {
                read++;
            } else {
                assertThat(answer).isInstanceOf(UnreadableFontException.class);
                refused++;
            }
        }
        assertThat(refused).isGreaterThan(300);
        assertThat(read).isGreaterThan(100);
    }

    /** Bytes changed anywhere or in the directory, a piece cut off, a piece filled. */
    private static byte[] broken(byte[] original, Random random) {
        byte[] broken = original.clone();
        switch (random.nextInt(4)) {
            case 0 -> {
                for (int n = 1 + random.nextInt(50); n > 0; n--) {
                    broken[random.nextInt(broken.length)] = (byte) random.nextInt();
                }
            }
            case 1 -> {
                for (int n = 1 + random.nextInt(6); n > 0; n--) {
                    broken[4 + random.nextInt(300)] = (byte) random.nextInt();
                }
            }
            case 2 -> broken = java.util.Arrays.copyOf(broken, random.nextInt(broken.length));
            default -> {
                int from = random.nextInt(broken.length);
                int to = Math.min(broken.length, from + random.nextInt(4000));
                java.util.Arrays.fill(broken, from, to, (byte) random.nextInt());
            }
        }
        return broken;
    }
}
