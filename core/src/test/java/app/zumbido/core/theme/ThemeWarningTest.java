package app.zumbido.core.theme;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.Paint;
import app.zumbido.core.palette.Palette;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class ThemeWarningTest {
    private static Theme theme(String... slotsAndHexes) {
        Map<ThemeSlot, SlotSetting> settings = new EnumMap<>(ThemeSlot.class);
        for (String entry : slotsAndHexes) {
            String[] parts = entry.split(" ");
            settings.put(
                    ThemeSlot.ofCode(parts[0]).orElseThrow(), SlotSetting.chosen(new Paint.Fixed(Rgb.ofHex(parts[1]))));
        }
        return Theme.empty(new UUID(1, 1), "Daylight").with(settings);
    }

    private static List<ThemeWarning> told(Theme theme) {
        return ThemeWarning.of(theme, Palette.EMPTY, "Ostrel Ferries");
    }

    @Test
    void nothingIsSaidOfAThemeThatIsAsItShouldBe() {
        assertThat(told(theme(
                        "dk1 0B2A4A",
                        "lt1 FFFFFF",
                        "dk2 5B6670",
                        "lt2 EAF3F2",
                        "accent1 0B2A4A",
                        "accent2 0F7C7A",
                        "hlink 0B6A68",
                        "folHlink 5B6670")))
                .isEmpty();
        assertThat(told(theme())).isEmpty();
    }

    @Test
    void darkAndLightAlternateAndTextIsRead() {
        assertThat(told(theme("dk1 FFFFFF", "lt1 0B2A4A")))
                .containsExactly(new ThemeWarning.NotAlternating(ThemeSlot.DARK_1, ThemeSlot.LIGHT_1));
        Rgb orange = Rgb.ofHex("F2682A");
        assertThat(told(theme("dk2 F2682A", "lt1 FFFFFF", "lt2 EAF3F2")))
                .containsExactly(
                        new ThemeWarning.TextUnreadable(
                                ThemeSlot.DARK_2, ThemeSlot.LIGHT_1, ContrastRatio.between(orange, Rgb.WHITE)),
                        new ThemeWarning.TextUnreadable(
                                ThemeSlot.DARK_2,
                                ThemeSlot.LIGHT_2,
                                ContrastRatio.between(orange, Rgb.ofHex("EAF3F2"))));
    }

    @Test
    void linksReadAndDiffer() {
        assertThat(told(theme("lt1 FFFFFF", "hlink F2682A")))
                .containsExactly(new ThemeWarning.LinkUnreadable(
                        ThemeSlot.HYPERLINK, ThemeSlot.LIGHT_1, ContrastRatio.between(Rgb.ofHex("F2682A"), Rgb.WHITE)));
        assertThat(told(theme("hlink 0F7C7A", "folHlink 107D7B")))
                .singleElement()
                .isInstanceOfSatisfying(
                        ThemeWarning.VisitedAlike.class,
                        alike -> assertThat(alike.difference()).isBetween(0.1, 1.0));
    }

    @Test
    void accentsDifferAndRepeatsAreOnlyANote() {
        ThemeWarning alike = told(theme("accent1 0F7C7A", "accent3 107F7D")).get(0);
        assertThat(alike).isInstanceOfSatisfying(ThemeWarning.AccentsAlike.class, found -> {
            assertThat(found.later()).isEqualTo(ThemeSlot.ACCENT_3);
            assertThat(found.earlier()).isEqualTo(ThemeSlot.ACCENT_1);
            assertThat(found.difference()).isBetween(0.5, 5.0);
        });
        assertThat(alike.isNote()).isFalse();
        assertThat(told(theme("accent1 0F7C7A", "accent6 0F7C7A")))
                .containsExactly(new ThemeWarning.AccentRepeated(ThemeSlot.ACCENT_6, ThemeSlot.ACCENT_1))
                .allMatch(ThemeWarning::isNote);
    }

    @Test
    void aNameOfItsOwnIsAskedFor() {
        Theme unnamed = Theme.empty(new UUID(1, 1), "Ostrel Ferries");
        assertThat(told(unnamed)).containsExactly(new ThemeWarning.DefaultName());
    }
}
