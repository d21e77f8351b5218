package app.zumbido.core.theme;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.Palette;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.palette.SwatchId;
import app.zumbido.core.roles.Role;
import app.zumbido.core.roles.Roles;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class OrderOfUseTest {
    private static final Palette PALETTE = Palette.of(List.of(swatch(1), swatch(2), swatch(3), swatch(4), swatch(5)));

    private static SwatchId id(int number) {
        return new SwatchId(new UUID(0, number));
    }

    private static Swatch swatch(int number) {
        return Swatch.of(id(number), "S" + number, new Rgb(number, number, number), List.of());
    }

    private static List<Integer> order(Map<Role, List<SwatchId>> roles, Palette usable) {
        return OrderOfUse.of(usable, Roles.NONE.with(roles), SuggestionPolicy.Highlight.LAST).stream()
                .map(id -> (int) id.value().getLeastSignificantBits())
                .toList();
    }

    @Test
    void beginsWithChartsThenTheMainColorsThenThePalette() {
        assertThat(order(
                        Map.of(Role.CHART, List.of(id(4)), Role.MAIN, List.of(id(3)), Role.SECONDARY, List.of(id(5))),
                        PALETTE))
                .containsExactly(4, 3, 5, 1, 2);
    }

    @Test
    void endsWithWhatCarriesAMeaningAndTheHighlightAfterThem() {
        assertThat(order(
                        Map.of(
                                Role.HIGHLIGHT,
                                List.of(id(1)),
                                Role.STOP,
                                List.of(id(3)),
                                Role.POSITIVE,
                                List.of(id(2))),
                        PALETTE))
                .containsExactly(4, 5, 2, 3, 1);
    }

    @Test
    void putsTheHighlightLastAlsoWhereChartsUseIt() {
        assertThat(order(Map.of(Role.CHART, List.of(id(1), id(2)), Role.HIGHLIGHT, List.of(id(1))), PALETTE))
                .containsExactly(2, 3, 4, 5, 1);
    }

    @Test
    void leavesOutWhatMustNotBeUsed() {
        assertThat(order(
                        Map.of(Role.MAIN, List.of(id(9)), Role.SECONDARY, List.of(id(2))),
                        Palette.of(List.of(swatch(1), swatch(2)))))
                .containsExactly(2, 1);
    }
}
