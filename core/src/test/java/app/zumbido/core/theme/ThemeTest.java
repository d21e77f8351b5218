package app.zumbido.core.theme;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.Paint;
import app.zumbido.core.palette.Palette;
import app.zumbido.core.palette.SwatchId;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class ThemeTest {
    private static final Theme EMPTY = Theme.empty(new UUID(0, 1), "Daylight");

    private static SlotSetting fixed(String hex) {
        return SlotSetting.chosen(new Paint.Fixed(Rgb.ofHex(hex)));
    }

    @Test
    void hasAllTwelveSlotsInTheStandardsOrder() {
        assertThat(EMPTY.slots().keySet()).containsExactly(ThemeSlot.values());
        assertThat(EMPTY.unfilled()).containsExactly(ThemeSlot.values());
    }

    @Test
    void resolvesOnlyWhatIsSet() {
        Theme theme = EMPTY.with(ThemeSlot.ACCENT_2, fixed("0F7C7A"));
        assertThat(theme.resolve(Palette.EMPTY)).isEqualTo(Map.of(ThemeSlot.ACCENT_2, Rgb.ofHex("0F7C7A")));
        assertThat(theme.unfilled()).hasSize(11).doesNotContain(ThemeSlot.ACCENT_2);
    }

    @Test
    void isCompletedByGreysThatLookLikeNoBrand() {
        Map<ThemeSlot, Rgb> complete =
                Unbranded.completing(EMPTY.with(ThemeSlot.ACCENT_1, fixed("0F7C7A")), Palette.EMPTY);
        assertThat(complete).hasSize(12).containsEntry(ThemeSlot.ACCENT_1, Rgb.ofHex("0F7C7A"));
        complete.forEach((slot, color) -> {
            boolean grey = color.red() == color.green() && color.green() == color.blue();
            assertThat(grey || slot == ThemeSlot.ACCENT_1).as(slot.code()).isTrue();
        });
        assertThat(ContrastRatio.between(complete.get(ThemeSlot.DARK_1), complete.get(ThemeSlot.LIGHT_1))
                        .value())
                .isEqualTo(21);
    }

    @Test
    void knowsItsSlotsByTheStandardsNames() {
        assertThat(ThemeSlot.ofCode("folHlink")).contains(ThemeSlot.FOLLOWED_HYPERLINK);
        assertThat(ThemeSlot.ofCode("accent7")).isEmpty();
    }

    @Test
    void refusesALightnessThatIsNone() {
        assertThatThrownBy(() -> new Paint.Shifted(new SwatchId(new UUID(0, 0)), 1.2))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> EMPTY.withName("")).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void comparesWhatBothHaveSet() {
        Theme one = Theme.empty(new UUID(1, 1), "One")
                .with(ThemeSlot.DARK_1, SlotSetting.chosen(new Paint.Fixed(Rgb.BLACK)))
                .with(ThemeSlot.LIGHT_1, SlotSetting.chosen(new Paint.Fixed(Rgb.WHITE)));
        Theme other = Theme.empty(new UUID(1, 2), "Other")
                .with(ThemeSlot.DARK_1, SlotSetting.chosen(new Paint.Fixed(Rgb.WHITE)))
                .with(ThemeSlot.ACCENT_1, SlotSetting.chosen(new Paint.Fixed(Rgb.WHITE)));
        // ΔE00 of black and white is 100: their chroma is nothing and their lightness differs by 100 around 50.
        assertThat(one.differences(other, Palette.EMPTY)).containsOnlyKeys(ThemeSlot.DARK_1);
        assertThat(one.differences(other, Palette.EMPTY).get(ThemeSlot.DARK_1)).isCloseTo(100, within(1e-6));
        assertThat(one.differences(one, Palette.EMPTY).values()).containsOnly(0.0);
    }

    @Test
    void countsTheSlotsThatFollowASwatch() {
        SwatchId teal = new SwatchId(new UUID(0, 2));
        Theme theme = Theme.empty(new UUID(1, 1), "One")
                .with(ThemeSlot.DARK_1, SlotSetting.chosen(new Paint.Fixed(Rgb.BLACK)))
                .with(ThemeSlot.ACCENT_1, SlotSetting.chosen(new Paint.OfSwatch(teal)))
                .with(ThemeSlot.ACCENT_2, SlotSetting.chosen(new Paint.Shifted(teal, 0.2)));
        assertThat(theme.uses()).isEqualTo(Map.of(teal, 2));
    }
}
