package app.zumbido.core.color;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Values of W3C CSS Color Module Level 4, 6.1, from memory. */
class NamedColorsTest {
    @ParameterizedTest
    @CsvSource({"navy, #000080", "Teal, #008080", "REBECCAPURPLE, #663399", "grey, #808080", "tomato, #FF6347"})
    void knowsTheNamesOfCss(String name, String hex) {
        assertThat(NamedColors.find(name).orElseThrow().hex()).isEqualTo(hex);
    }

    @Test
    void knowsNoOthers() {
        assertThat(NamedColors.find("harbour")).isEmpty();
        assertThat(NamedColors.find("none")).isEmpty();
    }
}
