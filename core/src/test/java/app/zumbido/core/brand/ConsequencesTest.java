package app.zumbido.core.brand;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.contrast.ComposedGround;
import app.zumbido.core.contrast.UsedPair;
import app.zumbido.core.palette.Paint;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.palette.SwatchId;
import app.zumbido.core.roles.Role;
import app.zumbido.core.theme.SlotSetting;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.core.theme.TintStep;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class ConsequencesTest {
    private static final SwatchId NAVY = new SwatchId(new UUID(0, 1));
    private static final SwatchId TEAL = new SwatchId(new UUID(0, 2));
    private static final SwatchId PALE_TEAL = new SwatchId(new UUID(0, 3));
    private static final Brand BRAND = brand();

    private static final Change KEEP_BAND = new GroundChange.KeepGround(new ComposedGround(
            new UUID(7, 7),
            "Band",
            new ComposedGround.Base.OfGradient(List.of(new Paint.OfSwatch(NAVY), new Paint.OfSwatch(TEAL)), false, 90),
            Optional.empty(),
            new Paint.Fixed(Rgb.WHITE)));

    private static Brand brand() {
        Rgb teal = Rgb.ofHex("0F7C7A");
        Swatch pale = Swatch.of(PALE_TEAL, "Pale teal", teal, List.of()).following(new Paint.OnLadder(TEAL, 0.8), teal);
        return Brand.begin(new UUID(1, 1), "Ostrel Ferries", Optional.empty(), new UUID(1, 2))
                .apply(new BrandChange.DraftBrand(
                        new UUID(1, 2),
                        "logo.png",
                        List.of(
                                Swatch.of(NAVY, "Night channel", Rgb.ofHex("0B2A4A"), List.of()),
                                Swatch.of(TEAL, "Harbour teal", teal, List.of()),
                                pale),
                        Map.of(),
                        Map.of(
                                ThemeSlot.DARK_1, SlotSetting.chosen(new Paint.OfSwatch(NAVY)),
                                ThemeSlot.LIGHT_1, SlotSetting.chosen(new Paint.Fixed(Rgb.WHITE)),
                                ThemeSlot.ACCENT_1, SlotSetting.chosen(new Paint.OfSwatch(TEAL)),
                                ThemeSlot.HYPERLINK, SlotSetting.chosen(new Paint.Shifted(TEAL, -0.01))),
                        Optional.empty()));
    }

    private static Consequences of(Change change) {
        return Consequences.between(BRAND, BRAND.apply(change));
    }

    private static Change recolor(String hex) {
        return new PaletteChange.RecolorSwatch(TEAL, Rgb.ofHex(hex), Optional.empty());
    }

    @Test
    void slotsAndStepsFollowTheirSwatch() {
        Consequences consequences = of(recolor("12B5B0"));
        assertThat(consequences.swatches())
                .extracting(follows -> follows.swatch().id())
                .containsExactly(TEAL, PALE_TEAL);
        assertThat(consequences.swatches().get(1).derived()).isTrue();
        assertThat(consequences.slots())
                .extracting(Consequences.SlotFollows::slot)
                .containsExactly(ThemeSlot.ACCENT_1, ThemeSlot.HYPERLINK);
        assertThat(consequences.slots().get(0).to()).contains(Rgb.ofHex("12B5B0"));
        assertThat(consequences.tints()).isEqualTo(10);
    }

    /** #12B5B0 on white has 2.53 by the formula of WCAG 2.2: neither a link nor a column can be made out. */
    @Test
    void pairsThatTurnFromPassingToFailingAreNamed() {
        List<Consequences.PairTurns> turns = of(recolor("12B5B0")).pairs();
        assertThat(turns).hasSize(2);
        assertThat(turns)
                .extracting(turn -> turn.after().kind())
                .containsExactlyInAnyOrder(UsedPair.Kind.LINK, UsedPair.Kind.GRAPHICS);
        assertThat(turns).allSatisfy(turn -> {
            assertThat(turn.before().passes()).isTrue();
            assertThat(turn.after().passes()).isFalse();
        });
    }

    @Test
    void anotherTextOnAnAccentIsTheSamePair() {
        assertThat(of(recolor("A7E0DD")).pairs()).noneMatch(turn -> turn.after().ground() == ThemeSlot.ACCENT_1);
    }

    @Test
    void nothingFollowsANewName() {
        assertThat(of(new PaletteChange.RenameSwatch(TEAL, "Sea")).isEmpty()).isTrue();
    }

    @Test
    void rolesAndGroundsOfTheBrandAreNamed() {
        Brand brand = BRAND.apply(new RoleChange.AssignRole(Role.HIGHLIGHT, List.of(TEAL)))
                .apply(new RoleChange.AssignRole(Role.OFF_LIMITS, List.of(TEAL)))
                .apply(new RoleChange.AssignRole(Role.TEXT, List.of(NAVY)))
                .apply(KEEP_BAND);
        Consequences consequences = Consequences.between(brand, brand.apply(recolor("A7E0DD")));
        assertThat(consequences.roles()).containsExactly(Role.HIGHLIGHT);
        assertThat(consequences.grounds()).singleElement().satisfies(follows -> {
            assertThat(follows.ground().name()).isEqualTo("Band");
            assertThat(follows.reads()).isFalse();
        });
        Change other = new PaletteChange.RenameSwatch(TEAL, "Sea");
        assertThat(Consequences.between(brand, brand.apply(other)).isEmpty()).isTrue();
    }

    @Test
    void whatLeavesThePaletteIsNamed() {
        Consequences consequences = of(new PaletteChange.MergeSwatches(NAVY, TEAL));
        assertThat(consequences.swatches().get(0).swatch().id()).isEqualTo(TEAL);
        assertThat(consequences.swatches().get(0).to()).isEmpty();
        assertThat(consequences.slots().get(0).to()).contains(Rgb.ofHex("0B2A4A"));
    }

    /** Of the five tints each of white and black, those of the slot that stays the same follow nothing. */
    @Test
    void onlyTintsThatAreNotThereYetAreCounted() {
        Consequences white =
                of(new ThemeChange.FillSlot(new UUID(1, 2), ThemeSlot.ACCENT_1, Optional.of(new Paint.OfSwatch(NAVY))));
        assertThat(white.slots()).hasSize(1);
        assertThat(white.tints()).isEqualTo(5);
        Consequences emptied = of(new ThemeChange.FillSlot(new UUID(1, 2), ThemeSlot.ACCENT_1, Optional.empty()));
        assertThat(emptied.slots()).hasSize(1);
        assertThat(emptied.tints()).isZero();
        assertThat(of(recolor("0F7C7A")).isEmpty()).isTrue();
        assertThat(of(recolor("107C7A")).isEmpty()).isFalse();
    }

    @Test
    void aGroundThatStillReadsFollowsAllTheSame() {
        Brand brand = BRAND.apply(KEEP_BAND);
        assertThat(Consequences.between(brand, brand.apply(recolor("0F6C7A"))).grounds())
                .singleElement()
                .satisfies(follows -> assertThat(follows.reads()).isTrue());
    }

    /** A blue that hardly changes shares some of its tints with the one before. */
    @Test
    void aTintThatBothHaveIsNoNewOne() {
        Rgb from = Rgb.ofHex("0F7C7A");
        Rgb to = Rgb.ofHex("0F7C7B");
        Set<Rgb> before = new HashSet<>();
        TintStep.offeredFor(from).forEach(step -> before.add(step.apply(from)));
        long added = TintStep.offeredFor(to).stream()
                .filter(step -> !before.contains(step.apply(to)))
                .count();
        assertThat(added).isBetween(1L, 4L);
        UUID theme = new UUID(1, 2);
        Brand brand =
                BRAND.apply(new ThemeChange.FillSlot(theme, ThemeSlot.ACCENT_2, Optional.of(new Paint.Fixed(from))));
        Change change = new ThemeChange.FillSlot(theme, ThemeSlot.ACCENT_2, Optional.of(new Paint.Fixed(to)));
        assertThat(Consequences.between(brand, brand.apply(change)).tints()).isEqualTo((int) added);
    }
}
