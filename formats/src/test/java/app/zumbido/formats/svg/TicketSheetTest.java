package app.zumbido.formats.svg;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.image.Pixels;
import java.util.List;
import org.junit.jupiter.api.Test;

class TicketSheetTest {
    private static final List<TicketSheet.Entry> ENTRIES = List.of(
            new TicketSheet.Entry(Rgb.ofHex("0F7C7A"), "Teal & <friends>"),
            new TicketSheet.Entry(Rgb.ofHex("F2682A"), "Orange"),
            new TicketSheet.Entry(Rgb.ofHex("0B2A4A"), ""));

    @Test
    void isADrawingWithItsCodesAndWords() {
        SvgFile read = SvgFile.read(TicketSheet.write(ENTRIES, 2));
        assertThat(read.text().lines().filter(line -> !line.isBlank()))
                .containsExactly("0F7C7A", "Teal & <friends>", "F2682A", "Orange", "0B2A4A");
        assertThat(read.fills()).contains(Rgb.ofHex("0F7C7A"), Rgb.ofHex("F2682A"), Rgb.ofHex("0B2A4A"));
    }

    @Test
    void standsInRows() {
        Pixels pixels = SvgFile.read(TicketSheet.write(ENTRIES, 2)).draw();
        double scale = pixels.width() / 348.0;
        assertThat(pixels.at((int) (60 * scale), (int) (60 * scale))).isEqualTo(0xFF0F7C7A);
        assertThat(pixels.at((int) (240 * scale), (int) (60 * scale))).isEqualTo(0xFFF2682A);
        assertThat(pixels.at((int) (60 * scale), (int) (210 * scale))).isEqualTo(0xFF0B2A4A);
    }
}
