package app.zumbido.formats.office;

import app.zumbido.core.theme.PageGround;
import app.zumbido.core.theme.ThemeSlot;
import java.util.stream.Collectors;

/** Says which slots pages stand on and text is made of. Source: ECMA-376 Part 1, 19.3.1.6 (clrMap) and 20.1.6.8. */
public final class ColorMaps {
    private ColorMaps() {}

    public static String ofMaster(PageGround ground) {
        return "<p:clrMap " + attributes(ground, ThemeSlot.HYPERLINK, ThemeSlot.FOLLOWED_HYPERLINK) + "/>";
    }

    /** @param links the slot that links are mapped to, so that they read */
    public static String override(PageGround ground, ThemeSlot links) {
        ThemeSlot followed = links == ThemeSlot.HYPERLINK ? ThemeSlot.FOLLOWED_HYPERLINK : links;
        return "<a:overrideClrMapping " + attributes(ground, links, followed) + "/>";
    }

    private static String attributes(PageGround ground, ThemeSlot links, ThemeSlot followed) {
        String accents = ThemeSlot.ACCENTS.stream()
                .map(slot -> slot.code() + "=\"" + slot.code() + "\"")
                .collect(Collectors.joining(" "));
        return "bg1=\"%s\" tx1=\"%s\" bg2=\"%s\" tx2=\"%s\" %s hlink=\"%s\" folHlink=\"%s\""
                .formatted(
                        ground.page().code(),
                        ground.text().code(),
                        ground.pages().get(1).code(),
                        ground.texts().get(1).code(),
                        accents,
                        links.code(),
                        followed.code());
    }
}
