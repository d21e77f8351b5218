package app.zumbido.formats.ooxml;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.Look;
import app.zumbido.core.brand.ThemeChange;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.Paint;
import app.zumbido.core.theme.PageGround;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.formats.image.UnreadableImageException;
import java.awt.Rectangle;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.apache.poi.xslf.usermodel.XMLSlideShow;
import org.apache.poi.xslf.usermodel.XSLFAutoShape;
import org.junit.jupiter.api.Test;
import org.openxmlformats.schemas.drawingml.x2006.main.STSchemeColorVal;
import org.openxmlformats.schemas.presentationml.x2006.main.CTShape;

class SlidePicturesTest {
    private static final Map<ThemeSlot, Rgb> COLORS = Map.of(
            ThemeSlot.ACCENT_1, Rgb.ofHex("0F7C7A"),
            ThemeSlot.DARK_1, Rgb.ofHex("0B2A4A"),
            ThemeSlot.LIGHT_1, Rgb.ofHex("FFFFFF"));

    /** A deck by another library: one slide, its left half in the first accent by the theme, the rest the ground. */
    private static byte[] deck() throws IOException {
        try (XMLSlideShow show = new XMLSlideShow()) {
            XSLFAutoShape shape = show.createSlide().createAutoShape();
            shape.setAnchor(new Rectangle(0, 0, 360, 540));
            ((CTShape) shape.getXmlObject())
                    .getSpPr()
                    .addNewSolidFill()
                    .addNewSchemeClr()
                    .setVal(STSchemeColorVal.ACCENT_1);
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            show.write(bytes);
            return bytes.toByteArray();
        }
    }

    private static Look dress(PageGround ground) {
        UUID id = new UUID(0, 1);
        Brand brand =
                Brand.begin(new UUID(1, 1), "Test", Optional.empty(), id).apply(new ThemeChange.SetGround(id, ground));
        for (Map.Entry<ThemeSlot, Rgb> entry : COLORS.entrySet()) {
            brand = brand.apply(
                    new ThemeChange.FillSlot(id, entry.getKey(), Optional.of(new Paint.Fixed(entry.getValue()))));
        }
        return brand.look();
    }

    private static BufferedImage drawn(Optional<Look> dress) throws IOException {
        byte[] png = SlidePictures.draw(deck(), 0, dress).orElseThrow();
        return ImageIO.read(new ByteArrayInputStream(png));
    }

    private static String at(BufferedImage image, double x) {
        return Rgb.ofPacked(image.getRGB((int) (x * image.getWidth()), image.getHeight() / 2) & 0xFFFFFF)
                .digits();
    }

    @Test
    void aSlideTakesTheColorsOfTheTheme() throws IOException {
        BufferedImage plain = drawn(Optional.empty());
        BufferedImage dressed = drawn(Optional.of(dress(PageGround.LIGHT)));
        assertThat(Math.max(dressed.getWidth(), dressed.getHeight())).isEqualTo(960);
        assertThat(at(dressed, 0.25)).isEqualTo("0F7C7A");
        assertThat(at(plain, 0.25)).isNotEqualTo("0F7C7A");
        assertThat(at(dressed, 0.75)).isEqualTo("FFFFFF");
    }

    @Test
    void aDarkThemeTurnsThePage() throws IOException {
        BufferedImage dark = drawn(Optional.of(dress(PageGround.DARK)));
        assertThat(at(dark, 0.25)).isEqualTo("0F7C7A");
        assertThat(at(dark, 0.75)).isEqualTo("0B2A4A");
    }

    @Test
    void countsSlidesAndHasNoOthers() throws IOException {
        assertThat(SlidePictures.count(deck())).isEqualTo(1);
        assertThat(SlidePictures.draw(deck(), 1, Optional.empty())).isEmpty();
        assertThat(SlidePictures.draw(deck(), -1, Optional.empty())).isEmpty();
    }

    @Test
    void saysThatWhatIsNoDeckCannotBeDrawn() {
        assertThatThrownBy(() -> SlidePictures.count(new byte[] {1, 2, 3}))
                .isInstanceOf(UnreadableImageException.class)
                .hasMessageContaining("cannot be drawn");
    }
}
