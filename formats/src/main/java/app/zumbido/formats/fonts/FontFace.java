package app.zumbido.formats.fonts;

import app.zumbido.core.type.Embedding;
import app.zumbido.core.type.Face;
import app.zumbido.core.type.Lettering;
import app.zumbido.formats.fonts.UnreadableFontException.Reason;
import java.awt.geom.GeneralPath;
import java.awt.geom.Path2D;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import org.apache.fontbox.cff.CFFCIDFont;
import org.apache.fontbox.cff.CFFFont;
import org.apache.fontbox.ttf.CmapLookup;
import org.apache.fontbox.ttf.GlyphData;
import org.apache.fontbox.ttf.GlyphDescription;
import org.apache.fontbox.ttf.HeaderTable;
import org.apache.fontbox.ttf.HorizontalHeaderTable;
import org.apache.fontbox.ttf.OS2WindowsMetricsTable;
import org.apache.fontbox.ttf.OpenTypeFont;
import org.apache.fontbox.ttf.TTFTable;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.jspecify.annotations.Nullable;

/**
 * One face of a font file: what it says of itself and the outlines of its letters, in its own units. Of a variable font that
 * is the one that it shows by default.
 */
public final class FontFace {
    private static final int LEAST_UNITS = 16;
    private static final int MOST_UNITS = 16384;
    /** The end of Latin Extended-B. */
    private static final int LAST_LATIN = 0x24F;

    private static final int MOST_PARTS = 64;
    private static final int MOST_POINTS = 20_000;
    /** Bits of fsSelection and macStyle. Source: OpenType 1.9, OS/2 and head tables. */
    private static final int SELECTED_ITALIC = 1;

    private static final int MAC_BOLD = 1;
    private static final int MAC_ITALIC = 2;
    private static final int USE_TYPO_METRICS = 1 << 7;

    private final TrueTypeFont font;
    private final FaceNames names;
    private final HeaderTable header;
    private final HorizontalHeaderTable lines;
    private final @Nullable OS2WindowsMetricsTable os2;
    private final CmapLookup letters;
    private volatile @Nullable Face measured;
    private volatile @Nullable Kerning kerning;
    private ShippedFaces.@Nullable File shipped;

    private FontFace(TrueTypeFont font) throws IOException {
        this.font = font;
        names = FaceNames.of(font.getNaming());
        header = present(font.getHeader(), "head");
        lines = present(font.getHorizontalHeader(), "hhea");
        present(font.getHorizontalMetrics(), "hmtx");
        os2 = font.getOS2Windows();
        letters = present(font.getUnicodeCmapLookup(), "cmap");
        requirePlausible();
    }

    /** @throws UnreadableFontException if something that every face has is missing or cannot be */
    static FontFace of(TrueTypeFont font) {
        try {
            return new FontFace(font);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static <T> T present(@Nullable T table, String name) {
        if (table == null) {
            throw new UnreadableFontException(Reason.BROKEN, "This font lacks its table " + name);
        }
        return table;
    }

    private void requirePlausible() throws IOException {
        int units = unitsPerEm();
        if (units < LEAST_UNITS || units > MOST_UNITS) {
            throw new UnreadableFontException(Reason.BROKEN, "This font says that an em has " + units + " units");
        }
        if (font.getNumberOfGlyphs() < 1
                || IntStream.rangeClosed(' ' + 1, 0xFFFF).noneMatch(this::has)) {
            throw new UnreadableFontException(Reason.BROKEN, "There are no letters in this font");
        }
        if (Math.abs(ascent()) > 10L * units || Math.abs(descent()) > 10L * units) {
            throw new UnreadableFontException(Reason.BROKEN, "The lines of this font are too tall to be true");
        }
    }

    public String family() {
        return names.family();
    }

    /** @return as the file words it, as in 'Bold Italic' */
    public String style() {
        return names.style();
    }

    /** @return 1 to 1000 */
    public int weight() {
        int bold = (header.getMacStyle() & MAC_BOLD) != 0 ? Lettering.BOLD : Lettering.REGULAR;
        if (os2 == null || os2.getWeightClass() < 1 || os2.getWeightClass() > Lettering.HEAVIEST) {
            return bold;
        }
        // Old files count from 1 to 9.
        return os2.getWeightClass() < 10 ? os2.getWeightClass() * 100 : os2.getWeightClass();
    }

    public boolean isItalic() {
        return os2 != null && (os2.getFsSelection() & SELECTED_ITALIC) != 0 || (header.getMacStyle() & MAC_ITALIC) != 0;
    }

    /** @return what it permits; where it does not say, only to look at and to print */
    public Embedding embedding() {
        return os2 == null ? Embedding.PRINT : Embedding.ofFsType(os2.getFsType());
    }

    /** @return of the file that it is from; bytes */
    public long fileSize() {
        return font.getOriginalDataSize();
    }

    public boolean isVariable() {
        return font.getTableMap().containsKey("fvar");
    }

    public int unitsPerEm() {
        return header.getUnitsPerEm();
    }

    /** @return above the baseline, as lines are laid out: typographic values where the file says so */
    public int ascent() {
        return usesTypo() ? (short) typo().getTypoAscender() : lines.getAscender();
    }

    /** @return below the baseline, negative as in the file */
    public int descent() {
        return usesTypo() ? (short) typo().getTypoDescender() : lines.getDescender();
    }

    public int lineGap() {
        return usesTypo() ? (short) typo().getTypoLineGap() : lines.getLineGap();
    }

    private boolean usesTypo() {
        return os2 != null && (os2.getFsSelection() & USE_TYPO_METRICS) != 0;
    }

    private OS2WindowsMetricsTable typo() {
        return Objects.requireNonNull(os2);
    }

    /** @return as the file says, measured where it does not; 0 without the letter */
    public int xHeight() {
        return os2 != null && os2.getVersion() >= 2 && os2.getHeight() > 0 ? os2.getHeight() : top('x');
    }

    /** @return as the file says, measured where it does not; 0 without the letter */
    public int capHeight() {
        return os2 != null && os2.getVersion() >= 2 && os2.getCapHeight() > 0 ? os2.getCapHeight() : top('H');
    }

    private int top(int letter) {
        return has(letter) ? (int) Math.round(outline(letter).getBounds2D().getMaxY()) : 0;
    }

    /** @return the file's xAvgCharWidth; 0 if it has none */
    public int averageWidth() {
        return os2 == null ? 0 : os2.getAverageCharWidth();
    }

    /** @return width class 1 to 9, 5 is normal */
    public int widthClass() {
        return os2 == null ? 5 : os2.getWidthClass();
    }

    /** @return high byte of sFamilyClass; 0 is none */
    int familyClass() {
        return os2 == null ? 0 : os2.getFamilyClass() >> 8;
    }

    /** @return its ten figures, all 0 where the file says nothing */
    public List<Integer> panose() {
        byte[] figures = os2 == null || os2.getPanose() == null ? new byte[10] : os2.getPanose();
        return IntStream.range(0, figures.length)
                .mapToObj(i -> figures[i] & 0xFF)
                .toList();
    }

    /** @return what is told of it without its letters */
    public FaceFacts facts() {
        return new FaceFacts(
                measured(),
                isVariable(),
                unitsPerEm(),
                ascent(),
                descent(),
                lineGap(),
                xHeight(),
                capHeight(),
                averageWidth(),
                panose());
    }

    /** @return how large its letters are, in ems, and how they are made */
    public Face measured() {
        Face known = measured;
        if (known == null) {
            known = Measuring.of(this);
            measured = known;
        }
        return known;
    }

    /** @return the face as a file of its own, also where it is one of a collection */
    public synchronized byte[] standalone() {
        try {
            return StandaloneFont.of(font);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    public boolean has(int codePoint) {
        return letters.getGlyphId(codePoint) != 0;
    }

    /** @return in units; that of the sign for missing letters where it lacks the letter */
    public int advance(int codePoint) {
        try {
            return font.getAdvanceWidth(letters.getGlyphId(codePoint));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** @return number of the glyph of a character; 0 where it lacks it */
    public int glyph(int codePoint) {
        return letters.getGlyphId(codePoint);
    }

    /** @return of a glyph, in units */
    public int advanceOfGlyph(int glyph) {
        try {
            return font.getAdvanceWidth(glyph);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** @return added between two glyphs that stand beside each other, in units */
    public int kerning(int left, int right) {
        Kerning known = kerning;
        if (known == null) {
            known = readKerning();
            kerning = known;
        }
        return known.between(left, right);
    }

    private synchronized Kerning readKerning() {
        TTFTable table = font.getTableMap().get("GPOS");
        try {
            return table == null ? Kerning.NONE : Kerning.of(font.getTableBytes(table));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Whether its outlines are of the kind that TrueType has, and not of the one that PostScript has. */
    public boolean isTrueType() {
        return !(font instanceof OpenTypeFont open && open.isPostScript());
    }

    /** @return what it is among the faces that ship; nothing of one that somebody gave */
    public Optional<ShippedFaces.File> shipped() {
        return Optional.ofNullable(shipped);
    }

    FontFace shippedAs(ShippedFaces.File file) {
        shipped = file;
        return this;
    }

    /** @return of a glyph, in units, y upwards; empty for a space @throws UnreadableFontException if it is damaged */
    public synchronized Path2D outlineOfGlyph(int glyph) {
        try {
            return drawn(glyph);
        } catch (UnreadableFontException e) {
            throw e;
        } catch (IOException | RuntimeException | StackOverflowError e) {
            throw new UnreadableFontException(
                    Reason.BROKEN, "A letter of this font is damaged; export the font anew", e);
        }
    }

    /**
     * @return in units, y upwards; empty for a space
     * @throws UnreadableFontException if it is damaged, or made of too many parts
     */
    public synchronized Path2D outline(int codePoint) {
        try {
            return drawn(letters.getGlyphId(codePoint));
        } catch (UnreadableFontException e) {
            throw e;
        } catch (IOException | RuntimeException | StackOverflowError e) {
            throw new UnreadableFontException(
                    Reason.BROKEN,
                    "The letter " + Character.toString(codePoint) + " of this font is damaged; export the font anew",
                    e);
        }
    }

    private Path2D drawn(int glyph) throws IOException {
        if (font instanceof OpenTypeFont open && open.isPostScript()) {
            CFFFont letters = open.getCFF().getFont();
            // Fonts of ideographs number their letters otherwise than the file does.
            int number = letters instanceof CFFCIDFont ? letters.getCharset().getCIDForGID(glyph) : glyph;
            return letters.getType2CharString(number).getPath();
        }
        GlyphData data = font.getGlyph().getGlyph(glyph);
        if (data == null) {
            return new GeneralPath();
        }
        requireBounded(data.getDescription());
        GeneralPath path = data.getPath();
        return path == null ? new GeneralPath() : path;
    }

    /**
     * All of them, since a letter that nobody looked at may be typed a year later.
     *
     * @param counted where letters of other faces of the file stand; faces of a collection often share them
     */
    void requireBoundedLetters(Set<Long> counted) throws IOException {
        if (!(font instanceof OpenTypeFont open && open.isPostScript())) {
            ComposedLetters.check(font);
        } else if (counted.add(font.getTableMap().get("CFF ").getOffset())) {
            CharstringSteps.check(open.getCFF().getFont());
        }
    }

    /** A font with a damaged letter is refused as a whole, not when somebody types it. */
    void requireDrawable() {
        IntStream.rangeClosed(' ', LAST_LATIN).filter(this::has).forEach(this::outline);
    }

    private static void requireBounded(GlyphDescription description) {
        if (description.isComposite() && description.getContourCount() > MOST_PARTS
                || description.getPointCount() > MOST_POINTS) {
            throw new UnreadableFontException(Reason.TOO_MUCH, "A letter of this font is made of too many parts");
        }
    }
}
