package app.zumbido.formats.logos;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.data.Offset.offset;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.logos.Cutting;
import app.zumbido.core.logos.LogoPart;
import app.zumbido.formats.svg.SvgFile;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** An invented long logo: a symbol of two pieces, a line of five letters with a dot, a smaller line of four. */
class PiecesTest {
    private static final String LONG = """
            <rect x="10" y="20" width="60" height="60" fill="#0B2A4A"/>
            <path d="M6 88h80v10h-80z" fill="#0F7C7A"/>
            <g fill="#0B2A4A"><path fill-rule="evenodd" d="M110 30h20v30h-20zM115 35h10v20h-10z"/><path d="M136 30h18v30h-18z"/>
            <path d="M160 38h6v22h-6z"/><rect x="160" y="29" width="6" height="5"/><path d="M172 30h20v30h-20z"/><path d="M198 30h20v30h-20z"/></g>
            <g fill="#5B6670"><path d="M110 76h8v14h-8z"/><path d="M122 76h8v14h-8z"/><path d="M134 76h8v14h-8z"/><path d="M146 76h8v14h-8z"/></g>""";

    private static LogoDrawing drawn(String shapes) {
        String svg = "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 240 120\">" + shapes + "</svg>";
        return LogoDrawing.of(SvgFile.read(svg.getBytes(StandardCharsets.UTF_8)));
    }

    private static final LogoDrawing LOGO = drawn(LONG);

    @Test
    void findsLettersTheirDotsAndTheSymbol() {
        List<LogoPiece> pieces = LOGO.pieces();
        assertThat(pieces).hasSize(12);
        Map<Integer, List<LogoPiece>> groups = pieces.stream().collect(Collectors.groupingBy(LogoPiece::group));
        assertThat(groups.values()).extracting(List::size).containsExactly(2, 6, 4);
        assertThat(groups.get(0).get(0).box().x()).isCloseTo(10 / 240.0, offset(1e-6));
        // A counter stays with its letter.
        assertThat(groups.get(1).get(0).box().width()).isCloseTo(20 / 240.0, offset(1e-6));
    }

    @Test
    void leavesOutWhatLiesInACuttingAndNoMore() {
        LogoDrawing shorter = LOGO.without(List.of(new Cutting(0.4, 0.6, 0.6, 0.4)));
        assertThat(shorter.pieces()).hasSize(8);
        assertThat(shorter.parts()).extracting(LogoPart::color).doesNotContain(Rgb.ofHex("5B6670"));
        // From the wave's left edge to the last letter, drawn 5 to one unit; nothing is stretched.
        assertThat(shorter.width()).isCloseTo(5 * (218 - 6), offset(0.01));
        assertThat(shorter.height()).isCloseTo(5 * (98 - 20), offset(0.01));
        // A cutting that only touches a letter leaves it.
        assertThat(LOGO.without(List.of(new Cutting(0.4, 0.6, 0.08, 0.4))).pieces())
                .hasSize(12);
    }

    @Test
    void cutsTheSymbolOutWhole() {
        // The marking misses the end of the wave.
        LogoDrawing symbol = LOGO.within(new Cutting(0, 0.1, 0.33, 0.85));
        assertThat(symbol.pieces()).hasSize(2);
        assertThat(symbol.width()).isCloseTo(5 * 80, offset(0.01));
    }

    @Test
    void cutsThroughWhatIsInOnePiece() {
        LogoDrawing square = drawn("<rect x=\"20\" y=\"10\" width=\"200\" height=\"100\" fill=\"#7A2E2A\"/>");
        LogoDrawing corner = square.within(new Cutting(0, 0, 0.25, 0.5));
        assertThat(corner.width()).isCloseTo(5 * 40, offset(0.01));
        assertThat(corner.height()).isCloseTo(5 * 50, offset(0.01));
    }

    @Test
    void takesASheetOfPaperBeneathForTheGround() {
        LogoDrawing onPaper = drawn("<rect width=\"240\" height=\"120\" fill=\"#FFFFFF\"/>" + LONG);
        assertThat(onPaper.shapes()).hasSameSizeAs(LOGO.shapes());
        LogoDrawing badge = drawn("<rect x=\"8\" y=\"8\" width=\"224\" height=\"104\" fill=\"#FFFFFF\"/>" + LONG);
        assertThat(badge.shapes()).hasSize(LOGO.shapes().size() + 1);
    }

    /** White letters on a badge: their ground is the badge, whatever it stands on. */
    @Test
    void tellsWhatStandsOnAnotherPart() {
        LogoDrawing badge = drawn("<rect x=\"8\" y=\"8\" width=\"224\" height=\"104\" fill=\"#0B2A4A\"/>"
                + "<path d=\"M60 40h20v40h-20z\" fill=\"#FFFFFF\"/><path d=\"M200 90h32v22h-32z\" fill=\"#F2682A\"/>");
        assertThat(badge.parts())
                .extracting(part -> part.color().hex() + " " + part.exposed())
                .containsExactly("#0B2A4A true", "#FFFFFF false", "#F2682A true");
    }

    /** A white logo is a logo: in one dark colour all of it is there. White on a badge is what shows through. */
    @Test
    void keepsWhiteThatStandsByItself() {
        LogoDrawing white = drawn("<path d=\"M60 40h40v40h-40z\" fill=\"#FFFFFF\"/>");
        assertThat(Areas.measure(Logos.oneColor(white, Rgb.BLACK).visible().get(Rgb.BLACK)))
                .isCloseTo(200 * 200, offset(1.0));
        LogoDrawing badge = drawn("<path d=\"M40 20h80v80h-80z\" fill=\"#0B2A4A\"/>"
                + "<path d=\"M60 40h40v40h-40z\" fill=\"#FFFFFF\"/>");
        assertThat(Areas.measure(Logos.oneColor(badge, Rgb.BLACK).visible().get(Rgb.BLACK)))
                .isCloseTo(400 * 400 - 200 * 200, offset(1.0));
    }

    /** Worked by hand, in units of the drawing; pieces that come to a point have no thin stroke there. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            <path d="M10 10h200v8h-200z"/>                                              | 8
            <path d="M10 10h200v8h-200z"/><path d="M10 60h200v2h-200z"/>                | 2
            <path d="M20 110L120 10" fill="none" stroke="#000" stroke-width="3"/>       | 3
            <circle cx="60" cy="60" r="40" fill="none" stroke="#000" stroke-width="4"/> | 4
            <path d="M20 110L120 10L220 110z"/>                                         | 82.8
            """)
    void measuresTheThinnestStroke(String shapes, double thickness) {
        // Five pixels to a unit; the last is the circle inside a triangle of 200 by 100: 2 x area / half its outline.
        assertThat(drawn(shapes.strip()).thinnestStroke() / 5).isCloseTo(thickness, offset(0.06 * thickness + 0.2));
    }

    @Test
    void keepsGradientsWhereTheFormIsAsItIs() {
        LogoDrawing shaded = drawn("<defs><linearGradient id=\"g\"><stop stop-color=\"#0B2A4A\"/>"
                + "<stop offset=\"1\" stop-color=\"#0F7C7A\"/></linearGradient>"
                + "<radialGradient id=\"r\"><stop stop-color=\"#FFFFFF\"/><stop offset=\"1\" stop-color=\"#F2682A\"/></radialGradient></defs>"
                + "<rect x=\"20\" y=\"20\" width=\"120\" height=\"80\" fill=\"url(#g)\"/>"
                + "<circle cx=\"190\" cy=\"60\" r=\"30\" fill=\"url(#r)\"/>");
        var painted = shaded.draw(480);
        // Two pixels to a unit: near the first stop, and near the last.
        assertThat(painted.getRGB(42, 120) >> 8 & 0xFF).isCloseTo(0x2A, within(2));
        assertThat(painted.getRGB(278, 120) >> 8 & 0xFF).isCloseTo(0x7C, within(2));
        // Written as a drawing and read by the SVG library again it looks the same.
        var again = LogoDrawing.of(SvgFile.read(shaded.trimmed().svg())).draw(480);
        var trimmed = shaded.trimmed().draw(480);
        int off = 0;
        for (int y = 4; y < trimmed.getHeight() - 4; y += 4) {
            for (int x = 4; x < 476; x += 4) {
                off = Math.max(off, Math.abs((trimmed.getRGB(x, y) >> 8 & 0xFF) - (again.getRGB(x, y) >> 8 & 0xFF)));
            }
        }
        assertThat(off).isLessThan(12);
        // In another version there is one colour instead.
        assertThat(Logos.oneColor(shaded, Rgb.BLACK).svg())
                .asString(StandardCharsets.UTF_8)
                .doesNotContain("Gradient");
    }
}
