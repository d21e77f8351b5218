package app.zumbido.formats.logos;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.LogoChange;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.logos.Drawn;
import app.zumbido.core.logos.IconShape;
import app.zumbido.core.logos.LogoForm;
import app.zumbido.core.palette.Paint;
import app.zumbido.formats.BrandExample;
import app.zumbido.formats.delivery.Obstacle;
import app.zumbido.formats.delivery.Order;
import app.zumbido.formats.svg.SvgFile;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import java.util.zip.ZipInputStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;

class LogoFolderTest {
    private static Map<String, byte[]> entries(Brand brand) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        Instant time = Instant.parse("2026-03-01T08:00:00Z");
        new LogoFolder().write(Order.of(brand.look(), IconSetTest.ASSETS), out);
        Map<String, byte[]> entries = new LinkedHashMap<>();
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(out.toByteArray()))) {
            for (var entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                entries.put(entry.getName(), zip.readAllBytes());
            }
        }
        return entries;
    }

    private static Brand with(LogoForm form, Drawn drawn) {
        return BrandExample.ferries().apply(new LogoChange.SetForm(form, drawn, "logo.svg"));
    }

    @Test
    void holdsEveryVersionAsDrawingAndAsPictures() throws IOException {
        Map<String, byte[]> files =
                entries(with(LogoForm.ICON, new Drawn.OfInitials("OF", new Paint.Fixed(Rgb.BLACK), IconShape.ROUND)));
        for (String version : new String[] {"for-light", "for-dark", "one-dark-colour", "one-light-colour"}) {
            assertThat(SvgFile.isSvg(files.get("icon/icon-" + version + ".svg")))
                    .isTrue();
            assertThat(ImageIO.read(new ByteArrayInputStream(files.get("icon/icon-" + version + "-512.png")))
                            .getWidth())
                    .isEqualTo(512);
        }
        assertThat(files).containsKeys("site/favicon.ico", "site/site.webmanifest", "site/icon-16.png");
    }

    @Test
    void saysThatThereIsNoLogo() {
        assertThat(new LogoFolder().obstacles(BrandExample.ferries().look()))
                .containsExactly(new Obstacle.MissingForm(LogoForm.PRIMARY));
        Brand logo = with(LogoForm.PRIMARY, new Drawn.OfFile(new UUID(1, 1), false));
        assertThat(new LogoFolder().obstacles(logo.look())).isEmpty();
    }
}
