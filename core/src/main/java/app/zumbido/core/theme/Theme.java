package app.zumbido.core.theme;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.Palette;
import app.zumbido.core.palette.SwatchId;
import app.zumbido.core.type.FontPair;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/**
 * Twelve slots and two fonts under one name.
 *
 * @param name 1 to 80 characters
 * @param slots every slot, in the standard's order
 */
public record Theme(UUID id, String name, FontPair fonts, Map<ThemeSlot, SlotSetting> slots) {
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
        return new Theme(id, name, FontPair.TO_BEGIN_WITH, Map.of());
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
        return new Theme(id, name, fonts, changed);
    }

    /** The same under another id. */
    public Theme under(UUID newId) {
        return new Theme(newId, name, fonts, slots);
    }

    public Theme withName(String newName) {
        return new Theme(id, newName, fonts, slots);
    }

    public Theme withFonts(FontPair newFonts) {
        return new Theme(id, name, newFonts, slots);
    }

    /** @return the colours of the slots that are set */
    public Map<ThemeSlot, Rgb> resolve(Palette palette) {
        Map<ThemeSlot, Rgb> colors = new EnumMap<>(ThemeSlot.class);
        slots.forEach((slot, setting) -> setting.fill().resolve(palette).ifPresent(color -> colors.put(slot, color)));
        return colors;
    }

    /** @return by swatch how many slots follow it */
    public Map<SwatchId, Integer> uses() {
        Map<SwatchId, Integer> uses = new HashMap<>();
        slots.values()
                .forEach(setting -> setting.fill().follows().ifPresent(swatch -> uses.merge(swatch, 1, Integer::sum)));
        return uses;
    }

    /** @return the slots that nobody has set, in the standard's order */
    public List<ThemeSlot> unfilled() {
        List<ThemeSlot> empty = new ArrayList<>();
        slots.forEach((slot, setting) -> {
            if (setting.fill() instanceof SlotFill.Empty) {
                empty.add(slot);
            }
        });
        return empty;
    }

    /** Lets the slots that follow a swatch keep its present colour when the swatch leaves the palette. */
    public Theme releasing(SwatchId swatch, Palette palette) {
        Map<ThemeSlot, SlotSetting> changed = new EnumMap<>(slots);
        changed.replaceAll((slot, setting) ->
                setting.fill().follows().filter(swatch::equals).isPresent()
                        ? SlotSetting.chosen(new SlotFill.Fixed(
                                setting.fill().resolve(palette).orElseThrow()))
                        : setting);
        return new Theme(id, name, fonts, changed);
    }

    /** Lets the slots that follow one swatch follow another. */
    public Theme following(SwatchId gone, SwatchId kept) {
        Map<ThemeSlot, SlotSetting> changed = new EnumMap<>(slots);
        changed.replaceAll((slot, setting) -> new SlotSetting(setting.fill().following(gone, kept), setting.reason()));
        return new Theme(id, name, fonts, changed);
    }
}
