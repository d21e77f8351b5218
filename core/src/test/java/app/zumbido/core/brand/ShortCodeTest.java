package app.zumbido.core.brand;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ShortCodeTest {
    @ParameterizedTest
    @CsvSource({
        "Ostrel Ferries, OF",
        "Pellory Seed Exchange, PSE",
        "Kestrin, KES",
        "Öl & Élan, OE",
        "A, A",
        "'!!!', ''",
        "' 1st -- Öre ', 1O",
        "-Kestrin, KES",
        "a b c d e f g h i j, ABCDEFGH"
    })
    void takesInitialsOrFirstLetters(String name, String code) {
        assertThat(ShortCode.propose(name)).isEqualTo(code);
    }
}
