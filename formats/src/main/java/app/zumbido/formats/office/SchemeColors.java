package app.zumbido.formats.office;

import app.zumbido.core.color.Fraction;
import app.zumbido.core.theme.PageGround;
import app.zumbido.core.theme.SlotColor;
import app.zumbido.core.theme.ThemeSlot;

/**
 * Writes colours of a theme into drawings. Text and pages are named as such, so that a page that is turned afterwards takes them
 * along. Source: ECMA-376 Part 1, 20.1.2.3.29 (schemeClr) and 20.1.10.54.
 *
 * @param ground what the pages stand on that it is written for
 */
public record SchemeColors(PageGround ground) {
    private static final int THOUSANDTHS = 1000;

    public String color(SlotColor color) {
        return color(color, "");
    }

    /** @param opacity how much of it shows */
    public String color(SlotColor color, Fraction opacity) {
        return color(color, "<a:alpha val=\"%d\"/>".formatted(Math.round(opacity.value() * 100 * THOUSANDTHS)));
    }

    private String color(SlotColor color, String more) {
        String step = color.step()
                .map(tint -> "<a:lumMod val=\"%d\"/>".formatted(tint.lumMod() * THOUSANDTHS)
                        + (tint.isLighter() ? "<a:lumOff val=\"%d\"/>".formatted(tint.lumOff() * THOUSANDTHS) : ""))
                .orElse("");
        return "<a:schemeClr val=\"%s\">%s%s</a:schemeClr>".formatted(name(color.slot()), step, more);
    }

    public String fill(SlotColor color) {
        return "<a:solidFill>" + color(color) + "</a:solidFill>";
    }

    public String fill(SlotColor color, Fraction opacity) {
        return "<a:solidFill>" + color(color, opacity) + "</a:solidFill>";
    }

    private String name(ThemeSlot slot) {
        return switch (slot) {
            case LIGHT_1, DARK_1 -> slot == ground.page() ? "bg1" : "tx1";
            case LIGHT_2, DARK_2 -> ground.pages().contains(slot) ? "bg2" : "tx2";
            default -> slot.code();
        };
    }
}
