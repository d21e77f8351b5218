package app.zumbido.formats.fonts;

import app.zumbido.formats.fonts.UnreadableFontException.Reason;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.apache.fontbox.ttf.OTFParser;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeCollection;
import org.apache.pdfbox.io.RandomAccessReadBuffer;

/** TTF, OTF and collections of them (OpenType 1.9), read by fontbox. */
public final class FontFile {
    private static final int TRUE_TYPE = 0x00010000;
    private static final int APPLE_TRUE_TYPE = tag("true");
    private static final int COMPACT = tag("OTTO");
    private static final int COLLECTION = tag("ttcf");
    private static final int PACKED = tag("wOFF");
    private static final int PACKED_2 = tag("wOF2");
    private static final int SHORTEST = 100;
    /** No collection on sale has as many. */
    private static final int MOST_FACES = 64;

    private FontFile() {}

    private static int tag(String letters) {
        return ByteBuffer.wrap(letters.getBytes(java.nio.charset.StandardCharsets.US_ASCII))
                .getInt();
    }

    /** Whether the first bytes are those of a font, packed ones too. */
    public static boolean isFont(byte[] bytes) {
        if (bytes.length < Integer.BYTES) {
            return false;
        }
        int kind = kind(bytes);
        return isReadable(kind) || kind == PACKED || kind == PACKED_2;
    }

    /**
     * @return its faces in their order, several only of a collection
     * @throws UnreadableFontException if there is none
     */
    public static List<FontFace> read(byte[] bytes) {
        if (bytes.length < SHORTEST || !isFont(bytes)) {
            throw new UnreadableFontException(
                    Reason.NOT_A_FONT, "This is no font file; give a TTF, an OTF or a TTC file");
        }
        int kind = kind(bytes);
        if (!isReadable(kind)) {
            throw new UnreadableFontException(
                    Reason.PACKED,
                    "This font is packed for web pages and lacks what documents need; give the TTF or OTF file of the same face");
        }
        return Bounded.run(() -> {
            List<FontFace> faces = kind == COLLECTION ? collection(bytes) : List.of(single(bytes, kind));
            Set<Long> counted = new HashSet<>();
            for (FontFace face : faces) {
                face.requireBoundedLetters(counted);
                face.requireDrawable();
                face.measured();
            }
            return faces;
        });
    }

    /** The same of a file that ships with us, without looking for damage. */
    static FontFace trusted(byte[] bytes) {
        try {
            return single(bytes, kind(bytes));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static int kind(byte[] bytes) {
        return ByteBuffer.wrap(bytes).getInt();
    }

    private static boolean isReadable(int kind) {
        return kind == TRUE_TYPE || kind == APPLE_TRUE_TYPE || kind == COMPACT || kind == COLLECTION;
    }

    private static FontFace single(byte[] bytes, int kind) throws IOException {
        RandomAccessReadBuffer buffer = new RandomAccessReadBuffer(bytes);
        return FontFace.of(kind == COMPACT ? new OTFParser(true).parse(buffer) : new TTFParser(true).parse(buffer));
    }

    private static List<FontFace> collection(byte[] bytes) throws IOException {
        List<FontFace> faces = new ArrayList<>();
        // Left open: its fonts read from it whenever a letter is asked for.
        TrueTypeCollection collection = new TrueTypeCollection(new ByteArrayInputStream(bytes));
        collection.processAllFonts(font -> {
            if (faces.size() == MOST_FACES) {
                throw new UnreadableFontException(
                        Reason.TOO_MUCH, "This collection has more than " + MOST_FACES + " faces");
            }
            faces.add(FontFace.of(font));
        });
        if (faces.isEmpty()) {
            throw new UnreadableFontException(Reason.BROKEN, "There is no face in this collection");
        }
        return List.copyOf(faces);
    }
}
