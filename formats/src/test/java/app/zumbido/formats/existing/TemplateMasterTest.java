package app.zumbido.formats.existing;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.brand.Look;
import app.zumbido.formats.existing.TemplateMaster.Obstacle;
import app.zumbido.formats.image.UnreadableImageException;
import app.zumbido.formats.office.OfficeSchemas;
import java.awt.Dimension;
import java.awt.geom.Rectangle2D;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.apache.poi.sl.usermodel.Placeholder;
import org.apache.poi.xslf.usermodel.XMLSlideShow;
import org.apache.poi.xslf.usermodel.XSLFShape;
import org.apache.poi.xslf.usermodel.XSLFSheet;
import org.apache.poi.xslf.usermodel.XSLFSimpleShape;
import org.apache.poi.xslf.usermodel.XSLFSlide;
import org.apache.poi.xslf.usermodel.XSLFSlideLayout;
import org.apache.poi.xslf.usermodel.XSLFSlideMaster;
import org.apache.poi.xslf.usermodel.XSLFTextShape;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.openxmlformats.schemas.presentationml.x2006.main.CTShape;

/** Decks on the master of a template instead of their own, read by libraries that did not write them. */
class TemplateMasterTest {
    private static PlantingBrands brand;
    private static byte[] deck;

    @BeforeAll
    static void made() throws IOException {
        brand = PlantingBrands.of(new Random(3));
        deck = EveningVisits.deck();
    }

    private static Look look() {
        return brand.brand().look();
    }

    private static byte[] moved(byte[] content, Set<String> kept) {
        try (ExistingFile file = ExistingFile.open(content)) {
            return TemplateMaster.under(file, look(), brand.assets(), kept);
        }
    }

    private static XMLSlideShow open(byte[] content) throws IOException {
        return new XMLSlideShow(new ByteArrayInputStream(content));
    }

    private static String text(XMLSlideShow show) {
        StringBuilder all = new StringBuilder();
        for (XSLFSlide slide : show.getSlides()) {
            slide.getShapes().stream()
                    .filter(XSLFTextShape.class::isInstance)
                    .map(XSLFTextShape.class::cast)
                    .forEach(shape -> all.append(shape.getText()).append('\n'));
        }
        return all.toString();
    }

    private static Set<String> newErrors(byte[] before, byte[] after) {
        Set<String> errors = new HashSet<>(OfficeSchemas.errors(after));
        errors.removeAll(OfficeSchemas.errors(before));
        return errors;
    }

    @Test
    void leavesOneMasterTheBrandsAndEveryWord() throws IOException {
        byte[] after = moved(deck, Set.of());
        assertThat(newErrors(deck, after)).isEmpty();
        try (XMLSlideShow before = open(deck);
                XMLSlideShow now = open(after)) {
            assertThat(now.getSlideMasters()).hasSize(1);
            assertThat(now.getSlideMasters().get(0).getTheme().getName())
                    .isEqualTo(look().theme().name());
            assertThat(now.getPageSize()).isEqualTo(before.getPageSize());
            assertThat(text(now)).isEqualTo(text(before));
            // The old look had the same kinds of layouts, so each page finds its own again.
            assertThat(layouts(now)).isEqualTo(layouts(before));
        }
        // Nothing of the old masters is left in the file, nor anything that nobody refers to.
        assertThat(OfficeSchemas.parts(after).keySet())
                .filteredOn(part -> part.matches("ppt/(slideMasters|slideLayouts|theme)/[^_].*"))
                .allMatch(part -> part.contains("/brand1-"));
    }

    private static List<String> layouts(XMLSlideShow show) {
        return show.getSlides().stream()
                .map(slide -> slide.getSlideLayout().getName())
                .toList();
    }

    @Test
    void keepsAMasterThatIsLeftWithItsPages() throws IOException {
        String night;
        try (ExistingFile file = ExistingFile.open(deck)) {
            night = file.slides().orElseThrow().masters().entrySet().stream()
                    .filter(master -> master.getValue().equals("Old night"))
                    .findFirst()
                    .orElseThrow()
                    .getKey();
        }
        byte[] after = moved(deck, Set.of(night));
        assertThat(newErrors(deck, after)).isEmpty();
        try (XMLSlideShow now = open(after)) {
            assertThat(now.getSlideMasters())
                    .extracting(TemplateMasterTest::part)
                    .hasSize(2)
                    .contains(night);
            assertThat(now.getSlides())
                    .filteredOn(slide -> part(slide.getSlideMaster()).equals(night))
                    .hasSize(3);
        }
    }

    private static String part(XSLFSlideMaster master) {
        return master.getPackagePart().getPartName().getName().substring(1);
    }

    /** A placeholder that the template lacks keeps its place; one that nobody moved takes the new layout's. */
    @Test
    void placesWhatNobodyMovedAndLeavesTheRestWhereItWas() throws IOException {
        byte[] before;
        try (XMLSlideShow show = open(EveningVisits.deck())) {
            XSLFSlideLayout content = layout(show, "Content");
            for (int more = 0; more < 5; more++) {
                XSLFTextShape body = content.createTextBox();
                body.setAnchor(new Rectangle2D.Double(20 + 130 * more, 400, 120, 60));
                body.setPlaceholder(Placeholder.BODY);
                ((CTShape) body.getXmlObject()).getNvSpPr().getNvPr().getPh().setIdx(40 + more);
            }
            XSLFSlide slide = show.createSlide(content);
            slide.getPlaceholder(3).setAnchor(new Rectangle2D.Double(40, 300, 200, 90));
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            show.write(out);
            before = out.toByteArray();
        }
        byte[] after = moved(before, Set.of());
        assertThat(newErrors(before, after)).isEmpty();
        try (XMLSlideShow earlier = open(before);
                XMLSlideShow now = open(after)) {
            XSLFSlide old = earlier.getSlides().get(earlier.getSlides().size() - 1);
            XSLFSlide anew = now.getSlides().get(now.getSlides().size() - 1);
            assertThat(title(anew).getAnchor())
                    .isEqualTo(title(anew.getSlideLayout()).getAnchor());
            assertThat(anew.getPlaceholder(3).getAnchor()).isEqualTo(new Rectangle2D.Double(40, 300, 200, 90));
            List<XSLFTextShape> stayed = Arrays.stream(anew.getPlaceholders())
                    .filter(shape -> ((CTShape) shape.getXmlObject()).getSpPr().isSetXfrm())
                    .toList();
            assertThat(stayed).hasSizeGreaterThan(3);
            for (XSLFTextShape shape : stayed) {
                Optional<XSLFTextShape> was = Arrays.stream(old.getPlaceholders())
                        .filter(other -> other.getShapeId() == shape.getShapeId())
                        .findFirst();
                assertThat(shape.getAnchor()).isEqualTo(was.orElseThrow().getAnchor());
            }
        }
    }

    private static XSLFSlideLayout layout(XMLSlideShow show, String name) {
        return List.of(show.getSlideMasters().get(0).getSlideLayouts()).stream()
                .filter(layout -> layout.getName().equals(name))
                .findFirst()
                .orElseThrow();
    }

    private static XSLFTextShape title(XSLFSheet sheet) {
        return Arrays.stream(sheet.getPlaceholders())
                .filter(shape -> shape.getTextType() == Placeholder.TITLE)
                .findFirst()
                .orElseThrow();
    }

    /** Ten inches by 5.625: as wide as high as the template, and smaller. */
    @Test
    void comesInTheMeasuresOfTheFile() throws IOException {
        byte[] small = empty(new Dimension(720, 405));
        try (XMLSlideShow now = open(moved(small, Set.of()))) {
            assertThat(now.getPageSize()).isEqualTo(new Dimension(720, 405));
            Rectangle2D page = new Rectangle2D.Double(-0.5, -0.5, 721, 406);
            for (XSLFSlideLayout layout : now.getSlideMasters().get(0).getSlideLayouts()) {
                for (XSLFShape shape : layout.getShapes()) {
                    assertThat(page.contains(((XSLFSimpleShape) shape).getAnchor()))
                            .as(layout.getName() + " " + shape.getShapeName())
                            .isTrue();
                }
            }
        }
    }

    private static byte[] empty(Dimension size) throws IOException {
        try (XMLSlideShow show = new XMLSlideShow()) {
            show.setPageSize(size);
            show.createSlide();
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            show.write(out);
            return out.toByteArray();
        }
    }

    @Test
    void saysWhatStandsInTheWay() throws IOException {
        try (ExistingFile tall = ExistingFile.open(empty(new Dimension(540, 720)));
                ExistingFile usual = ExistingFile.open(deck)) {
            assertThat(TemplateMaster.obstacle(tall)).contains(Obstacle.OTHER_PROPORTIONS);
            assertThat(TemplateMaster.obstacle(usual)).isEmpty();
        }
    }

    @Test
    void movesDecksThatNobodyHereWrote() throws IOException {
        int tried = 0;
        for (Map.Entry<String, byte[]> entry : RealFiles.office().entrySet()) {
            Optional<byte[]> result = movedIfPossible(entry.getValue());
            if (result.isEmpty()) {
                continue;
            }
            tried++;
            byte[] after = result.get();
            assertThat(newErrors(entry.getValue(), after)).as(entry.getKey()).isEmpty();
            assertThat(OtherReaders.isReadByDocx4j(after))
                    .as(entry.getKey())
                    .isEqualTo(OtherReaders.isReadByDocx4j(entry.getValue()));
            if (OtherReaders.isReadByPoi(entry.getKey(), entry.getValue())) {
                try (XMLSlideShow before = open(entry.getValue());
                        XMLSlideShow now = open(after)) {
                    assertThat(text(now)).as(entry.getKey()).isEqualTo(text(before));
                    assertThat(now.getSlideMasters()).as(entry.getKey()).hasSize(1);
                }
            }
        }
        assertThat(tried).isGreaterThan(15);
    }

    private static Optional<byte[]> movedIfPossible(byte[] content) {
        try (ExistingFile file = ExistingFile.open(content)) {
            return TemplateMaster.obstacle(file).isPresent()
                    ? Optional.empty()
                    : Optional.of(TemplateMaster.under(file, look(), brand.assets(), Set.of()));
        } catch (UnreadableImageException e) {
            return Optional.empty();
        }
    }
}
