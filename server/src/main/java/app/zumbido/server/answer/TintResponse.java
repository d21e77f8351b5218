package app.zumbido.server.answer;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.theme.TintStep;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/**
 * A tint that document programs derive, and how each kind of document writes it.
 *
 * @param hex what presentations show
 * @param lumMod percent that HSL lightness is multiplied by, in presentations
 * @param lumOff percentage points added afterwards
 * @param themeTint two hexadecimal digits, in word processors; only where it is lighter
 * @param themeShade two hexadecimal digits, in word processors; only where it is darker
 * @param documentHex what word processors show
 * @param tint -1 to 1, in spreadsheets
 * @param workbookHex what spreadsheets show
 */
record TintResponse(
        String hex,
        String ink,
        int lumMod,
        int lumOff,
        @Nullable String themeTint,
        @Nullable String themeShade,
        String documentHex,
        double tint,
        String workbookHex) {
    static List<TintResponse> allOf(Rgb color) {
        return TintStep.offeredFor(color).stream().map(step -> of(step, color)).toList();
    }

    private static TintResponse of(TintStep step, Rgb base) {
        Rgb tint = step.apply(base);
        String value = String.format(Locale.ROOT, "%02X", step.documentValue());
        return new TintResponse(
                tint.hex(),
                tint.ink().hex(),
                step.lumMod(),
                step.lumOff(),
                step.isLighter() ? value : null,
                step.isLighter() ? null : value,
                step.inDocuments(base).hex(),
                step.workbookTint(),
                step.inWorkbooks(base).hex());
    }
}
