package app.zumbido.core.theme;

import static org.assertj.core.api.Assertions.assertThat;

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

    private static List<String> told(Theme theme) {
        return ThemeWarning.of(theme, Palette.EMPTY, "Ostrel Ferries").stream()
                .map(warning -> warning.kind() + " " + warning.slot().code()
                        + warning.other().map(other -> " " + other.code()).orElse(""))
                .toList();
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
        assertThat(told(theme("dk1 FFFFFF", "lt1 0B2A4A"))).containsExactly("NOT_ALTERNATING dk1 lt1");
        assertThat(told(theme("dk2 F2682A", "lt1 FFFFFF", "lt2 EAF3F2")))
                .containsExactly("TEXT_UNREADABLE dk2 lt1", "TEXT_UNREADABLE dk2 lt2");
    }

    @Test
    void linksReadAndDiffer() {
        assertThat(told(theme("lt1 FFFFFF", "hlink F2682A"))).containsExactly("LINK_UNREADABLE hlink lt1");
        assertThat(told(theme("hlink 0F7C7A", "folHlink 107D7B"))).containsExactly("VISITED_ALIKE folHlink hlink");
    }

    @Test
    void accentsDifferAndRepeatsAreOnlyANote() {
        assertThat(told(theme("accent1 0F7C7A", "accent3 107F7D"))).containsExactly("ACCENTS_ALIKE accent3 accent1");
        assertThat(told(theme("accent1 0F7C7A", "accent6 0F7C7A"))).containsExactly("ACCENT_REPEATED accent6 accent1");
        assertThat(ThemeWarning.Kind.ACCENT_REPEATED.isNote()).isTrue();
        assertThat(ThemeWarning.Kind.ACCENTS_ALIKE.isNote()).isFalse();
    }

    @Test
    void aNameOfItsOwnIsAskedFor() {
        Theme unnamed = Theme.empty(new UUID(1, 1), "Ostrel Ferries");
        assertThat(told(unnamed)).containsExactly("DEFAULT_NAME dk1");
    }
}
