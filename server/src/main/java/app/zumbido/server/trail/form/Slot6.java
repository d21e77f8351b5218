package app.zumbido.server.trail.form;

import app.zumbido.core.theme.SlotReason;
import app.zumbido.core.theme.SlotSetting;
import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * What stands in a theme slot.
 *
 * @param paint absent where nobody has set the slot
 * @param reason absent where a person chose
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
record Slot6(@Nullable Paint6 paint, @Nullable String reason) {
    static Slot6 of(SlotSetting setting) {
        return new Slot6(
                setting.paint().map(Paint6::of).orElse(null),
                setting.reason().map(SlotReason::name).orElse(null));
    }

    SlotSetting setting() {
        return new SlotSetting(
                Optional.ofNullable(paint).map(Paint6::paint),
                Optional.ofNullable(reason).map(SlotReason::valueOf));
    }
}
