package app.zumbido.core.brand;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.PaletteOrder;
import app.zumbido.core.palette.SwatchId;
import app.zumbido.core.roles.Role;
import app.zumbido.core.theme.ThemeSlot;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Invented brand and colours. */
class OrderHeardTest {
    private static final Brand DRAFTED = DraftedBrand.of("1F5FA8", "2E8B57", "7A2E6B", "4A90B8");

    private static List<String> firstAccents(Brand brand) {
        Map<ThemeSlot, Rgb> colors = brand.look().colors();
        return Stream.of(ThemeSlot.ACCENT_1, ThemeSlot.ACCENT_2)
                .map(colors::get)
                .map(Rgb::digits)
                .toList();
    }

    private static SwatchId id(int place) {
        return DRAFTED.palette().swatches().get(place).id();
    }

    @Test
    void theAccentsOfADraftFollowThePalette() {
        assertThat(firstAccents(DRAFTED)).startsWith("1F5FA8");
        Brand moved = DRAFTED.apply(new PaletteChange.MoveSwatch(id(3), 0));
        assertThat(firstAccents(moved)).containsExactly("4A90B8", "1F5FA8");
        assertThat(moved.roles().first(Role.MAIN)).isEqualTo(DRAFTED.roles().first(Role.MAIN));
        assertThat(firstAccents(DRAFTED.apply(new PaletteChange.OrderSwatches(
                        PaletteOrder.HUE, PaletteOrder.HUE.of(DRAFTED.palette(), Map.of())))))
                .startsWith("2E8B57");
    }

    @Test
    void aChartOrderOfOnesOwnIsNotUndoneByThePalette() {
        Brand own = DRAFTED.apply(new RoleChange.AssignRole(Role.CHART, List.of(id(3), id(0))));
        assertThat(firstAccents(own)).containsExactly("4A90B8", "1F5FA8");
        assertThat(firstAccents(own.apply(new PaletteChange.MoveSwatch(id(0), 3))))
                .containsExactly("4A90B8", "1F5FA8");
    }

    /** Both ways of putting a colour off-limits leave the slots alone. */
    @Test
    void whatIsForbiddenIsNoOrder() {
        Brand listed = DRAFTED.apply(new RoleChange.AssignRole(Role.OFF_LIMITS, List.of(id(0))));
        Brand set = DRAFTED.apply(new RoleChange.SetOffLimits(id(0), true));
        assertThat(listed.themes()).isEqualTo(set.themes()).isEqualTo(DRAFTED.themes());
    }

    @Test
    void whatIsToldBeforehandIsWhatHappens() {
        Brand after = DRAFTED.apply(new PaletteChange.MoveSwatch(id(3), 0));
        assertThat(Consequences.between(DRAFTED, after).slots())
                .extracting(Consequences.SlotFollows::slot)
                .contains(ThemeSlot.ACCENT_1, ThemeSlot.ACCENT_2)
                .allMatch(ThemeSlot.ACCENTS::contains);
    }
}
