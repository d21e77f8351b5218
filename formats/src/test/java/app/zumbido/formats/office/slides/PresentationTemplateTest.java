package app.zumbido.formats.office.slides;

import static app.zumbido.formats.office.OfficeSchemas.parts;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.BrandChange;
import app.zumbido.core.brand.TemplateDesign;
import app.zumbido.core.brand.ThemeChange;
import app.zumbido.core.brand.ThemedLook;
import app.zumbido.core.brand.ThemesChange;
import app.zumbido.core.brand.TypeChange;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.logos.Corner;
import app.zumbido.core.theme.PageGround;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.core.theme.TintStep;
import app.zumbido.core.theme.Turning;
import app.zumbido.core.type.Capitals;
import app.zumbido.core.type.Face;
import app.zumbido.core.type.FaceKind;
import app.zumbido.core.type.FaceMetrics;
import app.zumbido.core.type.Lettering;
import app.zumbido.core.type.Place;
import app.zumbido.core.type.Sizes;
import app.zumbido.core.type.StandIn;
import app.zumbido.core.type.TypeRole;
import app.zumbido.formats.BrandExample;
import app.zumbido.formats.delivery.Assets;
import app.zumbido.formats.delivery.DeliveryWriter;
import app.zumbido.formats.delivery.Letters;
import app.zumbido.formats.delivery.Obstacle;
import app.zumbido.formats.delivery.Order;
import app.zumbido.formats.layouts.SlideSize;
import app.zumbido.formats.office.OfficeSchemas;
import java.awt.Color;
import java.awt.Dimension;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.apache.poi.xslf.usermodel.XMLSlideShow;
import org.apache.poi.xslf.usermodel.XSLFAutoShape;
import org.docx4j.dml.CTColorScheme;
import org.docx4j.dml.STColorSchemeIndex;
import org.docx4j.dml.STTextCapsType;
import org.docx4j.openpackaging.packages.PresentationMLPackage;
import org.docx4j.openpackaging.parts.PartName;
import org.docx4j.openpackaging.parts.PresentationML.SlideMasterPart;
import org.docx4j.openpackaging.parts.ThemePart;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.openxmlformats.schemas.drawingml.x2006.main.CTSchemeColor;
import org.openxmlformats.schemas.drawingml.x2006.main.CTShapeProperties;
import org.openxmlformats.schemas.drawingml.x2006.main.STSchemeColorVal;
import org.openxmlformats.schemas.presentationml.x2006.main.CTShape;
import org.openxmlformats.schemas.presentationml.x2006.main.SldLayoutDocument;

class PresentationTemplateTest {
    private static final Instant TIME = Instant.parse("2026-03-01T08:00:00Z");
    private static final Brand BRAND = BrandExample.ferries();

    private static byte[] wide(Brand brand) {
        return BrandExample.written(new PresentationTemplate(SlideSize.WIDE), brand);
    }

    private static byte[] written(DeliveryWriter writer, Brand brand) {
        return BrandExample.written(writer, brand);
    }

    /** Every file that is made of slides, in both sizes. */
    static Stream<DeliveryWriter> writers() {
        return Stream.of(SlideSize.values())
                .flatMap(size -> Stream.of(new PresentationTemplate(size), new SpecimenDeck(size)));
    }

    @ParameterizedTest
    @MethodSource("writers")
    void everyPartIsValidAgainstTheSchemas(DeliveryWriter writer) {
        byte[] file = written(writer, BRAND);
        assertThat(OfficeSchemas.errors(file)).isEmpty();
        assertThat(parts(file).keySet().stream().filter(name -> name.startsWith("ppt/slideLayouts/slide")))
                .hasSize(12);
    }

    @Test
    void isATemplateByItsContentType() throws IOException {
        String types = new String(parts(wide(BRAND)).get("[Content_Types].xml"), StandardCharsets.UTF_8);
        assertThat(types)
                .contains("application/vnd.openxmlformats-officedocument.presentationml.template.main+xml")
                .doesNotContain("presentation.main+xml");
    }

    @ParameterizedTest
    @MethodSource("writers")
    void setsNoColorAndNoFontByHandOutsideTheTheme(DeliveryWriter writer) {
        Map<String, byte[]> parts = parts(written(writer, BRAND));
        parts.keySet().removeIf(name -> name.contains("theme/") || name.contains("media/") || name.contains("embed"));
        assertThat(parts).hasSizeGreaterThan(15);
        assertThat(parts.values())
                .allSatisfy(part -> assertThat(new String(part, StandardCharsets.UTF_8))
                        .doesNotContainPattern("srgbClr|sysClr|prstClr|hslClr|scrgbClr")
                        .doesNotContainPattern("typeface=\"[^+]"));
    }

    @Test
    void opensInASecondLibraryWithTheTwelveColorsInTheirSlots() throws Exception {
        var opened = PresentationMLPackage.load(new ByteArrayInputStream(wide(BRAND)));
        ThemePart part = (ThemePart) opened.getParts().get(new PartName("/ppt/theme/theme1.xml"));
        CTColorScheme read = part.getContents().getThemeElements().getClrScheme();
        Map<ThemeSlot, Rgb> expected = BRAND.look().colors();

        List<String> colors = List.of(
                read.getDk1().getSrgbClr().getVal(),
                read.getLt1().getSrgbClr().getVal(),
                read.getDk2().getSrgbClr().getVal(),
                read.getLt2().getSrgbClr().getVal(),
                read.getAccent1().getSrgbClr().getVal(),
                read.getAccent2().getSrgbClr().getVal(),
                read.getAccent3().getSrgbClr().getVal(),
                read.getAccent4().getSrgbClr().getVal(),
                read.getAccent5().getSrgbClr().getVal(),
                read.getAccent6().getSrgbClr().getVal(),
                read.getHlink().getSrgbClr().getVal(),
                read.getFolHlink().getSrgbClr().getVal());
        assertThat(colors.stream().map(Rgb::ofHex)).containsExactlyElementsOf(expected.values());
        assertThat(part.getContents().getName()).isEqualTo("Ostrel Ferries");
        var fonts = part.getContents().getThemeElements().getFontScheme();
        assertThat(fonts.getMajorFont().getLatin().getTypeface())
                .isEqualTo(BRAND.type().pair().heading().name());
        assertThat(fonts.getMinorFont().getLatin().getTypeface())
                .isEqualTo(BRAND.type().pair().body().name());
    }

    @Test
    void setsMasterAndTitleAsTheBrandIsSet() throws Exception {
        Lettering heading = BRAND.type().get(TypeRole.HEADING);
        Brand set = BRAND.apply(new TypeChange.SetLettering(
                TypeRole.HEADING,
                new Lettering(
                        "Zilla Slab",
                        FaceKind.SLAB,
                        Lettering.BOLD,
                        false,
                        Capitals.ALL_CAPITALS,
                        50,
                        heading.color(),
                        new Sizes(36, 26, 32),
                        Map.of())));
        var opened = PresentationMLPackage.load(new ByteArrayInputStream(wide(set)));
        SlideMasterPart master =
                (SlideMasterPart) opened.getParts().get(new PartName("/ppt/slideMasters/slideMaster1.xml"));
        var title =
                master.getContents().getTxStyles().getTitleStyle().getLvl1PPr().getDefRPr();
        assertThat(title.getSz()).isEqualTo(3600);
        assertThat(title.isB()).isTrue();
        assertThat(title.getCap()).isEqualTo(STTextCapsType.ALL);
        // 50 thousandths of 36 points, in hundredths of a point.
        assertThat(title.getSpc()).isEqualTo(180);
        var body = master.getContents().getTxStyles().getBodyStyle();
        assertThat(body.getLvl1PPr().getDefRPr().getSz()).isEqualTo(2000);
        assertThat(body.getLvl3PPr().getDefRPr().getSz()).isEqualTo(1500);
        assertThat(new String(parts(wide(set)).get("ppt/slideLayouts/slideLayout1.xml"), StandardCharsets.UTF_8))
                .contains("sz=\"5400\"", "sz=\"2500\"", "cap=\"all\"");
    }

    /** What programs go by where a font is missing, and for people the names of what is seen instead. */
    @Test
    void saysInTheThemeWhatStandsInForItsFonts() throws Exception {
        FaceMetrics metrics = new FaceMetrics(0.9, 0.2, 0, 0.5, 0.7, 0.45, 0.09, 0.8, Map.of());
        Face wanted = new Face("Source Serif 4", FaceKind.SERIF, 700, false, metrics);
        Face other = new Face("Georgia", FaceKind.SERIF, 700, false, metrics);
        Letters letters = new Letters(
                wanted,
                List.of(2, 4, 6, 3, 5, 4, 5, 2, 2, 4),
                List.of(new StandIn(Place.SLIDES, other, 0.9, 0, 1, StandIn.Evidence.SAME_METRICS, false)));
        Assets assets = new Assets() {
            @Override
            public Optional<Letters> letters(TypeRole role) {
                return Optional.of(letters);
            }
        };
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        new PresentationTemplate(SlideSize.WIDE).write(Order.of(BRAND.look(), assets), out);
        var opened = PresentationMLPackage.load(new ByteArrayInputStream(out.toByteArray()));
        ThemePart part = (ThemePart) opened.getParts().get(new PartName("/ppt/theme/theme1.xml"));
        var scheme = part.getContents().getThemeElements().getFontScheme();
        assertThat(scheme.getName()).isEqualTo("Ostrel Ferries, else Georgia and Georgia");
        assertThat(scheme.getMajorFont().getLatin().getPanose()).isEqualTo("02040603050405020204");
        // Variable pitch, roman: ECMA-376 Part 1, 21.1.2.3.7.
        assertThat(scheme.getMajorFont().getLatin().getPitchFamily()).isEqualTo((byte) 0x12);
    }

    @Test
    void standsOnTheDarkSlotsWhereThePagesAreDark() throws Exception {
        Brand dark = BRAND.apply(new ThemeChange.SetGround(BRAND.look().themeId(), PageGround.DARK));
        var opened = PresentationMLPackage.load(new ByteArrayInputStream(wide(dark)));
        SlideMasterPart master =
                (SlideMasterPart) opened.getParts().get(new PartName("/ppt/slideMasters/slideMaster1.xml"));
        var map = master.getContents().getClrMap();
        assertThat(List.of(map.getBg1(), map.getTx1(), map.getBg2(), map.getTx2()))
                .containsExactly(
                        STColorSchemeIndex.DK_1,
                        STColorSchemeIndex.LT_1,
                        STColorSchemeIndex.DK_2,
                        STColorSchemeIndex.LT_2);
    }

    /** The library resolves by itself what we say that document programs show: within 1 of 255 on each channel. */
    @Test
    void tintsResolveInAnotherLibraryToWhatTheCoreSays() throws IOException {
        byte[] template = wide(BRAND);
        Map<ThemeSlot, Rgb> colors = BRAND.look().colors();
        try (XMLSlideShow show = new XMLSlideShow(new ByteArrayInputStream(template))) {
            XSLFAutoShape shape = show.createSlide().createAutoShape();
            int tints = 0;
            for (ThemeSlot slot : ThemeSlot.ACCENTS) {
                for (TintStep step : TintStep.offeredFor(colors.get(slot))) {
                    CTShapeProperties properties = ((CTShape) shape.getXmlObject()).getSpPr();
                    if (properties.isSetSolidFill()) {
                        properties.unsetSolidFill();
                    }
                    CTSchemeColor color = properties.addNewSolidFill().addNewSchemeClr();
                    color.setVal(STSchemeColorVal.Enum.forString(slot.code()));
                    color.addNewLumMod().setVal(step.lumMod() * 1000);
                    color.addNewLumOff().setVal(step.lumOff() * 1000);
                    Rgb ours = step.apply(colors.get(slot));
                    Color theirs = shape.getFillColor();
                    assertThat(theirs.getRed()).isCloseTo(ours.red(), within(1));
                    assertThat(theirs.getGreen()).isCloseTo(ours.green(), within(1));
                    assertThat(theirs.getBlue()).isCloseTo(ours.blue(), within(1));
                    tints++;
                }
            }
            assertThat(tints).isEqualTo(30);
        }
    }

    @Test
    void hasTwelveLayoutsInTheirOrderOnAWidePage() throws Exception {
        try (XMLSlideShow show = new XMLSlideShow(new ByteArrayInputStream(wide(BRAND)))) {
            Map<String, byte[]> parts = parts(wide(BRAND));
            List<String> names = new ArrayList<>();
            for (int i = 1; i <= 12; i++) {
                SldLayoutDocument layout = SldLayoutDocument.Factory.parse(
                        new ByteArrayInputStream(parts.get("ppt/slideLayouts/slideLayout" + i + ".xml")));
                names.add(layout.getSldLayout().getCSld().getName());
            }
            assertThat(names)
                    .containsExactly(
                            "Title",
                            "Section",
                            "Content",
                            "Two columns",
                            "Picture and caption",
                            "Chart",
                            "Table",
                            "Key message",
                            "Quote",
                            "Dark",
                            "Text over a picture",
                            "Blank");
            // In points: 13.333 x 7.5 in. Source: ECMA-376, 20.1.2.1.
            assertThat(show.getPageSize()).isEqualTo(new Dimension(960, 540));
        }
    }

    /** Each with a theme and layouts of its own; ids of masters and layouts share one space: ECMA-376 Part 1, 19.7.6. */
    @Test
    void bringsTheOtherThemesAsFurtherMastersWhereThatWasChosen() throws Exception {
        Brand dark = BRAND.apply(new ThemesChange.AddTheme(
                        Turning.of(BRAND.look().theme(), BRAND.palette(), BRAND.roles())
                                .under(new UUID(7, 7))
                                .withName("Night"),
                        Optional.empty()))
                .apply(new BrandChange.DesignTemplate(new TemplateDesign(
                        TemplateDesign.TitleShape.SIDE, TemplateDesign.BulletKind.DASH, Corner.UPPER_LEFT, true)));
        byte[] file = wide(dark);
        assertThat(OfficeSchemas.errors(file)).isEmpty();
        assertThat(parts(file).keySet()).contains("ppt/theme/theme2.xml", "ppt/slideLayouts/slideLayout24.xml");
        try (XMLSlideShow show = new XMLSlideShow(new ByteArrayInputStream(file))) {
            assertThat(show.getSlideMasters()).hasSize(2);
            assertThat(show.getSlideMasters().get(1).getSlideLayouts()).hasSize(12);
        }
        List<String> ids = Pattern.compile("id=\"(2147\\d+)\"")
                .matcher(OfficeSchemas.text(file, "ppt/presentation.xml")
                        + OfficeSchemas.text(file, "ppt/slideMasters/slideMaster1.xml")
                        + OfficeSchemas.text(file, "ppt/slideMasters/slideMaster2.xml"))
                .results()
                .map(found -> found.group(1))
                .toList();
        assertThat(ids).hasSize(26).doesNotHaveDuplicates();
    }

    @ParameterizedTest
    @EnumSource
    void everyKindOfTitleInEveryCornerIsValid(TemplateDesign.TitleShape title) {
        for (Corner corner : List.of(Corner.UPPER_LEFT, Corner.UPPER_RIGHT, Corner.LOWER_LEFT, Corner.LOWER_RIGHT)) {
            Brand designed = BRAND.apply(new BrandChange.DesignTemplate(
                    new TemplateDesign(title, TemplateDesign.BulletKind.ROUND, corner, false)));
            assertThat(OfficeSchemas.errors(written(new SpecimenDeck(SlideSize.STANDARD), designed)))
                    .isEmpty();
        }
    }

    /** Title slide and heads of tables: the main colour, whatever the first dark slot holds. */
    @Test
    void isLedByTheMainColorAndNotByTheFirstDarkOne() {
        Brand brand = BrandExample.brand(
                "Kilnmark", "Kiln C2452D", "Ash 8C8C88", "Paper F6EFE2", "Soot 1E1B18", "Glaze 3E7CB1", "Moss 9BC53D");
        Rgb kiln = Rgb.ofHex("C2452D");
        ThemedLook look = ThemedLook.of(brand.look());
        assertThat(look.colors().get(ThemeSlot.DARK_1)).isNotEqualTo(kiln);
        assertThat(look.lead().in(look.colors())).isEqualTo(kiln);
        String title = OfficeSchemas.text(wide(brand), "ppt/slideLayouts/slideLayout1.xml");
        String slot = "<a:schemeClr val=\"" + look.lead().slot().code() + "\">";
        assertThat(title.substring(title.indexOf("<p:bg>"), title.indexOf("</p:bg>")))
                .contains(slot);
    }

    @Test
    void keepsTheBrandsNameWhateverIsInIt() throws Exception {
        Brand brand = BrandExample.brand("Föhr & <Söhne> \"Nord\"", "Blau 123456");
        var opened = PresentationMLPackage.load(new ByteArrayInputStream(wide(brand)));
        ThemePart part = (ThemePart) opened.getParts().get(new PartName("/ppt/theme/theme1.xml"));
        assertThat(part.getContents().getName()).isEqualTo("Föhr & <Söhne> \"Nord\"");
    }

    @Test
    void makesTheSameBytesFromTheSameBrand() {
        assertThat(wide(BRAND)).isEqualTo(wide(BRAND));
    }

    @Test
    void saysThatAThemeWithEmptySlotsStandsInItsWay() {
        PresentationTemplate template = new PresentationTemplate(SlideSize.WIDE);
        Brand empty = Brand.begin(new UUID(1, 1), "New", Optional.empty(), new UUID(1, 2));
        assertThat(template.obstacles(BRAND.look())).isEmpty();
        assertThat(template.obstacles(empty.look()))
                .containsExactly(new Obstacle.UnfilledSlots(List.of(ThemeSlot.values())));
        assertThatThrownBy(() -> wide(empty)).isInstanceOf(IllegalStateException.class);
    }
}
