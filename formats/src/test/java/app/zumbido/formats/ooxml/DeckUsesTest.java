package app.zumbido.formats.ooxml;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.inspect.Setting;
import app.zumbido.core.inspect.Use;
import app.zumbido.formats.archive.Archive;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class DeckUsesTest {
    /** A deck by chance has more; otherwise the comparison would say nothing. */
    private static final int LEAST_USES = 60;

    private static List<Use> walk(byte[] deck) {
        List<Use> uses = new ArrayList<>();
        try (OfficeFile file = OfficeFile.of(Archive.open(deck))) {
            file.walk(uses::add);
        }
        return uses;
    }

    private static Map<String, Integer> counted(List<Use> uses) {
        Map<String, Integer> counts = new TreeMap<>();
        uses.forEach(use -> counts.merge(use.what() + " " + use.color().hex(), 1, Integer::sum));
        return counts;
    }

    /** What layouts and masters draw themselves is told too; the library is asked about slides. */
    private static List<Use> ownOfSlides(List<Use> uses) {
        return uses.stream()
                .filter(use -> use.place().part().startsWith("ppt/slides/"))
                .toList();
    }

    /** Checked against Apache POI where it resolves rightly, which these decks keep to. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
    void resolvesColorsAsALibraryDoes(long seed) throws IOException {
        byte[] deck = Decks.byChance(seed);
        List<Use> uses = walk(deck);
        assertThat(uses).hasSizeGreaterThan(LEAST_USES);
        assertThat(counted(ownOfSlides(uses))).isEqualTo(LibraryColors.of(deck));
    }

    private static List<String> told(RawDeck deck) throws IOException {
        return walk(deck.bytes()).stream().map(DeckUsesTest::told).toList();
    }

    private static String told(Use use) {
        String by = use.setting() instanceof Setting.OfTheme theme
                ? theme.slot().code()
                : use.setting().getClass().getSimpleName();
        return use.place().thing() + " " + use.what() + " " + use.color().digits() + " " + by + " on "
                + use.grounds().stream().map(Rgb::digits).toList();
    }

    /** In the theme of these decks a slot's colour is its number. */
    @Test
    void followsThePlaceholdersOfLayoutAndMaster() throws IOException {
        String title = "<p:ph type='ctrTitle'/>";
        String body = "<p:ph idx='7'/>";
        RawDeck deck = new RawDeck()
                .master(
                        RawDeck.shape("T", "<p:ph type='title'/>", "<p:spPr/>", "")
                                + RawDeck.shape(
                                        "B",
                                        "<p:ph type='body' idx='1'/>",
                                        "<p:spPr><a:solidFill><a:schemeClr val='accent3'/></a:solidFill></p:spPr>",
                                        ""),
                        "<p:titleStyle><a:lvl1pPr><a:defRPr><a:solidFill><a:schemeClr val='tx2'/></a:solidFill>"
                                + "</a:defRPr></a:lvl1pPr></p:titleStyle>")
                .layout(RawDeck.shape("L", title, "<p:spPr/>", "")
                        + RawDeck.shape(
                                "M",
                                "<p:ph type='body' idx='7'/>",
                                "<p:spPr/>",
                                "<a:lstStyle><a:lvl2pPr><a:defRPr><a:solidFill><a:schemeClr val='accent4'/>"
                                        + "</a:solidFill></a:defRPr></a:lvl2pPr></a:lstStyle>"))
                .slide(
                        "<p:spTree>" + RawDeck.shape("Title", title, "<p:spPr/>", RawDeck.run(""))
                                + RawDeck.shape(
                                        "Body",
                                        body,
                                        "<p:spPr/>",
                                        RawDeck.run("") + RawDeck.run("").replace("<a:p>", "<a:p><a:pPr lvl='1'/>"))
                                + "</p:spTree>",
                        "");
        assertThat(told(deck))
                .containsExactly(
                        " GROUND 000002 lt1 on []",
                        "Title TEXT 000003 dk2 on [000002]",
                        "Body GROUND 000007 accent3 on [000002]",
                        "Body TEXT 000001 dk1 on [000007]",
                        "Body TEXT 000008 accent4 on [000007]");
    }

    @Test
    void seesWhatComesFromTheMasterInTheColorsThatTheSlideOverrides() throws IOException {
        RawDeck deck = new RawDeck()
                .slide(
                        "<p:bg><p:bgPr><a:solidFill><a:schemeClr val='bg1'/></a:solidFill></p:bgPr></p:bg><p:spTree>"
                                + RawDeck.shape("Box", "", "<p:spPr/>", RawDeck.run("")) + "</p:spTree>",
                        "<p:clrMapOvr><a:overrideClrMapping bg1='dk2' tx1='lt1' bg2='dk1' tx2='lt2' hlink='accent6'/>"
                                + "</p:clrMapOvr>");
        assertThat(told(deck)).containsExactly(" GROUND 000003 dk2 on []", "Box TEXT 000002 lt1 on [000003]");
    }

    @Test
    void standsTextOnEveryColorOfAGradientAndOnNoneOfAPicture() throws IOException {
        String gradient = "<p:spPr><a:gradFill><a:gsLst><a:gs pos='100000'><a:srgbClr val='0F7C7A'/></a:gs>"
                + "<a:gs pos='0'><a:schemeClr val='accent2'/></a:gs></a:gsLst></a:gradFill></p:spPr>";
        RawDeck deck = new RawDeck()
                .slide(
                        "<p:spTree>" + RawDeck.shape("Band", "", gradient, RawDeck.run(""))
                                + RawDeck.shape("Photo", "", "<p:spPr><a:blipFill/></p:spPr>", RawDeck.run(""))
                                + "</p:spTree>",
                        "");
        assertThat(told(deck))
                .containsExactly(
                        " GROUND 000002 lt1 on []",
                        "Band GROUND 000006 accent2 on [000002]",
                        "Band GROUND 0F7C7A ByHand on [000002]",
                        "Band TEXT 000001 dk1 on [000006, 0F7C7A]",
                        "Photo TEXT 000001 dk1 on []");
    }

    /** A link takes the theme's colour whatever the run says; an addition to the standard can ask for the run's. */
    @Test
    void givesLinksTheColorOfLinks() throws IOException {
        String own = "<a:solidFill><a:srgbClr val='F2682A'/></a:solidFill>";
        RawDeck deck = new RawDeck()
                .slide(
                        "<p:spTree>"
                                + RawDeck.shape("Link", "", "<p:spPr/>", RawDeck.run(own + "<a:hlinkClick/>"))
                                + RawDeck.shape(
                                        "Own",
                                        "",
                                        "<p:spPr/>",
                                        RawDeck.run(own + "<a:hlinkClick><a:extLst><a:ext><hlinkClr val='tx'/></a:ext>"
                                                + "</a:extLst></a:hlinkClick>"))
                                + "</p:spTree>",
                        "");
        assertThat(told(deck))
                .containsExactly(
                        " GROUND 000002 lt1 on []",
                        "Link TEXT 00000B hlink on [000002]",
                        "Own TEXT F2682A ByHand on [000002]");
    }

    @Test
    void dressesTheCellsOfATableByItsStyle() throws IOException {
        String fill = "<a:tcStyle><a:fill><a:solidFill><a:schemeClr val='%s'/></a:solidFill></a:fill></a:tcStyle>";
        String head = "<a:firstRow><a:tcTxStyle><a:schemeClr val='bg1'/></a:tcTxStyle>" + fill.formatted("accent1")
                + "</a:firstRow>";
        String styles = "<a:tblStyle styleId='{S}'><a:wholeTbl>" + fill.formatted("accent5") + "</a:wholeTbl><a:band1H>"
                + fill.formatted("accent6") + "</a:band1H>" + head + "</a:tblStyle>";
        String cell = "<a:tc><a:txBody><a:bodyPr/>" + RawDeck.run("") + "</a:txBody><a:tcPr/></a:tc>";
        String row = "<a:tr>" + cell + "</a:tr>";
        RawDeck deck = new RawDeck()
                .tableStyles(styles)
                .slide(
                        "<p:spTree>"
                                + RawDeck.frame("<a:tbl><a:tblPr firstRow='1' bandRow='1'><a:tableStyleId>{S}"
                                        + "</a:tableStyleId></a:tblPr>" + row + row + row + "</a:tbl>")
                                + "</p:spTree>",
                        "");
        assertThat(told(deck))
                .containsExactly(
                        " GROUND 000002 lt1 on []",
                        "Frame GROUND 000005 accent1 on [000002]",
                        "Frame TEXT 000002 lt1 on [000005]",
                        "Frame GROUND 00000A accent6 on [000002]",
                        "Frame TEXT 000001 dk1 on [00000A]",
                        "Frame GROUND 000009 accent5 on [000002]",
                        "Frame TEXT 000001 dk1 on [000009]");
    }

    @Test
    void tellsTheSeriesOfAChartAlsoWhereNothingIsSaid() throws IOException {
        String said = "<c:spPr><a:ln><a:solidFill><a:srgbClr val='F2682A'/></a:solidFill></a:ln></c:spPr>";
        RawDeck deck = new RawDeck()
                .chart("<c:ser><c:idx val='0'/><c:tx><c:v>Cars</c:v></c:tx></c:ser><c:ser><c:idx val='7'/>"
                        + "<c:tx><c:v>Boats</c:v></c:tx></c:ser><c:ser><c:idx val='2'/><c:tx><c:v>Line</c:v></c:tx>"
                        + said + "</c:ser>")
                .slide("<p:spTree>" + RawDeck.frame("<c:chart xmlns:c='c' r:id='r2'/>") + "</p:spTree>", "");
        assertThat(told(deck))
                .containsExactly(
                        " GROUND 000002 lt1 on []",
                        "Cars GRAPHIC 000005 accent1 on [000002]",
                        "Boats GRAPHIC 000006 accent2 on [000002]",
                        "Line GRAPHIC F2682A ByHand on [000002]");
    }

    /** A diagram's shapes stand in a part of their own, in its colours and names. */
    @Test
    void tellsTheShapesOfADiagram() throws IOException {
        String shape = "<x:sp><x:nvSpPr><x:cNvPr id='3' name='Step'/></x:nvSpPr><x:spPr><a:solidFill>"
                + "<a:schemeClr val='accent3'/></a:solidFill></x:spPr></x:sp>";
        RawDeck deck = new RawDeck()
                .diagram(shape)
                .slide("<p:spTree>" + RawDeck.frame("<d:relIds xmlns:d='d' r:dm='r3'/>") + "</p:spTree>", "");
        assertThat(told(deck)).containsExactly(" GROUND 000002 lt1 on []", "Step GRAPHIC 000007 accent3 on [000002]");
    }

    /** Spots lead to where the colour is written, which may be the layout, and not to where it is seen. */
    @Test
    void tellsWhereAColorIsWritten() throws IOException {
        RawDeck deck = new RawDeck()
                .layout(RawDeck.shape(
                        "L",
                        "<p:ph type='body' idx='7'/>",
                        "<p:spPr><a:solidFill><a:srgbClr val='0F7C7A'/></a:solidFill></p:spPr>",
                        ""))
                .slide("<p:spTree>" + RawDeck.shape("Body", "<p:ph idx='7'/>", "<p:spPr/>", "") + "</p:spTree>", "");
        Use use = walk(deck.bytes()).get(1);
        assertThat(use.place().part()).isEqualTo("ppt/slides/slide.xml");
        assertThat(use.place().page()).hasValue(1);
        assertThat(use.setting().spot().orElseThrow().part()).isEqualTo("ppt/slideLayouts/layout.xml");
    }
}
