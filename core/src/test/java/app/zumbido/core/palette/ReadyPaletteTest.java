package app.zumbido.core.palette;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.Difference;
import app.zumbido.core.color.Oklch;
import app.zumbido.core.color.Rgb;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import org.junit.jupiter.params.provider.MethodSource;

class ReadyPaletteTest {
    /** Colours of one palette are told apart at a glance; ΔE00. */
    private static final double APART = 5;

    static List<ReadyPalette> all() {
        return ReadyPalette.all();
    }

    @Test
    void areAtLeastSixtyAndNoTwoAreCalledAlike() {
        assertThat(all()).hasSizeGreaterThanOrEqualTo(60);
        assertThat(all()).extracting(ReadyPalette::name).doesNotHaveDuplicates();
        assertThat(all()).extracting(ReadyPalette::colors).doesNotHaveDuplicates();
    }

    @ParameterizedTest
    @MethodSource("all")
    void eachHasColorsApartAndAnInkThatReadsOnItsPaper(ReadyPalette palette) {
        List<Rgb> colors =
                palette.colors().stream().map(ReadyPalette.Color::color).toList();
        for (int i = 0; i < colors.size(); i++) {
            for (int j = 0; j < i; j++) {
                assertThat(Difference.between(colors.get(i), colors.get(j)))
                        .as(colors.get(i) + " and " + colors.get(j))
                        .isGreaterThan(APART);
            }
        }
        Rgb paper = colors.get(colors.size() - 2);
        Rgb ink = colors.get(colors.size() - 1);
        assertThat(ContrastRatio.between(ink, paper).value()).isGreaterThanOrEqualTo(4.5);
    }

    @ParameterizedTest
    @MethodSource("all")
    void theMainColorIsOfTheHueUnlessTheMoodLeansElsewhere(ReadyPalette palette) {
        if (palette.mood() != Mood.WARM) {
            Rgb main = palette.colors().get(0).color();
            assertThat(Oklch.of(main)
                            .hue()
                            .orElseThrow()
                            .distanceTo(palette.hue().middle()))
                    .isLessThan(12);
        }
    }

    @Test
    void isFoundByMoodHueAndColorInWords() {
        ReadyPalette fern = ReadyPalette.find("quiet-fern").orElseThrow();
        assertThat(fern.speaksOf("green")).isTrue();
        assertThat(fern.speaksOf("  FERN quiet ")).isTrue();
        assertThat(fern.speaksOf("violet")).isFalse();
        assertThat(ReadyPalette.find("loud-fern")).isEmpty();
    }

    @Test
    void givesSwatchesNamesThatAreFree() {
        ReadyPalette fern = ReadyPalette.find("quiet-fern").orElseThrow();
        List<Swatch> swatches = fern.swatches(Set.of(fern.colors().get(0).name()), UUID::randomUUID);
        assertThat(swatches.get(0).name()).isNotEqualTo(fern.colors().get(0).name());
        assertThat(swatches).extracting(Swatch::name).doesNotHaveDuplicates();
        assertThat(swatches.get(0).origins().get(0).source()).isEqualTo("Quiet fern");
    }

    @ParameterizedTest
    @CsvFileSource(resources = "tones.csv", useHeadersInDisplayName = true)
    void aMoodMakesItsColorsOfOneHue(Mood mood, HueFamily hue, String colors) {
        List<Rgb> made = mood.colorsOf(hue);
        String[] wanted = colors.split(" ");
        assertThat(made).hasSize(wanted.length);
        for (int i = 0; i < wanted.length; i++) {
            Swatches.assertNearly(made.get(i), wanted[i]);
        }
    }
}
