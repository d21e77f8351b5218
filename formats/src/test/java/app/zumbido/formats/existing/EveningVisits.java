package app.zumbido.formats.existing;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.ThemeChange;
import app.zumbido.core.brand.TypeChange;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.Paint;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.core.type.FontPair;
import app.zumbido.formats.BrandExample;
import app.zumbido.formats.delivery.Order;
import app.zumbido.formats.fonts.KnownFamilies;
import app.zumbido.formats.layouts.SlideSize;
import app.zumbido.formats.office.slides.PresentationTemplate;
import java.awt.Color;
import java.awt.Rectangle;
import java.awt.geom.Rectangle2D;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.poi.util.Units;
import org.apache.poi.xddf.usermodel.SchemeColor;
import org.apache.poi.xddf.usermodel.XDDFColor;
import org.apache.poi.xddf.usermodel.XDDFColorSchemeBased;
import org.apache.poi.xddf.usermodel.XDDFSolidFillProperties;
import org.apache.poi.xddf.usermodel.chart.AxisCrosses;
import org.apache.poi.xddf.usermodel.chart.AxisPosition;
import org.apache.poi.xddf.usermodel.chart.ChartTypes;
import org.apache.poi.xddf.usermodel.chart.XDDFCategoryAxis;
import org.apache.poi.xddf.usermodel.chart.XDDFChartData;
import org.apache.poi.xddf.usermodel.chart.XDDFDataSourcesFactory;
import org.apache.poi.xddf.usermodel.chart.XDDFValueAxis;
import org.apache.poi.xslf.usermodel.XMLSlideShow;
import org.apache.poi.xslf.usermodel.XSLFAutoShape;
import org.apache.poi.xslf.usermodel.XSLFChart;
import org.apache.poi.xslf.usermodel.XSLFSlide;
import org.apache.poi.xslf.usermodel.XSLFSlideMaster;
import org.apache.poi.xslf.usermodel.XSLFTextRun;
import org.apache.poi.xslf.usermodel.XSLFTextShape;

/**
 * The deck of the observatory as somebody made it years ago: 34 pages in 4:3 on an older look, most of it by hand. Running it
 * writes the file that the demo brings along.
 */
public final class EveningVisits {
    private static final Color BAND = new Color(0x24406E);
    private static final Color GOLD = new Color(0xF5B81C);
    private static final Color RED = new Color(0xB2161B);
    private static final Color YELLOW = new Color(0xFFFF00);
    private static final Color PALE = new Color(0xBDBDBD);
    private static final int OF_OFFICE = 31;
    private static final int OF_NIGHT = 3;
    private static final List<Integer> WITHOUT_GRAPHICS = List.of(12, 30);

    private final XMLSlideShow show;
    private int page;

    private EveningVisits(XMLSlideShow show) {
        this.show = show;
    }

    /** @param args where the file goes */
    public static void main(String[] args) throws IOException {
        Files.write(Path.of(args[0]), deck());
    }

    static byte[] deck() throws IOException {
        ByteArrayOutputStream template = new ByteArrayOutputStream();
        new PresentationTemplate(SlideSize.STANDARD).write(Order.of(oldLook().look(), new OldMark()), template);
        try (XMLSlideShow show = new XMLSlideShow(new ByteArrayInputStream(template.toByteArray()))) {
            new EveningVisits(show).fill();
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            show.write(out);
            return SecondMaster.added(out.toByteArray(), "Old night", OF_NIGHT);
        }
    }

    private static Brand oldLook() {
        Brand brand = BrandExample.brand(
                        "Observatory",
                        "Deep blue 24406E",
                        "Blue 3E6DB4",
                        "Gold F5B81C",
                        "Rust C8641E",
                        "Grey 8A8F98",
                        "Paper FFFFFF")
                .apply(new TypeChange.TakePair(new FontPair(KnownFamilies.of("Georgia"), KnownFamilies.of("Arial"))));
        UUID first = brand.look().themeId();
        return brand.apply(new ThemeChange.RenameTheme(first, "Office look"))
                .apply(new ThemeChange.FillSlot(
                        first, ThemeSlot.ACCENT_1, Optional.of(new Paint.Fixed(Rgb.ofHex("3E6DB4")))));
    }

    private void fill() {
        show.removeSlide(0);
        XSLFSlideMaster master = show.getSlideMasters().get(0);
        for (int i = 0; i < OF_OFFICE; i++) {
            slide(master, i % 4);
        }
        for (int i = 0; i < OF_NIGHT; i++) {
            slide(master, 3);
        }
    }

    private void slide(XSLFSlideMaster master, int kind) {
        XSLFSlide slide = show.createSlide(master.getLayout("Content"));
        page++;
        XSLFTextShape title = slide.getPlaceholders()[0];
        for (XSLFTextShape shape : slide.getPlaceholders()) {
            shape.clearText();
        }
        XSLFTextShape body = slide.getPlaceholders()[slide.getPlaceholders().length - 1];
        band(slide);
        XSLFTextRun heading = title.setText(TITLES.get(page % TITLES.size()).get(kind));
        heading.setFontColor(GOLD);
        heading.setFontFamily("Times New Roman");
        switch (kind) {
            case 0 -> programme(body);
            case 1 -> numbers(slide, body);
            case 2 -> needs(slide, body);
            default -> body.setText("kestrin.example").setFontColor(PALE);
        }
        if (WITHOUT_GRAPHICS.contains(page)) {
            slide.setFollowMasterGraphics(false);
        }
    }

    private static final List<List<String>> TITLES = List.of(
            List.of("Evening programme", "Numbers", "What we need", "Thank you"),
            List.of("Autumn evenings", "Visitors by month", "This winter", "Questions"),
            List.of("Families and schools", "Clear nights", "Two things are missing", "See you on the hill"));

    private void band(XSLFSlide slide) {
        XSLFAutoShape band = slide.createAutoShape();
        band.setAnchor(new Rectangle(0, 0, 720, 104));
        band.setFillColor(BAND);
        band.setLineColor(null);
        var shape = band.getXmlObject();
        var tree = slide.getXmlObject().getCSld().getSpTree();
        // Behind everything else, where the hand puts it.
        var first = tree.getSpArray(0).getDomNode();
        first.getParentNode().insertBefore(shape.getDomNode(), first);
    }

    private void programme(XSLFTextShape body) {
        body.setText("Doors open 19:30");
        XSLFTextRun warm = body.addNewTextParagraph().addNewTextRun();
        warm.setText("Bring a warm coat");
        if (page <= 21) {
            warm.setFontColor(YELLOW);
        }
        body.addNewTextParagraph().addNewTextRun().setText("Last bus 23:15");
    }

    private void needs(XSLFSlide slide, XSLFTextShape body) {
        body.setText("The dome turns by hand.");
        int boxes = page % 8 == 3 ? 2 : 1;
        for (int i = 0; i < boxes; i++) {
            XSLFAutoShape box = slide.createAutoShape();
            box.setAnchor(new Rectangle(60, 260 + 90 * i, 560, 70));
            box.setFillColor(RED);
            box.setLineColor(null);
            XSLFTextRun run = box.setText(i == 0 ? "A new dome motor" : "Two volunteers on Fridays");
            run.setFontColor(Color.WHITE);
        }
    }

    private void numbers(XSLFSlide slide, XSLFTextShape body) {
        body.setText("More people come when it is clear.");
        XSLFChart chart = show.createChart();
        XDDFCategoryAxis bottom = chart.createCategoryAxis(AxisPosition.BOTTOM);
        XDDFValueAxis left = chart.createValueAxis(AxisPosition.LEFT);
        left.setCrosses(AxisCrosses.AUTO_ZERO);
        XDDFChartData data = chart.createData(ChartTypes.BAR, bottom, left);
        String[] months = {"Sep", "Oct", "Nov", "Dec"};
        Double[][] values = {{42.0, 48.0, 36.0, 52.0}, {34.0, 40.0, 44.0, 38.0}, {18.0, 22.0, 30.0, 28.0}};
        String[] names = {"Adults", "Families", "Schools"};
        for (int i = 0; i < names.length; i++) {
            data.addSeries(XDDFDataSourcesFactory.fromArray(months), XDDFDataSourcesFactory.fromArray(values[i]))
                    .setTitle(names[i], null);
        }
        chart.plot(data);
        boolean byHand = page % 12 == 6;
        data.getSeries(0)
                .setFillProperties(new XDDFSolidFillProperties(
                        byHand
                                ? XDDFColor.from(new byte[] {0x3F, 0x6E, (byte) 0xB5})
                                : new XDDFColorSchemeBased(SchemeColor.ACCENT_1)));
        data.getSeries(1)
                .setFillProperties(new XDDFSolidFillProperties(XDDFColor.from(new byte[] {(byte) 0xC8, 0x64, 0x1E})));
        data.getSeries(2)
                .setFillProperties(new XDDFSolidFillProperties(
                        XDDFColor.from(new byte[] {(byte) 0xA6, (byte) 0xA6, (byte) 0xA6})));
        slide.addChart(
                chart, new Rectangle2D.Double(Units.toEMU(80), Units.toEMU(220), Units.toEMU(540), Units.toEMU(270)));
    }
}
