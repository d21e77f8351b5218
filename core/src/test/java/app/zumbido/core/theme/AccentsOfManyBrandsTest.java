package app.zumbido.core.theme;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.color.Difference;
import app.zumbido.core.color.Oklch;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.Palette;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.palette.SwatchId;
import app.zumbido.core.roles.RoleDraft;
import app.zumbido.core.roles.Roles;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What must hold for the accents of every brand, on invented palettes of the kinds that businesses have and many by chance. */
class AccentsOfManyBrandsTest {
    /** The measure of the family: common practice, no published source. */
    private static final double STRONGER = 1.25;

    private static final int BY_CHANCE = 120;

    private static final String[] KINDS = {
        "FFD400 000000",
        "FFE100 111111 FFFFFF",
        "1F4E8C",
        "D0021B",
        "D0021B 000000 FFFFFF",
        "0B1F3A C9A227",
        "39FF14 23282D",
        "F8C8DC C8E6F8 D8F0C8 FFF3C4",
        "FBE4EC E4F0FB",
        "111111 555555 999999 DDDDDD",
        "000000",
        "FFFFFF",
        "E4002B FF8A00 FFD400 00A650 0072CE 6A1B9A",
        "5A2E1A D9B26F 6B8F3A",
        "0E3B2E F4A6B7",
        "A9D3DE E3D3B0",
        "0B2A4A 0F7C7A F2682A 5B6670 EAF3F2 FFFFFF",
        "003B46",
        "4B0082 E6E6FA",
        "7B1E3A F5E6C8 2B2B2B",
        "00B3A4 FF6F61 FFC857 2E4057 F4F1DE 81B29A 3D405B",
        "FFF200 ED1C24",
        "2D2A32 DDD92A EEABC4",
        "C7D59F B7CE63 8FB339 4B5842 DADDD8"
    };

    static Stream<String> brands() {
        Random random = new Random(13);
        Stream<String> byChance = IntStream.range(0, BY_CHANCE).mapToObj(i -> {
            List<String> hexes = new ArrayList<>();
            for (int j = 0; j <= i % 7; j++) {
                hexes.add(String.format("%06X", random.nextInt(1 << 24)));
            }
            return String.join(" ", hexes);
        });
        return Stream.concat(Arrays.stream(KINDS), byChance);
    }

    private static Palette palette(String hexes) {
        List<Swatch> swatches = new ArrayList<>();
        for (String hex : hexes.split(" ")) {
            swatches.add(Swatch.of(new SwatchId(new UUID(0, swatches.size() + 1)), hex, Rgb.ofHex(hex), List.of()));
        }
        return Palette.of(swatches);
    }

    private static List<Rgb> accents(Palette palette, Suggestion suggestion) {
        return ThemeSlot.ACCENTS.stream()
                .map(slot ->
                        suggestion.settings().get(slot).paint().orElseThrow().resolve(palette))
                .toList();
    }

    private static List<Suggestion> suggestions(Palette palette) {
        Roles drafted = Roles.NONE.with(RoleDraft.assigned(palette));
        return List.of(
                Suggestion.of(palette, Roles.NONE, PageGround.LIGHT, SuggestionPolicy.USUAL),
                Suggestion.of(palette, drafted, PageGround.LIGHT, SuggestionPolicy.USUAL),
                Suggestion.of(palette, drafted, PageGround.DARK, SuggestionPolicy.USUAL));
    }

    private static double chroma(Rgb color) {
        return Oklch.of(color).c();
    }

    private static boolean isMadeUp(Suggestion suggestion, int place) {
        SlotReason reason =
                suggestion.settings().get(ThemeSlot.ACCENTS.get(place)).reason().orElseThrow();
        return reason == SlotReason.LIGHTER_COMPANION || reason == SlotReason.DARKER_COMPANION;
    }

    /** Colourful: OKLCH chroma of 0.05, from which people name a hue. */
    @ParameterizedTest
    @MethodSource("brands")
    void noColorWithAHueIsLost(String hexes) {
        Palette palette = palette(hexes);
        List<Rgb> colorful = palette.swatches().stream()
                .map(Swatch::color)
                .distinct()
                .filter(color -> chroma(color) >= 0.05)
                .toList();
        for (Suggestion suggestion : suggestions(palette)) {
            Map<ThemeSlot, SlotSetting> settings = suggestion.settings();
            Rgb page = settings.get(ThemeSlot.LIGHT_1).paint().orElseThrow().resolve(palette);
            Rgb dark = settings.get(ThemeSlot.DARK_1).paint().orElseThrow().resolve(palette);
            List<Rgb> wanted = colorful.stream()
                    .filter(color -> !color.equals(page) && !color.equals(dark)
                            || accents(palette, suggestion).contains(color))
                    .limit(6)
                    .toList();
            if (colorful.size() <= 6) {
                assertThat(accents(palette, suggestion)).containsAll(wanted);
            } else {
                assertThat(accents(palette, suggestion)).allMatch(colorful::contains);
                assertThat(suggestion.leftOut()).hasSizeGreaterThanOrEqualTo(colorful.size() - 7);
            }
        }
    }

    @ParameterizedTest
    @MethodSource("brands")
    void whatIsMadeUpIsToldFromAllTheOthers(String hexes) {
        Palette palette = palette(hexes);
        for (Suggestion suggestion : suggestions(palette)) {
            List<Rgb> accents = accents(palette, suggestion);
            for (int i = 0; i < accents.size(); i++) {
                for (int j = 0; j < accents.size(); j++) {
                    if (i != j && isMadeUp(suggestion, i)) {
                        assertThat(Difference.between(accents.get(i), accents.get(j)))
                                .as("%s: %s", hexes, accents)
                                .isGreaterThanOrEqualTo(Math.abs(i - j) == 1 ? 10 : 5);
                    }
                }
            }
        }
    }

    @ParameterizedTest
    @MethodSource("brands")
    void whatIsMadeUpStaysInTheFamilyWithItsTints(String hexes) {
        Palette palette = palette(hexes);
        double strongest = palette.swatches().stream()
                .mapToDouble(swatch -> chroma(swatch.color()))
                .max()
                .orElseThrow();
        for (Suggestion suggestion : suggestions(palette)) {
            List<Rgb> accents = accents(palette, suggestion);
            for (int i = 0; i < accents.size(); i++) {
                if (isMadeUp(suggestion, i)) {
                    Rgb accent = accents.get(i);
                    for (TintStep step : TintStep.offeredFor(accent)) {
                        assertThat(chroma(step.apply(accent)))
                                .as("%s: %s of %s in %s", hexes, step.apply(accent), accent, accents)
                                .isLessThanOrEqualTo(STRONGER * strongest + 0.03);
                    }
                }
            }
        }
    }

    /** Black and white beside a colour: no accent is a second black. */
    @ParameterizedTest
    @MethodSource("brands")
    void noNearBlackIsMadeUpForALightPage(String hexes) {
        Palette palette = palette(hexes);
        for (Suggestion suggestion : suggestions(palette).subList(0, 2)) {
            List<Rgb> accents = accents(palette, suggestion);
            for (int i = 0; i < accents.size(); i++) {
                if (isMadeUp(suggestion, i)) {
                    assertThat(Oklch.of(accents.get(i)).l())
                            .as("%s: %s", hexes, accents)
                            .isGreaterThan(0.25);
                }
            }
        }
    }
}
