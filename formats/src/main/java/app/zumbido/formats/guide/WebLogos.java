package app.zumbido.formats.guide;

import app.zumbido.core.logos.LogoForm;
import app.zumbido.core.logos.LogoVersion;
import app.zumbido.formats.delivery.Assets;
import app.zumbido.formats.delivery.LogoPicture;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/** Logos of a page for the web: each drawn once, and used wherever it stands. */
final class WebLogos {
    private final Assets assets;
    private final Map<String, String> symbols = new LinkedHashMap<>();

    WebLogos(Assets assets) {
        this.assets = assets;
    }

    /** @return id of its symbol; nothing of a logo that the brand does not have */
    Optional<String> id(LogoForm form, LogoVersion version) {
        String id = "logo-" + form.ordinal() + "-" + version.ordinal();
        if (!symbols.containsKey(id)) {
            Optional<LogoPicture> picture = assets.logo(form, version);
            if (picture.isEmpty()) {
                return Optional.empty();
            }
            symbols.put(id, symbol(id, new String(picture.get().svg(), StandardCharsets.UTF_8)));
        }
        return Optional.of(id);
    }

    /** A drawing that we wrote ourselves: one root, and ids that must not be those of another logo. */
    private static String symbol(String id, String svg) {
        int root = svg.indexOf("<svg");
        int content = svg.indexOf('>', root) + 1;
        int box = svg.indexOf("viewBox=\"", root) + 9;
        String viewBox = svg.substring(box, svg.indexOf('"', box));
        String inner = svg.substring(content, svg.lastIndexOf("</svg>"))
                .replace(" id=\"", " id=\"" + id + "-")
                .replace("url(#", "url(#" + id + "-");
        // A logo that is shown stretched, as nobody should, fills its place.
        return "<symbol id=\"" + id + "\" viewBox=\"" + viewBox + "\" preserveAspectRatio=\"none\">" + inner
                + "</symbol>";
    }

    String symbols() {
        return String.join("\n", symbols.values());
    }
}
