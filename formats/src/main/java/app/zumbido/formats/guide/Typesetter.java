package app.zumbido.formats.guide;

import app.zumbido.core.guide.layout.Lettered;
import app.zumbido.core.guide.layout.Measurer;
import app.zumbido.core.type.Capitals;
import app.zumbido.core.type.FontSet;
import app.zumbido.core.type.Lettering;
import app.zumbido.formats.delivery.Assets;
import app.zumbido.formats.fonts.FontFace;
import app.zumbido.formats.fonts.ShippedFaces;
import java.text.Bidi;
import java.text.Normalizer;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * Sets lines of text: which face each letter is from, where each glyph stands, with kerning; letters that are written from right
 * to left stand as they are read. Everything that draws a guide asks here, so that all agree.
 */
public final class Typesetter implements Measurer {
    /** Stands for letters that no face at hand has. */
    private static final int UNKNOWN = '?';

    /** What is found and read out where a face must not be embedded. */
    private static final String UNSEEN = "Source Sans 3";

    private final FontSet type;
    private final BrandFaces faces;
    private final Map<Line, List<GlyphRun>> set = new HashMap<>();

    public Typesetter(FontSet type, Assets assets) {
        this.type = type;
        this.faces = new BrandFaces(type, assets);
    }

    private record Line(Lettered style, String text) {}

    BrandFaces faces() {
        return faces;
    }

    @Override
    public double width(Lettered style, String text) {
        List<GlyphRun> runs = set(style, text);
        return runs.isEmpty()
                ? 0
                : runs.get(runs.size() - 1).x() + runs.get(runs.size() - 1).width();
    }

    @Override
    public double capHeight(Lettered style) {
        FontFace face = faces.of(style.role(), style.strong());
        double cap = face.capHeight() > 0 ? face.capHeight() : face.unitsPerEm() * 0.7;
        return style.size() * cap / face.unitsPerEm();
    }

    /** @return how a line is set */
    public WrittenIn writtenIn(Lettered style, String text) {
        Lettering lettering = type.get(style.role());
        FontFace face = faces.of(style.role(), style.strong());
        return new WrittenIn(
                written(text, lettering), face.family(), face.weight(), face.isItalic(), lettering.tracking());
    }

    /** @return the runs of a line, from left to right */
    List<GlyphRun> set(Lettered style, String text) {
        return set.computeIfAbsent(new Line(style, text), this::lay);
    }

    private List<GlyphRun> lay(Line line) {
        Lettering lettering = type.get(line.style().role());
        String written = written(line.text(), lettering);
        List<GlyphRun> runs = new ArrayList<>();
        double x = 0;
        for (String part : visual(written)) {
            for (Piece piece : pieces(part, line.style())) {
                GlyphRun run =
                        run(piece, line.style().size(), lettering.tracking()).at(x);
                runs.add(run);
                x += run.width();
            }
        }
        return List.copyOf(runs);
    }

    /** Composed, since faces have letters with their accents. */
    private static String written(String typed, Lettering lettering) {
        String text = Normalizer.normalize(typed, Normalizer.Form.NFC);
        return lettering.capitals() == Capitals.ALL_CAPITALS ? text.toUpperCase(Locale.ROOT) : text;
    }

    /** @return parts of one direction, in the order in which they stand; those from right to left turned round (UAX #9) */
    private static List<String> visual(String text) {
        char[] letters = text.toCharArray();
        if (!Bidi.requiresBidi(letters, 0, letters.length)) {
            return List.of(text);
        }
        Bidi bidi = new Bidi(text, Bidi.DIRECTION_DEFAULT_LEFT_TO_RIGHT);
        int count = bidi.getRunCount();
        byte[] levels = new byte[count];
        String[] parts = new String[count];
        for (int i = 0; i < count; i++) {
            levels[i] = (byte) bidi.getRunLevel(i);
            String part = text.substring(bidi.getRunStart(i), bidi.getRunLimit(i));
            parts[i] = levels[i] % 2 == 0 ? part : turned(part);
        }
        Bidi.reorderVisually(levels, 0, parts, 0, count);
        return List.of(parts);
    }

    private static String turned(String part) {
        StringBuilder turned = new StringBuilder();
        int[] letters = part.codePoints().toArray();
        for (int i = letters.length - 1; i >= 0; i--) {
            turned.appendCodePoint(mirrored(letters[i]));
        }
        return turned.toString();
    }

    private static int mirrored(int letter) {
        int place = "()[]{}<>«»".indexOf(letter);
        return place < 0 ? letter : "()[]{}<>«»".codePointAt(place ^ 1);
    }

    private record Piece(FontFace face, List<Integer> letters) {}

    /** @return letters of one face each */
    private List<Piece> pieces(String text, Lettered style) {
        FontFace own = faces.of(style.role(), style.strong());
        List<Piece> pieces = new ArrayList<>();
        for (int letter : text.codePoints().toArray()) {
            if (isSilent(letter)) {
                continue;
            }
            FontFace face = own.has(letter) ? own : faces.having(letter).orElse(own);
            int seen = face.has(letter) ? letter : UNKNOWN;
            if (pieces.isEmpty() || pieces.get(pieces.size() - 1).face() != face) {
                pieces.add(new Piece(face, new ArrayList<>()));
            }
            pieces.get(pieces.size() - 1).letters().add(seen);
        }
        return pieces;
    }

    /** Characters that only tell others how to be drawn. */
    private static boolean isSilent(int letter) {
        int kind = Character.getType(letter);
        return kind == Character.FORMAT || kind == Character.CONTROL || letter >= 0xFE00 && letter <= 0xFE0F;
    }

    private static GlyphRun run(Piece piece, double size, int tracking) {
        FontFace face = piece.face();
        double em = 1000.0 / face.unitsPerEm();
        List<Integer> glyphs = new ArrayList<>();
        List<String> letters = new ArrayList<>();
        List<Double> offsets = new ArrayList<>();
        double x = 0;
        for (int letter : piece.letters()) {
            int glyph = face.glyph(letter);
            if (!glyphs.isEmpty()) {
                x += face.kerning(glyphs.get(glyphs.size() - 1), glyph) * em;
            }
            glyphs.add(glyph);
            letters.add(Character.toString(letter));
            offsets.add(x);
            x += face.advanceOfGlyph(glyph) * em + tracking;
        }
        return new GlyphRun(face, 0, x * size / 1000, glyphs, letters, offsets);
    }

    /** @return the same letters in a face that may be embedded; those that it lacks as question marks */
    GlyphRun unseen(GlyphRun run, double size) {
        FontFace face = ShippedFaces.nearest(UNSEEN, Lettering.REGULAR, false).orElseThrow();
        List<Integer> letters = run.letters().stream()
                .map(letter -> letter.codePointAt(0))
                .map(letter -> face.has(letter) ? letter : UNKNOWN)
                .toList();
        return run(new Piece(face, letters), size, 0).at(run.x());
    }
}
