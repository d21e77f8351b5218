package app.zumbido.core.theme;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.Rgb;
import java.util.EnumMap;
import java.util.Map;
import org.junit.jupiter.api.Test;

class TurnedLayoutTest {
    private static Map<ThemeSlot, Rgb> colors(String dark, String link, String accent, String light) {
        Map<ThemeSlot, Rgb> colors = new EnumMap<>(ThemeSlot.class);
        for (ThemeSlot slot : ThemeSlot.values()) {
            colors.put(slot, Rgb.ofHex(accent));
        }
        colors.put(ThemeSlot.DARK_1, Rgb.ofHex(dark));
        colors.put(ThemeSlot.LIGHT_1, Rgb.WHITE);
        colors.put(ThemeSlot.LIGHT_2, Rgb.ofHex(light));
        colors.put(ThemeSlot.HYPERLINK, Rgb.ofHex(link));
        return colors;
    }

    @Test
    void mapsTheLinkToTheFirstSlotThatReads() {
        Map<ThemeSlot, Rgb> colors = colors("0B2A4A", "0F7C7A", "F2682A", "EAF3F2");
        assertThat(TurnedLayout.linkSlot(colors, PageGround.DARK)).isEqualTo(ThemeSlot.ACCENT_1);
        assertThat(ContrastRatio.between(TurnedLayout.link(colors, PageGround.DARK), Rgb.ofHex("0B2A4A"))
                        .value())
                .isGreaterThan(4.5);
    }

    @Test
    void keepsALinkThatReadsThereToo() {
        assertThat(TurnedLayout.linkSlot(colors("000000", "F2682A", "222222", "EAF3F2"), PageGround.DARK))
                .isEqualTo(ThemeSlot.HYPERLINK);
    }

    @Test
    void takesALightWhereNoAccentReads() {
        assertThat(TurnedLayout.linkSlot(colors("0B2A4A", "0F7C7A", "14142B", "EAF3F2"), PageGround.DARK))
                .isEqualTo(ThemeSlot.LIGHT_2);
        assertThat(TurnedLayout.linkSlot(colors("0B2A4A", "0F7C7A", "14142B", "333333"), PageGround.DARK))
                .isEqualTo(ThemeSlot.LIGHT_1);
    }
}
