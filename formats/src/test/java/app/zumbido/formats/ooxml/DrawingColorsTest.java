package app.zumbido.formats.ooxml;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.formats.archive.PartTree;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Lighter and darker steps are worked by hand from ECMA-376 Part 1, 20.1.2.3; half of linear light is 188 of 255, 0.2126 of
 * it 127 (IEC 61966-2-1). Names and their values: W3C CSS Color Module Level 4, 6.1.
 */
class DrawingColorsTest {
    private static final DrawingColors COLORS =
            DrawingColors.of(Map.of(ThemeSlot.ACCENT_1, Rgb.ofHex("D83A56"), ThemeSlot.DARK_1, Rgb.BLACK));

    private static Optional<Seen> read(String element) {
        byte[] part = ("<r>" + element + "</r>").getBytes(StandardCharsets.UTF_8);
        return COLORS.in(PartTree.read("part.xml", part), Optional.empty());
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
                    <srgbClr val='0f7c7a'/>                                                             | 0F7C7A
                    <schemeClr val='accent1'/>                                                          | D83A56
                    <schemeClr val='accent1'><lumMod val='20000'/><lumOff val='80000'/></schemeClr>     | F7D8DD
                    <schemeClr val='accent1'><lumMod val='40%'/><lumOff val='60%'/></schemeClr>         | EFB0BB
                    <schemeClr val='accent1'><lumMod val='75000'/></schemeClr>                          | AC223A
                    <schemeClr val='accent1'><lumMod val='50000'/></schemeClr>                          | 721727
                    <schemeClr val='tx1'><tint val='50000'/></schemeClr>                                | BCBCBC
                    <srgbClr val='FFFFFF'><shade val='50000'/></srgbClr>                                | BCBCBC
                    <srgbClr val='000000'><inv/></srgbClr>                                              | FFFFFF
                    <srgbClr val='FF0000'><comp/></srgbClr>                                             | 00FFFF
                    <srgbClr val='FF0000'><gray/></srgbClr>                                             | 7F7F7F
                    <srgbClr val='FF0000'><hueOff val='7200000'/></srgbClr>                             | 00FF00
                    <srgbClr val='FF0000'><satMod val='0'/></srgbClr>                                   | 808080
                    <srgbClr val='FF0000'><lum val='100000'/></srgbClr>                                 | FFFFFF
                    <srgbClr val='000000'><green val='50000'/></srgbClr>                                | 00BC00
                    <scrgbClr r='50000' g='0' b='100000'/>                                              | BC00FF
                    <scrgbClr r='50%' g='0%' b='100%'/>                                                 | BC00FF
                    <hslClr hue='14400000' sat='100000' lum='50000'/>                                   | 0000FF
                    <sysClr val='windowText' lastClr='0B2A4A'/>                                         | 0B2A4A
                    <sysClr val='window'/>                                                              | FFFFFF
                    <prstClr val='dkBlue'/>                                                             | 00008B
                    <prstClr val='medSeaGreen'/>                                                        | 3CB371
                    <prstClr val='mediumSeaGreen'/>                                                     | 3CB371
                    <prstClr val='ltGray'/>                                                             | D3D3D3
                    """)
    void readsEveryWayOfWritingAColor(String element, String digits) {
        assertThat(read(element).orElseThrow().color().digits()).isEqualTo(digits);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
                    <srgbClr val='000000'/>                              | 1
                    <srgbClr val='000000'><alpha val='40000'/></srgbClr> | 0.4
                    <srgbClr val='000000'><alpha val='0'/></srgbClr>     | 0
                    <srgbClr val='000000'><alphaMod val='50%'/></srgbClr> | 0.5
                    """)
    void knowsHowMuchShowsThrough(String element, double opacity) {
        assertThat(read(element).orElseThrow().opacity()).isEqualTo(opacity);
    }

    @ParameterizedTest
    @CsvSource({
        "<srgbClr val='teal'/>",
        "<schemeClr val='accent2'/>",
        "<schemeClr val='phClr'/>",
        "<prstClr/>",
        "<other/>"
    })
    void readsNothingWhereNoColorIsSaid(String element) {
        assertThat(read(element)).isEmpty();
    }
}
