package app.zumbido.formats.css;

import app.zumbido.core.brand.Look;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.theme.PageGround;
import app.zumbido.core.theme.ThemeSlot;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What a page is made of in a theme, by what it does: ground, text and links. A brand with a theme on the other ground has them
 * for those who want it so. Source: W3C Media Queries Level 5, 12.5 (prefers-color-scheme).
 */
final class CssPage {
    private CssPage() {}

    /** @return by the ending of its property the color; none of a slot that is empty */
    static Map<String, Rgb> of(Look look) {
        boolean dark = look.theme().ground() == PageGround.DARK;
        Map<String, ThemeSlot> slots = new LinkedHashMap<>();
        slots.put("page", dark ? ThemeSlot.DARK_1 : ThemeSlot.LIGHT_1);
        slots.put("text", dark ? ThemeSlot.LIGHT_1 : ThemeSlot.DARK_1);
        slots.put("page-second", dark ? ThemeSlot.DARK_2 : ThemeSlot.LIGHT_2);
        slots.put("text-second", dark ? ThemeSlot.LIGHT_2 : ThemeSlot.DARK_2);
        slots.put("button", ThemeSlot.ACCENT_1);
        slots.put("link", ThemeSlot.HYPERLINK);
        slots.put("link-visited", ThemeSlot.FOLLOWED_HYPERLINK);
        Map<String, Rgb> colors = new LinkedHashMap<>();
        slots.forEach((name, slot) ->
                Optional.ofNullable(look.colors().get(slot)).ifPresent(color -> colors.put(name, color)));
        return colors;
    }

    /** @return the first theme on the other ground */
    private static Optional<Look> other(Look look) {
        return look.brand().looks().stream()
                .filter(theme -> theme.theme().ground() != look.theme().ground())
                .findFirst();
    }

    /** @param prefix of every property @return the lines of a rule, none where there is no theme on the other ground */
    static List<String> turned(Look look, String prefix) {
        return other(look)
                .map(other -> {
                    String scheme = other.theme().ground() == PageGround.DARK ? "dark" : "light";
                    StringBuilder rule =
                            new StringBuilder("@media (prefers-color-scheme: " + scheme + ") {\n  :root {\n");
                    of(other)
                            .forEach((name, color) -> rule.append("    --")
                                    .append(prefix)
                                    .append(name)
                                    .append(": ")
                                    .append(color.hex())
                                    .append(";\n"));
                    return List.of(rule.append("  }\n}").toString());
                })
                .orElse(List.of());
    }
}
