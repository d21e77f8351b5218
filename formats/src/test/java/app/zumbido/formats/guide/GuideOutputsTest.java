package app.zumbido.formats.guide;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.GuideChange;
import app.zumbido.core.brand.LogoChange;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.guide.GuideWords;
import app.zumbido.core.guide.Sheet;
import app.zumbido.core.guide.SheetFormat;
import app.zumbido.core.guide.Spacing;
import app.zumbido.core.logos.Drawn;
import app.zumbido.core.logos.LogoForm;
import app.zumbido.formats.BrandExample;
import app.zumbido.formats.delivery.DeliveryWriter;
import app.zumbido.formats.delivery.Order;
import app.zumbido.formats.delivery.PagePictures;
import app.zumbido.formats.delivery.PictureSize;
import app.zumbido.formats.office.slides.GuideDeck;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import org.apache.poi.xslf.usermodel.XMLSlideShow;
import org.apache.poi.xslf.usermodel.XSLFSlide;
import org.apache.poi.xslf.usermodel.XSLFTable;
import org.apache.poi.xslf.usermodel.XSLFTextShape;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Pictures, the page for the web and slides, read again by libraries of others. */
class GuideOutputsTest {
    private static final ExampleAssets ASSETS = new ExampleAssets(Rgb.ofHex("0B2A4A"), Rgb.ofHex("F2682A"), 2.4);

    private static byte[] written(DeliveryWriter writer, Brand brand, PagePictures pages) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        writer.write(new Order(brand.look(), ASSETS, PictureSize.USUAL, pages), out);
        return out.toByteArray();
    }

    private static BufferedImage picture(DeliveryWriter writer, PagePictures pages) throws IOException {
        return ImageIO.read(new ByteArrayInputStream(written(writer, BrandExample.ferries(), pages)));
    }

    static Stream<DeliveryWriter> writers() {
        return Stream.of(
                new GuidePdf(false),
                new GuidePdf(true),
                new GuidePress(),
                new GuideHtml(),
                new GuidePng(),
                new GuideJpeg(),
                new GuideDeck());
    }

    @ParameterizedTest
    @MethodSource("writers")
    void theSameBrandMakesTheSameBytes(DeliveryWriter writer) throws IOException {
        Brand brand = BrandExample.ferries();
        assertThat(written(writer, brand, PagePictures.USUAL)).isEqualTo(written(writer, brand, PagePictures.USUAL));
    }

    /** A4 is 794 by 1123 CSS pixels. */
    @Test
    void aPageIsAsLargeAsIsAsked() throws IOException {
        for (int scale = 1; scale <= PagePictures.MOST_SCALE; scale++) {
            BufferedImage image = picture(new GuidePng(), new PagePictures(scale, false, Optional.of(1)));
            assertThat(image.getWidth()).isEqualTo(Math.round(793.70 * scale));
            assertThat(image.getHeight()).isEqualTo(Math.round(1122.52 * scale));
        }
    }

    @Test
    void allPagesStandBeneathEachOther() throws IOException {
        Guide guide = Guide.of(BrandExample.ferries().look(), ASSETS);
        BufferedImage all = picture(new GuidePng(), new PagePictures(1, false, Optional.empty()));
        BufferedImage second = picture(new GuidePng(), new PagePictures(1, false, Optional.of(2)));
        assertThat(all.getHeight()).isEqualTo(1123 * guide.layout().pages().size());
        assertThat(all.getRGB(100, 1123 + 90)).isEqualTo(second.getRGB(100, 90));
    }

    @Test
    void withoutPaperTheGroundIsTransparent() throws IOException {
        BufferedImage image = picture(new GuidePng(), new PagePictures(1, true, Optional.of(2)));
        assertThat(image.getRGB(2, 2) >>> 24).isZero();
        assertThat(picture(new GuidePng(), new PagePictures(1, false, Optional.of(2)))
                                .getRGB(2, 2)
                        & 0xFFFFFF)
                .isEqualTo(0xFFFFFF);
    }

    /** JPEG knows no transparency. */
    @Test
    void aJpegIsAlwaysOnPaper() throws IOException {
        BufferedImage image = picture(new GuideJpeg(), new PagePictures(1, true, Optional.of(2)));
        assertThat(image.getRGB(2, 2)).isEqualTo(0xFFFFFFFF);
    }

    @Test
    void whatIsNotThereOrTooLargeIsSaid() {
        assertThatThrownBy(() -> picture(new GuidePng(), new PagePictures(1, false, Optional.of(99))))
                .isInstanceOf(NoSuchPageException.class)
                .hasMessageContaining("no page 99");
        assertThatThrownBy(() -> picture(new GuideJpeg(), new PagePictures(4, false, Optional.empty())))
                .isInstanceOf(TooManyPixelsException.class)
                .hasMessageContaining("one page at a time");
        assertThatThrownBy(() -> new PagePictures(5, false, Optional.empty()))
                .isInstanceOf(IllegalArgumentException.class);
    }

    /** A board of the widest kind, four times as large: drawn in pieces, and equal to what is drawn at once. */
    @Test
    void whatIsDrawnInPiecesIsDrawnAlike() throws IOException {
        Brand wide = BrandExample.ferries()
                .apply(new GuideChange.LayGuideOn(new Sheet(SheetFormat.BOARD, false, Spacing.EVEN, 1600)));
        BufferedImage pieces = ImageIO.read(
                new ByteArrayInputStream(written(new GuidePng(), wide, new PagePictures(1, false, Optional.empty()))));
        Guide guide = Guide.of(wide.look(), ASSETS);
        BufferedImage whole = RasterPainter.draw(guide, guide.layout().pages().get(0), 4 / 3.0, false);
        assertThat(pieces.getHeight()).isEqualTo(whole.getHeight()).isGreaterThan(4_000_000 / whole.getWidth());
        for (int y = 0; y < whole.getHeight(); y += 7) {
            for (int x = 0; x < whole.getWidth(); x += 5) {
                if (pieces.getRGB(x, y) != whole.getRGB(x, y)) {
                    assertThat(pieces.getRGB(x, y)).as("at %d, %d", x, y).isEqualTo(whole.getRGB(x, y));
                }
            }
        }
    }

    private static Document page(Brand brand) throws IOException {
        return Jsoup.parse(new String(written(new GuideHtml(), brand, PagePictures.USUAL), StandardCharsets.UTF_8));
    }

    @Test
    void thePageForTheWebIsReadableWithoutScriptsAndAsksForNothing() throws IOException {
        Document page = page(BrandExample.ferries()
                .apply(new LogoChange.SetForm(LogoForm.PRIMARY, new Drawn.OfFile(new UUID(5, 1), false), ""))
                .apply(new GuideChange.WordGuide(
                        new GuideWords("", "", "", "", "https://ostrel.example/files", "", ""))));
        assertThat(page.select("h1").eachText()).contains("Style guide", "Logos", "Colours", "Letters");
        assertThat(page.select("code").eachText()).contains("0B2A4A", "0F7C7A", "F2682A");
        assertThat(page.select("table th[scope=col]").eachText()).contains("Colour", "Hex", "RGB");
        assertThat(page.select("svg[role=img]"))
                .allMatch(figure -> !figure.attr("aria-label").isBlank());
        assertThat(page.select("a").eachAttr("href")).contains("https://ostrel.example/files");
        assertThat(page.select("link, script[src], img[src]")).isEmpty();
        for (Element used : page.select("use")) {
            assertThat(page.select("symbol[id=" + used.attr("href").substring(1) + "]"))
                    .hasSize(1);
        }
        assertThat(page.select("[id]").eachAttr("id")).doesNotHaveDuplicates();
    }

    @Test
    void hostileNamesStayNames() throws IOException {
        Document page = page(BrandExample.brand(
                "</style><script>alert(1)</script>", "\"><img src=x onerror=alert(1)> 0B2A4A", "Teal 0F7C7A"));
        assertThat(page.select("script")).hasSize(1);
        assertThat(page.select("img")).isEmpty();
        assertThat(page.text()).contains("<img src=x onerror=alert(1)>");
    }

    @Test
    void slidesHaveATitleEachAndTablesThatAreTables() throws IOException {
        byte[] file = written(new GuideDeck(), BrandExample.ferries(), PagePictures.USUAL);
        try (XMLSlideShow show = new XMLSlideShow(new ByteArrayInputStream(file))) {
            List<XSLFSlide> slides = show.getSlides();
            assertThat(slides).hasSizeGreaterThan(5);
            assertThat(slides.subList(1, slides.size()))
                    .extracting(XSLFSlide::getTitle)
                    .allSatisfy(title -> assertThat(title).isNotBlank());
            assertThat(slides).extracting(XSLFSlide::getTitle).contains("Colours", "Letters");
            assertThat(slides.stream()
                            .flatMap(slide -> slide.getShapes().stream())
                            .filter(XSLFTable.class::isInstance)
                            .map(table -> ((XSLFTable) table).getCell(0, 0).getText()))
                    .contains("Colour", "For");
            assertThat(slides.stream()
                            .flatMap(slide -> slide.getShapes().stream())
                            .filter(XSLFTextShape.class::isInstance)
                            .map(shape -> ((XSLFTextShape) shape).getText()))
                    .contains("0B2A4A", "Night channel");
        }
    }
}
