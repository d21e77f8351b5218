package app.zumbido.formats.layouts;

import app.zumbido.core.theme.SlotColor;
import app.zumbido.core.type.TypeRole;
import java.util.Optional;

/**
 * How a text of a layout is set.
 *
 * @param times over the brand's size on slides
 * @param toTheRight whether its lines end at the right edge
 * @param bullets of a list, their colour; empty: no list
 */
public record TextLook(TypeRole role, double times, SlotColor color, boolean toTheRight, Optional<SlotColor> bullets) {
    static TextLook plain(TypeRole role, double times, SlotColor color) {
        return new TextLook(role, times, color, false, Optional.empty());
    }

    static TextLook list(SlotColor color, SlotColor bullets) {
        return new TextLook(TypeRole.BODY, 1, color, false, Optional.of(bullets));
    }

    TextLook endingRight() {
        return new TextLook(role, times, color, true, bullets);
    }
}
