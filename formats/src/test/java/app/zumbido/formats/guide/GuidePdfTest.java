package app.zumbido.formats.guide;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class GuidePdfTest {
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

    /** Source of the rules: ISO 14289-1 and ISO 19005-2, as the validator of the PDF Association's members has them. */
    @ParameterizedTest
    @ValueSource(ints = {0, 1, 2, 3, 5, 8, 13, 21, 34})
    void bothDocumentsKeepToTheStandards(int seed) throws IOException {
        Guide guide = GuideOnPagesTest.guide(seed, false);
        for (byte[] pdf : new byte[][] {screen(guide), press(guide)}) {
            assertThat(PdfChecks.accessible(pdf)).isEmpty();
            assertThat(PdfChecks.archivable(pdf)).isEmpty();
        }
    }
}
