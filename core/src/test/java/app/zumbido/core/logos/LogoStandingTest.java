package app.zumbido.core.logos;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.data.Offset.offset;

import app.zumbido.core.color.Fraction;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.contrast.Gradient;
import app.zumbido.core.contrast.Overlay;
import app.zumbido.core.image.Pixels;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Ratios by the formula of WCAG 2.2 (relative luminance), 3:1 for graphics by its 1.4.11. */
class LogoStandingTest {
    private static final Rgb NAVY = Rgb.ofHex("0B2A4A");
    private static final Rgb ORANGE = Rgb.ofHex("F2682A");
    private static final List<LogoPart> LOGO = List.of(
            new LogoPart(NAVY, 0.9, true), new LogoPart(ORANGE, 0.09, true), new LogoPart(Rgb.WHITE, 0.01, true));
    private static final List<LogoPart> WHITE = List.of(new LogoPart(Rgb.WHITE, 1, true));

    private static LogoStanding on(LogoGround ground, List<LogoPart> parts) {
        return LogoStanding.of(LogoForm.PRIMARY, LogoVersion.LIGHT, parts, ground)
                .orElseThrow();
    }

    @Test
    void isJudgedByThePartThatIsSeenLeast() {
        LogoStanding onWhite = on(new LogoGround.Flat(Rgb.WHITE), LOGO);
        assertThat(onWhite.part()).isEqualTo(ORANGE);
        assertThat(onWhite.ratio().value()).isCloseTo(3.09, offset(0.005));
        assertThat(onWhite.reads()).isTrue();
        LogoStanding onNavy = on(new LogoGround.Flat(NAVY), LOGO);
        assertThat(onNavy.part()).isEqualTo(NAVY);
        assertThat(onNavy.ratio().value()).isEqualTo(1);
        assertThat(onNavy.reads()).isFalse();
        // Less than 2 % of it: white on white is no matter.
        assertThat(LogoStanding.of(LogoForm.ICON, LogoVersion.LIGHT, LOGO.subList(2, 3), new LogoGround.Flat(NAVY)))
                .isEmpty();
    }

    @Test
    void isJudgedAtTheWorstPlaceOfAGradient() {
        LogoGround band = new LogoGround.Along(new Gradient(List.of(Rgb.BLACK, Rgb.WHITE)), Optional.empty());
        LogoStanding white = on(band, WHITE);
        assertThat(white.reads()).isFalse();
        assertThat(white.ratio().value()).isEqualTo(1);
        assertThat(white.worst().spot().orElseThrow().x()).isEqualTo(1);
        assertThat(white.worst().seen()).isEqualTo(Rgb.WHITE);
        assertThat(white.corner()).isEmpty();
    }

    /** Dark at the left, white at the right. */
    private static Pixels picture() {
        int[] argb = new int[40 * 20];
        for (int i = 0; i < argb.length; i++) {
            argb[i] = i % 40 < 24 ? 0xFF101820 : 0xFFFFFFFF;
        }
        return Pixels.wrap(40, 20, argb);
    }

    @Test
    void findsTheCornerOfAPictureWhereItReads() {
        LogoGround picture = new LogoGround.Over(picture(), Optional.empty());
        LogoStanding white = on(picture, WHITE);
        assertThat(white.reads()).isFalse();
        assertThat(white.corner()).contains(Corner.UPPER_LEFT);
        assertThat(white.worst().spot().orElseThrow().x()).isGreaterThan(0.59);
        LogoStanding black = on(picture, List.of(new LogoPart(Rgb.BLACK, 1, true)));
        assertThat(black.corner()).contains(Corner.UPPER_RIGHT);
    }

    @Test
    void saysTheThinnestOverlayUnderWhichItReads() {
        LogoGround picture = new LogoGround.Over(picture(), Optional.empty());
        Overlay overlay = LogoStanding.overlayFor(WHITE, picture, Rgb.BLACK).orElseThrow();
        // By hand: 1.05 / (L + 0.05) >= 3 needs L <= 0.3, an encoded 0.584, which black at 45 % leaves (0.55), at 40 %
        // not.
        assertThat(overlay.opacity().value()).isCloseTo(0.45, offset(1e-9));
        assertThat(on(picture.under(overlay), WHITE).reads()).isTrue();
        assertThat(on(picture.under(new Overlay(Rgb.BLACK, Fraction.of(0.4))), WHITE)
                        .reads())
                .isFalse();
        assertThat(LogoStanding.overlayFor(WHITE, picture, Rgb.WHITE)).isEmpty();
        assertThat(LogoStanding.overlayFor(WHITE, new LogoGround.Flat(Rgb.WHITE), Rgb.BLACK))
                .contains(overlay);
    }
}
