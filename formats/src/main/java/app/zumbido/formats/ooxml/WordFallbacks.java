package app.zumbido.formats.ooxml;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.inspect.Spot;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.formats.archive.PartXml;
import app.zumbido.formats.archive.Tag;
import app.zumbido.formats.uses.PartEdits;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The values that documents write beside the slots which they are of: when the theme changes they would be wrong, and
 * programs that know no themes show them. Source: ECMA-376 Part 1, 17.3.2.6.
 */
final class WordFallbacks {
    private WordFallbacks() {}

    /** @param slots of the new theme */
    static void put(String part, byte[] content, Map<ThemeSlot, Rgb> slots, PartEdits edits) {
        PartXml.read(part, content, tag -> {
            for (String attribute : List.of("val", "color", "fill")) {
                fallback(tag, attribute, slots)
                        .ifPresent(color ->
                                tag.spot(attribute).filter(edits::isFirst).ifPresent(spot -> put(spot, color, edits)));
            }
        });
    }

    private static void put(Spot spot, Rgb color, PartEdits edits) {
        edits.part(spot.part()).splices().put(spot.from(), spot.to(), color.digits());
    }

    private static Optional<Rgb> fallback(Tag tag, String attribute, Map<ThemeSlot, Rgb> slots) {
        boolean color = attribute.equals("val") == tag.name().equals("color");
        boolean written = tag.attribute(attribute)
                .filter(value -> value.matches("[0-9A-Fa-f]{6}"))
                .isPresent();
        if (!written || !color && !attribute.equals("fill")) {
            return Optional.empty();
        }
        return tag.attribute(WordColor.themeAttribute(attribute))
                .flatMap(SlotNames::find)
                .flatMap(slot -> Optional.ofNullable(slots.get(slot)))
                .map(base -> WordColor.stepped(tag, attribute, base));
    }
}
