package app.zumbido.server.trail.form;

import app.zumbido.core.theme.PageGround;
import app.zumbido.core.theme.SlotSetting;
import app.zumbido.core.theme.Theme;
import app.zumbido.core.theme.ThemeSlot;
import java.util.EnumMap;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;

/** @param slots by the standard's code of each */
record Theme8(UUID id, String name, String ground, Theme7.Policy7 policy, Map<String, Slot6> slots) {
    static Theme8 of(Theme theme) {
        Map<String, Slot6> slots = new TreeMap<>();
        theme.slots().forEach((slot, setting) -> slots.put(slot.code(), Slot6.of(setting)));
        return new Theme8(theme.id(), theme.name(), theme.ground().name(), Theme7.Policy7.of(theme.policy()), slots);
    }

    Theme theme() {
        Map<ThemeSlot, SlotSetting> settings = new EnumMap<>(ThemeSlot.class);
        slots.forEach((code, slot) -> settings.put(ThemeSlot.ofCode(code).orElseThrow(), slot.setting()));
        return new Theme(id, name, PageGround.valueOf(ground), policy.policy(), settings);
    }
}
