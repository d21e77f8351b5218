package app.zumbido.core.brand;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.inspect.FoundTheme;
import app.zumbido.core.palette.Origin;
import app.zumbido.core.palette.Paint;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.palette.SwatchId;
import app.zumbido.core.palette.WorkingName;
import app.zumbido.core.theme.SlotSetting;
import app.zumbido.core.theme.Theme;
import app.zumbido.core.theme.ThemeSlot;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Collectors;

/**
 * Makes the theme of an existing file the brand's. Its colours become swatches, so that the slots follow them; black,
 * white and the link colours do so only where the palette has them, since they are mostly nobody's choice. Colours that the
 * file names come first, under their names.
 */
public final class ThemeTaking {
    private static final Set<ThemeSlot> LINKS = Set.of(ThemeSlot.HYPERLINK, ThemeSlot.FOLLOWED_HYPERLINK);

    private ThemeTaking() {}

    /**
     * @param source the file's name
     * @param brand as it is; its first theme takes the slots over
     * @param ids makes an id for each new swatch
     */
    public static ThemeChange.TakeTheme from(FoundTheme found, String source, Brand brand, Supplier<UUID> ids) {
        Map<Rgb, SwatchId> known = new LinkedHashMap<>();
        Set<String> names = new HashSet<>();
        brand.palette().swatches().forEach(swatch -> {
            known.putIfAbsent(swatch.color(), swatch.id());
            names.add(swatch.name());
        });
        List<Swatch> added = new ArrayList<>();
        for (FoundTheme.NamedColor named : found.named()) {
            if (!known.containsKey(named.color()) && names.add(named.name())) {
                Swatch swatch =
                        Swatch.of(new SwatchId(ids.get()), named.name(), named.color(), List.of(Origin.of(source)));
                added.add(swatch);
                known.put(named.color(), swatch.id());
            }
        }
        boolean complete = namesThePalette(found);
        for (ThemeSlot slot : inOrderOfUse()) {
            Rgb color = found.colors().get(slot);
            if (color != null && !complete && !known.containsKey(color) && isChosen(slot, color)) {
                String name = WorkingName.of(color, names);
                names.add(name);
                Swatch swatch = Swatch.of(new SwatchId(ids.get()), name, color, List.of(Origin.of(source)));
                added.add(swatch);
                known.put(color, swatch.id());
            }
        }
        Map<ThemeSlot, SlotSetting> settings = new EnumMap<>(ThemeSlot.class);
        found.colors().forEach((slot, color) -> {
            SwatchId swatch = known.get(color);
            settings.put(
                    slot, SlotSetting.chosen(swatch == null ? new Paint.Fixed(color) : new Paint.OfSwatch(swatch)));
        });
        Optional<String> name = Optional.of(found.name().strip())
                .filter(given -> !given.isEmpty() && given.length() <= Theme.LONGEST_NAME);
        return new ThemeChange.TakeTheme(
                brand.themes().first().id(),
                source,
                name,
                added,
                settings,
                found.fonts().map(brand.type()::in));
    }

    /**
     * Whether the colours that the file names are the palette: then those of the slots that are not among them were made of it,
     * lighter or darker. A file that names only some more colours beside its theme is of another kind.
     */
    private static boolean namesThePalette(FoundTheme found) {
        Set<Rgb> named =
                found.named().stream().map(FoundTheme.NamedColor::color).collect(Collectors.toSet());
        Set<Rgb> chosen = new HashSet<>();
        found.colors().forEach((slot, color) -> {
            if (isChosen(slot, color)) {
                chosen.add(color);
            }
        });
        long among = chosen.stream().filter(named::contains).count();
        return !named.isEmpty() && 2 * among >= chosen.size();
    }

    /** Accents lead a palette; text and ground follow. */
    private static List<ThemeSlot> inOrderOfUse() {
        List<ThemeSlot> slots = new ArrayList<>(ThemeSlot.ACCENTS);
        for (ThemeSlot slot : ThemeSlot.values()) {
            if (!slots.contains(slot)) {
                slots.add(slot);
            }
        }
        return slots;
    }

    private static boolean isChosen(ThemeSlot slot, Rgb color) {
        return !LINKS.contains(slot) && !color.equals(Rgb.BLACK) && !color.equals(Rgb.WHITE);
    }
}
