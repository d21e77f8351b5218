package app.zumbido.core.theme;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.Difference;
import app.zumbido.core.color.Oklch;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.Paint;
import app.zumbido.core.palette.Palette;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.palette.SwatchId;
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

    private static Swatch swatch(int id, String hex) {
        return Swatch.of(new SwatchId(new UUID(0, id)), hex, Rgb.ofHex(hex), List.of());
    }

    /** 40 % lighter than 00134D by HSL is 0F47FF, of an OKLCH chroma of 0.27. Worked by hand from ECMA-376 Part 1, 20.1.2.3. */
    @Test
    void aDeepNavyHasNeonTintsAndACalmerOneIsOffered() {
        Swatch navy = swatch(1, "00134D");
        Palette palette = Palette.of(List.of(navy));
        Theme theme = Theme.empty(new UUID(1, 1), "Daylight")
                .with(Map.of(ThemeSlot.ACCENT_2, SlotSetting.chosen(new Paint.OfSwatch(navy.id()))));
        List<ThemeWarning> told = ThemeWarning.of(theme, palette, "Ostrel Ferries");
        assertThat(told).hasSize(1);
        assertThat(told.get(0).isNote()).isTrue();
        assertThat(told.get(0)).isInstanceOfSatisfying(ThemeWarning.NeonTints.class, neon -> {
            assertThat(neon.slot()).isEqualTo(ThemeSlot.ACCENT_2);
            Rgb calmer = neon.calmer().orElseThrow();
            double most = 1.25 * Oklch.of(navy.color()).c() + 0.03;
            assertThat(TintStep.offeredFor(calmer))
                    .allSatisfy(
                            step -> assertThat(Oklch.of(step.apply(calmer)).c()).isLessThanOrEqualTo(most));
            assertThat(Difference.between(calmer, navy.color())).isLessThan(20);
        });
        // Beside a stronger colour of the brand nobody finds them loud.
        Palette loud = Palette.of(List.of(navy, swatch(2, "2400FF")));
        assertThat(ThemeWarning.of(theme, loud, "Ostrel Ferries")).isEmpty();
    }

    @Test
    void nothingIsSaidOfTintsOfWhatWasMadeUp() {
        Swatch navy = swatch(1, "00134D");
        Theme theme = Theme.empty(new UUID(1, 1), "Daylight")
                .with(Map.of(ThemeSlot.ACCENT_2, SlotSetting.chosen(new Paint.Fixed(navy.color()))));
        assertThat(ThemeWarning.of(theme, Palette.of(List.of(navy)), "Ostrel Ferries"))
                .isEmpty();
    }
}
