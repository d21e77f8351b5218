package app.zumbido.formats.css;

import app.zumbido.core.color.ColorCode;
import app.zumbido.core.color.NamedColors;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.inspect.ColorUse;
import app.zumbido.core.inspect.Place;
import app.zumbido.core.inspect.Setting;
import app.zumbido.core.inspect.Use;
import app.zumbido.core.inspect.Uses;
import app.zumbido.formats.uses.ColoredFile;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;

/** A page that was saved: its stylesheets, its style attributes, and its drawings. Nothing is fetched. */
public final class HtmlPage implements ColoredFile {
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

    private final Document page;

    public HtmlPage(String html) {
        this.page = Jsoup.parse(html);
    }

    @Override
    public String kind() {
        return "html";
    }

    @Override
    public void walk(Uses uses) {
        CssWalk walk = new CssWalk();
        page.select("style").forEach(style -> walk.addStylesheet(style.data(), "", OptionalInt.empty()));
        page.select("[style]")
                .forEach(element ->
                        walk.addDeclarations(element.normalName(), element.attr("style"), "", OptionalInt.empty()));
        walk.walk(uses);
        ATTRIBUTES.forEach((attribute, what) -> page.select("[" + attribute + "]")
                .forEach(element -> color(element.attr(attribute))
                        .ifPresent(color -> uses.use(Use.of(
                                Place.of("", element.normalName()),
                                what,
                                color,
                                new Setting.ByHand(Optional.empty()),
                                List.of())))));
    }

    /** In these attributes the sign before the digits may be missing. Source: WHATWG HTML, 2.3.6. */
    private static Optional<Rgb> color(String value) {
        return ColorCode.parse(value).or(() -> NamedColors.find(value));
    }
}
