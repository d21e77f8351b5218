package app.zumbido.formats.svg;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.zumbido.core.image.Pixels;
import app.zumbido.formats.image.PngImage;
import java.io.ByteArrayInputStream;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;

class SvgPictureTest {
    private static InputStream svg(String text) {
        return new ByteArrayInputStream(text.getBytes(StandardCharsets.UTF_8));
    }

    @Test
    void drawsInTheWidthAskedFor() {
        Pixels pixels = PngImage.decode(SvgPicture.toPng(
                svg("<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 20 10'>"
                        + "<rect width='10' height='10' fill='#0B2A4A'/></svg>"),
                200));
        assertThat(pixels.width()).isEqualTo(200);
        assertThat(pixels.height()).isEqualTo(100);
        assertThat(pixels.at(50, 50)).isEqualTo(0xFF0B2A4A);
        assertThat(pixels.at(150, 50) >>> 24).isZero();
    }

    @Test
    void refusesWhatIsNoDrawing() {
        assertThatThrownBy(() -> SvgPicture.toPng(svg("no drawing"), 100)).isInstanceOf(IllegalArgumentException.class);
    }
}
