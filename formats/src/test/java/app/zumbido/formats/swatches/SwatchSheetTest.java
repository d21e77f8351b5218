package app.zumbido.formats.swatches;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.palette.Swatch;
import app.zumbido.formats.BrandExample;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.util.List;
import java.util.stream.IntStream;
import javax.imageio.ImageIO;
import org.jsoup.Jsoup;
import org.jsoup.parser.Parser;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SwatchSheetTest {
    private static Brand of(int swatches) {
        return BrandExample.brand(
                "Many",
                IntStream.range(0, swatches)
                        .mapToObj(i -> "Swatch <" + i + "> & \"co\" %06X".formatted(0x101010 * (i + 1) + i * 7))
                        .toArray(String[]::new));
    }

    @ParameterizedTest
    @CsvSource({"12, false, 6, 2", "12, true, 12, 1", "4, false, 4, 1", "13, false, 6, 3", "1, true, 1, 1"})
    void everyPixelOfASwatchIsItsColorAndAWhiteOutlineTellsThemApart(int count, boolean oneRow, int perRow, int rows)
            throws Exception {
        Brand brand = of(count);
        BufferedImage image =
                ImageIO.read(new ByteArrayInputStream(BrandExample.written(SwatchSheet.picture(oneRow), brand)));
        int side = image.getWidth() / perRow;
        assertThat(image.getHeight()).isEqualTo(rows * side);
        List<Swatch> swatches = brand.usable().swatches();
        assertThat(swatches).hasSize(count);
        for (int i = 0; i < count; i++) {
            int x = i % perRow * side;
            int y = i / perRow * side;
            assertThat(image.getRGB(x + side / 2, y + side / 2) & 0xFFFFFF)
                    .isEqualTo(swatches.get(i).color().packed());
            assertThat(image.getRGB(x + side / 4, y + side - side / 10) & 0xFFFFFF)
                    .isEqualTo(swatches.get(i).color().packed());
            assertThat(image.getRGB(x + 2, y + side / 2) & 0xFFFFFF).isEqualTo(0xFFFFFF);
        }
    }

    @Test
    void drawsEachWithItsNameAndCode() {
        Brand brand = of(12);
        String svg = new String(
                BrandExample.written(SwatchSheet.drawing(false), brand), java.nio.charset.StandardCharsets.UTF_8);
        var document = Jsoup.parse(svg, "", Parser.xmlParser());
        var swatches = document.select("rect[stroke=#FFFFFF]");
        assertThat(swatches.eachAttr("fill"))
                .isEqualTo(brand.usable().swatches().stream()
                        .map(swatch -> swatch.color().hex())
                        .toList());
        assertThat(swatches.select("title").get(3).text()).isEqualTo("OF Swatch <3> & \"co\"");
    }
}
