package app.zumbido.core.roles;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.Palette;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.palette.SwatchId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** What people expect of the invented ferry line and of poorer palettes; common practice, no published source. */
class RoleDraftTest {
    private static Palette palette(String... hexes) {
        List<Swatch> swatches = new ArrayList<>();
        for (String hex : hexes) {
            SwatchId id = new SwatchId(new UUID(0, swatches.size() + 1));
            swatches.add(Swatch.of(id, hex, Rgb.ofHex(hex), List.of()));
        }
        return Palette.of(swatches);
    }

    private static List<String> names(Palette palette, Role role) {
        RoleDraft.Proposal proposal = RoleDraft.of(palette).get(role);
        return proposal == null
                ? List.of()
                : proposal.swatches().stream().map(id -> palette.get(id).name()).toList();
    }

    private static final Palette FERRIES = palette("0B2A4A", "0F7C7A", "F2682A", "5B6670", "EAF3F2", "FFFFFF");

    @Test
    void draftsFromOrderLightnessAndChroma() {
        assertThat(names(FERRIES, Role.MAIN)).containsExactly("0B2A4A");
        assertThat(names(FERRIES, Role.HIGHLIGHT)).containsExactly("F2682A");
        assertThat(names(FERRIES, Role.SECONDARY)).containsExactly("0F7C7A", "5B6670");
        assertThat(names(FERRIES, Role.TEXT)).containsExactly("0B2A4A");
        assertThat(names(FERRIES, Role.TEXT_ON_DARK)).containsExactly("FFFFFF");
        assertThat(names(FERRIES, Role.BOX_FILL)).containsExactly("EAF3F2");
        assertThat(names(FERRIES, Role.POSITIVE)).containsExactly("0F7C7A");
    }

    @Test
    void keepsTheHighlightOutOfTheOrdinarySeries() {
        assertThat(names(FERRIES, Role.CHART)).containsExactly("0B2A4A", "0F7C7A", "5B6670");
    }

    @Test
    void theMainColorLeadsTheSeriesAlsoWhereAGreyIsUsedMore() {
        Palette grey = palette("8A8F98", "7A5CD6", "F0A35A", "2E8B3A");
        assertThat(names(grey, Role.MAIN)).containsExactly("7A5CD6");
        assertThat(names(grey, Role.CHART).get(0)).isEqualTo("7A5CD6");
        assertThat(names(grey, Role.CHART)).hasSize(3).contains("8A8F98");
    }

    @Test
    void leavesEmptyWhatNothingIsFitFor() {
        Map<Role, RoleDraft.Proposal> greys = RoleDraft.of(palette("222222", "EEEEEE"));
        assertThat(greys).containsKeys(Role.TEXT, Role.TEXT_ON_DARK).doesNotContainKeys(Role.MAIN, Role.STOP);
        assertThat(RoleDraft.of(Palette.EMPTY)).isEmpty();
    }
}
