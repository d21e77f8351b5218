package app.zumbido.formats.office.slides;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.data.Offset.offset;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.logos.LogoForm;
import app.zumbido.formats.BrandExample;
import app.zumbido.formats.delivery.Assets;
import app.zumbido.formats.delivery.LogoPicture;
import app.zumbido.formats.delivery.Order;
import app.zumbido.formats.image.PngImage;
import app.zumbido.formats.layouts.SlideSize;
import app.zumbido.formats.office.OfficeSchemas;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import javax.imageio.ImageIO;
import org.apache.poi.xslf.usermodel.XMLSlideShow;
import org.apache.poi.xslf.usermodel.XSLFPictureShape;
import org.apache.poi.xslf.usermodel.XSLFShapeContainer;
import org.apache.poi.xslf.usermodel.XSLFSlideLayout;
import org.apache.poi.xslf.usermodel.XSLFSlideMaster;
import org.junit.jupiter.api.Test;

/** The template with a logo, opened by the OOXML library as programs open it. */
class SlideLogosTest {
    /** Twice as wide as high; painted in the ground that it was asked for, so that a mix-up is seen. */
    private record AskedFor(Rgb ground) implements LogoPicture {
        @Override
        public double ratio() {
            return 2;
        }

        @Override
        public byte[] svg() {
            return "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 2 1\"/>".getBytes(StandardCharsets.UTF_8);
        }

        @Override
        public byte[] png(int width) {
            BufferedImage image = new BufferedImage(width, width / 2, BufferedImage.TYPE_INT_ARGB);
            image.setRGB(0, 0, 0xFF000000 | ground.red() << 16 | ground.green() << 8 | ground.blue());
            return PngImage.encode(image);
        }
    }

    /** A brand whose logo comes in these forms. */
    private record Logos(List<LogoForm> forms) implements Assets {
        @Override
        public Optional<LogoPicture> logoOn(LogoForm form, Rgb ground) {
            return forms.contains(form) ? Optional.of(new AskedFor(ground)) : Optional.empty();
        }
    }

    private static byte[] template(LogoForm... forms) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        Order order = Order.of(BrandExample.ferries().look(), new Logos(List.of(forms)));
        new PresentationTemplate(SlideSize.WIDE).write(order, out);
        return out.toByteArray();
    }

    private static List<XSLFPictureShape> pictures(XSLFShapeContainer on) {
        List<XSLFPictureShape> pictures = new ArrayList<>();
        on.getShapes().forEach(shape -> {
            if (shape instanceof XSLFPictureShape picture) {
                pictures.add(picture);
            }
        });
        return pictures;
    }

    private static int firstPixel(XSLFPictureShape picture) throws IOException {
        return ImageIO.read(new ByteArrayInputStream(picture.getPictureData().getData()))
                .getRGB(0, 0);
    }

    private static XSLFSlideLayout layout(XSLFSlideMaster master, String name) {
        return Arrays.stream(master.getSlideLayouts())
                .filter(layout -> layout.getName().equals(name))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void standsInTheCornerOnTheTitleAndOnTheOtherGround() throws Exception {
        try (XMLSlideShow show =
                new XMLSlideShow(new ByteArrayInputStream(template(LogoForm.PRIMARY, LogoForm.SUBMARK)))) {
            XSLFSlideMaster master = show.getSlideMasters().get(0);
            XSLFSlideLayout title = layout(master, "Title");
            XSLFSlideLayout turned = layout(master, "Dark");
            int dark = 0xFF000000 | 0x0B2A4A;
            assertThat(firstPixel(pictures(master).get(0))).isEqualTo(0xFFFFFFFF);
            assertThat(firstPixel(pictures(title).get(0))).isEqualTo(dark);
            assertThat(firstPixel(pictures(turned).get(0))).isEqualTo(dark);
            for (XSLFShapeContainer on : List.<XSLFShapeContainer>of(master, title, turned)) {
                XSLFPictureShape logo = pictures(on).get(0);
                // Its proportions are kept, and it stays on the slide: 960 x 540 points.
                assertThat(logo.getAnchor().getWidth() / logo.getAnchor().getHeight())
                        .isCloseTo(2, offset(0.01));
                assertThat(logo.getAnchor().getMaxX()).isLessThan(960);
                assertThat(logo.getAnchor().getMaxY()).isLessThan(540);
                assertThat(logo.getSvgImage()).isNotNull();
            }
            assertThat(pictures(title).get(0).getAnchor().getHeight())
                    .isGreaterThan(pictures(master).get(0).getAnchor().getHeight());
        }
    }

    @Test
    void staysAwayWithoutALogo() throws Exception {
        try (XMLSlideShow show = new XMLSlideShow(new ByteArrayInputStream(template()))) {
            assertThat(pictures(show.getSlideMasters().get(0))).isEmpty();
            assertThat(show.getPictureData()).isEmpty();
        }
    }

    @Test
    void isValidAgainstTheSchemasAndTheSameEveryTime() throws Exception {
        byte[] file = template(LogoForm.PRIMARY);
        assertThat(file).isEqualTo(template(LogoForm.PRIMARY));
        assertThat(OfficeSchemas.errors(file)).isEmpty();
    }
}
