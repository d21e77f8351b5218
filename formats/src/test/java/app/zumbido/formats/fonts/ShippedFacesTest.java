package app.zumbido.formats.fonts;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.data.Offset.offset;

import app.zumbido.core.type.Embedding;
import app.zumbido.core.type.FaceKind;
import app.zumbido.core.type.FaceMetrics;
import app.zumbido.core.type.Language;
import java.awt.Font;
import java.awt.FontFormatException;
import java.awt.font.FontRenderContext;
import java.awt.font.LineMetrics;
import java.awt.font.TextAttribute;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.util.EnumSet;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.docx4j.fonts.fop.fonts.truetype.FontFileReader;
import org.docx4j.fonts.fop.fonts.truetype.OFFontLoader;
import org.docx4j.fonts.fop.fonts.truetype.OFTableName;
import org.docx4j.fonts.fop.fonts.truetype.TTFFile;
import org.docx4j.fonts.foray.font.format.Panose;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What we read of every face that ships, against two other readers: that of docx4j and that of the JDK. */
class ShippedFacesTest {
    private static final FontRenderContext EXACT = new FontRenderContext(null, true, true);
    private static final float SIZE = 1000;

    static Stream<ShippedFaces.Shipped> faces() {
        return ShippedFaces.families().stream()
                .flatMap(family -> family.faces().stream().map(file -> new ShippedFaces.Shipped(family, file)));
    }

    private static FontFace read(ShippedFaces.Shipped shipped) {
        return shipped.read();
    }

    @Test
    void thereAreFacesOfEveryKind() {
        assertThat(ShippedFaces.families()).hasSizeGreaterThanOrEqualTo(24);
        assertThat(ShippedFaces.families().stream().map(ShippedFaces.Family::faceKind))
                .containsAll(EnumSet.allOf(FaceKind.class));
        long bytes = faces().mapToLong(face -> face.bytes().length
                        + face.file().page().stream()
                                .mapToLong(part -> ShippedFaces.bytes(part.file()).length)
                                .sum())
                .sum();
        assertThat(bytes).isLessThan(30_000_000);
    }

    @ParameterizedTest
    @MethodSource("faces")
    void isTheFileThatWasCollectedWithItsLicense(ShippedFaces.Shipped shipped) throws Exception {
        assertThat(HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(shipped.bytes())))
                .isEqualTo(shipped.file().sha256());
        assertThat(shipped.family().license()).isEqualTo("OFL-1.1");
        assertThat(new String(ShippedFaces.bytes(shipped.family().licenseFile()), StandardCharsets.UTF_8))
                .contains("SIL OPEN FONT LICENSE");
        assertThat(read(shipped).embedding()).isEqualTo(Embedding.INSTALLABLE);
    }

    @ParameterizedTest
    @MethodSource("faces")
    void agreesWithASecondReaderOnWhatTheFileSays(ShippedFaces.Shipped shipped) throws IOException {
        FontFace ours = read(shipped);
        TTFFile theirs = new TTFFile();
        FontFileReader reader = new FontFileReader(new ByteArrayInputStream(shipped.bytes()));
        theirs.readFont(reader, OFFontLoader.readHeader(reader));

        assertThat(ours.family()).isEqualTo(shipped.family().family()).isIn(theirs.getFamilyNames());
        assertThat(ours.weight())
                .isEqualTo(theirs.getWeightClass())
                .isEqualTo(shipped.file().weight());
        assertThat(ours.isItalic()).isEqualTo(shipped.file().isItalic());
        assertThat(ours.isItalic()).isEqualTo(Float.parseFloat(theirs.getItalicAngle()) != 0);
        // Where they find the table, at the places of sxHeight, sCapHeight, xAvgCharWidth and fsType (OpenType 1.9,
        // OS/2).
        assertThat(ours.xHeight()).isEqualTo(inOs2(theirs, reader, 86));
        assertThat(ours.averageWidth()).isEqualTo(inOs2(theirs, reader, 2));
        assertThat(ours.embedding()).isEqualTo(Embedding.ofFsType(inOs2(theirs, reader, 8)));
        assertThat(ours.capHeight()).isEqualTo(inOs2(theirs, reader, 88));
        assertThat(theirs.isEmbeddable()).isTrue();
        Panose panose = theirs.getPanose();
        if (panose != null) {
            assertThat(ours.panose().stream().map(Integer::byteValue).toList())
                    .isEqualTo(
                            IntStream.range(0, 10).mapToObj(panose::getElement).toList());
        }
    }

    private static int inOs2(TTFFile font, FontFileReader reader, int place) throws IOException {
        font.seekTab(reader, OFTableName.OS2, place);
        return reader.readTTFShort();
    }

    @ParameterizedTest
    @MethodSource("faces")
    void agreesWithTheJdkOnWidthsAndOutlines(ShippedFaces.Shipped shipped) throws IOException, FontFormatException {
        FontFace ours = read(shipped);
        Font theirs = Font.createFont(Font.TRUETYPE_FONT, new ByteArrayInputStream(shipped.bytes()))
                .deriveFont(SIZE)
                .deriveFont(Map.of(TextAttribute.KERNING, 0));
        double perUnit = SIZE / ours.unitsPerEm();
        for (int letter : "AaBbGgMmQq&@0129ÄäßÑñéÉ.,;'\"".codePoints().toArray()) {
            String text = Character.toString(letter);
            var glyphs = theirs.createGlyphVector(EXACT, text);
            assertThat(ours.advance(letter) * perUnit)
                    .as(text)
                    .isCloseTo(glyphs.getGlyphMetrics(0).getAdvanceX(), offset(0.6));
            var bounds = glyphs.getGlyphOutline(0).getBounds2D();
            var drawn = ours.outline(letter).getBounds2D();
            assertThat(drawn.getWidth() * perUnit).as(text).isCloseTo(bounds.getWidth(), offset(1.0));
            assertThat(drawn.getMaxY() * perUnit).as(text).isCloseTo(-bounds.getMinY(), offset(1.0));
        }
        LineMetrics lines = theirs.getLineMetrics("Ag", EXACT);
        FaceMetrics measured = ours.measured().metrics();
        assertThat(measured.ascent() * SIZE).isCloseTo(lines.getAscent(), offset(1.0));
        assertThat(measured.descent() * SIZE).isCloseTo(lines.getDescent(), offset(1.0));
    }

    /** Summed advances are what a line is long. */
    @ParameterizedTest
    @MethodSource("faces")
    void measuresLinesAsTheJdkLaysThemOut(ShippedFaces.Shipped shipped) throws IOException, FontFormatException {
        Font theirs = Font.createFont(Font.TRUETYPE_FONT, new ByteArrayInputStream(shipped.bytes()))
                .deriveFont(SIZE);
        String line = "Everyone has the right to leave any country, including his own, and to return to his country.";
        double laidOut = theirs.createGlyphVector(EXACT, line)
                        .getGlyphPosition(line.length())
                        .getX()
                / line.length()
                / SIZE;
        // One line of the text, so that its letters come a little otherwise.
        assertThat(read(shipped).measured().metrics().widths().get(Language.ENGLISH))
                .isCloseTo(laidOut, offset(0.04 * laidOut));
    }

    /** The list says how each family is made; what is measured of a regular face has to say the same, handwriting apart. */
    @Test
    void tellsFromTheLettersHowAFamilyIsMade() {
        List<ShippedFaces.Shipped> regular = faces().filter(
                        face -> face.file().weight() == 400 && !face.file().isItalic())
                .filter(face -> face.family().faceKind() != FaceKind.SCRIPT)
                .toList();
        assertThat(regular)
                .hasSizeGreaterThan(20)
                .allSatisfy(face -> assertThat(read(face).measured().kind())
                        .as(face.family().family())
                        .isEqualTo(face.family().faceKind()));
    }
}
