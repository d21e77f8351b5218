package app.zumbido.formats.office;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.formats.BrandExample;
import app.zumbido.formats.listing.ListedFile;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class ThemeAloneTest {
    private static final Brand BRAND = BrandExample.ferries();

    private static Map<String, byte[]> files() {
        return OfficeSchemas.parts(BrandExample.written(new ThemeAlone(), BRAND));
    }

    @ParameterizedTest
    @ValueSource(strings = {"theme.potx", "theme.dotx", "theme.xltx"})
    void isValidAndGivesTheThemeAgain(String name) {
        byte[] file = files().get(name);
        assertThat(OfficeSchemas.errors(file)).isEmpty();
        var theme = ListedFile.read(file).orElseThrow().inventory().theme().orElseThrow();
        assertThat(theme.colors()).isEqualTo(BRAND.look().colors());
        assertThat(theme.colors()).hasSize(ThemeSlot.values().length);
        assertThat(theme.fonts()).contains(BRAND.type().pair());
        assertThat(theme.name()).isEqualTo("Ostrel Ferries");
    }

    @Test
    void saysWhatToDoWithEach() {
        assertThat(files()).containsOnlyKeys("how-to.txt", "theme.potx", "theme.dotx", "theme.xltx", "theme1.xml");
        String text = new String(files().get("how-to.txt"), java.nio.charset.StandardCharsets.UTF_8);
        assertThat(text).contains("theme.potx", "theme.dotx", "theme.xltx", "theme1.xml", "Ostrel Ferries");
    }
}
