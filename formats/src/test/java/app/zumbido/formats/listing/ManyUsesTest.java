package app.zumbido.formats.listing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.zumbido.formats.existing.ExistingFile;
import app.zumbido.formats.image.UnreadableImageException;
import app.zumbido.formats.image.UnreadableImageException.Reason;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;

/** Files of some hundred kilobytes that say more than anybody can hold. */
class ManyUsesTest {
    private static final String OFFICE = "http://schemas.openxmlformats.org/";

    private static void put(ZipOutputStream zip, String name, String content) throws IOException {
        zip.putNextEntry(new ZipEntry(name));
        zip.write(content.getBytes(StandardCharsets.UTF_8));
        zip.closeEntry();
    }

    private static byte[] document(int paragraphs) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            put(
                    zip,
                    "[Content_Types].xml",
                    "<Types xmlns='" + OFFICE + "package/2006/content-types'><Default Extension='xml'"
                            + " ContentType='application/xml'/></Types>");
            put(
                    zip,
                    "_rels/.rels",
                    "<Relationships xmlns='" + OFFICE + "package/2006/relationships'><Relationship Id='r1' Type='"
                            + OFFICE + "officeDocument/2006/relationships/officeDocument' Target='document.xml'/>"
                            + "</Relationships>");
            put(
                    zip,
                    "document.xml",
                    "<w:document xmlns:w='" + OFFICE + "wordprocessingml/2006/main'><w:body>"
                            + "<w:p><w:r><w:rPr><w:color w:val='FF0000'/></w:rPr><w:t>a</w:t></w:r></w:p>"
                                    .repeat(paragraphs)
                            + "</w:body></w:document>");
        }
        return out.toByteArray();
    }

    private static boolean isTooLarge(Throwable thrown) {
        return thrown instanceof UnreadableImageException unreadable && unreadable.reason() == Reason.TOO_LARGE;
    }

    @Test
    void areRefusedBeforeTheyFillTheMemory() throws IOException {
        byte[] file = document(420_000);
        assertThat(file).hasSizeLessThan(1_000_000);
        assertThatThrownBy(() -> ListedFile.read(file)).matches(ManyUsesTest::isTooLarge, "is too large");
        try (ExistingFile existing = ExistingFile.open(file)) {
            assertThatThrownBy(existing::findings).matches(ManyUsesTest::isTooLarge, "is too large");
        }
    }

    @Test
    void areTakenAsLongAsTheyCanBeHeld() throws IOException {
        byte[] file = document(20_000);
        assertThat(ListedFile.read(file)).isPresent();
        try (ExistingFile existing = ExistingFile.open(file)) {
            assertThat(existing.findings().uses()).hasSizeGreaterThanOrEqualTo(20_000);
        }
    }

    private static byte[] page(int elements, int different) {
        StringBuilder html = new StringBuilder("<html><body>");
        for (int i = 0; i < elements; i++) {
            html.append("<p style='color:#%06X'>".formatted(i % different));
        }
        return html.toString().getBytes(StandardCharsets.UTF_8);
    }

    /** What stands at every element of a page is read once, and no page means so many. */
    @Test
    void styleAttributesAreReadOnceEach() {
        assertThat(ListedFile.read(page(250_000, 3)))
                .get()
                .satisfies(listed -> assertThat(listed.inventory().colors()).hasSize(3));
        assertThatThrownBy(() -> ListedFile.read(page(30_000, 30_000)))
                .matches(ManyUsesTest::isTooLarge, "is too large");
    }
}
