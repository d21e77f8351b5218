package app.zumbido.core.extraction;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.color.Difference;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.image.Pixels;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** Light, shade and noise lie over everything, so no value is exact; what is expected is known from the drawing. */
class PhotographTest {
    private static final Pixels SCENE = Drawing.on(480, 320, "5C6F88")
            .box("1E4A52", 0, 190, 480, 320)
            .box("D9A066", 0, 150, 480, 190)
            .disc("F2402A", 300, 240, 15)
            .uneven(7)
            .noise(9, 7)
            .pixels();

    @Test
    void isReadAsAPhotograph() {
        assertThat(Extraction.from(SCENE).reading()).isEqualTo(Reading.PHOTOGRAPH);
    }

    @Test
    void findsWhatStandsOutHoweverSmall() {
        // The disc fills 0.46 % of the picture.
        for (String hex : new String[] {"5C6F88", "1E4A52", "D9A066", "F2402A"}) {
            Rgb expected = Rgb.ofHex(hex);
            assertThat(Extraction.from(SCENE).shown(Optional.empty(), Order.COVERAGE))
                    .as(hex)
                    .anyMatch(p -> Difference.between(p.color(), expected) < 6);
        }
    }

    @Test
    void proposesOnlyColorsThatOccurWhereItSaysTheyDo() {
        Set<Integer> occurring = IntStream.range(0, SCENE.count())
                .mapToObj(i -> SCENE.at(i) & 0xFFFFFF)
                .collect(Collectors.toSet());
        for (Proposal proposal : Extraction.from(SCENE).proposals()) {
            assertThat(occurring).contains(proposal.color().packed());
            int at = SCENE.at(proposal.place().x(), proposal.place().y()) & 0xFFFFFF;
            assertThat(at).isEqualTo(proposal.color().packed());
        }
    }

    @Test
    void canBeReadTheOtherWayOnRequest() {
        assertThat(Extraction.from(SCENE, Reading.ARTWORK).reading()).isEqualTo(Reading.ARTWORK);
    }
}
