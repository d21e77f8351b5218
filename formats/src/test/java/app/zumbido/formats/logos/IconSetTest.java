package app.zumbido.formats.logos;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.logos.IconShape;
import app.zumbido.core.logos.LogoForm;
import app.zumbido.core.logos.LogoVersion;
import app.zumbido.formats.BrandExample;
import app.zumbido.formats.delivery.Assets;
import app.zumbido.formats.delivery.LogoPicture;
import app.zumbido.formats.delivery.Obstacle;
import app.zumbido.formats.delivery.Order;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.zip.ZipInputStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class IconSetTest {
    private static final Icon ICON =
            Icon.of(DrawnLogos.all().get("sail and wave"), Rgb.ofHex("0B2A4A"), IconShape.ROUNDED);

    /** A brand with an icon and nothing else. */
    static final Assets ASSETS = new Assets() {
        @Override
        public Optional<LogoPicture> logo(LogoForm form, LogoVersion version) {
            return form != LogoForm.ICON
                    ? Optional.empty()
                    : Optional.of(new LogoPicture() {
                        @Override
                        public double ratio() {
                            return 1;
                        }

                        @Override
                        public byte[] svg() {
                            return ICON.at(512).svg();
                        }

                        @Override
                        public byte[] png(int width) {
                            return ICON.png(width);
                        }
                    });
        }

        @Override
        public Optional<LogoPicture> logoOn(LogoForm form, Rgb ground) {
            return logo(form, LogoVersion.LIGHT);
        }
    };

    private static byte[] written(Assets assets) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        new IconSet().write(Order.of(BrandExample.ferries().look(), assets), out);
        return out.toByteArray();
    }

    private static Map<String, byte[]> entries() throws IOException {
        Map<String, byte[]> entries = new LinkedHashMap<>();
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(written(ASSETS)))) {
            for (var entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                entries.put(entry.getName(), zip.readAllBytes());
            }
        }
        return entries;
    }

    @Test
    void holdsEverySizeThatSitesAskFor() throws IOException {
        Map<String, byte[]> set = entries();
        for (int side : Icon.SIZES) {
            var picture = ImageIO.read(new ByteArrayInputStream(set.get("icon-" + side + ".png")));
            assertThat(picture.getWidth()).isEqualTo(side);
            assertThat(picture.getHeight()).isEqualTo(side);
        }
        assertThat(set.get("favicon.ico")).startsWith(0, 0, 1, 0, 3, 0);
        assertThat(set).hasSize(Icon.SIZES.size() + 4);
    }

    /** Source of the members: W3C Web Application Manifest. */
    @Test
    void tellsBrowsersWhatToShow() throws IOException {
        Map<String, byte[]> set = entries();
        JsonNode manifest = JsonMapper.shared().readTree(set.get("site.webmanifest"));
        assertThat(manifest.get("name").asString()).isEqualTo("Ostrel Ferries");
        assertThat(manifest.get("theme_color").asString()).isEqualTo("#0B2A4A");
        for (JsonNode icon : manifest.get("icons")) {
            String file = icon.get("src").asString().substring(1);
            int side = ImageIO.read(new ByteArrayInputStream(set.get(file))).getWidth();
            assertThat(icon.get("sizes").asString()).isEqualTo(side + "x" + side);
        }
        String head = new String(set.get("head.html"), StandardCharsets.UTF_8);
        set.keySet().stream()
                .filter(name -> head.contains("/" + name))
                .forEach(name -> assertThat(set).containsKey(name));
        assertThat(head).contains("/favicon.ico", "/icon.svg", "/icon-180.png", "/site.webmanifest");
    }

    @Test
    void isTheSameEveryTime() throws IOException {
        assertThat(written(ASSETS)).isEqualTo(written(ASSETS));
    }

    @Test
    void saysThatThereIsNoIcon() {
        assertThat(new IconSet().obstacles(BrandExample.ferries().look()))
                .containsExactly(new Obstacle.MissingForm(LogoForm.ICON));
        assertThatThrownBy(() -> written(Assets.NONE)).isInstanceOf(IllegalStateException.class);
    }
}
