package app.zumbido.server.source;

import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.color.WcagLevel;
import app.zumbido.core.inspect.ColorUse;
import app.zumbido.core.inspect.Combination;
import app.zumbido.core.inspect.FoundTheme;
import app.zumbido.core.inspect.Inventory;
import app.zumbido.core.inspect.UsedColor;
import app.zumbido.server.http.WireNames;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * All colours of a file that shows no picture.
 *
 * @param colors most used first
 * @param combinations most used first
 * @param counted whether the uses could be counted
 */
record InventoryResponse(
        @Nullable FoundThemeResponse theme,
        List<UsedColorResponse> colors,
        List<CombinationResponse> combinations,
        boolean counted) {
    /** More than anybody reads. */
    private static final int MOST_COLORS = 200;

    private static final int MOST_COMBINATIONS = 12;

    static InventoryResponse of(Inventory inventory) {
        List<UsedColor> meant = inventory.meant();
        return new InventoryResponse(
                inventory.theme().map(FoundThemeResponse::of).orElse(null),
                inventory.colors().stream()
                        .limit(MOST_COLORS)
                        .map(used -> UsedColorResponse.of(used, meant.contains(used)))
                        .toList(),
                inventory.combinations().stream()
                        .limit(MOST_COMBINATIONS)
                        .map(CombinationResponse::of)
                        .toList(),
                inventory.counted());
    }

    /** @param headingFont absent if the file names none */
    record FoundThemeResponse(
            String name,
            List<FoundSlotResponse> slots,
            @Nullable String headingFont,
            @Nullable String bodyFont) {
        static FoundThemeResponse of(FoundTheme theme) {
            List<FoundSlotResponse> slots = new ArrayList<>();
            theme.colors()
                    .forEach((slot, color) -> slots.add(new FoundSlotResponse(
                            slot.code(), color.hex(), color.ink().hex())));
            return new FoundThemeResponse(
                    theme.name(),
                    slots,
                    theme.fonts().map(fonts -> fonts.heading().name()).orElse(null),
                    theme.fonts().map(fonts -> fonts.body().name()).orElse(null));
        }
    }

    /** @param slot its code, as in {@code accent1} */
    record FoundSlotResponse(String slot, String hex, String ink) {}

    /**
     * @param name as the file itself calls it
     * @param meant whether the file means it: its theme or a name says so, or it is used again and again
     */
    record UsedColorResponse(
            String hex, String ink, @Nullable String name, int count, List<UseResponse> uses, boolean meant) {
        static UsedColorResponse of(UsedColor used, boolean meant) {
            List<UseResponse> uses = new ArrayList<>();
            used.uses().forEach((use, count) -> uses.add(UseResponse.of(use, count)));
            Rgb color = used.color();
            return new UsedColorResponse(
                    color.hex(), color.ink().hex(), used.name().orElse(null), used.count(), uses, meant);
        }
    }

    /** @param use text, ground, border or graphic */
    record UseResponse(String use, int count) {
        static UseResponse of(ColorUse use, int count) {
            return new UseResponse(WireNames.of(use), count);
        }
    }

    /**
     * @param ratio of contrast, unrounded
     * @param reads whether text can be read there at level AA, large at least
     */
    record CombinationResponse(String foreground, String background, double ratio, boolean reads, int count) {
        static CombinationResponse of(Combination combination) {
            ContrastRatio ratio = ContrastRatio.between(combination.foreground(), combination.background());
            return new CombinationResponse(
                    combination.foreground().hex(),
                    combination.background().hex(),
                    ratio.value(),
                    ratio.reaches(WcagLevel.AA.largeText()),
                    combination.count());
        }
    }
}
