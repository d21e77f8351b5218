package app.zumbido.core.theme;

import app.zumbido.core.palette.Palette;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * Fills all twelve slots from a palette at the least cost. The cost separates: the links depend on the four text
 * slots, the accents on the paper, so each part is solved exactly in turn. The weights are judgement; common practice,
 * no published source.
 */
public final class Suggestion {
    private Suggestion() {}

    /** @return every slot with a fill and a reason */
    public static Map<ThemeSlot, SlotSetting> from(Palette palette) {
        return from(palette, SuggestionPolicy.USUAL);
    }

    /** @return every slot that is not kept, with a fill and a reason */
    public static Map<ThemeSlot, SlotSetting> from(Palette palette, SuggestionPolicy policy) {
        List<Ink> brand = Ink.allOf(palette);
        TextBlock text = TextBlock.best(brand);
        Map<ThemeSlot, SlotSetting> settings = new EnumMap<>(ThemeSlot.class);
        settings.putAll(text.settings());
        settings.putAll(Accents.settings(brand, text, policy.spare()));
        settings.putAll(
                switch (policy.links()) {
                    case BRAND -> Links.best(brand, text).settings();
                    case CUSTOMARY -> Links.customary();
                });
        settings.keySet().removeAll(policy.kept());
        return settings;
    }
}
