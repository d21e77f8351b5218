package app.zumbido.formats.office.pages;

import static app.zumbido.formats.office.OfficeSchemas.parts;
import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.TypeChange;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.core.type.FaceKind;
import app.zumbido.core.type.FontFamily;
import app.zumbido.core.type.Lettering;
import app.zumbido.core.type.Place;
import app.zumbido.core.type.TypeRole;
import app.zumbido.formats.BrandExample;
import app.zumbido.formats.delivery.Assets;
import app.zumbido.formats.delivery.FontProgram;
import app.zumbido.formats.delivery.Order;
import app.zumbido.formats.fonts.FontFile;
import app.zumbido.formats.fonts.ShippedFaces;
import app.zumbido.formats.office.OfficeSchemas;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.poi.xwpf.usermodel.XWPFDocument;
import org.docx4j.openpackaging.packages.WordprocessingMLPackage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class DocumentKindTest {
    private static final Brand BRAND = BrandExample.ferries();
    private static final Instant TIME = Instant.parse("2026-03-01T08:00:00Z");

    /** The faces of the families that ship. */
    private static final Assets WITH_FONTS = new Assets() {
        @Override
        public List<FontProgram> programs(String family) {
            return ShippedFaces.family(family).stream()
                    .flatMap(found -> found.faces().stream())
                    .map(face ->
                            new FontProgram(face.weight() >= 600, face.isItalic(), ShippedFaces.bytes(face.file())))
                    .toList();
        }
    };

    private static byte[] written(DocumentKind kind) {
        return BrandExample.written(kind, BRAND);
    }

    private static byte[] written(DocumentKind kind, Assets assets) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        kind.write(Order.of(BRAND.look(), assets), out);
        return out.toByteArray();
    }

    @ParameterizedTest
    @EnumSource
    void isValidAgainstTheSchemasWithAndWithoutFonts(DocumentKind kind) throws IOException {
        assertThat(OfficeSchemas.errors(written(kind))).isEmpty();
        assertThat(OfficeSchemas.errors(written(kind, WITH_FONTS))).isEmpty();
        assertThat(written(kind, WITH_FONTS)).isEqualTo(written(kind, WITH_FONTS));
    }

    @ParameterizedTest
    @EnumSource
    void isReadByTwoLibraries(DocumentKind kind) throws Exception {
        byte[] file = written(kind);
        try (XWPFDocument document = new XWPFDocument(new ByteArrayInputStream(file))) {
            assertThat(document.getStyles().getStyle("Heading1").getName()).isEqualTo("heading 1");
            assertThat(document.getFooterList()).isNotEmpty();
        }
        var opened = WordprocessingMLPackage.load(new ByteArrayInputStream(file));
        var colors = opened.getMainDocumentPart()
                .getThemePart()
                .getContents()
                .getThemeElements()
                .getClrScheme();
        assertThat(Rgb.ofHex(colors.getAccent1().getSrgbClr().getVal()))
                .isEqualTo(BRAND.look().colors().get(ThemeSlot.ACCENT_1));
    }

    /** Beside every code stands what it follows; families stand only by the theme. */
    @ParameterizedTest
    @EnumSource
    void setsNoColorAndNoFontByHand(DocumentKind kind) {
        Map<String, byte[]> parts = parts(written(kind));
        parts.keySet()
                .removeIf(name -> !name.startsWith("word/") || name.contains("theme/") || name.contains("media/"));
        Pattern tag = Pattern.compile("<w:(color|shd|top|left|bottom|right|insideH) [^>]*>");
        int[] seen = {0};
        parts.forEach((name, content) -> {
            String xml = new String(content, StandardCharsets.UTF_8);
            Matcher tags = tag.matcher(xml);
            while (tags.find()) {
                if (tags.group().matches(".*w:(val|color|fill)=\"[0-9A-F]{6}\".*")) {
                    assertThat(tags.group()).contains("w:theme");
                    seen[0]++;
                }
            }
            assertThat(xml).doesNotContainPattern("w:(ascii|hAnsi|cs)=\"");
        });
        assertThat(seen[0]).isGreaterThan(20);
    }

    /**
     * Source of the way back: ECMA-376 Part 4, 9.5: the first 32 bytes against the key, whose bytes run backwards. Read by hand
     * here, from the key as it stands in the part.
     */
    @Test
    void carriesItsFontsSoThatTheyCanBeReadBack() throws IOException {
        byte[] file = written(DocumentKind.TEMPLATE, WITH_FONTS);
        Map<String, byte[]> parts = parts(file);
        String table = OfficeSchemas.text(file, "word/fontTable.xml");
        Matcher keys = Pattern.compile("w:fontKey=\"\\{([0-9A-F-]{36})}\"").matcher(table);
        int number = 0;
        while (keys.find()) {
            number++;
            String hex = keys.group(1).replace("-", "");
            byte[] font = parts.get("word/fonts/font" + number + ".odttf").clone();
            assertThat(FontFile.isFont(font)).isFalse();
            for (int i = 0; i < 32; i++) {
                int at = hex.length() - 2 - i % 16 * 2;
                font[i] ^= (byte) Integer.parseInt(hex.substring(at, at + 2), 16);
            }
            assertThat(BRAND.type().families().stream().map(family -> family.name()))
                    .contains(FontFile.read(font).get(0).family());
        }
        assertThat(number).isEqualTo(6);
        assertThat(OfficeSchemas.text(file, "word/settings.xml")).contains("<w:embedTrueTypeFonts/>");
        assertThat(OfficeSchemas.text(written(DocumentKind.TEMPLATE), "word/settings.xml"))
                .doesNotContain("embedTrueTypeFonts");
    }

    /** Source of the twin: the open family of the metrics of a common one; ECMA-376 Part 1, 17.8.3.1 (altName). */
    @Test
    void namesWhatIsSeenWhereAFontIsMissing() throws IOException {
        Lettering heading = BRAND.type().get(TypeRole.HEADING).in(new FontFamily("Cambria", FaceKind.SERIF));
        Lettering body = BRAND.type()
                .get(TypeRole.BODY)
                .in(new FontFamily("House Sans", FaceKind.SANS))
                .instead(Map.of(Place.LETTERS, "Verdana"));
        Brand brand = BRAND.apply(new TypeChange.SetLettering(TypeRole.HEADING, heading))
                .apply(new TypeChange.SetLettering(TypeRole.BODY, body));
        byte[] file = BrandExample.written(DocumentKind.LETTER, brand);
        assertThat(OfficeSchemas.errors(file)).isEmpty();
        assertThat(OfficeSchemas.text(file, "word/fontTable.xml"))
                .contains(
                        "<w:font w:name=\"Cambria\"><w:altName w:val=\"Caladea\"/>",
                        "<w:font w:name=\"House Sans\"><w:altName w:val=\"Verdana\"/>");
    }

    @Test
    void setsHeadingsAsTheBrandIsSet() throws IOException {
        try (XWPFDocument document = new XWPFDocument(new ByteArrayInputStream(written(DocumentKind.TEMPLATE)))) {
            var title = Objects.requireNonNull(document.getStyles().getStyle("Title"))
                    .getCTStyle()
                    .getRPr();
            // Half points.
            assertThat(title.getSzArray(0).getVal().toString()).isEqualTo(String.valueOf((int)
                    (2 * BRAND.type().get(TypeRole.HEADING).sizes().letters())));
            assertThat(title.getRFontsArray(0).getAsciiTheme().toString().toLowerCase(Locale.ROOT))
                    .startsWith("major");
        }
    }

    @Test
    void isATemplateByItsContentType() {
        assertThat(OfficeSchemas.text(written(DocumentKind.TEMPLATE), "[Content_Types].xml"))
                .contains("wordprocessingml.template.main+xml");
        assertThat(OfficeSchemas.text(written(DocumentKind.LETTER), "[Content_Types].xml"))
                .contains("wordprocessingml.document.main+xml");
    }
}
