package app.zumbido.core.palette;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.color.Degrees;
import app.zumbido.core.color.GamutMapping;
import app.zumbido.core.color.Oklch;
import app.zumbido.core.color.Rgb;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
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

    /** Middles and borders of the words, as OKLCH; common practice, no published source. */
    @ParameterizedTest
    @CsvSource({
        "0.6, 0.1, 5, Pink",
        "0.6, 0.1, 30, Red",
        "0.65, 0.15, 50, Orange",
        "0.85, 0.15, 90, Yellow",
        "0.8, 0.15, 120, Lime",
        "0.6, 0.1, 150, Green",
        "0.6, 0.1, 190, Teal",
        "0.6, 0.1, 240, Blue",
        "0.6, 0.1, 300, Violet",
        "0.6, 0.1, 330, Magenta",
        "0.6, 0.1, 355, Pink",
        "0.43, 0.1, 30, Dark red",
        "0.47, 0.1, 30, Red",
        "0.87, 0.06, 150, Pale green",
        "0.79, 0.06, 150, Green",
        "0.87, 0.13, 150, Green",
        "0.6, 0.035, 240, Blue",
        "0.6, 0.025, 240, Grey",
        "0.43, 0, 0, Dark grey",
        "0.22, 0, 0, Dark grey",
        "0.18, 0, 0, Black",
        "0.83, 0, 0, Grey",
        "0.87, 0, 0, Pale grey",
        "0.98, 0, 0, Pale grey",
        "0.99, 0, 0, White"
    })
    void bordersLieWhereTheWordsChange(double lightness, double chroma, double hue, String name) {
        Rgb color = GamutMapping.toRgb(new Oklch(lightness, chroma, Optional.of(Degrees.of(hue))));
        assertThat(WorkingName.of(color, Set.of())).isEqualTo(name);
    }

    @ParameterizedTest
    @CsvSource({
        "FF9EC0, magenta, red",
        "D02020, pink, orange",
        "0F7C7A, green, blue",
        "8A3FD0, blue, magenta",
        "D040B0, violet, pink",
        "808080, '', ''"
    })
    void neighboursStandOnEitherSideOfTheCircle(String hex, String before, String after) {
        assertThat(WorkingName.towards(Rgb.ofHex(hex), -1)).isEqualTo(before);
        assertThat(WorkingName.towards(Rgb.ofHex(hex), 1)).isEqualTo(after);
    }

    @Test
    void proposesWordsOfTheListAfterThePlainName() {
        assertThat(WorkingName.proposals(Rgb.ofHex("0F7C7A"), Set.of()))
                .startsWith("Teal", "Sea green")
                .hasSizeBetween(2, 4);
        assertThat(WorkingName.of(Rgb.ofHex("0F7C7A"), Set.of("Teal"))).isEqualTo("Sea green");
    }

    @Test
    void numbersANameWhenNoWordIsFree() {
        Set<String> taken = new HashSet<>(ColorWord.near(Rgb.WHITE));
        taken.addAll(Set.of("White", "White 2"));
        assertThat(WorkingName.proposals(Rgb.WHITE, taken)).containsExactly("White 3");
    }

    /** A word must be the nearest to its own place, or it could never be proposed first of the list. */
    @Test
    void everyWordOfTheListIsTheFirstForItsOwnColor() throws IOException {
        List<String> wrong = new ArrayList<>();
        for (String line : lines()) {
            String[] parts = line.split(",");
            Rgb color = GamutMapping.toRgb(new Oklch(
                    Double.parseDouble(parts[1]),
                    Double.parseDouble(parts[2]),
                    Optional.of(Degrees.of(Double.parseDouble(parts[3])))));
            List<String> near = ColorWord.near(color);
            if (near.isEmpty() || !near.get(0).equals(parts[0])) {
                wrong.add(parts[0] + " is called " + near);
            }
        }
        assertThat(wrong).isEmpty();
    }

    private static List<String> lines() throws IOException {
        try (InputStream in = Objects.requireNonNull(ColorWord.class.getResourceAsStream("color-words.csv"))) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .filter(line -> !line.startsWith("#") && !line.startsWith("word,"))
                    .toList();
        }
    }

    /** What people call them; the survey stands in the list itself. */
    @ParameterizedTest
    @CsvSource({
        "5A2E1A, brown",
        "7B4A21, brown chocolate",
        "3B2314, brown chocolate coffee",
        "6B8F3A, olive leaf moss",
        "5B6B2E, olive army moss",
        "9C7D46, ochre tan camel bronze khaki brown",
        "B8893B, ochre mustard camel gold bronze brown tan",
        "E3D3B0, beige sand cream",
        "C19A6B, tan camel sand fawn",
        "A0522D, sienna brown rust",
        "A9D3DE, pale",
        "C8E0F4, pale"
    })
    void callsEarthAndPaleColorsAsPeopleDo(String hex, String words) {
        String name = WorkingName.of(Rgb.ofHex(hex), Set.of()).toLowerCase(Locale.ROOT);
        assertThat(name).matches(called -> Arrays.stream(words.split(" ")).anyMatch(called::contains));
        assertThat(name).isNotEqualTo("dark orange");
    }
}
