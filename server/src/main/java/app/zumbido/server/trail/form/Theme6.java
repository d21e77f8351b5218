package app.zumbido.server.trail.form;

import app.zumbido.core.theme.PageGround;
import app.zumbido.core.theme.SlotReason;
import app.zumbido.core.theme.SlotSetting;
import app.zumbido.core.theme.Theme;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.core.type.FontPair;
import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** @param slots by the standard's code of each */
record Theme6(UUID id, String name, String ground, Fonts1 fonts, Map<String, Slot6> slots) {
    static Theme6 of(Theme theme) {
        Map<String, Slot6> slots = new TreeMap<>();
        theme.slots().forEach((slot, setting) -> slots.put(slot.code(), Slot6.of(setting)));
        return new Theme6(
                theme.id(),
                theme.name(),
                theme.ground().name(),
                new Fonts1(theme.fonts().heading(), theme.fonts().body()),
                slots);
    }

    Theme theme() {
        Map<ThemeSlot, SlotSetting> settings = new EnumMap<>(ThemeSlot.class);
        slots.forEach((code, slot) -> settings.put(ThemeSlot.ofCode(code).orElseThrow(), slot.setting()));
        return new Theme(id, name, PageGround.valueOf(ground), new FontPair(fonts.heading(), fonts.body()), settings);
    }

    /**
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
}
