package app.zumbido.core.theme;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.Difference;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.Paint;
import app.zumbido.core.palette.Palette;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.palette.SwatchId;
import app.zumbido.core.roles.Roles;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class SuggestionTest {
    private static final String FERRY = "0B2A4A 0F7C7A F2682A 5B6670 EAF3F2 FFFFFF";

    private static Palette palette(String hexes) {
        List<Swatch> swatches = new ArrayList<>();
        for (String hex : hexes.isBlank() ? new String[0] : hexes.split(" ")) {
            SwatchId id = new SwatchId(new UUID(0, swatches.size() + 1));
            swatches.add(Swatch.of(id, hex, Rgb.ofHex(hex), List.of()));
        }
        return Palette.of(swatches);
    }

    private static Map<ThemeSlot, Rgb> suggested(String hexes) {
        Palette palette = palette(hexes);
        return Theme.empty(new UUID(0, 0), "Test")
                .with(Suggestion.from(palette))
                .resolve(palette);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "FFFFFF", "000000", "0F7C7A", "FFD400 FF00B0", FERRY, "F8E8A0 FFE0F0 E0F0FF", "777777"})
    void fillsEverySlotWithAReason(String hexes) {
        assertThat(suggested(hexes)).hasSize(12);
        assertThat(Suggestion.from(palette(hexes)).values())
                .allSatisfy(setting -> assertThat(setting.reason()).isPresent());
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "FFFFFF", "000000", "0F7C7A", "FFD400 FF00B0", FERRY, "F8E8A0 FFE0F0 E0F0FF", "777777"})
    void keepsTextAndLinksLegibleOnBothLightGrounds(String hexes) {
        Map<ThemeSlot, Rgb> theme = suggested(hexes);
        for (ThemeSlot ground : List.of(ThemeSlot.LIGHT_1, ThemeSlot.LIGHT_2)) {
            for (ThemeSlot text :
                    List.of(ThemeSlot.DARK_1, ThemeSlot.DARK_2, ThemeSlot.HYPERLINK, ThemeSlot.FOLLOWED_HYPERLINK)) {
                assertThat(ContrastRatio.between(theme.get(text), theme.get(ground))
                                .value())
                        .as(text + " on " + ground)
                        .isGreaterThanOrEqualTo(4.5);
            }
        }
        assertThat(theme.get(ThemeSlot.HYPERLINK)).isNotEqualTo(theme.get(ThemeSlot.FOLLOWED_HYPERLINK));
    }

    @ParameterizedTest
    @ValueSource(strings = {"0F7C7A", "FFD400 FF00B0", FERRY})
    void givesSixAccentsThatDiffer(String hexes) {
        Map<ThemeSlot, Rgb> theme = suggested(hexes);
        assertThat(new HashSet<>(ThemeSlot.ACCENTS.stream().map(theme::get).toList()))
                .hasSize(6);
    }

    @Test
    void takesTheAccentsInOrderOfUse() {
        Map<ThemeSlot, Rgb> theme = suggested(FERRY);
        assertThat(ThemeSlot.ACCENTS.subList(0, 4).stream()
                        .map(slot -> theme.get(slot).digits()))
                .containsExactly("0B2A4A", "0F7C7A", "F2682A", "5B6670");
    }

    @Test
    void bringsNothingInButBlackAndWhite() {
        for (SlotSetting setting : Suggestion.from(palette("0F7C7A F2682A")).values()) {
            if (setting.paint().orElseThrow() instanceof Paint.Fixed fixed) {
                assertThat(fixed.color()).isIn(Rgb.BLACK, Rgb.WHITE);
            }
        }
    }

    private static Map<ThemeSlot, SlotSetting> suggestion(Palette palette, SuggestionPolicy policy) {
        return Suggestion.of(palette, Roles.NONE, PageGround.LIGHT, policy).settings();
    }

    private static SuggestionPolicy policy(SuggestionPolicy.Spare spare, ThemeSlot... kept) {
        return new SuggestionPolicy(
                spare, SuggestionPolicy.LinkColors.BRAND, SuggestionPolicy.Highlight.LAST, Set.of(kept));
    }

    @Test
    void fillsSpareAccentsAsThePersonHasDecided() {
        Palette three = palette("0B2A4A 0F7C7A F2682A");
        Map<ThemeSlot, SlotSetting> repeated = suggestion(three, policy(SuggestionPolicy.Spare.REPEAT));
        assertThat(repeated.get(ThemeSlot.ACCENT_4).paint().orElseThrow())
                .isEqualTo(repeated.get(ThemeSlot.ACCENT_1).paint().orElseThrow());
        assertThat(repeated.get(ThemeSlot.ACCENT_6).reason()).contains(SlotReason.REPEATED_ACCENT);
        Map<ThemeSlot, SlotSetting> black = suggestion(three, policy(SuggestionPolicy.Spare.BLACK_AND_GREY));
        assertThat(black.get(ThemeSlot.ACCENT_4).paint().orElseThrow()).isEqualTo(new Paint.Fixed(Rgb.BLACK));
        assertThat(black.values()).hasSize(12);
        Map<ThemeSlot, SlotSetting> derived = suggestion(three, policy(SuggestionPolicy.Spare.DERIVE));
        assertThat(derived).isEqualTo(Suggestion.from(three));
        assertThat(derived.get(ThemeSlot.ACCENT_4).paint().orElseThrow().follows())
                .isPresent();
    }

    @Test
    void leavesKeptSlotsAlone() {
        Map<ThemeSlot, SlotSetting> rest = suggestion(
                palette("0B2A4A 0F7C7A"), policy(SuggestionPolicy.Spare.DERIVE, ThemeSlot.ACCENT_1, ThemeSlot.DARK_2));
        assertThat(rest).hasSize(10).doesNotContainKeys(ThemeSlot.ACCENT_1, ThemeSlot.DARK_2);
    }

    /** Brands of five colours are common, and a theme has six accents; common practice, no published source. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "1F5FA8 2E8B57 C46A1A 7A2E6B 4A4F57",
                "0B2A4A 0F7C7A F2682A 5B6670 A9743A",
                "B3261E 1E6F5C E0A100 3C3F8F 6B6B6B"
            })
    void fiveColorsGetASixthThatIsToldFromAll(String hexes) {
        Palette palette = palette(hexes);
        Map<ThemeSlot, SlotSetting> settings = Suggestion.from(palette);
        List<Rgb> accents = ThemeSlot.ACCENTS.stream()
                .map(slot -> settings.get(slot).paint().orElseThrow().resolve(palette))
                .toList();
        List<Rgb> own = Arrays.stream(hexes.split(" ")).map(Rgb::ofHex).toList();
        assertThat(accents).containsAll(own).doesNotHaveDuplicates();
        Rgb sixth = accents.stream()
                .filter(accent -> !own.contains(accent))
                .findFirst()
                .orElseThrow();
        assertThat(own).allMatch(color -> Difference.between(color, sixth) >= 5);
    }

    /** Source of both values: HTML Living Standard, 15.3.3. */
    @Test
    void takesTheCustomaryLinkColorsOnPurpose() {
        SuggestionPolicy customary = new SuggestionPolicy(
                SuggestionPolicy.Spare.DERIVE,
                SuggestionPolicy.LinkColors.CUSTOMARY,
                SuggestionPolicy.Highlight.LAST,
                Set.of());
        Map<ThemeSlot, SlotSetting> settings = suggestion(palette("0B2A4A"), customary);
        assertThat(settings.get(ThemeSlot.HYPERLINK).paint().orElseThrow())
                .isEqualTo(new Paint.Fixed(Rgb.ofHex("0000EE")));
        assertThat(settings.get(ThemeSlot.FOLLOWED_HYPERLINK).paint().orElseThrow())
                .isEqualTo(new Paint.Fixed(Rgb.ofHex("551A8B")));
    }
}
