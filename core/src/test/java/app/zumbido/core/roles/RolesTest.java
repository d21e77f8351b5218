package app.zumbido.core.roles;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.Palette;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.palette.SwatchId;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class RolesTest {
    private static SwatchId id(int number) {
        return new SwatchId(new UUID(0, number));
    }

    @Test
    void aRoleTakesAsManyAsItSaysAndEachOnce() {
        assertThatThrownBy(() -> Roles.NONE.with(Role.MAIN, List.of(id(1), id(2))))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> Roles.NONE.with(Role.CHART, List.of(id(1), id(1))))
                .isInstanceOf(IllegalArgumentException.class);
        List<SwatchId> hundred =
                IntStream.rangeClosed(1, 100).mapToObj(RolesTest::id).toList();
        assertThat(Roles.NONE.with(Role.CHART, hundred).of(Role.CHART)).isEqualTo(hundred);
        assertThatThrownBy(() -> Roles.NONE.with(
                        Role.CHART,
                        IntStream.rangeClosed(1, 101).mapToObj(RolesTest::id).toList()))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void whatIsSaidMoreLeavesWhatWasSaid() {
        Roles roles = Roles.NONE
                .with(Role.MAIN, List.of(id(1)))
                .with(new Proportion(70, 20, 10))
                .with(Map.of(Role.TEXT, List.of(id(2))))
                .wording(Role.MAIN, "For titles.")
                .wording(Role.TEXT, "For reading.");
        assertThat(roles.first(Role.MAIN)).contains(id(1));
        assertThat(roles.first(Role.TEXT)).contains(id(2));
        assertThat(roles.words()).isEqualTo(Map.of(Role.MAIN, "For titles.", Role.TEXT, "For reading."));
        assertThat(roles.wording(Role.MAIN, "").words()).containsOnlyKeys(Role.TEXT);
        assertThat(roles.with(Role.MAIN, List.of()).assigned()).containsOnlyKeys(Role.TEXT);
        assertThat(roles.proportion()).isEqualTo(new Proportion(70, 20, 10));
    }

    @Test
    void aShareMayBeNothingAndAllThreeAreTheWhole() {
        assertThat(new Proportion(100, 0, 0).main()).isEqualTo(100);
        assertThat(new Proportion(0, 100, 0).secondary()).isEqualTo(100);
        assertThat(new Proportion(0, 0, 100).highlight()).isEqualTo(100);
        assertThatThrownBy(() -> new Proportion(-1, 100, 1)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Proportion(60, 30, 11)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void aSentenceHasTwoHundredCharacters() {
        assertThat(Roles.NONE.wording(Role.MAIN, "a".repeat(200)).words()).hasSize(1);
        assertThatThrownBy(() -> Roles.NONE.wording(Role.MAIN, "a".repeat(201)))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void whatIsOffLimitsIsNotUsable() {
        Roles roles = Roles.NONE.withOffLimits(Set.of(id(1))).withOffLimits(Set.of(id(1), id(2)));
        assertThat(roles.offLimits()).containsExactly(id(1), id(2));
        assertThat(roles.isOffLimits(id(2))).isTrue();
        Palette palette = Palette.of(IntStream.rangeClosed(1, 3)
                .mapToObj(number -> Swatch.of(id(number), "Swatch " + number, Rgb.BLACK, List.of()))
                .toList());
        assertThat(roles.usable(palette).ids()).containsExactly(id(3));
        Roles allowed = roles.allowing(id(1));
        assertThat(allowed.offLimits()).containsExactly(id(2));
        assertThat(allowed.usable(palette).ids()).containsExactlyInAnyOrder(id(1), id(3));
    }
}
