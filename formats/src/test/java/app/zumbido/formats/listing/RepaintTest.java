package app.zumbido.formats.listing;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.inspect.Replacement;
import app.zumbido.core.inspect.Setting;
import app.zumbido.core.inspect.Spot;
import app.zumbido.core.inspect.Use;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.formats.archive.TextParts;
import app.zumbido.formats.uses.ColoredFile;
import app.zumbido.formats.uses.RepaintableFile;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import org.apache.poi.xslf.usermodel.XMLSlideShow;
import org.apache.poi.xslf.usermodel.XSLFAutoShape;
import org.apache.poi.xssf.usermodel.XSSFWorkbook;
import org.apache.poi.xwpf.usermodel.XWPFDocument;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Another colour is put at a place; another library reads it there, and everything else is the same, to the byte. */
class RepaintTest {
    private static final Rgb NAVY = Rgb.ofHex("0B2A4A");
    private static final Rgb TEAL = Rgb.ofHex("0F7C7A");
    private static final Rgb ORANGE = Rgb.ofHex("F2682A");
    private static final Rgb PINK = Rgb.ofHex("C0266B");

    private static List<Use> walk(byte[] file) {
        List<Use> uses = new ArrayList<>();
        try (ColoredFile colored = ColoredFiles.open(file).orElseThrow()) {
            colored.walk(uses::add);
        }
        return uses;
    }

    private static byte[] repaint(byte[] file, Predicate<Use> wanted, Replacement replacement) throws IOException {
        Map<Spot, Replacement> replacements = new HashMap<>();
        walk(file).stream()
                .filter(wanted)
                .flatMap(use -> use.setting().spot().stream())
                .forEach(spot -> replacements.put(spot, replacement));
        assertThat(replacements).isNotEmpty();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (RepaintableFile colored = (RepaintableFile) ColoredFiles.open(file).orElseThrow()) {
            colored.write(replacements, out);
        }
        return out.toByteArray();
    }

    private static String repaint(String text, Rgb from, Rgb to) throws IOException {
        byte[] file = text.getBytes(StandardCharsets.UTF_8);
        return new String(
                repaint(file, use -> use.color().equals(from), Replacement.byHand(to)), StandardCharsets.UTF_8);
    }

    private static Predicate<Use> of(Rgb color) {
        return use -> use.color().equals(color);
    }

    private static void assertOnlyChanged(byte[] before, byte[] after, String... names) throws IOException {
        Map<String, String> old = TextParts.of(before);
        Map<String, String> changed = TextParts.of(after);
        assertThat(changed.keySet()).isEqualTo(old.keySet());
        changed.entrySet().removeIf(part -> part.getValue().equals(old.get(part.getKey())));
        assertThat(changed.keySet()).containsExactlyInAnyOrder(names);
    }

    @Test
    void bringsAColorByHandOfADeckToASlot() throws IOException {
        byte[] deck = OfficeFiles.deck();
        byte[] after = repaint(
                deck,
                use -> use.color().equals(ORANGE) && use.setting() instanceof Setting.ByHand,
                Replacement.of(ThemeSlot.ACCENT_2, ORANGE));
        assertOnlyChanged(deck, after, "ppt/slides/slide1.xml");
        try (XMLSlideShow show = new XMLSlideShow(new ByteArrayInputStream(after))) {
            XSLFAutoShape circle = (XSLFAutoShape) show.getSlides()
                    .get(0)
                    .getShapes()
                    .get(show.getSlides().get(0).getShapes().size() - 1);
            var fill = ((org.openxmlformats.schemas.presentationml.x2006.main.CTShape) circle.getXmlObject())
                    .getSpPr()
                    .getSolidFill();
            assertThat(fill.isSetSrgbClr()).isFalse();
            assertThat(fill.getSchemeClr().getVal().toString()).isEqualTo("accent2");
        }
    }

    @Test
    void takesALighterSlotOfADeckBackToAColorByHandAndKeepsWhatShowsThrough() throws IOException {
        byte[] deck = OfficeFiles.withShape("<a:solidFill><a:schemeClr val=\"accent1\"><a:lumMod val=\"40000\"/>"
                + "<a:lumOff val=\"60000\"/><a:alpha val=\"70000\"/></a:schemeClr></a:solidFill>");
        Rgb seen = walk(deck).stream()
                .filter(use -> use.place().thing().equals("Probe"))
                .findFirst()
                .orElseThrow()
                .color();
        byte[] after = repaint(deck, use -> use.place().thing().equals("Probe"), Replacement.byHand(PINK));
        assertThat(seen).isNotEqualTo(PINK);
        assertThat(TextParts.of(after).get("ppt/slides/slide1.xml"))
                .contains("<a:srgbClr val=\"C0266B\"><a:alpha val=\"70000\"/></a:srgbClr>")
                .doesNotContain("lumMod");
        assertThat(walk(after))
                .filteredOn(use -> use.place().thing().equals("Probe"))
                .extracting(Use::color)
                .containsOnly(PINK);
    }

    @Test
    void bringsTheTextOfADocumentToASlot() throws IOException {
        byte[] document = OfficeFiles.document();
        byte[] after = repaint(document, of(NAVY), Replacement.of(ThemeSlot.ACCENT_1, TEAL));
        assertOnlyChanged(document, after, "word/document.xml");
        try (XWPFDocument read = new XWPFDocument(new ByteArrayInputStream(after))) {
            var color = read.getParagraphs()
                    .get(0)
                    .getRuns()
                    .get(0)
                    .getCTR()
                    .getRPr()
                    .getColorArray(0);
            assertThat(color.xgetVal().getStringValue()).isEqualTo("0F7C7A");
            assertThat(color.getThemeColor().toString()).isEqualTo("accent1");
            assertThat(read.getParagraphs().get(2).getRuns().get(0).getColor()).isEqualTo("F2682A");
        }
    }

    @Test
    void bringsTheCellsOfAWorkbookToASlot() throws IOException {
        byte[] workbook = OfficeFiles.workbook();
        byte[] after = repaint(workbook, of(TEAL), Replacement.of(ThemeSlot.ACCENT_3, TEAL));
        assertOnlyChanged(workbook, after, "xl/styles.xml");
        try (XSSFWorkbook read = new XSSFWorkbook(new ByteArrayInputStream(after))) {
            var fill = read.getSheetAt(0).getRow(0).getCell(0).getCellStyle().getFillForegroundColorColor();
            assertThat(fill.getTheme()).isEqualTo(6);
            assertThat(fill.getCTColor().isSetRgb()).isFalse();
        }
    }

    @Test
    void repaintsTheStylesOfAnOpenDocumentFile() throws IOException {
        byte[] document = OfficeFiles.openDocument();
        byte[] after = repaint(document, of(Rgb.ofHex("5B6670")), Replacement.byHand(PINK));
        assertOnlyChanged(document, after, "styles.xml");
        assertThat(TextParts.of(after).get("styles.xml")).contains("fo:border='0.5pt solid #C0266B'");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
                    a{color:#0f7c7a}               | a{color:#C0266B}
                    a{ color : TEAL }              | a{ color : #C0266B }
                    a{color:rgb(15, 124, 122)}     | a{color:#C0266B}
                    a{color:#0f7c7a80}b{color:red} | a{color:#C0266B80}b{color:red}
                    a{color:rgba(15,124,122,0.5)}  | a{color:#C0266B80}
                    a{color:rgb(15 124 122 / 50%)} | a{color:#C0266B80}
                    :root{--x:#0f7c7a}a{color:var(--x)}     | :root{--x:#C0266B}a{color:var(--x)}
                    a{background:linear-gradient(90deg,#0f7c7a , red)} | a{background:linear-gradient(90deg,#C0266B , red)}
                    @media print{/*#0f7c7a*/.b{border:1px solid #0f7c7a}} | @media print{/*#0f7c7a*/.b{border:1px solid #C0266B}}
                    """)
    void repaintsTheValueOfAStylesheet(String before, String after) throws IOException {
        Rgb from = before.contains("TEAL") ? Rgb.ofHex("008080") : TEAL;
        assertThat(repaint(before, from, PINK)).isEqualTo(after);
    }

    @Test
    void findsItsPlaceBehindTabsLineEndsAndLettersOfTwoUnits() throws IOException {
        String sheet = "/* \uD83D\uDEA2 */\r\n.\u00E9 {\r\n\t\tcolor:\t#0F7C7A;\r\tborder: 1px\n\tsolid\t#0F7C7A }";
        assertThat(repaint(sheet, TEAL, PINK)).isEqualTo(sheet.replace("#0F7C7A", "#C0266B"));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
                    <path fill="#0F7C7A" stroke="none"/>                     | <path fill="#C0266B" stroke="none"/>
                    <path style="fill : rgb(15,124,122);stroke:red"/>        | <path style="fill : #C0266B;stroke:red"/>
                    <style>.a{fill:#0f7c7a}</style><path class="a"/>         | <style>.a{fill:#C0266B}</style><path class="a"/>
                    <style><![CDATA[.a>b{fill:#0f7c7a}]]></style>            | <style><![CDATA[.a>b{fill:#C0266B}]]></style>
                    <stop stop-color='#0f7c7a' stop-opacity="0.5"/>          | <stop stop-color='#C0266B' stop-opacity="0.5"/>
                    <path fill="hsl(178.9 78.4% 27.3%)"/>                    | <path fill="#C0266B"/>
                    """)
    void repaintsADrawing(String before, String after) throws IOException {
        String start =
                "<?xml version=\"1.0\"?>\n<!-- harbour -->\n<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 9 9\">";
        assertThat(repaint(start + before + "</svg>", TEAL, PINK)).isEqualTo(start + after + "</svg>");
    }
}
