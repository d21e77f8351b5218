package app.zumbido.formats.fonts;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.Font;
import java.awt.font.FontRenderContext;
import java.awt.font.GlyphVector;
import java.awt.font.TextAttribute;
import java.io.ByteArrayInputStream;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Against the shaping of the platform, which reads the same table with code of others. */
class KerningTest {
    private static final List<String> PAIRS = List.of(
            "AV", "AT", "To", "Te", "Yo", "Va", "We", "LT", "P,", "r.", "y,", "ov", "Ty", "FA", "xo", "11", "oo", "HH");
    private static final float SIZE = 1000;

    static Stream<String> families() {
        return ShippedFaces.families().stream().map(ShippedFaces.Family::family);
    }

    @ParameterizedTest
    @MethodSource("families")
    void agreesWithTheShapingOfThePlatform(String family) throws Exception {
        ShippedFaces.File file =
                ShippedFaces.family(family).orElseThrow().faces().get(0);
        byte[] bytes = ShippedFaces.bytes(file.file());
        FontFace face = FontFile.read(bytes).get(0);
        Font plain = Font.createFont(Font.TRUETYPE_FONT, new ByteArrayInputStream(bytes))
                .deriveFont(SIZE);
        Font kerned = plain.deriveFont(Map.of(TextAttribute.KERNING, TextAttribute.KERNING_ON));
        FontRenderContext exact = new FontRenderContext(null, true, true);
        int compared = 0;
        for (String pair : PAIRS) {
            char[] letters = pair.toCharArray();
            GlyphVector with = kerned.layoutGlyphVector(exact, letters, 0, 2, Font.LAYOUT_LEFT_TO_RIGHT);
            // Some faces draw letters in other ways beside each other; those pairs are none of ours.
            if (with.getNumGlyphs() != 2
                    || with.getGlyphCode(0) != face.glyph(letters[0])
                    || with.getGlyphCode(1) != face.glyph(letters[1])) {
                continue;
            }
            compared++;
            double natural = face.advance(letters[0]) * SIZE / face.unitsPerEm();
            double shaped =
                    with.getGlyphPosition(1).getX() - with.getGlyphPosition(0).getX();
            double ours = face.kerning(face.glyph(letters[0]), face.glyph(letters[1])) * SIZE / face.unitsPerEm();
            assertThat(ours).as("%s in %s", pair, family).isCloseTo(shaped - natural, within(1.0));
        }
        assertThat(compared).isGreaterThan(PAIRS.size() / 3);
    }

    @Test
    void aDamagedTableMeansNoKerning() {
        assertThat(Kerning.of(new byte[] {0, 1, 0, 0, 0, 99}).between(1, 2)).isZero();
        assertThat(Kerning.NONE.between(1, 2)).isZero();
    }
}
