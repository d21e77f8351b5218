package app.zumbido.formats.recolor;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.color.Difference;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.image.Pixels;
import app.zumbido.core.recolor.Deal;
import app.zumbido.core.recolor.Dealer;
import app.zumbido.core.recolor.Stock;
import app.zumbido.formats.svg.SvgFile;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamReader;
import org.apache.batik.transcoder.SVGAbstractTranscoder;
import org.apache.batik.transcoder.TranscoderInput;
import org.apache.batik.transcoder.TranscoderOutput;
import org.apache.batik.transcoder.image.ImageTranscoder;
import org.junit.jupiter.api.Test;

/** Drawings that nobody here wrote, recoloured; read again and drawn by libraries that do not know what was done. */
class RealDrawingsTest {
    private static final Stock STOCK = Stock.of(Stream.of("0B2A4A", "0F7C7A", "F2682A", "5B6670", "EAF3F2", "FFFFFF")
            .map(Rgb::ofHex)
            .toList());
    private static final Set<String> PAINTED =
            Set.of("fill", "stroke", "color", "stop-color", "flood-color", "lighting-color");
    private static final int SIDE = 160;

    private static Map<String, byte[]> drawings() {
        Map<String, byte[]> all = new TreeMap<>(RealDrawings.flags(4));
        all.putAll(RealDrawings.icons(30));
        all.putAll(RealDrawings.clipArt(60));
        return all;
    }

    private static byte[] recolored(byte[] file) {
        GraphicFile graphic = GraphicFile.open(file);
        Deal deal = new Dealer(Grouping.usual(graphic.graphic(List.of())), STOCK, Map.of(), Optional.empty())
                .next()
                .orElseThrow();
        return graphic.recolored(deal.mapping(), List.of(), Map.of());
    }

    @Test
    void changesNothingButColorsAndBringsInOnlyThoseThatWereOffered() throws Exception {
        Map<String, byte[]> drawings = drawings();
        assertThat(drawings).hasSizeGreaterThan(100);
        Set<Rgb> may = STOCK.all();
        for (Map.Entry<String, byte[]> entry : drawings.entrySet()) {
            byte[] after = recolored(entry.getValue());
            Set<String> colors = new TreeSet<>();
            assertThat(read(after, colors)).as(entry.getKey()).isEqualTo(read(entry.getValue(), new TreeSet<>()));
            List<Rgb> found = colors.stream()
                    .filter(value -> value.startsWith("#"))
                    .map(value -> Rgb.ofHex(value.substring(1, 7)))
                    .toList();
            assertThat(may).as(entry.getKey()).containsAll(found);
            assertThat(colors)
                    .as(entry.getKey())
                    .allMatch(value -> value.startsWith("#")
                            || value.matches("none|inherit|transparent|url\\(.*|currentColor|NaN|"));
        }
    }

    /** @return everything in the drawing but its colours */
    private static List<String> read(byte[] file, Set<String> colors) throws Exception {
        XMLInputFactory factory = XMLInputFactory.newDefaultFactory();
        factory.setProperty(XMLInputFactory.IS_COALESCING, true);
        factory.setProperty("http://java.sun.com/xml/stream/properties/ignore-external-dtd", true);
        XMLStreamReader reader = factory.createXMLStreamReader(new ByteArrayInputStream(file));
        List<String> seen = new ArrayList<>();
        boolean style = false;
        while (reader.hasNext()) {
            int event = reader.next();
            if (event == XMLStreamReader.START_ELEMENT) {
                style = reader.getLocalName().equals("style");
                seen.add("<" + reader.getLocalName());
                String namespace = reader.getNamespaceURI();
                // What drawing programs keep for themselves is never drawn.
                boolean foreign = namespace != null && !namespace.endsWith("/svg");
                for (int i = 0; i < reader.getAttributeCount(); i++) {
                    String name = reader.getAttributeLocalName(i);
                    String value = reader.getAttributeValue(i);
                    if (PAINTED.contains(name) && !foreign) {
                        colors.add(value.strip());
                    } else {
                        seen.add(
                                name + "=" + (name.equals("style") && !foreign ? withoutColors(value, colors) : value));
                    }
                }
            } else if (event == XMLStreamReader.END_ELEMENT) {
                style = false;
            } else if (event == XMLStreamReader.CHARACTERS || event == XMLStreamReader.CDATA) {
                seen.add(style ? withoutColors(reader.getText(), colors) : reader.getText());
            }
        }
        return seen;
    }

    private static String withoutColors(String style, Set<String> colors) {
        return Stream.of(style.split("(?<=[;{}])"))
                .map(part -> {
                    int colon = part.indexOf(':');
                    if (colon < 0 || !PAINTED.contains(part.substring(0, colon).strip())) {
                        return part;
                    }
                    String value = part.substring(colon + 1)
                            .replaceAll("[;}]\\s*$", "")
                            .strip();
                    colors.add(value);
                    return part.substring(0, colon);
                })
                .collect(Collectors.joining());
    }

    /** What two libraries draw alike before, they draw alike after: smoothed edges and what one of them leaves out aside. */
    @Test
    void isDrawnWithTheSameColorsByTwoLibraries() {
        int drawn = 0;
        Map<String, byte[]> drawings = new TreeMap<>(RealDrawings.flags(8));
        drawings.putAll(RealDrawings.icons(120));
        for (Map.Entry<String, byte[]> entry : drawings.entrySet()) {
            Optional<BufferedImage> before = byBatik(entry.getValue());
            byte[] recolored = recolored(entry.getValue());
            Optional<BufferedImage> after = byBatik(recolored);
            if (before.isEmpty() || after.isEmpty()) {
                continue;
            }
            drawn++;
            Pixels own = SvgFile.read(entry.getValue()).draw(SIDE);
            Pixels ownAfter = SvgFile.read(recolored).draw(SIDE);
            int alike = 0;
            int stayed = 0;
            for (int y = 0; y < Math.min(own.height(), before.get().getHeight()); y++) {
                for (int x = 0; x < Math.min(own.width(), before.get().getWidth()); x++) {
                    if (isAlike(own.at(x, y), before.get().getRGB(x, y))) {
                        alike++;
                        stayed += isAlike(ownAfter.at(x, y), after.get().getRGB(x, y)) ? 1 : 0;
                    }
                }
            }
            assertThat(alike).as(entry.getKey()).isPositive();
            assertThat((double) stayed / alike).as(entry.getKey()).isGreaterThan(0.97);
        }
        assertThat(drawn).isGreaterThan(30);
    }

    private static boolean isAlike(int one, int other) {
        int apart = Math.abs((one >>> 24) - (other >>> 24));
        return apart < 8
                && ((one >>> 24) < 8
                        || Difference.between(Rgb.ofPacked(one & 0xFFFFFF), Rgb.ofPacked(other & 0xFFFFFF)) < 3);
    }

    private static Optional<BufferedImage> byBatik(byte[] svg) {
        Pixels own = SvgFile.read(svg).draw(SIDE);
        BufferedImage[] drawn = new BufferedImage[1];
        ImageTranscoder transcoder = new ImageTranscoder() {
            @Override
            public BufferedImage createImage(int width, int height) {
                return new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB);
            }

            @Override
            public void writeImage(BufferedImage image, TranscoderOutput output) {
                drawn[0] = image;
            }
        };
        transcoder.addTranscodingHint(SVGAbstractTranscoder.KEY_WIDTH, (float) own.width());
        transcoder.addTranscodingHint(SVGAbstractTranscoder.KEY_HEIGHT, (float) own.height());
        try {
            transcoder.transcode(new TranscoderInput(new ByteArrayInputStream(svg)), new TranscoderOutput());
            return Optional.ofNullable(drawn[0]);
        } catch (Exception e) {
            return Optional.empty();
        }
    }
}
