package app.zumbido.server.trail.form;

import app.zumbido.core.theme.PageGround;
import app.zumbido.core.theme.SlotSetting;
import app.zumbido.core.theme.SuggestionPolicy;
import app.zumbido.core.theme.Theme;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.core.type.FontPair;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;

/** @param slots by the standard's code of each */
record Theme7(UUID id, String name, String ground, Fonts1 fonts, Policy7 policy, Map<String, Slot6> slots) {
    static Theme7 of(Theme theme) {
        Map<String, Slot6> slots = new TreeMap<>();
        theme.slots().forEach((slot, setting) -> slots.put(slot.code(), Slot6.of(setting)));
        return new Theme7(
                theme.id(),
                theme.name(),
                theme.ground().name(),
                new Fonts1(theme.fonts().heading(), theme.fonts().body()),
                Policy7.of(theme.policy()),
                slots);
    }

    Theme theme() {
        Map<ThemeSlot, SlotSetting> settings = new EnumMap<>(ThemeSlot.class);
        slots.forEach((code, slot) -> settings.put(ThemeSlot.ofCode(code).orElseThrow(), slot.setting()));
        return new Theme(
                id,
                name,
                PageGround.valueOf(ground),
                new FontPair(fonts.heading(), fonts.body()),
                policy.policy(),
                settings);
    }

    /**
     * What every suggestion for it heeds.
     *
     * @param kept codes of the slots that stay as they are
     */
    record Policy7(String spare, String links, String highlight, List<String> kept) {
        static final Policy7 USUAL = of(SuggestionPolicy.USUAL);

        static Policy7 of(SuggestionPolicy policy) {
            return new Policy7(
                    policy.spare().name(),
                    policy.links().name(),
                    policy.highlight().name(),
                    policy.kept().stream().sorted().map(ThemeSlot::code).toList());
        }

        SuggestionPolicy policy() {
            return new SuggestionPolicy(
                    SuggestionPolicy.Spare.valueOf(spare),
                    SuggestionPolicy.LinkColors.valueOf(links),
                    SuggestionPolicy.Highlight.valueOf(highlight),
                    kept.stream()
                            .map(code -> ThemeSlot.ofCode(code).orElseThrow())
                            .collect(Collectors.toSet()));
        }
    }
}
