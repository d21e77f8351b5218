package app.zumbido.server.trail.form;

import app.zumbido.core.theme.SuggestionPolicy;
import app.zumbido.core.theme.ThemeSlot;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;

/** @param slots by the standard's code of each */
record Theme7(UUID id, String name, String ground, Fonts1 fonts, Policy7 policy, Map<String, Slot6> slots) {
    Theme8 next() {
        return new Theme8(id, name, ground, policy, slots);
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
