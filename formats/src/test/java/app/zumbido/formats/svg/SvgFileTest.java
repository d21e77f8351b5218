package app.zumbido.formats.svg;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.image.Pixels;
import app.zumbido.formats.image.PngImage;
import app.zumbido.formats.image.UnreadableImageException;
import java.awt.image.BufferedImage;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Base64;
import java.util.zip.CRC32;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class SvgFileTest {
    private static byte[] bytes(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }

    private static byte[] svg(String content) {
        return bytes("<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 20 10'>" + content + "</svg>");
    }

    @Test
    void drawsInItsOwnProportions() {
        SvgFile file = SvgFile.read(svg("<rect width='10' height='10' fill='#0B2A4A'/>"));
        Pixels pixels = file.draw();
        assertThat(pixels.width()).isEqualTo(2 * pixels.height());
        assertThat(pixels.at(pixels.width() / 4, 20)).isEqualTo(0xFF0B2A4A);
        assertThat(pixels.at(pixels.width() * 3 / 4, 20) >>> 24).isZero();
    }

    @Test
    void listsItsOwnColorsHoweverTheyAreWritten() {
        SvgFile file = SvgFile.read(svg("<style>.a{fill:teal} .b { stroke : RGB(242,104,42) }</style>"
                + "<linearGradient id='g'><stop stop-color='#0B2A4A'/><stop style='stop-color:#eaf3f2'/></linearGradient>"
                + "<rect class='a' fill='none' width='5' height='5'/><path style='fill:#5b6670;stroke:none' d='M0 0h4v4z'/>"
                + "<circle r='3' fill='url(#g)'/>"));
        assertThat(file.fills()).extracting(Rgb::hex).containsExactly("#008080", "#F2682A", "#5B6670");
        assertThat(file.stops()).extracting(Rgb::hex).containsExactly("#0B2A4A", "#EAF3F2");
    }

    @Test
    void readsWhatIsWrittenInIt() {
        SvgFile file = SvgFile.read(svg("<title>Not shown</title><text y='5'>Harbour teal</text>"
                + "<text y='9'>#0F7C<tspan>7A</tspan></text><rect width='5' height='5' fill='#0F7C7A'/>"));
        assertThat(file.text().lines()).containsExactly("Harbour teal", "#0F7C7A");
    }

    @Test
    void drawsColorsThatAreNamedInAStylesheet() {
        Pixels pixels = SvgFile.read(svg("<style>.a{fill:teal}</style><rect class='a' width='20' height='10'/>"))
                .draw();
        assertThat(pixels.at(300, 300)).isEqualTo(0xFF008080);
    }

    /** A semicolon inside brackets or quotes ends no declaration. Source: CSS Syntax Module Level 3, 5.4.6. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "<style>.a{background:url(data:image/png;base64,AAAA);fill:teal}</style><rect class='a' width='20' height='10'/>",
                "<style>.a{content:'};fill:red;';fill:teal}</style><rect class='a' width='20' height='10'/>",
                "<style>/* .a{fill:red} */ .a { fill : teal ; }</style><rect class='a' width='20' height='10'/>",
                "<style>@import url(x.css);.a{fill:teal}</style><rect class='a' width='20' height='10'/>",
                "<rect style='background:url(data:image/png;base64,AAAA);fill:teal' width='20' height='10'/>"
            })
    void readsStylesByTheGrammarOfCss(String drawing) {
        assertThat(SvgFile.read(svg(drawing)).draw().at(300, 300)).isEqualTo(0xFF008080);
    }

    @Test
    void expandsEntitiesThatItDeclaresItself() {
        SvgFile file = SvgFile.read(bytes("<!DOCTYPE svg PUBLIC '-//W3C//DTD SVG 1.1//EN' "
                + "'http://www.w3.org/Graphics/SVG/1.1/DTD/svg11.dtd' [<!ENTITY sea 'fill:#0F7C7A'>]>"
                + "<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 20 10'>"
                + "<rect width='20' height='10' style='&sea;'/></svg>"));
        assertThat(file.fills()).extracting(Rgb::hex).containsExactly("#0F7C7A");
        assertThat(file.draw().at(5, 5)).isEqualTo(0xFF0F7C7A);
    }

    @Test
    void refusesEntitiesThatGrowWithoutEnd() {
        StringBuilder bomb = new StringBuilder("<!DOCTYPE svg [<!ENTITY a0 'aaaaaaaaaa'>");
        for (int i = 1; i < 12; i++) {
            bomb.append("<!ENTITY a")
                    .append(i)
                    .append(" '")
                    .append(("&a" + (i - 1) + ";").repeat(10))
                    .append("'>");
        }
        bomb.append("]><svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 9 9'><text>&a11;</text></svg>");
        assertThatThrownBy(() -> SvgFile.read(bytes(bomb.toString()))).isInstanceOf(UnreadableImageException.class);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "<!DOCTYPE svg [<!ENTITY x SYSTEM 'file:///etc/passwd'>]>"
                        + "<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 9 9'><text>&x;</text></svg>",
                "<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 9 9'><image href='file:///etc/passwd'/></svg>",
                "<svg xmlns='http://www.w3.org/2000/svg' xmlns:xlink='http://www.w3.org/1999/xlink' viewBox='0 0 9 9'>"
                        + "<use xlink:href='http://localhost:1/x.svg#a'/></svg>",
                "<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 9 9' onload='x()'><script>x()</script></svg>",
                "<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 9 9'><style>@import 'http://localhost:1/';</style></svg>"
            })
    void takesNothingFromOutside(String text) {
        try {
            String rewritten = new String(SvgFile.read(bytes(text)).rewritten(), StandardCharsets.UTF_8);
            assertThat(rewritten).doesNotContain("root:", "passwd", "xlink", "onload", "x()", "@import", "DOCTYPE");
        } catch (UnreadableImageException e) {
            // Refusing the whole file takes nothing either.
            assertThat(e.reason()).isEqualTo(UnreadableImageException.Reason.BROKEN);
        }
    }

    @Test
    void keepsAPictureInsideOnlyWithinTheLimits() {
        BufferedImage image = new BufferedImage(4, 2, BufferedImage.TYPE_3BYTE_BGR);
        byte[] png = PngImage.encode(image);
        String data = "data:image/png;base64," + Base64.getEncoder().encodeToString(png);
        String kept =
                new String(SvgFile.read(svg("<image href='" + data + "'/>")).rewritten(), StandardCharsets.UTF_8);
        assertThat(kept).contains(data);

        ByteBuffer header = ByteBuffer.wrap(png).putInt(16, 60_000).putInt(20, 60_000);
        CRC32 crc = new CRC32();
        crc.update(png, 12, 17);
        header.putInt(29, (int) crc.getValue());
        String bomb = "data:image/png;base64," + Base64.getEncoder().encodeToString(png);
        String dropped =
                new String(SvgFile.read(svg("<image href='" + bomb + "'/>")).rewritten(), StandardCharsets.UTF_8);
        assertThat(dropped).contains("<image").doesNotContain("data:");
    }

    @ParameterizedTest
    @ValueSource(strings = {"<svg xmlns='http://www.w3.org/2000/svg'><rect", "<svg viewBox='0 0 0 0'/>"})
    void refusesADamagedDrawing(String text) {
        assertThatThrownBy(() -> SvgFile.read(bytes(text)).draw()).isInstanceOf(UnreadableImageException.class);
    }

    @Test
    void refusesWhatIsNestedWithoutEnd() {
        assertThatThrownBy(() -> SvgFile.read(svg("<g>".repeat(100_000) + "</g>".repeat(100_000))))
                .isInstanceOf(UnreadableImageException.class);
    }

    @Test
    void tellsADrawingFromOtherMarkup() {
        assertThat(SvgFile.isSvg(svg(""))).isTrue();
        assertThat(SvgFile.isSvg(bytes("<?xml version='1.0'?><!-- logo --><svg xmlns='http://www.w3.org/2000/svg'/>")))
                .isTrue();
        assertThat(SvgFile.isSvg(bytes("<html><body><svg/></body></html>"))).isFalse();
        assertThat(SvgFile.isSvg(bytes("<!doctype html><meta charset=utf-8><body><svg></svg>")))
                .isFalse();
        assertThat(SvgFile.isSvg(bytes("<!doctype svg [<svg viewBox='0 0 9 9'>")))
                .isTrue();
        assertThat(SvgFile.isSvg(bytes("Dear all"))).isFalse();
    }
}
