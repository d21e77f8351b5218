package app.zumbido.formats.existing;

import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.contrast.Clash;
import app.zumbido.core.inspect.check.FaultKind;
import app.zumbido.core.logos.LogoForm;
import app.zumbido.core.logos.LogoVersion;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.formats.delivery.Order;
import app.zumbido.formats.layouts.SlideSize;
import app.zumbido.formats.office.slides.PresentationTemplate;
import java.awt.Color;
import java.awt.Rectangle;
import java.awt.geom.Rectangle2D;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.apache.poi.sl.usermodel.PictureData;
import org.apache.poi.util.Units;
import org.apache.poi.xddf.usermodel.SchemeColor;
import org.apache.poi.xddf.usermodel.XDDFColor;
import org.apache.poi.xddf.usermodel.XDDFColorSchemeBased;
import org.apache.poi.xddf.usermodel.XDDFSolidFillProperties;
import org.apache.poi.xddf.usermodel.chart.AxisCrosses;
import org.apache.poi.xddf.usermodel.chart.AxisPosition;
import org.apache.poi.xddf.usermodel.chart.ChartTypes;
import org.apache.poi.xddf.usermodel.chart.XDDFBarChartData;
import org.apache.poi.xddf.usermodel.chart.XDDFCategoryAxis;
import org.apache.poi.xddf.usermodel.chart.XDDFChartData;
import org.apache.poi.xddf.usermodel.chart.XDDFDataSourcesFactory;
import org.apache.poi.xddf.usermodel.chart.XDDFValueAxis;
import org.apache.poi.xslf.usermodel.XMLSlideShow;
import org.apache.poi.xslf.usermodel.XSLFAutoShape;
import org.apache.poi.xslf.usermodel.XSLFChart;
import org.apache.poi.xslf.usermodel.XSLFPictureShape;
import org.apache.poi.xslf.usermodel.XSLFSlide;
import org.apache.poi.xslf.usermodel.XSLFSlideLayout;
import org.apache.poi.xslf.usermodel.XSLFTextRun;
import org.apache.poi.xslf.usermodel.XSLFTextShape;
import org.openxmlformats.schemas.drawingml.x2006.main.CTRegularTextRun;
import org.openxmlformats.schemas.drawingml.x2006.main.CTTextCharacterProperties;
import org.openxmlformats.schemas.drawingml.x2006.main.STSchemeColorVal;
import org.openxmlformats.schemas.presentationml.x2006.main.CTShape;

/** Presentations on a brand's own template with a fault of some kinds each, written with another library. */
final class PlantedDecks {
    /** Everything that can be planted in a deck. */
    static final List<FaultKind> KINDS = List.of(FaultKind.values());

    private static final List<String> WORDS = List.of(
            "Timetable", "Winter harbour", "Two boats on Fridays", "What we need", "Who comes along", "Next steps");

    private final Random random;
    private final PlantingBrands brand;
    private final Planted planted = new Planted();
    private XMLSlideShow show;

    private PlantedDecks(PlantingBrands brand, Random random) {
        this.brand = brand;
        this.random = random;
    }

    static Planted of(PlantingBrands brand, Random random, List<FaultKind> kinds) throws IOException {
        return new PlantedDecks(brand, random).deck(kinds);
    }

    private Planted deck(List<FaultKind> kinds) throws IOException {
        ByteArrayOutputStream template = new ByteArrayOutputStream();
        new PresentationTemplate(SlideSize.WIDE).write(Order.of(brand.brand().look(), brand.assets()), template);
        try (XMLSlideShow opened = new XMLSlideShow(new ByteArrayInputStream(template.toByteArray()))) {
            show = opened;
            for (FaultKind kind : kinds) {
                content();
                plant(kind, content());
            }
            clean(content());
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            show.write(out);
            return planted.as(out.toByteArray());
        }
    }

    private XSLFSlide content() {
        XSLFSlideLayout layout = show.getSlideMasters().get(0).getLayout("Content");
        XSLFSlide slide = show.createSlide(layout);
        for (XSLFTextShape shape : slide.getPlaceholders()) {
            shape.setText(WORDS.get(random.nextInt(WORDS.size())));
        }
        return slide;
    }

    private int page() {
        return show.getSlides().size();
    }

    /** What a page may well have. */
    private void clean(XSLFSlide slide) {
        XSLFAutoShape box = box(slide, 0);
        scheme(box, STSchemeColorVal.DK_2);
        label(box, "Harbour office", STSchemeColorVal.LT_1);
        chart(slide, brand.house().jobs().series().subList(0, 3));
    }

    private XSLFAutoShape box(XSLFSlide slide, int place) {
        XSLFAutoShape box = slide.createAutoShape();
        box.setAnchor(new Rectangle(80 + 130 * (place % 5), 330 + 70 * (place / 5), 100, 50));
        box.setLineColor(null);
        return box;
    }

    private static void scheme(XSLFAutoShape box, STSchemeColorVal.Enum slot) {
        box.setFillColor(Color.BLACK);
        var fill = ((CTShape) box.getXmlObject()).getSpPr().getSolidFill();
        fill.unsetSrgbClr();
        fill.addNewSchemeClr().setVal(slot);
    }

    private static CTTextCharacterProperties properties(XSLFTextRun run) {
        CTRegularTextRun xml = (CTRegularTextRun) run.getXmlObject();
        return xml.isSetRPr() ? xml.getRPr() : xml.addNewRPr();
    }

    private static XSLFTextRun label(XSLFTextShape box, String text, STSchemeColorVal.Enum slot) {
        XSLFTextRun run = box.setText(text);
        properties(run).addNewSolidFill().addNewSchemeClr().setVal(slot);
        return run;
    }

    private static Color color(Rgb rgb) {
        return new Color(rgb.red(), rgb.green(), rgb.blue());
    }

    private XSLFTextRun body(XSLFSlide slide) {
        return slide.getPlaceholders()[1]
                .getTextParagraphs()
                .get(0)
                .getTextRuns()
                .get(0);
    }

    private Rgb slot(ThemeSlot slot) {
        return brand.house().slots().get(slot);
    }

    /** @return a slot's colour that reads on the page */
    private Rgb readable() {
        List<Rgb> readable = ThemeSlot.ACCENTS.stream()
                .map(this::slot)
                .filter(color ->
                        ContrastRatio.between(color, slot(ThemeSlot.LIGHT_1)).value() > 5)
                .filter(color ->
                        brand.house().jobs().highlight().filter(color::equals).isEmpty())
                .toList();
        return readable.get(random.nextInt(readable.size()));
    }

    private void plant(FaultKind kind, XSLFSlide slide) {
        int page = page();
        List<Rgb> series = brand.house().jobs().series();
        switch (kind) {
            case BY_HAND -> {
                body(slide).setFontColor(color(readable()));
                planted.plant(kind, page);
            }
            case NEAR_BRAND -> {
                box(slide, 0).setFillColor(color(brand.beside(slot(ThemeSlot.ACCENT_1), random)));
                planted.plant(kind, page);
            }
            case OUTSIDE -> {
                box(slide, 0).setFillColor(color(brand.outside(random)));
                planted.plant(kind, page);
            }
            case OFF_LIMITS -> {
                box(slide, 0).setFillColor(color(brand.offLimits()));
                planted.plant(kind, page);
            }
            case CONTRAST -> {
                label(slide.getPlaceholders()[1], "Bring a warm coat", STSchemeColorVal.LT_2);
                planted.plant(kind, page);
            }
            case HIGHLIGHT -> highlight(slide, page);
            case HIERARCHY -> {
                XSLFTextRun title = slide.getPlaceholders()[0]
                        .getTextParagraphs()
                        .get(0)
                        .getTextRuns()
                        .get(0);
                title.setFontSize(brand.house().letters().headingPoints() * 0.7);
                body(slide).setFontSize(brand.house().letters().headingPoints() * 1.1);
                planted.plant(kind, page);
            }
            case TOO_MANY -> {
                for (int i = 0; i < 7; i++) {
                    box(slide, i).setFillColor(Color.getHSBColor(i / 7f, 0.6f, 0.6f));
                }
                planted.plant(kind, page, FaultKind.OUTSIDE, FaultKind.CLASH, FaultKind.NEAR_BRAND, FaultKind.BY_HAND);
            }
            case TOO_FEW -> {
                slide.setFollowMasterGraphics(false);
                for (XSLFTextShape shape : slide.getPlaceholders()) {
                    label(shape, "Only black", STSchemeColorVal.DK_1);
                }
                planted.plant(kind, page, FaultKind.LOGO_MISSING);
            }
            case CLASH -> clash(slide, page);
            case CHART_ORDER -> {
                chart(slide, List.of(series.get(1), series.get(0), series.get(2)));
                planted.plant(kind, page);
            }
            case CHART_ALIKE -> {
                Rgb one = series.get(0);
                chart(slide, List.of(one, brand.beside(one, random)));
                planted.plant(kind, page, FaultKind.NEAR_BRAND);
            }
            case TINTS_FIRST -> {
                tintedChart(slide);
                planted.plant(kind, page, FaultKind.CHART_ORDER, FaultKind.CHART_ALIKE);
            }
            case FONT_OUTSIDE -> {
                body(slide).setFontFamily(random.nextBoolean() ? "Comic Sans MS" : "Verdana");
                planted.plant(kind, page);
            }
            case FONT_MISSING -> {
                body(slide).setFontFamily("Obscura Grotesk " + page);
                planted.plant(kind, page, FaultKind.FONT_OUTSIDE);
            }
            case SIZE -> {
                body(slide).setFontSize(7.0 + random.nextInt(4));
                planted.plant(kind, page);
            }
            case LOGO_MISSING -> {
                slide.setFollowMasterGraphics(false);
                planted.plant(kind, page);
            }
            case LOGO_STRETCHED -> {
                logo(slide, LogoVersion.LIGHT, 1.3 + random.nextDouble());
                planted.plant(kind, page);
            }
            case LOGO_GROUND -> {
                XSLFAutoShape box = slide.createAutoShape();
                box.setAnchor(new Rectangle(60, 320, 400, 160));
                box.setLineColor(null);
                scheme(box, STSchemeColorVal.DK_1);
                logo(slide, LogoVersion.LIGHT, 1);
                planted.plant(kind, page);
            }
        }
    }

    private void highlight(XSLFSlide slide, int page) {
        Rgb highlight = brand.house().jobs().highlight().orElseThrow();
        STSchemeColorVal.Enum slot = STSchemeColorVal.Enum.forString(ThemeSlot.ACCENTS.stream()
                .filter(accent -> slot(accent).equals(highlight))
                .findFirst()
                .orElseThrow()
                .code());
        scheme(box(slide, 0), slot);
        scheme(box(slide, 2), slot);
        planted.plant(FaultKind.HIGHLIGHT, page);
    }

    private void clash(XSLFSlide slide, int page) {
        while (true) {
            Rgb one = brand.outside(random);
            Rgb other = brand.outside(random);
            if (Clash.between(one, other)) {
                XSLFAutoShape under = box(slide, 0);
                under.setFillColor(color(one));
                XSLFAutoShape upper = slide.createAutoShape();
                upper.setLineColor(null);
                upper.setAnchor(new Rectangle(100, 340, 40, 20));
                upper.setFillColor(color(other));
                planted.plant(FaultKind.CLASH, page, FaultKind.OUTSIDE);
                return;
            }
        }
    }

    private void logo(XSLFSlide slide, LogoVersion version, double stretch) {
        byte[] png =
                brand.assets().logo(LogoForm.PRIMARY, version).orElseThrow().png(600);
        XSLFPictureShape picture = slide.createPicture(show.addPicture(png, PictureData.PictureType.PNG));
        double ratio =
                brand.assets().logo(LogoForm.PRIMARY, version).orElseThrow().ratio();
        picture.setAnchor(new Rectangle(100, 360, (int) Math.round(60 * ratio * stretch), 60));
    }

    private void chart(XSLFSlide slide, List<Rgb> colors) {
        XDDFChartData data = chart(slide, colors.size());
        for (int i = 0; i < colors.size(); i++) {
            Rgb color = colors.get(i);
            ThemeSlot slot = ThemeSlot.ACCENTS.stream()
                    .filter(accent -> slot(accent).equals(color))
                    .findFirst()
                    .orElse(null);
            data.getSeries(i)
                    .setFillProperties(
                            new XDDFSolidFillProperties(slot == null ? XDDFColor.from(bytes(color)) : schemed(slot)));
        }
    }

    private static XDDFColor schemed(ThemeSlot slot) {
        return new XDDFColorSchemeBased(SchemeColor.valueOf(slot.name()));
    }

    private static byte[] bytes(Rgb color) {
        return new byte[] {(byte) color.red(), (byte) color.green(), (byte) color.blue()};
    }

    /** The first series is a tint although whole colours are left. */
    private void tintedChart(XSLFSlide slide) {
        XDDFChartData data = chart(slide, 2);
        data.getSeries(1).setFillProperties(new XDDFSolidFillProperties(schemed(ThemeSlot.ACCENT_2)));
        data.getSeries(0).setFillProperties(new XDDFSolidFillProperties(schemed(ThemeSlot.ACCENT_1)));
        var scheme = ((XDDFBarChartData.Series) data.getSeries(0))
                .getCTBarSer()
                .getSpPr()
                .getSolidFill()
                .getSchemeClr();
        scheme.addNewLumMod().setVal(60_000);
        scheme.addNewLumOff().setVal(40_000);
    }

    private XDDFChartData chart(XSLFSlide slide, int count) {
        XSLFChart chart = show.createChart();
        XDDFCategoryAxis bottom = chart.createCategoryAxis(AxisPosition.BOTTOM);
        XDDFValueAxis left = chart.createValueAxis(AxisPosition.LEFT);
        left.setCrosses(AxisCrosses.AUTO_ZERO);
        XDDFChartData data = chart.createData(ChartTypes.BAR, bottom, left);
        String[] names = {"Mon", "Tue", "Wed"};
        IntStream.range(0, count)
                .forEach(i -> data.addSeries(
                                XDDFDataSourcesFactory.fromArray(names),
                                XDDFDataSourcesFactory.fromArray(new Double[] {1.0 + i, 2.0, 3.0}))
                        .setTitle("Boat " + i, null));
        chart.plot(data);
        slide.addChart(
                chart, new Rectangle2D.Double(Units.toEMU(400), Units.toEMU(100), Units.toEMU(300), Units.toEMU(180)));
        return data;
    }
}
