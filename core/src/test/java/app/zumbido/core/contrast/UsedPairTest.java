package app.zumbido.core.contrast;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.color.WcagLevel;
import app.zumbido.core.palette.Paint;
import app.zumbido.core.palette.Palette;
import app.zumbido.core.theme.SlotSetting;
import app.zumbido.core.theme.Theme;
import app.zumbido.core.theme.ThemeSlot;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** Ratios by the definition of WCAG 2.2. */
class UsedPairTest {
    private static Theme theme(ThemeSlot slot, String hex, ThemeSlot other, String otherHex) {
        return Theme.empty(new UUID(1, 1), "Theme")
                .with(slot, SlotSetting.chosen(new Paint.Fixed(Rgb.ofHex(hex))))
                .with(other, SlotSetting.chosen(new Paint.Fixed(Rgb.ofHex(otherHex))));
    }

    private static List<UsedPair> of(Theme theme) {
        return UsedPair.of(theme, Palette.EMPTY, WcagLevel.AA);
    }

    @Test
    void slotsThatNobodySetAreInNoPair() {
        assertThat(of(Theme.empty(new UUID(1, 1), "Theme"))).isEmpty();
    }

    @Test
    void aLinkNeedsWhatTextNeeds() {
        UsedPair link = of(theme(ThemeSlot.HYPERLINK, "F2682A", ThemeSlot.LIGHT_1, "FFFFFF"))
                .get(0);
        assertThat(link.kind()).isEqualTo(UsedPair.Kind.LINK);
        assertThat(link.passes()).isFalse();
    }

    @Test
    void graphicsNeedLess() {
        List<UsedPair> pairs = of(theme(ThemeSlot.ACCENT_1, "F2682A", ThemeSlot.LIGHT_1, "FFFFFF"));
        UsedPair column = pairs.stream()
                .filter(pair -> pair.kind() == UsedPair.Kind.GRAPHICS)
                .findFirst()
                .orElseThrow();
        assertThat(column.foreground()).isEqualTo(ThemeSlot.ACCENT_1);
        assertThat(column.passes()).isTrue();
    }

    /** Navy on orange has 4.70, white 3.09. */
    @Test
    void onAnAccentStandsTheTextThatReadsBetter() {
        Theme both = theme(ThemeSlot.DARK_1, "0B2A4A", ThemeSlot.LIGHT_1, "FFFFFF")
                .with(ThemeSlot.ACCENT_1, SlotSetting.chosen(new Paint.Fixed(Rgb.ofHex("F2682A"))));
        assertThat(of(both).stream().filter(pair -> pair.ground() == ThemeSlot.ACCENT_1))
                .singleElement()
                .satisfies(pair -> {
                    assertThat(pair.foreground()).isEqualTo(ThemeSlot.DARK_1);
                    assertThat(pair.passes()).isTrue();
                });
    }
}
