package app.zumbido.core.contrast;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.Difference;
import app.zumbido.core.color.Oklab;
import app.zumbido.core.color.Oklch;
import app.zumbido.core.color.Rgb;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RemedyTest {
    /** Every third value of each channel: some 640,000 colours. */
    private static final int COARSE = 3;

    /** No colour of the coarse grid that passes and keeps the hue is nearer than what is found. */
    @ParameterizedTest
    @CsvSource({
        "F2682A, FFFFFF, 4.5",
        "FFD400, FFFFFF, 4.5",
        "5B6670, 0B2A4A, 4.5",
        "BBBBBB, FFFFFF, 4.5",
        "2F5DFF, 14142B, 7",
        "EAF3F2, FFFFFF, 3"
    })
    void nothingNearerPasses(String color, String ground, double ratio) {
        Rgb from = Rgb.ofHex(color);
        Rgb on = Rgb.ofHex(ground);
        Rgb found = NearestPassing.of(from, on, ratio).orElseThrow();
        assertThat(ContrastRatio.between(found, on).reaches(ratio)).isTrue();
        double distance = Oklab.of(found).distanceTo(Oklab.of(from));
        // Greys keep their tint, which costs less than one percent.
        double allowed = Oklch.of(from).c() > 0.04 ? 1 : 1.01;
        assertThat(distance).isLessThanOrEqualTo(nearestOfTheGrid(from, on, ratio) * allowed + 1e-4);
        if (Oklch.of(from).c() > 0.04 && Oklch.of(found).c() > 0.04) {
            assertThat(Oklch.of(found)
                            .hue()
                            .orElseThrow()
                            .distanceTo(Oklch.of(from).hue().orElseThrow()))
                    .isLessThanOrEqualTo(2);
        }
    }

    @Test
    void aGreyComesOutGrey() {
        Rgb found = NearestPassing.of(Rgb.WHITE, Rgb.ofHex("96A1AC"), 4.5).orElseThrow();
        assertThat(Oklch.of(found).c()).isLessThan(0.03);
    }

    private static double nearestOfTheGrid(Rgb from, Rgb on, double ratio) {
        Oklab origin = Oklab.of(from);
        Oklch polar = Oklch.of(from);
        double least = Double.MAX_VALUE;
        for (int red = 0; red < 256; red += COARSE) {
            for (int green = 0; green < 256; green += COARSE) {
                for (int blue = 0; blue < 256; blue += COARSE) {
                    Rgb candidate = new Rgb(red, green, blue);
                    double distance = Oklab.of(candidate).distanceTo(origin);
                    if (distance < least
                            && ContrastRatio.between(candidate, on).reaches(ratio)
                            && keepsHue(polar, Oklch.of(candidate))) {
                        least = distance;
                    }
                }
            }
        }
        return least;
    }

    private static boolean keepsHue(Oklch from, Oklch to) {
        return from.c() <= 0.04
                || to.c() <= 0.04
                || to.hue().orElseThrow().distanceTo(from.hue().orElseThrow()) <= 2;
    }

    @Test
    void whatPassesAlreadyStays() {
        Rgb navy = Rgb.ofHex("0B2A4A");
        assertThat(NearestPassing.of(navy, Rgb.WHITE, 4.5)).contains(navy);
    }

    /** On a middle grey nothing has 7:1, neither black nor white. */
    @Test
    void saysWhenThereIsNone() {
        assertThat(NearestPassing.of(Rgb.ofHex("FFD400"), Rgb.ofHex("777777"), 7))
                .isEmpty();
    }

    @Test
    void offersFourWaysEachWithItsCost() {
        Rgb orange = Rgb.ofHex("F2682A");
        Rgb navy = Rgb.ofHex("0B2A4A");
        Rgb teal = Rgb.ofHex("0F7C7A");
        List<Remedy> remedies =
                Remedy.of(orange, Rgb.WHITE, List.of(navy, teal, orange, Rgb.WHITE), List.of(navy, Rgb.WHITE), 4.5);
        assertThat(remedies)
                .extracting(Remedy::kind)
                .containsExactly(
                        Remedy.Kind.NEAREST_TEXT,
                        Remedy.Kind.NEAREST_GROUND,
                        Remedy.Kind.ANOTHER,
                        Remedy.Kind.TURNED_ROUND);
        assertThat(remedies)
                .allSatisfy(remedy -> assertThat(remedy.ratio().reaches(4.5)).isTrue());
        assertThat(remedies.get(0).cost())
                .isEqualTo(Difference.between(orange, remedies.get(0).foreground()));
        assertThat(remedies.get(2).foreground()).isEqualTo(teal);
        assertThat(remedies.get(3).ground()).isEqualTo(orange);
        assertThat(remedies.get(3).foreground()).isEqualTo(navy);
        assertThat(Remedy.best(List.of(), orange)).isEqualTo(Optional.empty());
    }

    /** Worked with the published definition of contrast: the darkest ground under yellow that stays readable is dark. */
    @Test
    void changesTheGroundToo() {
        List<Remedy> remedies = Remedy.of(Rgb.ofHex("FFD400"), Rgb.ofHex("5B6670"), List.of(), List.of(Rgb.BLACK), 7);
        Remedy ground = remedies.stream()
                .filter(remedy -> remedy.kind() == Remedy.Kind.NEAREST_GROUND)
                .findFirst()
                .orElseThrow();
        assertThat(ground.foreground()).isEqualTo(Rgb.ofHex("FFD400"));
        assertThat(ground.ratio().reaches(7)).isTrue();
    }

    /** Another colour of the brand must be another, and one that passes; text and ground turned round must pass as well. */
    @Test
    void whatDoesNotPassIsNoRemedy() {
        Rgb yellow = Rgb.ofHex("FFD400");
        List<Remedy> remedies = Remedy.of(
                yellow, Rgb.WHITE, List.of(yellow, Rgb.ofHex("F2F2F2"), Rgb.ofHex("0B2A4A")), List.of(Rgb.WHITE), 4.5);
        assertThat(remedies).extracting(Remedy::kind).doesNotContain(Remedy.Kind.TURNED_ROUND);
        assertThat(remedies)
                .filteredOn(remedy -> remedy.kind() == Remedy.Kind.ANOTHER)
                .singleElement()
                .satisfies(remedy -> assertThat(remedy.foreground()).isEqualTo(Rgb.ofHex("0B2A4A")));
        List<Remedy> same = Remedy.of(
                Rgb.ofHex("0B2A4A"), Rgb.WHITE, List.of(Rgb.ofHex("0B2A4A"), Rgb.BLACK), List.of(Rgb.WHITE), 4.5);
        assertThat(same)
                .filteredOn(remedy -> remedy.kind() == Remedy.Kind.ANOTHER)
                .singleElement()
                .satisfies(remedy -> assertThat(remedy.foreground()).isEqualTo(Rgb.BLACK));
    }
}
