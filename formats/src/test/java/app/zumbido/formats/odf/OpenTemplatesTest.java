package app.zumbido.formats.odf;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.ThemedLook;
import app.zumbido.core.color.Rgb;
import app.zumbido.formats.BrandExample;
import app.zumbido.formats.delivery.Assets;
import app.zumbido.formats.delivery.DeliveryWriter;
import app.zumbido.formats.delivery.FontProgram;
import app.zumbido.formats.delivery.Order;
import app.zumbido.formats.fonts.ShippedFaces;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.odftoolkit.odfdom.doc.OdfDocument;
import org.odftoolkit.odfdom.doc.OdfPresentationDocument;
import org.odftoolkit.odfdom.doc.OdfTextDocument;
import org.odftoolkit.odfdom.dom.style.OdfStyleFamily;
import org.odftoolkit.odfdom.dom.style.props.OdfTextProperties;

class OpenTemplatesTest {
    private static final List<DeliveryWriter> WRITERS =
            List.of(new OpenPresentation(), new OpenText(), new OpenSheet());
    private static final Brand BRAND = BrandExample.brand(
            "Föhr & <Söhne> \"Nord\" \uD83D\uDEA2",
            "Kiln C2452D",
            "Ash 8C8C88",
            "Paper F6EFE2",
            "Soot 1E1B18",
            "Glaze 3E7CB1",
            "Moss 9BC53D");

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

    private static byte[] written(DeliveryWriter writer, Assets assets) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        writer.write(Order.of(BRAND.look(), assets), out);
        return out.toByteArray();
    }

    /** The validator of the toolkit, against the schemas of OpenDocument 1.3; it ends with another number on an error. */
    @Test
    void arePassedByTheValidator(@TempDir Path folder) throws Exception {
        List<String> command = new ArrayList<>(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-jar",
                "target/validators/odfvalidator.jar",
                "-w"));
        for (DeliveryWriter writer : WRITERS) {
            for (Assets assets : List.of(Assets.NONE, WITH_FONTS)) {
                Path file = folder.resolve(command.size() + writer.ending());
                Files.write(file, written(writer, assets));
                command.add(file.toString());
            }
        }
        Process validator =
                new ProcessBuilder(command).redirectErrorStream(true).start();
        String said = new String(validator.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(validator.waitFor(2, TimeUnit.MINUTES)).isTrue();
        assertThat(said).doesNotContain("Error:").doesNotContain("Warning:");
        assertThat(validator.exitValue()).isZero();
    }

    @Test
    void theValidatorFindsWhatIsWrong(@TempDir Path folder) throws Exception {
        Path file = folder.resolve("wrong.ott");
        OdfZip zip = new OdfZip("application/vnd.oasis.opendocument.text-template");
        zip.put(
                "content.xml",
                "document-content",
                "<office:body><office:text><text:nonsense/></office:text></office:body>");
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        zip.write(out);
        Files.write(file, out.toByteArray());
        Process validator = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-jar",
                        "target/validators/odfvalidator.jar",
                        file.toString())
                .redirectErrorStream(true)
                .start();
        assertThat(new String(validator.getInputStream().readAllBytes(), StandardCharsets.UTF_8))
                .contains("Error:");
    }

    @Test
    void presentationHasTheLayoutsAsMasterPages() throws Exception {
        try (OdfDocument opened = OdfPresentationDocument.loadDocument(
                new ByteArrayInputStream(written(new OpenPresentation(), Assets.NONE)))) {
            List<String> masters = opened.getOfficeMasterStyles().getMasterPages().values().stream()
                    .map(page -> page.getStyleDisplayNameAttribute())
                    .toList();
            assertThat(masters).hasSize(12).contains("Title", "Key message", "Text over a picture", "Dark");
        }
    }

    @Test
    void textHasTheStylesOfTheBrand() throws Exception {
        ThemedLook look = ThemedLook.onPaper(BRAND.look());
        try (OdfTextDocument opened =
                OdfTextDocument.loadDocument(new ByteArrayInputStream(written(new OpenText(), Assets.NONE)))) {
            var heading = opened.getStylesDom().getOfficeStyles().getStyle("Heading_20_1", OdfStyleFamily.Paragraph);
            Rgb wanted = look.inks(look.page()).heading().in(look.colors());
            assertThat(heading.getProperty(OdfTextProperties.Color))
                    .isEqualTo(wanted.hex().toLowerCase(Locale.ROOT));
            assertThat(heading.getProperty(OdfTextProperties.FontName))
                    .isEqualTo(BRAND.type().pair().heading().name());
            assertThat(opened.getStylesDom().getOfficeStyles().getStyle("Callout", OdfStyleFamily.Paragraph))
                    .isNotNull();
        }
    }

    @Test
    void areTheSameEveryTime() throws IOException {
        for (DeliveryWriter writer : WRITERS) {
            assertThat(written(writer, WITH_FONTS)).isEqualTo(written(writer, WITH_FONTS));
        }
    }
}
