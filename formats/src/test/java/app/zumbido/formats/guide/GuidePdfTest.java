package app.zumbido.formats.guide;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.LogoChange;
import app.zumbido.core.color.Cmyk;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.guide.layout.Mark;
import app.zumbido.core.guide.layout.Page;
import app.zumbido.core.guide.layout.Part;
import app.zumbido.core.guide.layout.Tag;
import app.zumbido.core.logos.Drawn;
import app.zumbido.core.logos.LogoForm;
import app.zumbido.formats.BrandExample;
import app.zumbido.formats.delivery.Assets;
import app.zumbido.formats.fonts.FontFace;
import app.zumbido.formats.fonts.FontFile;
import app.zumbido.formats.fonts.ShippedFaces;
import app.zumbido.formats.press.CoatedPress;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.contentstream.operator.Operator;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSNumber;
import org.apache.pdfbox.cos.COSString;
import org.apache.pdfbox.pdfparser.PDFStreamParser;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDStructureElement;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDStructureNode;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class GuidePdfTest {
    private static final ExampleAssets ASSETS = new ExampleAssets(Rgb.ofHex("0B2A4A"), Rgb.ofHex("F2682A"), 2.4);

    static byte[] screen(Guide guide) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        GuidePdf.write(guide, out);
        return out.toByteArray();
    }

    static byte[] press(Guide guide) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        GuidePress.write(guide, out);
        return out.toByteArray();
    }

    private static Guide ferries() {
        Brand brand = BrandExample.brand(
                        "Ostrel Ferries",
                        "Night channel 0B2A4A",
                        "Harbour teal 0F7C7A",
                        "Buoy orange F2682A",
                        "Sailcloth FFFFFF",
                        "Ink 000000")
                .apply(new LogoChange.SetForm(LogoForm.PRIMARY, new Drawn.OfFile(new UUID(5, 1), false), ""));
        return Guide.of(brand.look(), ASSETS);
    }

    private static String text(byte[] pdf) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return new PDFTextStripper().getText(document);
        }
    }

    /** Source of the rules: ISO 14289-1 and ISO 19005-2, as a validator of others has them. */
    @ParameterizedTest
    @ValueSource(ints = {0, 1, 2, 5, 8, 21})
    void bothDocumentsKeepToTheStandards(int seed) throws IOException {
        Guide guide = GuideOnPagesTest.guide(seed, false);
        for (byte[] pdf : new byte[][] {screen(guide), press(guide)}) {
            assertThat(PdfChecks.accessible(pdf)).isEmpty();
            assertThat(PdfChecks.archivable(pdf)).isEmpty();
        }
    }

    /** Otherwise the test above could not fail. */
    @Test
    void theValidatorRefusesAnOrdinaryDocument() throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (PDDocument document = new PDDocument()) {
            document.addPage(new PDPage());
            document.save(out);
        }
        assertThat(PdfChecks.accessible(out.toByteArray())).isNotEmpty();
        assertThat(PdfChecks.archivable(out.toByteArray())).isNotEmpty();
    }

    /** The validator does not see a lost heading. */
    @Test
    void tagsComeInTheOrderInWhichTheyAreRead() throws IOException {
        Guide guide = ferries();
        List<String> expected = new ArrayList<>();
        guide.layout()
                .pages()
                .forEach(page -> page.all()
                        .filter(part -> part.tag().isHeading())
                        .forEach(part -> expected.add(part.tag().name())));
        try (PDDocument document = Loader.loadPDF(screen(guide))) {
            List<String> types = new ArrayList<>();
            types(document.getDocumentCatalog().getStructureTreeRoot(), types);
            assertThat(types.stream().filter(type -> type.matches("H[1-6]"))).isEqualTo(expected);
            assertThat(types).startsWith("Document", "Sect", "Figure", "H1", "P");
            assertThat(types).containsSubsequence("H1", "TOC", "TOCI", "Link");
            assertThat(types).containsSubsequence("L", "LI", "LBody", "P");
            assertThat(types).containsSubsequence("Table", "TR", "TH", "TD");
        }
        assertThat(expected).startsWith("H1", "H1").contains("H2");
    }

    private static void types(PDStructureNode node, List<String> types) {
        for (Object kid : node.getKids()) {
            if (kid instanceof PDStructureElement element) {
                types.add(element.getStructureType());
                types(element, types);
            }
        }
    }

    @Test
    void textIsFoundAndReadInItsOrder() throws IOException {
        String text = text(screen(ferries()));
        assertThat(text)
                .containsSubsequence(
                        "Style guide", "Contents", "Logos", "Please do not", "Colours", "Night channel", "0B2A4A")
                .contains("Harbour teal", "15 124 122", "ABCDEFGHIJKLMNOPQRSTUVWXYZ");
    }

    @Test
    void aNameFromRightToLeftIsFound() throws IOException {
        Brand brand = BrandExample.brand("מעבורות אוסטרל", "Night channel 0B2A4A", "Harbour teal 0F7C7A");
        byte[] pdf = screen(Guide.of(brand.look(), ASSETS));
        assertThat(text(pdf)).contains("מעבורות אוסטרל");
        assertThat(PdfChecks.accessible(pdf)).isEmpty();
    }

    /** Every ticket on every page, where nothing is written on it. */
    @Test
    void everyColorIsItsSwatchToTheBit() throws IOException {
        Guide guide = ferries();
        try (PDDocument document = Loader.loadPDF(screen(guide))) {
            PDFRenderer renderer = new PDFRenderer(document);
            int seen = 0;
            for (Page page : guide.layout().pages()) {
                BufferedImage pdf = renderer.renderImage(page.number() - 1, 2);
                BufferedImage png = RasterPainter.draw(guide, page, 2, false);
                for (Part ticket :
                        page.all().filter(part -> part.tag() == Tag.ITEM).toList()) {
                    for (Mark mark : ticket.marks()) {
                        if (mark instanceof Mark.Fill fill) {
                            int x = (int) Math.round((fill.box().right() - 3) * 2);
                            int y = (int) Math.round((fill.box().y() + 3) * 2);
                            assertThat(pdf.getRGB(x, y) & 0xFFFFFF)
                                    .isEqualTo(fill.color().packed());
                            assertThat(png.getRGB(x, y) & 0xFFFFFF)
                                    .isEqualTo(fill.color().packed());
                            seen++;
                        }
                    }
                }
            }
            assertThat(seen).isGreaterThan(8);
        }
    }

    @Test
    void jpegIsOffByOneAtMost() throws IOException {
        Guide guide = ferries();
        int seen = 0;
        for (Page page : guide.layout().pages()) {
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            GuideJpeg.write(RasterPainter.draw(guide, page, 2, false), out);
            BufferedImage jpeg = ImageIO.read(new ByteArrayInputStream(out.toByteArray()));
            for (Mark mark : (Iterable<Mark>) page.drawn()::iterator) {
                // Where a block of eight pixels has no other colour in it.
                if (mark instanceof Mark.Fill fill
                        && fill.box().width() > 60
                        && fill.box().height() > 30) {
                    int x = (int) Math.round((fill.box().right() - 10) * 2);
                    int y = (int) Math.round((fill.box().y() + 10) * 2);
                    BufferedImage exact = RasterPainter.draw(guide, page, 2, false);
                    if (exact.getRGB(x, y) == (0xFF000000 | fill.color().packed())) {
                        int difference = 0;
                        for (int shift = 0; shift <= 16; shift += 8) {
                            difference = Math.max(
                                    difference,
                                    Math.abs((jpeg.getRGB(x, y) >> shift & 255)
                                            - (fill.color().packed() >> shift & 255)));
                        }
                        assertThat(difference).as(fill.color().hex()).isLessThanOrEqualTo(1);
                        seen++;
                    }
                }
            }
        }
        assertThat(seen).isGreaterThan(6);
    }

    private static List<Object> tokens(byte[] pdf) throws IOException {
        List<Object> tokens = new ArrayList<>();
        try (PDDocument document = Loader.loadPDF(pdf)) {
            for (PDPage page : document.getPages()) {
                tokens.addAll(new PDFStreamParser(page).parse());
            }
        }
        return tokens;
    }

    /** Source of the figures: the profile itself, which is held against another engine in its own test. */
    @Test
    void thePressGetsInksByTheProfileAndBlackAlone() throws IOException {
        List<Object> tokens = tokens(press(ferries()));
        List<List<Long>> inks = new ArrayList<>();
        for (int i = 0; i < tokens.size(); i++) {
            if (tokens.get(i) instanceof Operator operator) {
                assertThat(operator.getName()).isNotIn("rg", "RG", "g", "G");
                if (operator.getName().equals("k")) {
                    inks.add(tokens.subList(i - 4, i).stream()
                            .map(ink -> Math.round(((COSNumber) ink).floatValue() * 100.0))
                            .toList());
                }
            }
        }
        for (String hex : List.of("0B2A4A", "0F7C7A", "F2682A")) {
            Cmyk wanted = CoatedPress.instance().toCmyk(Rgb.ofHex(hex));
            assertThat(inks)
                    .contains(List.of(
                            Math.round(wanted.cyan() * 100),
                            Math.round(wanted.magenta() * 100),
                            Math.round(wanted.yellow() * 100),
                            Math.round(wanted.black() * 100)));
        }
        assertThat(inks).contains(List.of(0L, 0L, 0L, 100L), List.of(0L, 0L, 0L, 0L));
    }

    /** Source: ISO 15930-7, as far as it can be seen without a checker of it. */
    @Test
    void thePressKnowsWhereToCutAndWhatToPrintOn() throws IOException {
        try (PDDocument document = Loader.loadPDF(press(ferries()))) {
            PDPage page = document.getPage(0);
            assertThat(page.getTrimBox().getWidth()).isCloseTo(595.276f, within(0.01f));
            assertThat(page.getTrimBox().getHeight()).isCloseTo(841.89f, within(0.01f));
            assertThat(page.getTrimBox().getLowerLeftX() - page.getBleedBox().getLowerLeftX())
                    .isCloseTo(8.504f, within(0.001f));
            assertThat(page.getMediaBox().getWidth())
                    .isGreaterThan(page.getBleedBox().getWidth());
            assertThat(document.getDocumentCatalog().getOutputIntents())
                    .extracting(intent -> intent.getCOSObject().getNameAsString(COSName.S))
                    .containsExactlyInAnyOrder("GTS_PDFA1", "GTS_PDFX");
            assertThat(document.getDocumentInformation().getTrapped()).isEqualTo("False");
            assertThat(new String(document.getDocumentCatalog().getMetadata().toByteArray(), StandardCharsets.UTF_8))
                    .contains("PDF/X-4");
            // The cover is printed beyond the edge, so that no white shows where it is cut.
            BufferedImage image = new PDFRenderer(document).renderImage(0, 1);
            int beyond = Math.round(page.getTrimBox().getLowerLeftX() - 4);
            assertThat(image.getRGB(beyond, image.getHeight() / 2) & 0xFFFFFF).isNotEqualTo(0xFFFFFF);
        }
    }

    @Test
    void lettersAreKerned() throws IOException {
        boolean moved = false;
        for (Object token : tokens(screen(ferries()))) {
            if (token instanceof COSArray array && array.size() > 2) {
                boolean text = false;
                boolean back = false;
                for (COSBase part : array) {
                    text |= part instanceof COSString;
                    back |= part instanceof COSNumber;
                }
                moved |= text && back;
            }
        }
        assertThat(moved).isTrue();
    }

    @Test
    void theSameBrandMakesTheSameBytes() throws IOException {
        assertThat(screen(ferries())).isEqualTo(screen(ferries()));
        assertThat(press(ferries())).isEqualTo(press(ferries()));
    }

    /** A face whose file forbids it is drawn, and still found. Source: OpenType 1.9, fsType 2. */
    @Test
    void aFaceThatMustNotBeEmbeddedIsDrawnAndStillFound() throws IOException {
        FontFace locked = FontFile.read(forbidding(
                        ShippedFaces.family("Lora").orElseThrow().faces().get(0)))
                .get(0);
        Assets assets = new Assets() {
            @Override
            public Optional<FontFace> face(String family, int weight, boolean italic) {
                return Optional.of(locked);
            }
        };
        byte[] pdf = screen(Guide.of(BrandExample.ferries().look(), assets));
        assertThat(text(pdf)).contains("Night channel", "What stands on what");
        assertThat(PdfChecks.accessible(pdf)).isEmpty();
        assertThat(PdfChecks.archivable(pdf)).isEmpty();
        try (PDDocument document = Loader.loadPDF(pdf)) {
            for (PDPage page : document.getPages()) {
                for (COSName name : page.getResources().getFontNames()) {
                    assertThat(page.getResources().getFont(name).getName()).doesNotContain("Lora");
                }
            }
        }
    }

    private static byte[] forbidding(ShippedFaces.File file) {
        byte[] font = ShippedFaces.bytes(file.file());
        ByteBuffer bytes = ByteBuffer.wrap(font);
        for (int i = 0; i < bytes.getShort(4); i++) {
            int record = 12 + 16 * i;
            if (bytes.getInt(record) == 0x4F532F32) {
                bytes.putShort(bytes.getInt(record + 8) + 8, (short) 2);
            }
        }
        return font;
    }
}
