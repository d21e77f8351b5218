package app.zumbido.server.theme;

import app.zumbido.core.brand.Look;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.Paint;
import app.zumbido.core.palette.SwatchId;
import app.zumbido.core.theme.GivenUp;
import app.zumbido.core.theme.SlotReason;
import app.zumbido.core.theme.Suggestion;
import app.zumbido.core.theme.ThemeSlot;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What is proposed for the slots, and what it costs.
 *
 * @param givenUp what even the best of all assignments gives up, in the order of the slots
 * @param leftOut names of the swatches that could be seen on the page and stand in no accent
 */
record SuggestionResponse(List<SuggestedSlot> slots, List<GivenUpResponse> givenUp, List<String> leftOut) {
    static SuggestionResponse of(Suggestion suggestion, Look look) {
        Map<ThemeSlot, Rgb> colors = look.theme().with(suggestion.settings()).resolve(look.palette());
        List<SuggestedSlot> slots = new ArrayList<>();
        suggestion
                .settings()
                .forEach((slot, setting) -> slots.add(new SuggestedSlot(
                        slot.code(),
                        colors.get(slot).hex(),
                        setting.paint()
                                .flatMap(Paint::follows)
                                .map(SwatchId::value)
                                .orElse(null),
                        setting.reason().orElseThrow())));
        return new SuggestionResponse(
                slots,
                suggestion.givenUp().stream().map(GivenUpResponse::of).toList(),
                suggestion.leftOut().stream()
                        .map(swatch -> look.palette().get(swatch).name())
                        .toList());
    }

    record SuggestedSlot(String slot, String hex, @Nullable UUID swatchId, SlotReason reason) {}

    /** @param points what it cost */
    record GivenUpResponse(GivenUp.Kind kind, String slot, double points) {
        static GivenUpResponse of(GivenUp given) {
            return new GivenUpResponse(given.kind(), given.slot().code(), given.points());
        }
    }
}
