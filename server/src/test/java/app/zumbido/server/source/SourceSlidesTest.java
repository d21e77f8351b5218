package app.zumbido.server.source;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.mockito.Mockito.verifyNoInteractions;
import static org.mockito.Mockito.when;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.ThemeChange;
import app.zumbido.core.palette.Palette;
import app.zumbido.core.theme.PageGround;
import app.zumbido.core.theme.Suggestion;
import app.zumbido.core.theme.SuggestionPolicy;
import app.zumbido.formats.delivery.Assets;
import app.zumbido.formats.delivery.Order;
import app.zumbido.formats.image.UnreadableImageException;
import app.zumbido.formats.layouts.SlideSize;
import app.zumbido.formats.office.slides.PresentationTemplate;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

class SourceSlidesTest extends SourceTest {
    private SourceSlides slides;

    @BeforeEach
    void draw() {
        slides = new SourceSlides(service, blobs, pictures);
    }

    private void holdDeck(byte[] deck) {
        when(mapper.find(BRAND, SOURCE))
                .thenReturn(new SourceRow(
                        SOURCE, BRAND, "deck.pptx", "pptx", null, null, null, null, null, BLOB, CLOCK.instant()));
        when(blobs.get(BLOB)).thenReturn(deck);
    }

    @Test
    void drawsSlidesOfADeck() throws IOException {
        UUID theme = new UUID(1, 9);
        Brand brand = Brand.begin(BRAND, "Ostrel Ferries", Optional.empty(), theme)
                .apply(new ThemeChange.ApplySuggestion(theme, SuggestionPolicy.USUAL, Suggestion.from(Palette.EMPTY)));
        ByteArrayOutputStream deck = new ByteArrayOutputStream();
        new PresentationTemplate(SlideSize.WIDE).write(Order.of(brand.look(), Assets.NONE), deck);
        holdDeck(deck.toByteArray());
        assertThat(slides.slides(BRAND, SOURCE)).isEqualTo(1);
        byte[] plain = slides.slide(BRAND, SOURCE, 1, Optional.empty());
        BufferedImage image = ImageIO.read(new ByteArrayInputStream(plain));
        assertThat((double) image.getWidth() / image.getHeight()).isCloseTo(16.0 / 9, within(0.01));
        Brand dark = brand.apply(new ThemeChange.SetGround(theme, PageGround.DARK));
        assertThat(slides.slide(BRAND, SOURCE, 1, Optional.of(dark.look()))).isNotEqualTo(plain);
        assertThatThrownBy(() -> slides.slide(BRAND, SOURCE, 2, Optional.empty()))
                .isInstanceOf(OutsidePictureException.class)
                .hasMessageContaining("no slide 2");
    }

    @Test
    void drawsNoSlidesOfAnythingElse() {
        when(mapper.find(BRAND, SOURCE))
                .thenReturn(new SourceRow(
                        SOURCE, BRAND, "logo.png", "png", 200, 100, null, null, null, BLOB, CLOCK.instant()));
        assertThatThrownBy(() -> slides.slides(BRAND, SOURCE))
                .isInstanceOf(WrongKindOfSourceException.class)
                .hasMessageContaining("logo.png");
        verifyNoInteractions(blobs);
    }

    @Test
    void saysThatADamagedDeckCannotBeDrawn() {
        holdDeck("This is no deck.".getBytes(StandardCharsets.UTF_8));
        assertThatThrownBy(() -> slides.slide(BRAND, SOURCE, 1, Optional.empty()))
                .isInstanceOf(UnreadableImageException.class)
                .hasMessageContaining("cannot be drawn");
    }
}
