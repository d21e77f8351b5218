package app.zumbido.core.theme;

import app.zumbido.core.palette.Paint;
import app.zumbido.core.palette.Palette;
import app.zumbido.core.palette.SwatchId;
import app.zumbido.core.roles.Roles;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Lets the accents of a theme hear that the order of use is another: those that were suggested and are not kept. */
public final class AccentOrder {
    private AccentOrder() {}

    /**
     * @param was palette and roles that the theme stands on
     * @param is the same in another order
     * @return the theme in that order; the same where nothing was suggested or the order of use did not change
     */
    public static Theme heard(Theme theme, Palette was, Roles wasRoles, Palette is, Roles isRoles) {
        Set<ThemeSlot> free = suggested(theme);
        List<SwatchId> before = order(was, wasRoles, theme);
        List<SwatchId> after = order(is, isRoles, theme);
        if (free.isEmpty() || before.equals(after)) {
            return theme;
        }
        SuggestionPolicy rest = theme.policy().keeping(EnumSet.complementOf(EnumSet.copyOf(free)));
        boolean asSuggested =
                Suggestion.of(was, wasRoles, theme, rest).settings().equals(only(theme, free));
        return theme.with(
                asSuggested
                        ? Suggestion.of(is, isRoles, theme, rest).settings()
                        // The palette has moved on since; colours that nobody asked for do not come in with an order.
                        : sorted(theme, free, after));
    }

    private static List<SwatchId> order(Palette palette, Roles roles, Theme theme) {
        return OrderOfUse.of(roles.usable(palette), roles, theme.policy().highlight());
    }

    private static Set<ThemeSlot> suggested(Theme theme) {
        Set<ThemeSlot> slots = EnumSet.noneOf(ThemeSlot.class);
        for (ThemeSlot slot : ThemeSlot.ACCENTS) {
            if (theme.get(slot).reason().isPresent() && !theme.policy().kept().contains(slot)) {
                slots.add(slot);
            }
        }
        return slots;
    }

    private static Map<ThemeSlot, SlotSetting> only(Theme theme, Set<ThemeSlot> slots) {
        Map<ThemeSlot, SlotSetting> settings = new EnumMap<>(ThemeSlot.class);
        slots.forEach(slot -> settings.put(slot, theme.get(slot)));
        return settings;
    }

    /** Those that are a swatch of the brand change places among themselves; what was made from them stays. */
    private static Map<ThemeSlot, SlotSetting> sorted(Theme theme, Set<ThemeSlot> slots, List<SwatchId> order) {
        List<ThemeSlot> places = slots.stream()
                .filter(slot ->
                        swatchIn(theme.get(slot)).filter(order::contains).isPresent())
                .toList();
        List<SlotSetting> settings =
                new ArrayList<>(places.stream().map(theme::get).toList());
        settings.sort(Comparator.comparingInt(
                setting -> order.indexOf(swatchIn(setting).orElseThrow())));
        Map<ThemeSlot, SlotSetting> sorted = new EnumMap<>(ThemeSlot.class);
        for (int i = 0; i < places.size(); i++) {
            sorted.put(places.get(i), settings.get(i));
        }
        return sorted;
    }

    private static Optional<SwatchId> swatchIn(SlotSetting setting) {
        return setting.paint()
                .flatMap(paint -> paint instanceof Paint.OfSwatch only ? Optional.of(only.swatch()) : Optional.empty());
    }
}
