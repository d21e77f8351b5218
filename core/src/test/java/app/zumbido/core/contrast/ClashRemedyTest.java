package app.zumbido.core.contrast;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.zumbido.core.color.Difference;
import app.zumbido.core.color.GamutMapping;
import app.zumbido.core.color.Oklch;
import app.zumbido.core.color.Rgb;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ClashRemedyTest {
    /** That these clash is common practice, no published source. */
    @ParameterizedTest
    @CsvSource({"FF0000, 00A000", "0000FF, FF0000", "FF00B0, 00A0FF", "E0218A, 3FA34D"})
    void everyRemedyEndsTheClashAndKeepsTheHue(String one, String other) {
        Rgb first = Rgb.ofHex(one);
        Rgb second = Rgb.ofHex(other);
        assertThat(ClashRemedy.of(first, second))
                .isNotEmpty()
                .isSortedAccordingTo(Comparator.comparingDouble(ClashRemedy::cost))
                .allSatisfy(remedy -> {
                    Rgb beside = remedy.from().equals(first) ? second : first;
                    assertThat(Clash.between(remedy.to(), beside)).isFalse();
                    assertThat(remedy.cost()).isEqualTo(Difference.between(remedy.from(), remedy.to()));
                    // Bringing a colour into the gamut clips it in the end, which turns it a little.
                    Oklch to = Oklch.of(remedy.to());
                    if (to.c() > 0.05) {
                        double turned = to.hue()
                                .orElseThrow()
                                .distanceTo(Oklch.of(remedy.from()).hue().orElseThrow());
                        assertThat(turned).isCloseTo(0, within(12.0));
                    }
                });
    }

    /** Each colour is moved by the fewest steps, 0.005 of chroma or 0.01 of lightness, at which the two are quiet. */
    @ParameterizedTest
    @CsvSource({"FF0000, 00A000", "0000FF, FF0000", "FF00B0, 00A0FF", "E0218A, 3FA34D"})
    void everyRemedyIsTheSmallestStepOfItsKind(String one, String other) {
        List<ClashRemedy> remedies = ClashRemedy.of(Rgb.ofHex(one), Rgb.ofHex(other));
        for (Rgb from : List.of(Rgb.ofHex(one), Rgb.ofHex(other))) {
            Rgb beside = from.equals(Rgb.ofHex(one)) ? Rgb.ofHex(other) : Rgb.ofHex(one);
            Oklch start = Oklch.of(from);
            for (ClashRemedy.Kind kind : ClashRemedy.Kind.values()) {
                Optional<Rgb> expected = Optional.empty();
                for (int step = 1; step <= 100 && expected.isEmpty(); step++) {
                    Oklch moved = switch (kind) {
                        case QUIETER -> new Oklch(start.l(), Math.max(0, start.c() - step / 200.0), start.hue());
                        case LIGHTER -> new Oklch(Math.min(1, start.l() + step / 100.0), start.c(), start.hue());
                        case DARKER -> new Oklch(Math.max(0, start.l() - step / 100.0), start.c(), start.hue());
                    };
                    expected = Optional.of(GamutMapping.toRgb(moved)).filter(to -> !Clash.between(to, beside));
                }
                assertThat(remedies.stream()
                                .filter(remedy ->
                                        remedy.kind() == kind && remedy.from().equals(from))
                                .map(ClashRemedy::to))
                        .containsExactlyElementsOf(expected.stream().toList());
            }
        }
    }

    @Test
    void nothingIsProposedWhereNothingClashes() {
        assertThat(ClashRemedy.of(Rgb.ofHex("0B2A4A"), Rgb.ofHex("CFE4FF"))).isEmpty();
    }
}
