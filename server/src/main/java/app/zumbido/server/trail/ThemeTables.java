package app.zumbido.server.trail;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.SwatchId;
import app.zumbido.core.theme.PageGround;
import app.zumbido.core.theme.SlotFill;
import app.zumbido.core.theme.SlotReason;
import app.zumbido.core.theme.SlotSetting;
import app.zumbido.core.theme.Theme;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.core.theme.Themes;
import app.zumbido.core.type.FontPair;
import app.zumbido.server.theme.SlotRow;
import app.zumbido.server.theme.ThemeMapper;
import app.zumbido.server.theme.ThemeRow;
import java.util.EnumMap;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** The themes of a brand in rows, and back. */
@Component
class ThemeTables {
    private final ThemeMapper themes;

    ThemeTables(ThemeMapper themes) {
        this.themes = themes;
    }

    Themes read(UUID brand) {
        return new Themes(themes.ofBrand(brand).stream().map(this::theme).toList());
    }

    private Theme theme(ThemeRow row) {
        Map<ThemeSlot, SlotSetting> slots = new EnumMap<>(ThemeSlot.class);
        for (SlotRow slot : themes.slots(row.id())) {
            slots.put(ThemeSlot.ofCode(slot.slot()).orElseThrow(), setting(slot));
        }
        FontPair fonts = new FontPair(row.headingFont(), row.bodyFont());
        return new Theme(row.id(), row.name(), PageGround.valueOf(row.ground()), fonts, slots);
    }

    void clear(UUID brand) {
        themes.deleteSlots(brand);
        themes.deleteOfBrand(brand);
    }

    void write(UUID brand, Themes all) {
        int position = 0;
        for (Theme theme : all.all()) {
            themes.insert(new ThemeRow(
                    theme.id(),
                    brand,
                    position++,
                    theme.name(),
                    theme.ground().name(),
                    theme.fonts().heading(),
                    theme.fonts().body()));
            theme.slots().forEach((slot, setting) -> themes.insertSlot(row(brand, theme.id(), slot, setting)));
        }
    }

    private static SlotSetting setting(SlotRow row) {
        SlotFill fill = switch (row.kind()) {
            case "swatch" -> new SlotFill.OfSwatch(swatchId(row));
            case "derived" -> new SlotFill.Derived(swatchId(row), Objects.requireNonNull(row.lightness()));
            case "fixed" -> new SlotFill.Fixed(Rgb.ofHex(Objects.requireNonNull(row.hex())));
            default -> SlotFill.EMPTY;
        };
        return new SlotSetting(fill, Optional.ofNullable(row.reason()).map(SlotReason::valueOf));
    }

    private static SwatchId swatchId(SlotRow row) {
        return new SwatchId(Objects.requireNonNull(row.swatchId()));
    }

    private static SlotRow row(UUID brand, UUID theme, ThemeSlot slot, SlotSetting setting) {
        String reason = setting.reason().map(SlotReason::name).orElse(null);
        SlotFill fill = setting.fill();
        return new SlotRow(
                theme,
                slot.code(),
                fill.match(f -> "swatch", f -> "derived", f -> "fixed", f -> "empty"),
                brand,
                fill.follows().map(SwatchId::value).orElse(null),
                fill instanceof SlotFill.Derived derived ? derived.lightness() : null,
                fill instanceof SlotFill.Fixed fixed ? fixed.color().hex() : null,
                reason);
    }
}
