package app.zumbido.core.palette;

import static app.zumbido.core.palette.Swatches.id;
import static app.zumbido.core.palette.Swatches.palette;
import static app.zumbido.core.palette.Swatches.swatch;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.zumbido.core.color.Rgb;
import java.util.List;
import org.junit.jupiter.api.Test;

class LadderStepTest {
    private static final Rgb TEAL = Rgb.ofHex("0F7C7A");
    private static final Palette PALETTE = palette("0F7C7A")
            .with(List.of(
                    swatch(2, "000000").following(new Paint.OnLadder(id(1), 0.5), TEAL),
                    swatch(3, "000000").following(new Paint.OnLadder(id(1), -0.5), TEAL)));

    @Test
    void standsWhereTheLadderHasIt() {
        Ladder ladder = Ladder.of(TEAL, 9);
        for (int i = 0; i < 9; i++) {
            if (i != ladder.base()) {
                Rgb taken = new Paint.OnLadder(id(1), ladder.away(i)).colorFrom(TEAL);
                assertThat(taken).isEqualTo(ladder.steps().get(i));
            }
        }
        assertThat(ladder.away(ladder.base())).isZero();
        assertThat(ladder.away(0)).isEqualTo(1);
        assertThat(ladder.away(8)).isEqualTo(-1);
    }

    @Test
    void followsItsBase() {
        Rgb orange = Rgb.ofHex("F2682A");
        Palette changed = PALETTE.replacing(PALETTE.get(id(1)).withColor(orange));
        assertThat(changed.get(id(2)).color()).isEqualTo(Ladder.at(orange, 0.5));
        assertThat(changed.get(id(3)).color()).isEqualTo(Ladder.at(orange, -0.5));
    }

    @Test
    void whatFollowsAFollowerFollowsToo() {
        Palette chain = PALETTE.with(List.of(swatch(4, "000000")
                .following(new Paint.OnLadder(id(3), -0.5), PALETTE.get(id(3)).color())));
        Palette changed = chain.replacing(chain.get(id(1)).withColor(Rgb.ofHex("F2682A")));
        assertThat(changed.get(id(4)).color())
                .isEqualTo(Ladder.at(changed.get(id(3)).color(), -0.5))
                .isNotEqualTo(chain.get(id(4)).color());
    }

    @Test
    void withAColorOfItsOwnItFollowsNoMore() {
        Palette own = PALETTE.replacing(PALETTE.get(id(2)).withColor(Rgb.ofHex("FFD400")));
        Palette changed = own.replacing(own.get(id(1)).withColor(Rgb.ofHex("F2682A")));
        assertThat(changed.get(id(2)).color()).isEqualTo(Rgb.ofHex("FFD400"));
    }

    @Test
    void keepsItsColorWhenItsBaseLeaves() {
        Palette left = PALETTE.without(id(1));
        assertThat(left.get(id(2)).color()).isEqualTo(PALETTE.get(id(2)).color());
        assertThat(left.get(id(2)).step()).isEmpty();
    }

    private static Palette merged(Palette palette, SwatchId kept, SwatchId gone) {
        return palette.gathering(kept, gone).repainted(Paint.moving(gone, kept)).without(gone);
    }

    @Test
    void goesOverToTheSwatchThatItsBaseBecomesOneWith() {
        Rgb orange = Rgb.ofHex("F2682A");
        Palette merged = merged(PALETTE.with(List.of(swatch(9, "F2682A"))), id(9), id(1));
        assertThat(merged.swatches()).extracting(Swatch::id).containsExactly(id(2), id(3), id(9));
        assertThat(merged.get(id(2)).color()).isEqualTo(Ladder.at(orange, 0.5));
        assertThat(merged.get(id(2)).follows(id(9))).isTrue();
        Palette ownFollower = merged(PALETTE, id(2), id(1));
        assertThat(ownFollower.get(id(2)).step()).isEmpty();
        assertThat(ownFollower.get(id(3)).follows(id(2))).isTrue();
    }

    /** Three in a row: the last becomes one with the first, which it would follow through the second. */
    @Test
    void nobodyFollowsItselfThroughOthers() {
        Swatch second = swatch(2, "000000").following(new Paint.OnLadder(id(1), 0.5), Rgb.ofHex("0F7C7A"));
        Swatch third = swatch(3, "000000").following(new Paint.OnLadder(id(2), 0.5), second.color());
        Palette chain = Palette.of(List.of(swatch(1, "0F7C7A"), second, third));
        Palette merged = merged(chain, id(3), id(1));
        assertThat(merged.get(id(3)).step()).isEmpty();
        assertThat(merged.get(id(2)).color()).isEqualTo(Ladder.at(third.color(), 0.5));
        Swatch circle = swatch(1, "0F7C7A").following(new Paint.OnLadder(id(3), 0.5), third.color());
        assertThatIllegalArgumentException().isThrownBy(() -> Palette.of(List.of(circle, second, third)));
    }

    @Test
    void needsItsBase() {
        assertThatThrownBy(() -> Palette.of(List.of(PALETTE.get(id(2))))).isInstanceOf(UnknownSwatchException.class);
        assertThatIllegalArgumentException().isThrownBy(() -> new Paint.OnLadder(id(1), 0));
        assertThatIllegalArgumentException().isThrownBy(() -> new Paint.OnLadder(id(1), 1.1));
    }
}
