package app.zumbido.formats.recolor;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.image.Pixels;
import app.zumbido.core.inspect.Frame;
import app.zumbido.core.recolor.ColorArea;
import app.zumbido.core.recolor.Graphic;
import app.zumbido.formats.image.BitmapFile;
import app.zumbido.formats.image.UnreadableImageException;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Ellipse2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Graphics whose areas are known because they were drawn for it. */
class GraphicFileTest {
    private static final Rgb RED = Rgb.ofHex("CC2222");
    private static final Rgb TEAL = Rgb.ofHex("0F7C7A");

    private static byte[] svg(String inside) {
        return ("<svg xmlns=\"http://www.w3.org/2000/svg\" xmlns:xlink=\"http://www.w3.org/1999/xlink\" width=\"100\" height=\"100\" viewBox=\"0 0 100 100\">"
                        + inside + "</svg>")
                .getBytes(StandardCharsets.UTF_8);
    }

    private static Graphic graphic(String inside) {
        return GraphicFile.open(svg(inside)).graphic(List.of());
    }

    private static ColorArea area(Graphic graphic, Rgb color) {
        return graphic.areas().stream()
                .filter(area -> area.color().equals(color))
                .findFirst()
                .orElseThrow();
    }

    private static String recolored(String inside, Rgb from, Rgb to) {
        byte[] after = GraphicFile.open(svg(inside)).recolored(Map.of(from, to), List.of(), Map.of());
        String text = new String(after, StandardCharsets.UTF_8);
        return text.substring(text.indexOf('>') + 1, text.lastIndexOf("</svg>"));
    }

    @Test
    void measuresWhatIsSeenOfEachColorAndWhatItTouches() {
        Graphic graphic = graphic("""
                <rect width="100" height="100" fill="#FFFFFF"/><rect width="50" height="100" fill="#CC2222"/>\
                <rect x="60" y="60" width="20" height="20" style="fill:#0F7C7A"/><rect width="10" height="10" fill="#000000"/>\
                <rect width="10" height="10" fill="#FFCC00"/>""");
        assertThat(area(graphic, RED).share()).isCloseTo(0.49, within(0.005));
        assertThat(area(graphic, TEAL).share()).isCloseTo(0.04, within(0.002));
        assertThat(area(graphic, Rgb.BLACK).share()).isZero();
        assertThat(area(graphic, TEAL).x()).isCloseTo(0.7, within(0.02));
        assertThat(area(graphic, TEAL).y()).isCloseTo(0.7, within(0.02));
        int red = graphic.indexOf(RED);
        int teal = graphic.indexOf(TEAL);
        int white = graphic.indexOf(Rgb.WHITE);
        assertThat(graphic.touch(red, white)).isTrue();
        assertThat(graphic.touch(teal, white)).isTrue();
        assertThat(graphic.touch(red, teal)).isFalse();
    }

    /** Source of the ways to say a colour: SVG 2, 6.3, 13 and 14; CSS Color Module Level 4. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "<rect width=\"9\" height=\"9\" fill=\"#CC2222\"/>",
                "<rect width=\"9\" height=\"9\" fill=\"#c22\" stroke=\"none\"/>",
                "<rect width=\"9\" height=\"9\" style=\"stroke-width:2; fill : rgb(204, 34, 34) !important\"/>",
                "<style>.a, .b{fill:#cc2222;stroke:none}</style><rect class=\"a\" width=\"9\" height=\"9\"/>",
                "<style><![CDATA[ .a { fill: #cc2222 } ]]></style><rect class=\"a\" width=\"9\" height=\"9\"/>",
                "<g color=\"#CC2222\"><rect fill=\"currentColor\" width=\"9\" height=\"9\"/></g>",
                "<line x1=\"0\" y1=\"5\" x2=\"90\" y2=\"5\" stroke=\"#CC2222\" stroke-width=\"9\"/>",
                "<linearGradient id=\"g\"><stop stop-color=\"#CC2222\"/><stop offset=\"1\" stop-color=\"#FFFFFF\"/></linearGradient><rect fill=\"url(#g)\" width=\"9\" height=\"9\"/>",
                "<radialGradient id=\"g\"><stop style=\"stop-color:#CC2222\"/><stop offset=\"1\" style=\"stop-color:#FFFFFF\"/></radialGradient><linearGradient id=\"h\" xlink:href=\"#g\"/><rect fill=\"url(#h)\" width=\"9\" height=\"9\"/>",
                "<pattern id=\"p\" width=\"4\" height=\"4\" patternUnits=\"userSpaceOnUse\"><rect width=\"4\" height=\"4\" fill=\"#CC2222\"/></pattern><rect fill=\"url(#p)\" width=\"90\" height=\"90\"/>",
                "<defs><rect id=\"r\" width=\"9\" height=\"9\" fill=\"#CC2222\"/></defs><use xlink:href=\"#r\" x=\"5\"/><use href=\"#r\" y=\"20\"/>",
                "<rect width=\"9\" height=\"9\" fill=\"#CC2222\" opacity=\"0.5\" fill-opacity=\"0.8\"/>",
            })
    void findsAndReplacesAColorHoweverItIsSaid(String inside) {
        Graphic graphic = graphic(inside);
        assertThat(area(graphic, RED).share()).isPositive();
        String after = recolored(inside, RED, TEAL);
        assertThat(after.toLowerCase(Locale.ROOT)).contains("#0f7c7a");
        assertThat(graphic(after).areas()).extracting(ColorArea::color).doesNotContain(RED);
        assertThat(after.replaceAll("(?i)#0F7C7A", ""))
                .isEqualTo(inside.replaceAll("(?i)#CC2222|#c22|rgb\\(204, 34, 34\\)", ""));
    }

    @Test
    void keepsHowMuchShowsThrough() {
        assertThat(recolored("<rect width=\"9\" height=\"9\" fill=\"rgba(204,34,34,0.5)\"/>", RED, TEAL))
                .contains("#0F7C7A80");
    }

    /** An icon takes its colour from where it stands; alone it is black. */
    @Test
    void writesAColorWhereNoneIsSaid() {
        assertThat(recolored("<path fill=\"currentColor\" d=\"M0 0h9v9z\"/>", Rgb.BLACK, TEAL))
                .isEqualTo("<path fill=\"#0F7C7A\" d=\"M0 0h9v9z\"/>");
        byte[] plain = svg("<path d=\"M0 0h9v9z\"/>");
        String after = new String(
                GraphicFile.open(plain).recolored(Map.of(Rgb.BLACK, TEAL), List.of(), Map.of()),
                StandardCharsets.UTF_8);
        assertThat(after)
                .isEqualTo(new String(plain, StandardCharsets.UTF_8).replace("<svg ", "<svg fill=\"#0F7C7A\" "));
        // What is said to be nothing stays nothing, and black that nobody sees is none.
        assertThat(graphic("<path fill=\"none\" stroke=\"#CC2222\" d=\"M0 0h9v9z\"/>")
                        .areas())
                .hasSize(1);
    }

    @Test
    void findsColorsInEntities() {
        byte[] file =
                ("<!DOCTYPE svg PUBLIC \"-//W3C//DTD SVG 1.0//EN\" \"http://www.w3.org/TR/2001/REC-SVG-20010904/DTD/svg10.dtd\" ["
                                + "<!ENTITY st0 \"fill:#CC2222;stroke:none;\">]><svg xmlns=\"http://www.w3.org/2000/svg\" width=\"9\" height=\"9\">"
                                + "<rect width=\"9\" height=\"9\" style=\"&st0;\"/></svg>")
                        .getBytes(StandardCharsets.UTF_8);
        GraphicFile graphic = GraphicFile.open(file);
        assertThat(graphic.unwritten()).isEmpty();
        assertThat(area(graphic.graphic(List.of()), RED).share()).isCloseTo(1, within(1e-6));
        assertThat(new String(graphic.recolored(Map.of(RED, TEAL), List.of(), Map.of()), StandardCharsets.UTF_8))
                .isEqualTo(new String(file, StandardCharsets.UTF_8).replace("#CC2222", "#0F7C7A"));
    }

    @Test
    void recolorsOnlyWhatIsMarked() {
        String two =
                "<circle cx=\"20\" cy=\"50\" r=\"15\" fill=\"#CC2222\"/><circle cx=\"80\" cy=\"50\" r=\"15\" fill=\"#CC2222\"/>";
        GraphicFile file = GraphicFile.open(svg(two));
        List<Frame> left = List.of(new Frame(0, 0, 0.5, 1));
        Graphic graphic = file.graphic(left);
        assertThat(graphic.areas()).extracting(ColorArea::still).containsExactlyInAnyOrder(true, false);
        String after = new String(file.recolored(Map.of(RED, TEAL), left, Map.of()), StandardCharsets.UTF_8);
        assertThat(after).contains("cx=\"20\" cy=\"50\" r=\"15\" fill=\"#0F7C7A\"");
        assertThat(after).contains("cx=\"80\" cy=\"50\" r=\"15\" fill=\"#CC2222\"");
    }

    /** Source: CSS Custom Properties for Cascading Variables Module Level 1, 3. */
    @Test
    void namesColorsWithAFallbackWhereThatIsWanted() {
        byte[] after = GraphicFile.open(svg("<rect width=\"9\" height=\"9\" fill=\"#CC2222\"/>"))
                .recolored(Map.of(RED, TEAL), List.of(), Map.of(TEAL, "--harbour-teal"));
        assertThat(new String(after, StandardCharsets.UTF_8)).contains("fill=\"var(--harbour-teal, #0F7C7A)\"");
        // It is seen, and can be given another colour, which takes the place of the name as well.
        GraphicFile named = GraphicFile.open(after);
        assertThat(named.graphic(List.of()).areas()).singleElement().satisfies(area -> {
            assertThat(area.color()).isEqualTo(TEAL);
            assertThat(area.share()).isPositive();
        });
        assertThat(named.draw(90).at(4, 4) & 0xFFFFFF).isEqualTo(0x0F7C7A);
        assertThat(new String(named.recolored(Map.of(TEAL, RED), List.of(), Map.of()), StandardCharsets.UTF_8))
                .contains("fill=\"#CC2222\"")
                .doesNotContain("harbour-teal");
    }

    private static BufferedImage flat() {
        BufferedImage image = new BufferedImage(120, 80, BufferedImage.TYPE_INT_ARGB);
        Graphics2D graphics = image.createGraphics();
        graphics.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        graphics.setColor(Color.WHITE);
        graphics.fillRect(0, 0, 120, 80);
        graphics.setColor(new Color(0xCC2222));
        graphics.fill(new Ellipse2D.Double(20.3, 10.7, 60, 60));
        graphics.dispose();
        return image;
    }

    private static byte[] png(BufferedImage image) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            ImageIO.write(image, "png", out);
        } catch (IOException e) {
            throw new AssertionError(e);
        }
        return out.toByteArray();
    }

    /** The picture drawn at once in the new colours is what a recoloured one should be; rounding aside. */
    @Test
    void smoothedEdgesOfPicturesFollow() throws IOException {
        byte[] after = GraphicFile.open(png(flat()))
                .recolored(Map.of(RED, TEAL, Rgb.WHITE, Rgb.ofHex("0B2A4A")), List.of(), Map.of());
        BufferedImage read = ImageIO.read(new ByteArrayInputStream(after));
        BufferedImage wanted = flat();
        for (int y = 0; y < 80; y++) {
            for (int x = 0; x < 120; x++) {
                int rgb = wanted.getRGB(x, y);
                // Of red on white the green channel tells how much there is of each.
                double share = (255 - (rgb >> 8 & 0xFF)) / (255.0 - 0x22);
                assertThat(read.getRGB(x, y) >> 16 & 0xFF).isCloseTo(mix(0x0B, 0x0F, share), within(3));
                assertThat(read.getRGB(x, y) >> 8 & 0xFF).isCloseTo(mix(0x2A, 0x7C, share), within(3));
                assertThat(read.getRGB(x, y) & 0xFF).isCloseTo(mix(0x4A, 0x7A, share), within(3));
            }
        }
    }

    private static int mix(int from, int to, double share) {
        return (int) Math.round(from + share * (to - from));
    }

    @Test
    void tellsAPhotographThatCannotFollow() {
        BufferedImage noisy = new BufferedImage(200, 150, BufferedImage.TYPE_INT_RGB);
        Random random = new Random(4);
        for (int y = 0; y < 150; y++) {
            for (int x = 0; x < 200; x++) {
                int light = (int) (90 + 60 * Math.sin(x / 23.0) + 40 * Math.cos(y / 17.0) + random.nextGaussian() * 12);
                int clipped = Math.max(0, Math.min(255, light));
                noisy.setRGB(x, y, new Color(clipped, Math.min(255, clipped + 20), 255 - clipped).getRGB());
            }
        }
        GraphicFile file = GraphicFile.open(png(noisy));
        assertThat(file.isPhotograph()).isTrue();
        Pixels duotone = BitmapFile.decode(file.duotone(TEAL, Rgb.WHITE));
        assertThat(duotone.width()).isEqualTo(200);
        for (int i = 0; i < duotone.count(); i++) {
            int red = duotone.at(i) >> 16 & 0xFF;
            int green = duotone.at(i) >> 8 & 0xFF;
            double share = (red - 0x0F) / 240.0;
            assertThat(green).isCloseTo((int) Math.round(0x7C + share * (255 - 0x7C)), within(2));
        }
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "no picture at all",
                "<svg xmlns=\"http://www.w3.org/2000/svg\"><rect",
                "<!DOCTYPE svg [<!ENTITY a \"aaaaaaaaaa\"><!ENTITY b \"&a;&a;&a;&a;&a;&a;&a;&a;&a;&a;\"><!ENTITY c \"&b;&b;&b;&b;&b;&b;&b;&b;&b;&b;\"><!ENTITY d \"&c;&c;&c;&c;&c;&c;&c;&c;&c;&c;\"><!ENTITY e \"&d;&d;&d;&d;&d;&d;&d;&d;&d;&d;\">]><svg xmlns=\"http://www.w3.org/2000/svg\"><text>&e;&e;</text></svg>",
                "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"0\" height=\"0\"/>"
            })
    void refusesWhatCannotBeRead(String file) {
        assertThatThrownBy(() -> GraphicFile.open(file.getBytes(StandardCharsets.UTF_8)))
                .isInstanceOf(UnreadableImageException.class);
    }
}
