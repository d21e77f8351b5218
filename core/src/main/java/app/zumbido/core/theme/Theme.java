package app.zumbido.core.theme;

import app.zumbido.core.color.Difference;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.Paint;
import app.zumbido.core.palette.Painted;
import app.zumbido.core.palette.Palette;
import app.zumbido.core.palette.SwatchId;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.UnaryOperator;

/**
 * Twelve slots under one name.
 *
 * @param name 1 to 80 characters
 * @param ground what its pages stand on
 * @param policy what every suggestion for it heeds
 * @param slots every slot, in the standard's order
 */
public record Theme(UUID id, String name, PageGround ground, SuggestionPolicy policy, Map<ThemeSlot, SlotSetting> slots)
        implements Painted<Theme> {
    public static final int LONGEST_NAME = 80;

    public Theme {
        if (name.isBlank() || name.length() > LONGEST_NAME) {
            throw new IllegalArgumentException("A theme's name has 1 to " + LONGEST_NAME + " characters");
        }
        Map<ThemeSlot, SlotSetting> all = new EnumMap<>(ThemeSlot.class);
        for (ThemeSlot slot : ThemeSlot.values()) {
            all.put(slot, slots.getOrDefault(slot, SlotSetting.EMPTY));
        }
        slots = Collections.unmodifiableMap(all);
    }

    public static Theme empty(UUID id, String name) {
        return new Theme(id, name, PageGround.LIGHT, SuggestionPolicy.USUAL, Map.of());
    }

    public SlotSetting get(ThemeSlot slot) {
        return slots.get(slot);
    }

    public Theme with(ThemeSlot slot, SlotSetting setting) {
        return with(Map.of(slot, setting));
    }

    public Theme with(Map<ThemeSlot, SlotSetting> settings) {
        Map<ThemeSlot, SlotSetting> changed = new EnumMap<>(slots);
        changed.putAll(settings);
        return new Theme(id, name, ground, policy, changed);
    }

    /** The same under another id. */
    public Theme under(UUID newId) {
        return new Theme(newId, name, ground, policy, slots);
    }

    public Theme withName(String newName) {
        return new Theme(id, newName, ground, policy, slots);
    }

    public Theme on(PageGround newGround) {
        return new Theme(id, name, newGround, policy, slots);
    }

    /** The same with nothing in any slot. */
    public Theme emptied() {
        return new Theme(id, name, ground, policy, Map.of());
    }

    public Theme heeding(SuggestionPolicy newPolicy) {
        return new Theme(id, name, ground, newPolicy, slots);
    }

    /** @return the colours of the slots that are set */
    public Map<ThemeSlot, Rgb> resolve(Palette palette) {
        Map<ThemeSlot, Rgb> colors = new EnumMap<>(ThemeSlot.class);
        slots.forEach((slot, setting) -> setting.paint().ifPresent(paint -> colors.put(slot, paint.resolve(palette))));
        return colors;
    }

    /** @return how far the colours of two themes lie apart, ΔE00, where both have set the slot */
    public Map<ThemeSlot, Double> differences(Theme other, Palette palette) {
        Map<ThemeSlot, Rgb> theirs = other.resolve(palette);
        Map<ThemeSlot, Double> differences = new EnumMap<>(ThemeSlot.class);
        resolve(palette).forEach((slot, color) -> {
            Rgb beside = theirs.get(slot);
            if (beside != null) {
                differences.put(slot, Difference.between(color, beside));
            }
        });
        return differences;
    }

    /** @return by swatch how many slots follow it */
    public Map<SwatchId, Integer> uses() {
        Map<SwatchId, Integer> uses = new HashMap<>();
        paints().forEach(paint -> paint.follows().ifPresent(swatch -> uses.merge(swatch, 1, Integer::sum)));
        return uses;
    }

    /** @return the slots that nobody has set, in the standard's order */
    public List<ThemeSlot> unfilled() {
        List<ThemeSlot> empty = new ArrayList<>();
        slots.forEach((slot, setting) -> {
            if (setting.paint().isEmpty()) {
                empty.add(slot);
            }
        });
        return empty;
    }

    @Override
    public Theme repainted(UnaryOperator<Paint> change) {
        Map<ThemeSlot, SlotSetting> changed = new EnumMap<>(slots);
        changed.replaceAll((slot, setting) -> setting.repainted(change));
        return new Theme(id, name, ground, policy, changed);
    }
}
