package app.zumbido.core.contrast;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.color.WcagLevel;
import app.zumbido.core.palette.Paint;
import app.zumbido.core.palette.Palette;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.palette.SwatchId;
import app.zumbido.core.roles.Role;
import app.zumbido.core.roles.Roles;
import app.zumbido.core.theme.SlotSetting;
import app.zumbido.core.theme.Theme;
import app.zumbido.core.theme.ThemeSlot;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class GroundTest {
    private static final Rgb ORANGE = Rgb.ofHex("F2682A");
    private static final Swatch NAVY = Swatch.of(new SwatchId(new UUID(0, 1)), "Navy", Rgb.ofHex("0B2A4A"), List.of());
    private static final Swatch BUOY = Swatch.of(new SwatchId(new UUID(0, 2)), "Buoy", ORANGE, List.of());
    private static final Palette PALETTE = Palette.of(List.of(NAVY, BUOY));
    private static final Theme THEME = Theme.empty(new UUID(1, 1), "Theme")
            .with(ThemeSlot.LIGHT_1, SlotSetting.chosen(new Paint.Fixed(Rgb.WHITE)))
            .with(ThemeSlot.DARK_1, SlotSetting.chosen(new Paint.OfSwatch(BUOY.id())));

    private static Ground ground(Rgb color, WcagLevel level) {
        return Ground.of(PALETTE, Roles.NONE, THEME, GroundRules.NONE, level).stream()
                .filter(ground -> ground.color().equals(color))
                .findFirst()
                .orElseThrow();
    }

    /** Ratios by the definition of WCAG 2.2: navy on white 14.53, orange on white 3.09, black on white 21. */
    @Test
    void writesWhatMayStandAndWhatMayNot() {
        Ground white = ground(Rgb.WHITE, WcagLevel.AA);
        assertThat(white.may()).extracting(Standing::foreground).containsExactly(Rgb.BLACK, NAVY.color(), ORANGE);
        assertThat(white.may())
                .extracting(Standing::verdict)
                .containsExactly(Standing.Verdict.TEXT, Standing.Verdict.TEXT, Standing.Verdict.LARGE_TEXT);
        assertThat(ground(Rgb.WHITE, WcagLevel.AAA).mayNot())
                .extracting(Standing::verdict)
                .containsExactly(Standing.Verdict.GRAPHICS);
    }

    private static final Palette MANY = Palette.of(List.of(
            NAVY,
            BUOY,
            Swatch.of(new SwatchId(new UUID(0, 3)), "Grey", Rgb.ofHex("5B6670"), List.of()),
            Swatch.of(new SwatchId(new UUID(0, 4)), "Foam", Rgb.ofHex("EAF3F2"), List.of()),
            Swatch.of(new SwatchId(new UUID(0, 5)), "Sand", Rgb.ofHex("E0D8C0"), List.of())));

    /** On white and over a wash of it, by the definition of WCAG 2.2: the farther in luminance, the higher. */
    @Test
    void whatReadsBestStandsFirstOnBothSides() {
        ComposedGround wash = new ComposedGround(
                new UUID(7, 7),
                "Wash",
                new ComposedGround.Base.OfGradient(
                        List.of(new Paint.Fixed(Rgb.WHITE), new Paint.Fixed(Rgb.ofHex("F8F8F8"))), false, 90),
                Optional.empty(),
                new Paint.Fixed(Rgb.BLACK));
        GroundRules rules = GroundRules.NONE.with(wash);
        Ground flat = Ground.of(MANY, Roles.NONE, THEME, rules, WcagLevel.AA).stream()
                .filter(ground -> ground.color().equals(Rgb.WHITE))
                .findFirst()
                .orElseThrow();
        ComposedStandings composed = ComposedStandings.of(MANY, Roles.NONE, THEME, rules, WcagLevel.AA)
                .get(0);
        assertThat(hexes(flat.may())).containsExactly("000000", "0B2A4A", "5B6670", "F2682A");
        assertThat(hexes(flat.mayNot())).containsExactly("E0D8C0", "EAF3F2");
        assertThat(hexes(composed.may())).containsExactly("000000", "0B2A4A", "5B6670");
        assertThat(hexes(composed.mayNot())).containsExactly("F2682A", "E0D8C0", "EAF3F2", "FFFFFF");
    }

    private static List<String> hexes(List<Standing> standings) {
        return standings.stream()
                .map(standing -> standing.foreground().digits())
                .toList();
    }

    @Test
    void whatIsOffLimitsIsNeitherGroundNorText() {
        Roles roles = Roles.NONE.with(Role.OFF_LIMITS, List.of(NAVY.id()));
        List<Ground> grounds = Ground.of(PALETTE, roles, THEME, GroundRules.NONE, WcagLevel.AA);
        assertThat(grounds)
                .extracting(Ground::color)
                .doesNotContain(NAVY.color())
                .contains(ORANGE);
        assertThat(grounds).noneMatch(ground -> hexes(ground.may()).contains("0B2A4A"));
        assertThat(grounds).noneMatch(ground -> hexes(ground.mayNot()).contains("0B2A4A"));
    }

    @Test
    void onlyWhatIsInUseCountsAsFailing() {
        assertThat(ground(Rgb.WHITE, WcagLevel.AAA).failing())
                .extracting(Standing::foreground)
                .containsExactly(ORANGE);
        assertThat(ground(NAVY.color(), WcagLevel.AA).failing()).isEmpty();
    }

    @Test
    void aRoleIsAUse() {
        Roles roles = Roles.NONE.with(Role.TEXT, List.of(NAVY.id())).with(Role.BOX_FILL, List.of(BUOY.id()));
        Ground orange =
                Ground.of(PALETTE, roles, Theme.empty(new UUID(1, 1), "Theme"), GroundRules.NONE, WcagLevel.AA).stream()
                        .filter(ground -> ground.color().equals(ORANGE))
                        .findFirst()
                        .orElseThrow();
        assertThat(orange.may().stream().filter(Standing::used))
                .extracting(Standing::foreground)
                .containsExactly(NAVY.color());
    }

    @Test
    void textColorsAreThoseOfTheRolesThenOfTheThemeThenBlackAndWhite() {
        assertThat(TextColors.of(PALETTE, Roles.NONE, Theme.empty(new UUID(1, 1), "Theme")))
                .containsExactly(Rgb.BLACK, Rgb.WHITE);
        assertThat(TextColors.of(PALETTE, Roles.NONE, THEME)).containsExactly(ORANGE, Rgb.WHITE);
        Roles roles = Roles.NONE.with(Role.TEXT, List.of(NAVY.id())).with(Role.TEXT_ON_DARK, List.of(BUOY.id()));
        assertThat(TextColors.of(PALETTE, roles, THEME)).containsExactly(NAVY.color(), ORANGE);
    }

    /** Common practice, no published source. */
    @ParameterizedTest
    @CsvSource({"FF0000, 00A000, true", "0000FF, FF0000, true", "0B2A4A, CFE4FF, false", "F2682A, D83A56, false"})
    void vividNeighboursOfLikeLightnessClash(String one, String other, boolean clash) {
        assertThat(Clash.between(Rgb.ofHex(one), Rgb.ofHex(other))).isEqualTo(clash);
        assertThat(Clash.between(Rgb.ofHex(other), Rgb.ofHex(one))).isEqualTo(clash);
    }

    @Test
    void lightTextOnADarkFieldIsAUseToo() {
        Theme empty = Theme.empty(new UUID(1, 1), "Theme");
        Roles roles = Roles.NONE.with(Role.TEXT, List.of(NAVY.id())).with(Role.TEXT_ON_DARK, List.of(BUOY.id()));
        List<Standing> onNavy = Ground.of(PALETTE, roles, empty, GroundRules.NONE, WcagLevel.AA).stream()
                .filter(ground -> ground.color().equals(NAVY.color()))
                .flatMap(ground -> ground.may().stream())
                .filter(Standing::used)
                .toList();
        assertThat(hexes(onNavy)).containsExactly("F2682A");
    }

    /** Nobody writes in the colour of the paper, so that it cannot be read is nothing to look at. */
    @Test
    void aColorOnItselfIsNothingToLookAt() {
        Roles same = Roles.NONE.with(Role.TEXT, List.of(NAVY.id())).with(Role.BOX_FILL, List.of(NAVY.id()));
        Theme empty = Theme.empty(new UUID(1, 1), "Theme");
        assertThat(Ground.toLookAt(PALETTE, same, empty, GroundRules.NONE, WcagLevel.AA))
                .isZero();
    }
}
