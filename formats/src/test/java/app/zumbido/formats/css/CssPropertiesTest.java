package app.zumbido.formats.css;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.ThemesChange;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.core.theme.Turning;
import app.zumbido.core.type.Face;
import app.zumbido.core.type.FaceKind;
import app.zumbido.core.type.FaceMetrics;
import app.zumbido.core.type.Lettering;
import app.zumbido.core.type.Place;
import app.zumbido.core.type.Sizes;
import app.zumbido.core.type.StandIn;
import app.zumbido.formats.BrandExample;
import app.zumbido.formats.delivery.Assets;
import app.zumbido.formats.delivery.Letters;
import app.zumbido.formats.delivery.PlainWord;
import com.helger.css.decl.CascadingStyleSheet;
import com.helger.css.reader.CSSReader;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CssPropertiesTest {
    @Test
    void writesPaletteAndThemeWithTheShortCodeInFront() {
        assertThat(CssProperties.write(BrandExample.ferries().look(), Assets.NONE))
                .startsWith("/* Ostrel Ferries: palette and theme */\n:root {\n")
                .contains("  --of-night-channel: #0B2A4A; /* oklch(")
                .contains("  --of-theme-dark-1: #0B2A4A; /*")
                .contains("  --of-page: #FFFFFF; /*", "  --of-text: #0B2A4A; /*", "  --of-link: ")
                .doesNotContain("prefers-color-scheme")
                .contains("  --of-font-heading: \"Source Serif 4\", serif;\n")
                .endsWith("}\n");
    }

    /** A second theme on the other ground is for those who want pages so. */
    @Test
    void turnsThePageForThoseWhoPreferIt() throws Exception {
        Brand light = BrandExample.ferries();
        Brand both = light.apply(new ThemesChange.AddTheme(
                Turning.of(light.look().theme(), light.palette(), light.roles())
                        .under(new UUID(7, 7))
                        .withName("Night"),
                Optional.empty()));
        String css = CssProperties.write(both.look(), Assets.NONE);
        int turned = css.indexOf("@media (prefers-color-scheme: dark) {");
        assertThat(turned).isPositive();
        String dark = both.look(new UUID(7, 7)).colors().get(ThemeSlot.DARK_1).hex();
        assertThat(css.substring(turned)).contains("--of-page: " + dark + ";", "--of-link: ");
        // A parser of others finds nothing wrong with it.
        CascadingStyleSheet read = CSSReader.readFromString(css);
        assertThat(read).isNotNull();
        assertThat(read.getMediaRuleCount()).isEqualTo(1);
        assertThat(read.getStyleRuleCount()).isEqualTo(1);
    }

    /** A swatch may be called Page: then nobody knows which of the two is meant. */
    @Test
    void leavesThePageOutWhereASwatchHasItsName() {
        Brand named = BrandExample.brand("X", "Page 0000FF", "Blue 0000EE");
        String css = CssProperties.write(named.look(), Assets.NONE);
        assertThat(css).contains("--of-page: #0000FF;").doesNotContain("--of-text:", "--of-page-2");
    }

    /** Worked by hand: lines of the stand-in are a quarter longer, so it is set at 80 %, and its lines are stretched by 1.25. */
    @Test
    void scalesWhatStandsInForAFont() {
        FaceMetrics metrics = new FaceMetrics(0.9, 0.2, 0.1, 0.5, 0.7, 0.45, 0.09, 0.8, Map.of());
        Face wanted = new Face("Own", FaceKind.SANS, 700, false, metrics);
        Face other = new Face("Arial", FaceKind.SANS, 700, false, metrics);
        Letters letters = new Letters(
                wanted,
                List.of(),
                List.of(new StandIn(Place.SITE, other, 0.9, 0.25, 0.8, StandIn.Evidence.SAME_METRICS, false)));
        Lettering lettering = Lettering.of("Own", FaceKind.SANS, 700, Optional.empty(), new Sizes(36, 26, 32.5));
        assertThat(CssType.standIn(lettering, letters))
                .contains("@font-face { font-family: \"Own stand-in\"; src: local(\"Arial\"); font-weight: 700; "
                        + "size-adjust: 80.00%; ascent-override: 112.50%; descent-override: 25.00%; "
                        + "line-gap-override: 12.50%; }");
        assertThat(CssType.properties(lettering, Optional.of(letters)))
                .containsExactly(
                        new CssType.Property("", "\"Own\", \"Own stand-in\", sans-serif"),
                        new CssType.Property("-size", "32.5px"),
                        new CssType.Property("-weight", "700"));
        assertThat(CssType.properties(lettering, Optional.empty()))
                .contains(new CssType.Property("", "\"Own\", sans-serif"));
    }

    @Test
    void givesEveryNameOnce() {
        String css = CssProperties.write(
                BrandExample.brand("X", "Blue 0000FF", "blue! 0000EE", "!!! 0000DD", "蓝 0000CC")
                        .look(),
                Assets.NONE);
        assertThat(css)
                .contains(
                        "--of-blue: #0000FF", "--of-blue-2: #0000EE", "--of-swatch: #0000DD", "--of-swatch-2: #0000CC");
    }

    @Test
    void letsNoNameCloseTheComment() {
        String css = CssProperties.write(
                BrandExample.brand("A */ b { } /*", "Blue 0000FF").look(), Assets.NONE);
        assertThat(css.indexOf("*/")).isEqualTo(css.indexOf(" */\n:root") + 1);
    }

    @ParameterizedTest
    @CsvSource({"Harbour teal, harbour-teal", "Été à Nîmes, ete-a-nimes", "--, swatch", "100 %, 100", "a  b, a-b"})
    void makesIdentifiersOfNames(String name, String ident) {
        assertThat(PlainWord.of(name, "swatch")).isEqualTo(ident);
    }
}
