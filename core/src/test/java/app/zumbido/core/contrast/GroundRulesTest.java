package app.zumbido.core.contrast;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.zumbido.core.color.Fraction;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.color.WcagLevel;
import app.zumbido.core.palette.Paint;
import app.zumbido.core.palette.Palette;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.palette.SwatchId;
import app.zumbido.core.roles.Roles;
import app.zumbido.core.theme.SlotSetting;
import app.zumbido.core.theme.Theme;
import app.zumbido.core.theme.ThemeSlot;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class GroundRulesTest {
    private static final SwatchId NAVY = new SwatchId(new UUID(0, 1));
    private static final SwatchId LEMON = new SwatchId(new UUID(0, 2));
    private static final Palette PALETTE = Palette.of(List.of(
            Swatch.of(NAVY, "Navy", Rgb.ofHex("0B2A4A"), List.of()),
            Swatch.of(LEMON, "Lemon", Rgb.ofHex("FFD400"), List.of())));
    private static final Paint WHITE = new Paint.Fixed(Rgb.WHITE);
    /** Text in lemon on white, which nobody reads: 1.43. */
    private static final Theme THEME = Theme.empty(new UUID(1, 1), "Theme")
            .with(ThemeSlot.LIGHT_1, SlotSetting.chosen(new Paint.Fixed(Rgb.WHITE)))
            .with(ThemeSlot.DARK_1, SlotSetting.chosen(new Paint.OfSwatch(NAVY)))
            .with(ThemeSlot.DARK_2, SlotSetting.chosen(new Paint.OfSwatch(LEMON)));

    private static PairRule rule(PairRule.Kind kind, Paint text, Paint ground) {
        return new PairRule(kind, text, ground, "The printer asks for it");
    }

    private static int toLookAt(GroundRules rules) {
        return Ground.toLookAt(PALETTE, Roles.NONE, THEME, rules, WcagLevel.AA);
    }

    private static Ground onWhite(GroundRules rules) {
        return Ground.of(PALETTE, Roles.NONE, THEME, rules, WcagLevel.AA).stream()
                .filter(ground -> ground.color().equals(Rgb.WHITE))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aPairThatIsNarrowedMayNotStandThoughItReads() {
        GroundRules rules = GroundRules.NONE.with(rule(PairRule.Kind.NARROWED, new Paint.OfSwatch(NAVY), WHITE));
        assertThat(onWhite(rules).may()).extracting(Standing::foreground).doesNotContain(Rgb.ofHex("0B2A4A"));
        assertThat(onWhite(rules).mayNot())
                .filteredOn(standing -> standing.foreground().equals(Rgb.ofHex("0B2A4A")))
                .singleElement()
                .satisfies(standing -> {
                    assertThat(standing.verdict()).isEqualTo(Standing.Verdict.TEXT);
                    assertThat(standing.isToLookAt()).isTrue();
                });
        assertThat(toLookAt(rules)).isEqualTo(toLookAt(GroundRules.NONE) + 1);
    }

    @Test
    void aPairThatIsLeftOnPurposeIsNotLookedAt() {
        assertThat(onWhite(GroundRules.NONE).failing()).hasSize(1);
        GroundRules rules = GroundRules.NONE.with(rule(PairRule.Kind.LEFT, new Paint.OfSwatch(LEMON), WHITE));
        assertThat(onWhite(rules).failing()).isEmpty();
        assertThat(onWhite(rules).mayNot()).extracting(Standing::foreground).contains(Rgb.ofHex("FFD400"));
        assertThat(toLookAt(rules)).isEqualTo(toLookAt(GroundRules.NONE) - 1);
        assertThat(rules.without(new Paint.OfSwatch(LEMON), WHITE)).isEqualTo(GroundRules.NONE);
    }

    @Test
    void aPairHasOneRule() {
        GroundRules rules = GroundRules.NONE
                .with(rule(PairRule.Kind.LEFT, new Paint.OfSwatch(LEMON), WHITE))
                .with(rule(PairRule.Kind.NARROWED, new Paint.OfSwatch(LEMON), WHITE));
        assertThat(rules.pairs()).extracting(PairRule::kind).containsExactly(PairRule.Kind.NARROWED);
        assertThatThrownBy(() -> new PairRule(PairRule.Kind.LEFT, WHITE, WHITE, " "))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void aFullListStillTakesAnotherRuleOnAPairThatHasOne() {
        GroundRules full = GroundRules.NONE;
        for (int i = 0; i < GroundRules.MOST_PAIRS; i++) {
            full = full.with(rule(PairRule.Kind.LEFT, new Paint.Fixed(Rgb.ofPacked(i)), WHITE));
        }
        PairRule again = rule(PairRule.Kind.NARROWED, new Paint.Fixed(Rgb.ofPacked(7)), WHITE);
        assertThat(full.takes(again)).isTrue();
        assertThat(full.with(again).pairs()).hasSize(GroundRules.MOST_PAIRS).contains(again);
        assertThat(full.takes(rule(PairRule.Kind.LEFT, new Paint.Fixed(Rgb.ofPacked(999)), WHITE)))
                .isFalse();
    }

    @Test
    void rulesFollowTheSwatchesThatTheySpeakOf() {
        GroundRules rules = GroundRules.NONE.with(rule(PairRule.Kind.LEFT, new Paint.OfSwatch(LEMON), WHITE));
        assertThat(rules.repainted(Paint.moving(LEMON, NAVY)).find(Rgb.ofHex("0B2A4A"), Rgb.WHITE, PALETTE))
                .isPresent();
        assertThat(rules.repainted(Paint.releasing(LEMON, PALETTE))
                        .pairs()
                        .get(0)
                        .text())
                .isEqualTo(new Paint.Fixed(Rgb.ofHex("FFD400")));
        GroundRules both = rules.with(rule(PairRule.Kind.LEFT, new Paint.OfSwatch(NAVY), WHITE));
        assertThat(both.repainted(Paint.moving(LEMON, NAVY)).pairs()).hasSize(1);
        assertThat(both.repainted(paint -> paint)).isEqualTo(both);
    }

    @Test
    void aRuleSpeaksOfItsOwnTextAndGroundOnly() {
        GroundRules rules = GroundRules.NONE
                .with(rule(PairRule.Kind.LEFT, new Paint.OfSwatch(LEMON), WHITE))
                .with(rule(PairRule.Kind.NARROWED, new Paint.OfSwatch(NAVY), WHITE));
        assertThat(rules.find(Rgb.ofHex("0B2A4A"), Rgb.WHITE, PALETTE).map(PairRule::kind))
                .contains(PairRule.Kind.NARROWED);
        assertThat(rules.find(Rgb.ofHex("FFD400"), Rgb.BLACK, PALETTE)).isEmpty();
        assertThat(rules.find(Rgb.BLACK, Rgb.WHITE, PALETTE)).isEmpty();
    }

    @Test
    void aComposedGroundIsFoundByItsIdOnly() {
        ComposedGround band = veiled("Band", WHITE);
        ComposedGround other = new ComposedGround(new UUID(7, 8), "Other", band.base(), band.laid(), band.text());
        GroundRules rules = GroundRules.NONE.with(other).with(band);
        assertThat(rules.find(new UUID(7, 7))).contains(band);
        assertThat(rules.find(new UUID(7, 8))).contains(other);
        assertThat(rules.find(new UUID(7, 9))).isEmpty();
        assertThat(rules.without(new UUID(7, 8)).composed()).containsExactly(band);
    }

    /** What is left on purpose stays allowed where it reads. */
    @Test
    void aReadablePairThatIsLeftMayStand() {
        GroundRules rules = GroundRules.NONE.with(rule(PairRule.Kind.LEFT, new Paint.OfSwatch(NAVY), WHITE));
        assertThat(onWhite(rules).may()).extracting(Standing::foreground).contains(Rgb.ofHex("0B2A4A"));
    }

    @Test
    void aColorIsRecognisedAsASwatchOrAStepOfItsLadder() {
        Paint.OnLadder step = new Paint.OnLadder(NAVY, 0.5);
        assertThat(Paint.of(Rgb.ofHex("FFD400"), PALETTE)).isEqualTo(new Paint.OfSwatch(LEMON));
        assertThat(Paint.of(step.colorFrom(Rgb.ofHex("0B2A4A")), PALETTE)).isEqualTo(step);
        assertThat(Paint.of(Rgb.ofHex("123456"), PALETTE)).isEqualTo(new Paint.Fixed(Rgb.ofHex("123456")));
    }

    private static ComposedGround veiled(String name, Paint text) {
        return new ComposedGround(
                new UUID(7, 7),
                name,
                new ComposedGround.Base.OfGradient(
                        List.of(new Paint.OnLadder(NAVY, -0.5), new Paint.OfSwatch(NAVY)), false, 90),
                Optional.of(new ComposedGround.Laid(WHITE, Fraction.of(0.7))),
                text);
    }

    /** Opacity is meant: white at 70 % over navy carries dark text, and yellow cannot be read on it. */
    @Test
    void aKeptGroundIsJudgedAtItsWorstPlaceForEveryColor() {
        GroundRules rules = GroundRules.NONE.with(veiled("Band", new Paint.OfSwatch(LEMON)));
        ComposedStandings standings = ComposedStandings.of(PALETTE, Roles.NONE, THEME, rules, WcagLevel.AA)
                .get(0);
        assertThat(standings.may()).extracting(Standing::foreground).contains(Rgb.BLACK, Rgb.ofHex("0B2A4A"));
        assertThat(standings.mayNot())
                .filteredOn(Standing::used)
                .extracting(Standing::foreground)
                .containsExactly(Rgb.ofHex("FFD400"));
        assertThat(toLookAt(rules)).isEqualTo(toLookAt(GroundRules.NONE) + 1);
        GroundRules mended = rules.with(veiled("Band", new Paint.OfSwatch(NAVY)));
        assertThat(mended.composed()).hasSize(1);
        assertThat(toLookAt(mended)).isEqualTo(toLookAt(GroundRules.NONE));
        assertThat(mended.without(new UUID(7, 7))).isEqualTo(GroundRules.NONE);
    }

    @Test
    void aPictureIsKeptUnderItsIdAndIsNotJudgedHere() {
        UUID picture = new UUID(8, 8);
        ComposedGround ground = new ComposedGround(
                new UUID(7, 8), "Harbour", new ComposedGround.Base.OfPicture(picture), Optional.empty(), WHITE);
        GroundRules rules = GroundRules.NONE.with(ground);
        assertThat(ComposedStandings.of(PALETTE, Roles.NONE, THEME, rules, WcagLevel.AA))
                .isEmpty();
        UUID copied = new UUID(9, 9);
        assertThat(rules.over(id -> id.equals(picture) ? copied : id)
                        .composed()
                        .get(0)
                        .base())
                .isEqualTo(new ComposedGround.Base.OfPicture(copied));
    }
}
