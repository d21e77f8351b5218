package app.zumbido.core.palette;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.color.Rgb;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What people call these colours; common practice, no published source. */
class WorkingNameTest {
    @ParameterizedTest
    @CsvSource({
        "0B2A4A, Dark blue",
        "0F7C7A, Teal",
        "F2682A, Orange",
        "D02020, Red",
        "FFD400, Yellow",
        "2E8B3A, Green",
        "2F5DFF, Blue",
        "8A3FD0, Violet",
        "FF9EC0, Pink",
        "808080, Grey",
        "FFFFFF, White",
        "000000, Black",
        "EEEEEE, Pale grey"
    })
    void callsAColorWhatPeopleCallIt(String hex, String name) {
        assertThat(WorkingName.of(Rgb.ofHex(hex), Set.of())).isEqualTo(name);
    }

    @Test
    void numbersANameThatIsTaken() {
        assertThat(WorkingName.of(Rgb.WHITE, Set.of("White", "White 2"))).isEqualTo("White 3");
    }
}
