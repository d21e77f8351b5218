package app.zumbido.core.roles;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.Paint;
import app.zumbido.core.palette.Palette;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.palette.SwatchId;
import java.util.ArrayList;
import java.util.EnumMap;
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

    /** A field is pale; it neither leads nor raises anything, unless it is as strong as a yellow. */
    @Test
    void whatIsPaleRaisesNothing() {
        assertThat(names(palette("0F7C7A", "FFDCE4"), Role.HIGHLIGHT)).isEmpty();
        assertThat(names(palette("0F7C7A", "FFF04D"), Role.HIGHLIGHT)).containsExactly("FFF04D");
        assertThat(names(palette("FFDCE4", "0F7C7A"), Role.MAIN)).containsExactly("0F7C7A");
    }

    /** Hues of signs are known everywhere: go is green, take care is amber, stop is red. */
    @Test
    void findsTheColorsOfSigns() {
        Palette signs = palette("0B2A4A", "2F5DFF", "2E8B3A", "FFB000", "D02020", "7FBBB9");
        assertThat(names(signs, Role.POSITIVE)).containsExactly("2E8B3A");
        assertThat(names(signs, Role.GO)).containsExactly("2E8B3A");
        assertThat(names(signs, Role.CAUTION)).containsExactly("FFB000");
        assertThat(names(signs, Role.NEGATIVE)).containsExactly("D02020");
        assertThat(names(signs, Role.STOP)).containsExactly("D02020");
        Map<Role, RoleDraft.Proposal> drafted = RoleDraft.of(signs);
        assertThat(drafted.get(Role.GO).reason()).isEqualTo(RoleDraft.Reason.GREEN);
        assertThat(drafted.get(Role.CAUTION).reason()).isEqualTo(RoleDraft.Reason.AMBER);
        assertThat(drafted.get(Role.STOP).reason()).isEqualTo(RoleDraft.Reason.RED);
        assertThat(RoleDraft.assigned(signs)).isEqualTo(assignedOf(drafted));
    }

    private static Map<Role, List<SwatchId>> assignedOf(Map<Role, RoleDraft.Proposal> drafted) {
        Map<Role, List<SwatchId>> assigned = new EnumMap<>(Role.class);
        drafted.forEach((role, proposal) -> assigned.put(role, proposal.swatches()));
        return assigned;
    }

    @Test
    void aPaleOrGreyOneIsNoSign() {
        Palette pale = palette("0B2A4A", "DFF5DF", "FFE9E9", "6F7F6F", "2F5DFF");
        assertThat(names(pale, Role.GO)).isEmpty();
        assertThat(names(pale, Role.STOP)).isEmpty();
        assertThat(names(pale, Role.CAUTION)).isEmpty();
    }

    /** Chroma times how far round the circle it is from the main colour: not the most vivid by itself. */
    @Test
    void theHighlightIsStrongAndFarFromTheMainColor() {
        assertThat(names(palette("0F7C7A", "12B5B0", "D8823A"), Role.HIGHLIGHT)).containsExactly("D8823A");
        assertThat(names(palette("0F7C7A", "C8A890", "2F5DFF"), Role.HIGHLIGHT)).containsExactly("2F5DFF");
        // More vivid than the ochre, but nearly the hue of the main colour.
        assertThat(names(palette("0F7C7A", "00B894", "C08040"), Role.HIGHLIGHT)).containsExactly("C08040");
        assertThat(names(palette("0F7C7A", "EEEEEE"), Role.HIGHLIGHT)).isEmpty();
    }

    @Test
    void textIsTheDarkestQuietOneThatReadsStrictly() {
        // The vivid blue is darker than the grey, but no colour to read; the lighter grey does not reach 7:1.
        assertThat(names(palette("0000A0", "444444", "6A6A6A"), Role.TEXT)).containsExactly("444444");
        assertThat(names(palette("0000C0", "6A6A6A"), Role.TEXT)).isEmpty();
        // Pages stand on it too, so it is nearly white: E9E9E9 has an OKLCH lightness of 0.934, E6E6E6 one of 0.925.
        assertThat(names(palette("333333", "888888", "E9E9E9"), Role.TEXT_ON_DARK))
                .containsExactly("E9E9E9");
        assertThat(names(palette("333333", "888888", "E6E6E6"), Role.TEXT_ON_DARK))
                .isEmpty();
        assertThat(names(palette("333333", "555555"), Role.TEXT_ON_DARK)).isEmpty();
    }

    @Test
    void aFieldIsThePalestThatIsNotTextOnDark() {
        assertThat(names(palette("333333", "FFFFFF", "EAF3F2", "F4F4F4"), Role.BOX_FILL))
                .containsExactly("EAF3F2");
        assertThat(names(palette("333333", "EAF3F2", "0F7C7A"), Role.BOX_FILL)).containsExactly("EAF3F2");
        assertThat(names(palette("333333", "B0B0B0"), Role.BOX_FILL)).isEmpty();
    }

    @Test
    void whatStandsOnTheLadderOfAnotherIsNoColorOfItsOwn() {
        Palette teal = palette("0F7C7A", "F2682A");
        Swatch step = Swatch.of(new SwatchId(new UUID(0, 9)), "Step", Rgb.BLACK, List.of())
                .following(
                        new Paint.OnLadder(teal.swatches().get(0).id(), 0.4),
                        teal.swatches().get(0).color());
        Map<Role, RoleDraft.Proposal> with = RoleDraft.of(teal.with(List.of(step)));
        assertThat(with).isEqualTo(RoleDraft.of(teal));
    }

    @Test
    void seriesAreNeitherTooDarkNorTooPale() {
        Palette palette = palette("0F7C7A", "050505", "F4F0E0", "5B6670", "F2682A");
        assertThat(names(palette, Role.CHART)).containsExactly("0F7C7A", "5B6670");
        assertThat(names(palette, Role.SECONDARY)).containsExactly("5B6670");
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

    @Test
    void givesALoneRedOneMeaning() {
        Palette club = palette("0B2A4A", "D0021B", "FFFFFF");
        assertThat(names(club, Role.HIGHLIGHT)).containsExactly("D0021B");
        assertThat(names(club, Role.NEGATIVE)).isEmpty();
        assertThat(names(club, Role.STOP)).isEmpty();
        assertThat(names(palette("D0021B", "000000"), Role.NEGATIVE)).isEmpty();
        // A red that is neither the main colour nor the highlight is a sign.
        Palette signs = palette("0B2A4A", "2F5DFF", "8C1C13", "FFFFFF");
        assertThat(names(signs, Role.STOP)).containsExactly("8C1C13");
    }

    /** Hues of OKLCH: FFD400 95, FFF200 107, C8D400 114. */
    @Test
    void takesNoYellowForAGreen() {
        for (String yellow : List.of("FFD400", "FFF200", "F7E017")) {
            Palette palette = palette("1F4E8C", yellow);
            assertThat(names(palette, Role.CAUTION)).containsExactly(yellow);
            assertThat(names(palette, Role.POSITIVE)).isEmpty();
            assertThat(names(palette, Role.GO)).isEmpty();
        }
        assertThat(names(palette("1F4E8C", "C8D400"), Role.GO)).containsExactly("C8D400");
    }

    @Test
    void neverLetsAPastelLead() {
        assertThat(names(palette("F8C8DC", "D0F0C8", "1F4E8C"), Role.MAIN)).containsExactly("1F4E8C");
        assertThat(names(palette("FFD400", "000000"), Role.MAIN)).containsExactly("FFD400");
        Palette pastels = palette("F8C8DC", "B8DCF0", "D0F0C8");
        assertThat(names(pastels, Role.MAIN)).isEmpty();
        assertThat(names(pastels, Role.SECONDARY)).isNotEmpty();
    }

    @Test
    void writesOnDarkInNoColorOfTheBrandThatIsLoud() {
        assertThat(names(palette("FFD400", "000000"), Role.TEXT_ON_DARK)).isEmpty();
        assertThat(names(palette("FFD400", "000000", "F4F1DE"), Role.TEXT_ON_DARK))
                .containsExactly("F4F1DE");
    }
}
