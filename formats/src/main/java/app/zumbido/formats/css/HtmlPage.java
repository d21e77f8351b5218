package app.zumbido.formats.css;

import app.zumbido.core.color.ColorCode;
import app.zumbido.core.color.NamedColors;
import app.zumbido.core.inspect.ColorUse;
import app.zumbido.core.inspect.Inventory;
import java.util.List;
import java.util.Map;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;

/** Counts the colours of a saved page: its stylesheets, its style attributes, and its drawings. Nothing is fetched. */
public final class HtmlInventory {
    /** Attributes that give a colour. Source: WHATWG HTML, 15.3.10 and 16.2; SVG 2, 13. */
    private static final Map<String, ColorUse> ATTRIBUTES = Map.of(
            "bgcolor", ColorUse.GROUND,
            "text", ColorUse.TEXT,
            "link", ColorUse.TEXT,
            "color", ColorUse.TEXT,
            "bordercolor", ColorUse.BORDER,
            "fill", ColorUse.GRAPHIC,
            "stroke", ColorUse.GRAPHIC,
            "stop-color", ColorUse.GRAPHIC);

    private HtmlInventory() {}

    public static Inventory read(String html) {
        Document page = Jsoup.parse(html);
        CssInventory inventory = new CssInventory();
        page.select("style").forEach(style -> inventory.addStylesheet(style.data()));
        page.select("[style]").forEach(element -> inventory.addDeclarations(element.attr("style")));
        for (Map.Entry<String, ColorUse> attribute : ATTRIBUTES.entrySet()) {
            List<Element> elements = page.select("[" + attribute.getKey() + "]");
            elements.forEach(element -> add(inventory, attribute.getValue(), element.attr(attribute.getKey())));
        }
        return inventory.finish();
    }

    private static void add(CssInventory inventory, ColorUse use, String value) {
        ColorCode.parse(value).or(() -> NamedColors.find(value)).ifPresent(color -> inventory.addAttribute(use, color));
    }
}
