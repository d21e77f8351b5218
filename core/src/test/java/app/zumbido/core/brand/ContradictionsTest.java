package app.zumbido.core.brand;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.brand.Contradictions.Contradiction;
import app.zumbido.core.brand.Contradictions.Kind;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.Paint;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.palette.SwatchId;
import app.zumbido.core.roles.Role;
import app.zumbido.core.theme.ThemeSlot;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class ContradictionsTest {
    private static final SwatchId NAVY = new SwatchId(new UUID(0, 1));
    private static final SwatchId ORANGE = new SwatchId(new UUID(0, 2));
    private static final SwatchId FOAM = new SwatchId(new UUID(0, 3));

    private static final Brand BRAND = Brand.begin(new UUID(1, 1), "Ostrel Ferries", Optional.empty(), new UUID(1, 2))
            .apply(PaletteChange.AddSwatches.of(List.of(
                    Swatch.of(NAVY, "Night channel", Rgb.ofHex("0B2A4A"), List.of()),
                    Swatch.of(ORANGE, "Buoy orange", Rgb.ofHex("F2682A"), List.of()),
                    Swatch.of(FOAM, "Foam", Rgb.ofHex("EAF3F2"), List.of()))));

    private static Brand with(Brand brand, Role role, SwatchId... swatches) {
        return brand.apply(new RoleChange.AssignRole(role, List.of(swatches)));
    }

    private static List<Kind> kinds(Brand brand) {
        return Contradictions.of(brand).stream().map(Contradiction::kind).toList();
    }

    @Test
    void aBrandThatDoesWhatItSaysHasNone() {
        Brand brand = with(with(with(BRAND, Role.TEXT, NAVY), Role.BOX_FILL, FOAM), Role.HIGHLIGHT, ORANGE);
        assertThat(kinds(brand)).isEmpty();
    }

    @Test
    void textThatCannotBeReadOnItsBoxIsTold() {
        Brand brand = with(with(BRAND, Role.TEXT, NAVY), Role.BOX_FILL, NAVY);
        assertThat(kinds(brand)).containsExactly(Kind.TEXT_ON_FILL);
        assertThat(Contradictions.of(brand).get(0).ratio().orElseThrow().value())
                .isEqualTo(1);
        assertThat(kinds(with(with(BRAND, Role.TEXT_ON_DARK, ORANGE), Role.TEXT, NAVY)))
                .isEmpty();
        assertThat(kinds(with(with(BRAND, Role.TEXT_ON_DARK, NAVY), Role.TEXT, NAVY)))
                .containsExactly(Kind.TEXT_ON_DARK_UNREADABLE);
    }

    @Test
    void aHighlightWithAnotherRoleIsTold() {
        Brand brand = with(with(BRAND, Role.HIGHLIGHT, ORANGE), Role.SECONDARY, NAVY, ORANGE);
        assertThat(kinds(brand)).containsExactly(Kind.HIGHLIGHT_ELSEWHERE);
    }

    @Test
    void whatIsOffLimitsAndUsedIsTold() {
        Brand brand = with(BRAND, Role.MAIN, ORANGE)
                .apply(new ThemeChange.FillSlot(
                        new UUID(1, 2), ThemeSlot.ACCENT_2, Optional.of(new Paint.OfSwatch(ORANGE))))
                .apply(new RoleChange.SetOffLimits(ORANGE, true));
        assertThat(kinds(brand)).containsExactly(Kind.OFF_LIMITS_IN_ROLE, Kind.OFF_LIMITS_IN_SLOT);
    }

    @Test
    void aForbiddenTintThatIsUsedIsTold() {
        Swatch tint = Swatch.of(new SwatchId(new UUID(0, 9)), "Pale orange", Rgb.WHITE, List.of())
                .following(new Paint.OnLadder(ORANGE, 0.7), Rgb.ofHex("F2682A"));
        Brand brand = with(BRAND, Role.TINTS_OFF_LIMITS, ORANGE)
                .apply(PaletteChange.AddSwatches.of(List.of(tint)))
                .apply(new ThemeChange.FillSlot(
                        new UUID(1, 2), ThemeSlot.ACCENT_5, Optional.of(new Paint.Shifted(ORANGE, -0.1))));
        assertThat(kinds(brand)).containsExactly(Kind.TINT_IN_PALETTE, Kind.TINT_IN_SLOT);
    }

    @Test
    void rolesFollowWhatBecomesOne() {
        Brand brand = with(with(BRAND, Role.SECONDARY, ORANGE, FOAM), Role.OFF_LIMITS, ORANGE)
                .apply(new PaletteChange.MergeSwatches(FOAM, ORANGE));
        assertThat(brand.roles().of(Role.SECONDARY)).containsExactly(FOAM);
        assertThat(brand.roles().offLimits()).isEmpty();
        Brand removed = with(BRAND, Role.MAIN, NAVY).apply(new PaletteChange.RemoveSwatch(NAVY));
        assertThat(removed.roles().of(Role.MAIN)).isEmpty();
    }

    /** What is forbidden of one says nothing of the others. */
    @Test
    void whatAnotherColorDoesIsNoContradiction() {
        Swatch tint = Swatch.of(new SwatchId(new UUID(0, 9)), "Pale orange", Rgb.WHITE, List.of())
                .following(new Paint.OnLadder(ORANGE, 0.7), Rgb.ofHex("F2682A"));
        UUID theme = new UUID(1, 2);
        Brand brand = with(with(BRAND, Role.TINTS_OFF_LIMITS, NAVY), Role.MAIN, ORANGE)
                .apply(PaletteChange.AddSwatches.of(List.of(tint)))
                .apply(new ThemeChange.FillSlot(
                        theme, ThemeSlot.ACCENT_5, Optional.of(new Paint.Shifted(ORANGE, -0.1))))
                .apply(new ThemeChange.FillSlot(theme, ThemeSlot.ACCENT_1, Optional.of(new Paint.OfSwatch(NAVY))))
                .apply(new RoleChange.SetOffLimits(FOAM, true));
        assertThat(kinds(brand)).isEmpty();
    }
}
