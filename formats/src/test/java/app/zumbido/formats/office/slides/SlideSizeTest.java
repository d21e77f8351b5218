package app.zumbido.formats.office.slides;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.data.Offset.offset;

import app.zumbido.formats.BrandExample;
import app.zumbido.formats.layouts.SlideSize;
import app.zumbido.formats.office.OfficeSchemas;
import java.awt.Dimension;
import java.awt.geom.Rectangle2D;
import java.io.ByteArrayInputStream;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.apache.poi.xslf.usermodel.XMLSlideShow;
import org.apache.poi.xslf.usermodel.XSLFSheet;
import org.apache.poi.xslf.usermodel.XSLFSlideMaster;
import org.apache.xmlbeans.XmlError;
import org.apache.xmlbeans.XmlOptions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.openxmlformats.schemas.presentationml.x2006.main.PresentationDocument;

/** The template in both sizes, opened by the OOXML library; lengths in points. */
class SlideSizeTest {
    private static byte[] template(SlideSize size) {
        return BrandExample.written(new PresentationTemplate(size), BrandExample.ferries());
    }

    private static List<XSLFSheet> sheets(XMLSlideShow show) {
        XSLFSlideMaster master = show.getSlideMasters().get(0);
        List<XSLFSheet> sheets = new ArrayList<>(List.of(master));
        sheets.addAll(Arrays.asList(master.getSlideLayouts()));
        return sheets;
    }

    @ParameterizedTest
    @CsvSource({"WIDE, 960", "STANDARD, 720"})
    void keepsEverythingOnTheSlideWithinItsMargins(SlideSize size, int width) throws Exception {
        try (XMLSlideShow show = new XMLSlideShow(new ByteArrayInputStream(template(size)))) {
            assertThat(show.getPageSize()).isEqualTo(new Dimension(width, 540));
            for (XSLFSheet sheet : sheets(show)) {
                sheet.getShapes().forEach(shape -> {
                    Rectangle2D place = shape.getAnchor();
                    boolean bleeds = place.getX() == 0 || Math.abs(place.getMaxX() - width) < 0.01;
                    // A margin of half an inch and more, and nothing beyond the slide.
                    assertThat(place.getMaxX() <= width + 0.01 && place.getMaxY() <= 540.01)
                            .as(shape.getShapeName() + " at " + place)
                            .isTrue();
                    assertThat(bleeds || place.getX() >= 35.9 && place.getMaxX() <= width - 35.9)
                            .as(shape.getShapeName() + " at " + place)
                            .isTrue();
                });
            }
        }
    }

    @Test
    void leavesDateFooterAndNumberApart() throws Exception {
        try (XMLSlideShow show = new XMLSlideShow(new ByteArrayInputStream(template(SlideSize.STANDARD)))) {
            List<Rectangle2D> row = show.getSlideMasters().get(0).getShapes().stream()
                    .filter(shape -> List.of("Date", "Footer", "Slide number").contains(shape.getShapeName()))
                    .map(shape -> shape.getAnchor())
                    .toList();
            assertThat(row).hasSize(3);
            // Date at the right, then the footer, then the number: in the order of shapes.
            assertThat(row.get(2).getX()).isCloseTo(48, offset(0.01));
            assertThat(row.get(2).getMaxX()).isLessThanOrEqualTo(row.get(1).getX());
            assertThat(row.get(1).getMaxX()).isLessThan(row.get(0).getX());
        }
    }

    /** Source of the type of size: ECMA-376 Part 1, 19.7.18. */
    @Test
    void saysItsSizeInThePartAndInItsName() throws Exception {
        Map<String, byte[]> parts = OfficeSchemas.parts(template(SlideSize.STANDARD));
        PresentationDocument presentation =
                PresentationDocument.Factory.parse(new ByteArrayInputStream(parts.get("ppt/presentation.xml")));
        List<XmlError> errors = new ArrayList<>();
        presentation.validate(new XmlOptions().setErrorListener(errors));
        assertThat(errors).isEmpty();
        assertThat(presentation.getPresentation().getSldSz().getType()).hasToString("screen4x3");
        PresentationTemplate standard = new PresentationTemplate(SlideSize.STANDARD);
        assertThat(standard.ending()).isEqualTo("-4x3.potx");
        assertThat(standard.kind()).isEqualTo("presentation-standard");
        assertThat(template(SlideSize.STANDARD)).isEqualTo(template(SlideSize.STANDARD));
    }
}
