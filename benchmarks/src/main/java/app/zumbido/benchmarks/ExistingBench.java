package app.zumbido.benchmarks;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.BrandChange;
import app.zumbido.core.brand.HouseOf;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.color.WcagLevel;
import app.zumbido.core.inspect.House;
import app.zumbido.core.inspect.check.Check;
import app.zumbido.core.inspect.check.Logos;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.palette.SwatchId;
import app.zumbido.formats.delivery.Assets;
import app.zumbido.formats.delivery.Order;
import app.zumbido.formats.existing.ExistingFile;
import app.zumbido.formats.layouts.SlideSize;
import app.zumbido.formats.office.slides.PresentationTemplate;
import com.ctc.wstx.stax.WstxInputFactory;
import java.awt.Color;
import java.awt.Rectangle;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import org.apache.poi.xslf.usermodel.XMLSlideShow;
import org.apache.poi.xslf.usermodel.XSLFAutoShape;
import org.apache.poi.xslf.usermodel.XSLFSlide;
import org.apache.poi.xslf.usermodel.XSLFTable;
import org.apache.poi.xslf.usermodel.XSLFTextShape;
import org.codehaus.stax2.XMLInputFactory2;

/** What it costs to find out what is in a large deck and what is off in it. */
final class ExistingBench {
    private static final int SLIDES = 200;
    private static final double GOAL = 3;
    private static final int WARM_UP = 50;
    private static final WstxInputFactory FACTORY = new WstxInputFactory();

    static {
        FACTORY.setProperty(XMLInputFactory2.P_LAZY_PARSING, false);
    }

    private ExistingBench() {}

    static List<Figure> run() {
        Brand brand = brand();
        byte[] deck = deck(brand);
        House house = HouseOf.look(brand.look(), WcagLevel.AA, Set.of(), Set.of(), false);
        double[] medians =
                Stopwatch.medians(WARM_UP, List.of(() -> parse(deck), () -> walk(deck), () -> check(deck, house)));
        double parsed = medians[0];
        double walked = medians[1];
        double checked = medians[2];
        return List.of(new Figure(
                "inventory and check of " + SLIDES + " slides over unzipping and parsing them",
                String.format(
                        Locale.ROOT,
                        "%.1f (%.0f ms, %.0f of them the inventory, over %.0f ms)",
                        checked / parsed,
                        checked,
                        walked,
                        parsed),
                "at most 3",
                checked <= GOAL * parsed,
                "a deck of " + deck.length / 1000
                        + " kB with text, boxes and tables on every slide, half of it by hand;"
                        + " every XML part by the same reader; the next slides are read while one is walked through, on two"
                        + " cores; warm, median of 7 after " + WARM_UP));
    }

    private static Brand brand() {
        List<Swatch> swatches = new ArrayList<>();
        for (String hex : List.of("0B2A4A", "0F7C7A", "F2682A", "5B6670", "EAF3F2", "FFFFFF")) {
            swatches.add(Swatch.of(
                    new SwatchId(new UUID(3, swatches.size() + 1)), "Swatch " + hex, Rgb.ofHex(hex), List.of()));
        }
        Brand empty = Brand.begin(new UUID(1, 3), "A brand with a large deck", Optional.empty(), new UUID(1, 4));
        return empty.apply(BrandChange.DraftBrand.of(empty, "logo.png", swatches));
    }

    private static byte[] deck(Brand brand) {
        try {
            ByteArrayOutputStream template = new ByteArrayOutputStream();
            new PresentationTemplate(SlideSize.WIDE).write(Order.of(brand.look(), Assets.NONE), template);
            try (XMLSlideShow show = new XMLSlideShow(new ByteArrayInputStream(template.toByteArray()))) {
                for (int i = 0; i < SLIDES; i++) {
                    fill(show.createSlide(show.getSlideMasters().get(0).getLayout("Content")), i);
                }
                ByteArrayOutputStream out = new ByteArrayOutputStream();
                show.write(out);
                return out.toByteArray();
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static void fill(XSLFSlide slide, int number) {
        for (XSLFTextShape shape : slide.getPlaceholders()) {
            shape.setText("Boat number " + number + " leaves before it is light");
        }
        for (int i = 0; i < 4; i++) {
            XSLFAutoShape box = slide.createAutoShape();
            box.setAnchor(new Rectangle(60 + 150 * i, 300, 130, 60));
            box.setFillColor(new Color(0x0F7C7A + i));
            box.setText("Harbour " + i).setFontColor(Color.WHITE);
        }
        XSLFTable table = slide.createTable(5, 4);
        table.getRows().forEach(row -> row.getCells().forEach(cell -> cell.setText("8:15")));
    }

    private static int parse(byte[] deck) {
        int read = 0;
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(deck))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                byte[] part = zip.readAllBytes();
                if (entry.getName().endsWith(".xml") || entry.getName().endsWith(".rels")) {
                    XMLStreamReader reader = FACTORY.createXMLStreamReader(new ByteArrayInputStream(part));
                    while (reader.hasNext()) {
                        read += read(reader.next(), reader);
                    }
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (XMLStreamException e) {
            throw new IllegalStateException(e);
        }
        return read;
    }

    /** What whoever parses wants to have of it: names, values and text. */
    private static int read(int event, XMLStreamReader reader) {
        int length = 0;
        if (event == XMLStreamReader.START_ELEMENT) {
            length = reader.getLocalName().length();
            for (int i = 0; i < reader.getAttributeCount(); i++) {
                length += reader.getAttributeLocalName(i).length()
                        + reader.getAttributeValue(i).length();
            }
        } else if (event == XMLStreamReader.CHARACTERS) {
            length = reader.getText().length();
        }
        return length;
    }

    private static int walk(byte[] deck) {
        try (ExistingFile file = ExistingFile.open(deck)) {
            return file.findings().uses().size();
        }
    }

    private static int check(byte[] deck, House house) {
        try (ExistingFile file = ExistingFile.open(deck)) {
            return Check.of(file.findings(), house, Logos.NONE).size();
        }
    }
}
