package app.zumbido.core.theme;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.color.WcagLevel;
import app.zumbido.core.contrast.UsedPair;
import app.zumbido.core.palette.Paint;
import app.zumbido.core.palette.Palette;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.palette.SwatchId;
import app.zumbido.core.roles.Roles;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class DarkThemeTest {
    private static final UUID ID = new UUID(0, 9);

    private static Palette palette(String hexes) {
        List<Swatch> swatches = new ArrayList<>();
        for (String hex : hexes.split(" ")) {
            SwatchId id = new SwatchId(new UUID(0, swatches.size() + 1));
            swatches.add(Swatch.of(id, hex, Rgb.ofHex(hex), List.of()));
        }
        return Palette.of(swatches);
    }

    private static void assertReadable(Theme theme, Palette palette) {
        assertThat(UsedPair.of(theme, palette, WcagLevel.AA))
                .filteredOn(pair -> pair.kind() != UsedPair.Kind.GRAPHICS)
                .filteredOn(pair -> !ThemeSlot.ACCENTS.contains(pair.ground()))
                .hasSize(9)
                .allSatisfy(
                        pair -> assertThat(pair.passes()).as(pair.toString()).isTrue());
    }

    @ParameterizedTest
    @ValueSource(strings = {"0F7C7A", "FFD400 FF00B0", "0B2A4A 0F7C7A F2682A 5B6670 EAF3F2 FFFFFF", "777777"})
    void suggestsTextAndLinksThatReadOnBothDarkGrounds(String hexes) {
        Palette palette = palette(hexes);
        Map<ThemeSlot, SlotSetting> settings = Suggestion.of(
                        palette, Roles.NONE, PageGround.DARK, SuggestionPolicy.USUAL)
                .settings();
        assertThat(settings).hasSize(12);
        assertReadable(Theme.empty(ID, "Night").on(PageGround.DARK).with(settings), palette);
    }

    @Test
    void keepsWhatIsSeenOnTheOtherGroundAndMovesOnlyTheRest() {
        Palette palette = palette("0B2A4A 0F7C7A F2682A 5B6670 EAF3F2 FFFFFF");
        Theme light = Theme.empty(ID, "Day").with(Suggestion.from(palette));
        Theme dark = Turning.of(light, palette, Roles.NONE);
        assertThat(dark.ground()).isEqualTo(PageGround.DARK);
        assertReadable(dark, palette);
        Map<ThemeSlot, Rgb> was = light.resolve(palette);
        Map<ThemeSlot, Rgb> is = dark.resolve(palette);
        for (ThemeSlot text : ThemeSlot.GROUNDS) {
            assertThat(is.get(text)).isEqualTo(was.get(text));
        }
        for (ThemeSlot accent : ThemeSlot.ACCENTS) {
            Rgb page = is.get(ThemeSlot.DARK_1);
            assertThat(ContrastRatio.between(is.get(accent), page).value()).isGreaterThanOrEqualTo(3);
            if (ContrastRatio.between(was.get(accent), page).value() >= 3) {
                assertThat(dark.get(accent)).isEqualTo(light.get(accent));
            } else {
                assertThat(dark.get(accent).reason()).contains(SlotReason.TURNED_TO_BE_SEEN);
                assertThat(dark.get(accent).paint().flatMap(Paint::follows))
                        .isEqualTo(light.get(accent).paint().flatMap(Paint::follows));
            }
        }
    }

    @Test
    void leavesEmptySlotsEmptyWhenItIsTurned() {
        Palette palette = palette("0B2A4A");
        Theme turned = Turning.of(Theme.empty(ID, "Day"), palette, Roles.NONE);
        assertThat(turned.unfilled()).hasSize(12);
        Theme page = Theme.empty(ID, "Day")
                .with(ThemeSlot.DARK_1, SlotSetting.chosen(new Paint.Fixed(Rgb.BLACK)))
                .with(ThemeSlot.ACCENT_1, SlotSetting.chosen(new Paint.Fixed(Rgb.ofHex("101010"))));
        Rgb accent = Turning.of(page, palette, Roles.NONE).resolve(palette).get(ThemeSlot.ACCENT_1);
        assertThat(ContrastRatio.between(accent, Rgb.BLACK).value()).isGreaterThanOrEqualTo(3);
    }

    @Test
    void judgesLinksOnTheGroundOfItsPages() {
        Palette palette = palette("0B2A4A 0F7C7A F2682A 5B6670 EAF3F2 FFFFFF");
        Theme light = Theme.empty(ID, "Day").with(Suggestion.from(palette));
        assertThat(ThemeWarning.of(light, palette, "Brand")).noneMatch(ThemeWarning.LinkUnreadable.class::isInstance);
        assertThat(ThemeWarning.of(light.on(PageGround.DARK), palette, "Brand"))
                .filteredOn(ThemeWarning.LinkUnreadable.class::isInstance)
                .isNotEmpty()
                .allSatisfy(warning -> assertThat(((ThemeWarning.LinkUnreadable) warning).ground())
                        .isIn(ThemeSlot.DARK_1, ThemeSlot.DARK_2));
    }
}
