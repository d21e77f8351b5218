package app.zumbido.formats.ooxml;

import app.zumbido.core.color.ColorCode;
import app.zumbido.core.color.Hsl;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.inspect.Setting;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.formats.archive.Tag;
import java.util.Map;
import java.util.Optional;

/**
 * A colour as word processors write it: a value, and beside it what it is of the theme. Source: ECMA-376 Part 1, 17.3.2.6
 * and 17.18.97.
 */
final class WordColor {
    private static final double WHOLE = 255;

    private WordColor() {}

    /** @return the attribute that says which slot a value is of */
    static String themeAttribute(String valueAttribute) {
        return valueAttribute.equals("fill") ? "themeFill" : "themeColor";
    }

    /** @return the attributes beside it that make a slot lighter or darker */
    static String[] stepAttributes(String valueAttribute) {
        return valueAttribute.equals("fill")
                ? new String[] {"themeFillTint", "themeFillShade"}
                : new String[] {"themeTint", "themeShade"};
    }

    /** @return nothing if the program is to choose for itself */
    static Optional<Seen> of(Tag tag, String attribute, Map<ThemeSlot, Rgb> slots) {
        Optional<Rgb> written =
                tag.attribute(attribute).filter(value -> !value.equals("auto")).flatMap(ColorCode::parse);
        Optional<ThemeSlot> slot = tag.attribute(themeAttribute(attribute)).flatMap(SlotNames::find);
        return slot.isPresent()
                ? ofSlot(tag, attribute, slot.get(), written, slots)
                : written.map(color -> new Seen(color, new Setting.ByHand(tag.spot(attribute))));
    }

    /** Programs write the value resolved beside the slot; only where they did not, it is computed. */
    private static Optional<Seen> ofSlot(
            Tag tag, String attribute, ThemeSlot slot, Optional<Rgb> written, Map<ThemeSlot, Rgb> slots) {
        Setting setting = new Setting.OfTheme(slot, tag.spot(attribute).or(() -> tag.spot(themeAttribute(attribute))));
        return written.or(() -> Optional.ofNullable(slots.get(slot)).map(base -> stepped(tag, attribute, base)))
                .map(color -> new Seen(color, setting));
    }

    static Rgb stepped(Tag tag, String attribute, Rgb base) {
        String[] steps = stepAttributes(attribute);
        Hsl hsl = Hsl.of(base);
        Optional<Hsl> lighter =
                share(tag, steps[0]).map(share -> hsl.withLightness(hsl.lightness() * share + 1 - share));
        return lighter.or(() -> share(tag, steps[1]).map(share -> hsl.withLightness(hsl.lightness() * share)))
                .map(Hsl::toRgb)
                .orElse(base);
    }

    private static Optional<Double> share(Tag tag, String attribute) {
        return tag.attribute(attribute)
                .filter(hex -> hex.matches("[0-9A-Fa-f]{2}"))
                .map(hex -> Integer.parseInt(hex, 16) / WHOLE);
    }
}
