package app.zumbido.formats.pdf;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.image.Pixels;
import app.zumbido.core.type.NamedFonts;
import app.zumbido.formats.fonts.ShippedFaces;
import app.zumbido.formats.image.UnreadableImageException;
import java.awt.Color;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.util.Arrays;
import java.util.Random;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.common.PDStream;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.apache.pdfbox.pdmodel.font.PDType1Font;
import org.apache.pdfbox.pdmodel.font.Standard14Fonts.FontName;
import org.junit.jupiter.api.Test;

class PdfFileTest {
    private static byte[] manual() throws IOException {
        try (PDDocument document = new PDDocument()) {
            for (int page = 0; page < 2; page++) {
                document.addPage(new PDPage(PDRectangle.A4));
                try (PDPageContentStream content = new PDPageContentStream(document, document.getPage(page))) {
                    content.setNonStrokingColor(new Color(page == 0 ? 0x0F7C7A : 0xF2682A));
                    content.addRect(100, 500, 200, 200);
                    content.fill();
                    content.beginText();
                    content.setFont(new PDType1Font(FontName.HELVETICA), 12);
                    content.setNonStrokingColor(Color.BLACK);
                    content.newLineAtOffset(100, 480);
                    content.showText(page == 0 ? "Harbour teal #0F7C7A" : "Buoy orange RGB 242 104 42");
                    content.endText();
                }
            }
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            document.save(bytes);
            return bytes.toByteArray();
        }
    }

    /** Only what the file brings along is a choice; its subsets are named with six letters before. */
    @Test
    void tellsWhatItsTextIsSetIn() throws IOException {
        byte[] file;
        try (PDDocument document = new PDDocument()) {
            document.addPage(new PDPage(PDRectangle.A4));
            try (PDPageContentStream content = new PDPageContentStream(document, document.getPage(0))) {
                show(content, PDType0Font.load(document, font("zilla-slab-700")), 36, 700, "Our letters");
                show(content, PDType0Font.load(document, font("source-sans-3-400")), 11, 600, "Set in two faces");
                show(content, new PDType1Font(FontName.HELVETICA), 8, 100, "Page 1 of 1");
            }
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            document.save(bytes);
            file = bytes.toByteArray();
        }
        assertThat(PdfFile.read(file).setIn())
                .containsExactlyInAnyOrder(
                        new NamedFonts.SetText("Zilla Slab", 36, 11), new NamedFonts.SetText("Source Sans 3", 11, 16));
        assertThat(PdfFonts.family("ABCDEF+HarbourSlab-SemiBoldItalic")).isEqualTo("Harbour Slab");
        assertThat(PdfFonts.family("TimesNewRomanPSMT")).isEqualTo("Times New Roman");
        assertThat(PdfFonts.family("QuayText,Bold")).isEqualTo("Quay Text");
    }

    private static InputStream font(String id) {
        return new ByteArrayInputStream(ShippedFaces.bytes(id + ".ttf"));
    }

    private static void show(PDPageContentStream content, PDFont font, float size, float y, String text)
            throws IOException {
        content.beginText();
        content.setFont(font, size);
        content.newLineAtOffset(60, y);
        content.showText(text);
        content.endText();
    }

    @Test
    void drawsEachPageAndReadsItsTextAndPaints() throws IOException {
        byte[] file = manual();
        assertThat(PdfFile.isPdf(file)).isTrue();
        PdfFile pdf = PdfFile.read(file);
        assertThat(pdf.pages()).hasSize(2);
        Pixels page = pdf.draw(0);
        assertThat(page.height()).isEqualTo(1600);
        assertThat(page.at(page.width() / 3, page.height() / 3) & 0xFFFFFF).isEqualTo(0x0F7C7A);
        assertThat(page.at(2, 2)).isEqualTo(0xFFFFFFFF);
        assertThat(pdf.text(1)).contains("Buoy orange RGB 242 104 42").doesNotContain("Harbour teal");
        assertThat(pdf.text()).containsSubsequence("Harbour teal", "Buoy orange");
        assertThat(pdf.paints(1)).containsExactly(Rgb.ofHex("F2682A"));
    }

    @Test
    void saysWhatIsWrongWithADamagedFile() throws IOException {
        byte[] good = manual();
        Random random = new Random(5);
        int read = 0;
        int refused = 0;
        for (int i = 0; i < 60; i++) {
            byte[] file = i % 2 == 0 ? Arrays.copyOf(good, random.nextInt(good.length)) : good.clone();
            if (i % 2 == 1) {
                file[random.nextInt(file.length)] ^= (byte) (1 << random.nextInt(8));
            }
            try {
                PdfFile pdf = PdfFile.read(file);
                assertThat(pdf.draw(0).count()).isPositive();
                assertThat(pdf.text(0)).isNotNull();
                read++;
            } catch (UnreadableImageException e) {
                assertThat(e.getMessage()).startsWith("The PDF cannot be read");
                refused++;
            }
        }
        assertThat(read).as("a single turned bit is seldom noticed").isGreaterThan(10);
        assertThat(refused).as("a file cut short often is").isGreaterThan(5);
        assertThatThrownBy(() -> PdfFile.read("%PDF-1.7 nothing".getBytes()))
                .isInstanceOf(UnreadableImageException.class);
    }

    @Test
    void refusesAPageThatUnpacksToTooMuch() throws IOException {
        byte[] file;
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
            PDPage page = new PDPage();
            document.addPage(page);
            PDStream content = new PDStream(document);
            try (OutputStream out = content.createOutputStream(COSName.FLATE_DECODE)) {
                byte[] blanks = new byte[1 << 20];
                Arrays.fill(blanks, (byte) ' ');
                for (int megabyte = 0; megabyte <= 100; megabyte++) {
                    out.write(blanks);
                }
            }
            page.setContents(content);
            document.save(bytes);
            file = bytes.toByteArray();
        }
        assertThat(file.length).isLessThan(1 << 20);
        assertThatThrownBy(() -> PdfFile.read(file))
                .isInstanceOf(UnreadableImageException.class)
                .hasMessageContaining("unpacks to more than 100 MB");
    }
}
