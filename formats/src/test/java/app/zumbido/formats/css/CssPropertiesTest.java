package app.zumbido.formats.css;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.formats.BrandExample;
import app.zumbido.formats.delivery.Assets;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CssPropertiesTest {
    @Test
    void writesPaletteAndThemeWithTheShortCodeInFront() {
        assertThat(CssProperties.write(BrandExample.ferries().look(), Assets.NONE))
                .startsWith("/* Ostrel Ferries: palette and theme */\n:root {\n")
                .contains("  --of-night-channel: #0B2A4A;\n")
                .contains("  --of-theme-dark-1: #0B2A4A;\n")
                .contains("  --of-font-heading: \"Work Sans\", sans-serif;\n")
                .endsWith("}\n");
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
        assertThat(CssProperties.ident(name, "swatch")).isEqualTo(ident);
    }
}
