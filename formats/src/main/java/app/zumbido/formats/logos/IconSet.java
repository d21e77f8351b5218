package app.zumbido.formats.logos;

import app.zumbido.core.brand.Look;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.logos.LogoForm;
import app.zumbido.core.logos.LogoVersion;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.formats.delivery.FolderWriter;
import app.zumbido.formats.delivery.LogoPicture;
import app.zumbido.formats.delivery.Obstacle;
import app.zumbido.formats.delivery.Order;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Everything that a site needs for its icon: a picture of every size, the .ico, the drawing, the manifest and the lines that
 * go into the head of a page. Source of the manifest: W3C Web Application Manifest.
 */
public final class IconSet implements FolderWriter {
    private static final List<Integer> IN_MANIFEST = List.of(192, 512);
    private static final int TOUCH = 180;
    private static final JsonMapper MAPPER = JsonMapper.shared();

    @Override
    public String kind() {
        return "icon-set";
    }

    @Override
    public String ending() {
        return "-icons.zip";
    }

    @Override
    public List<Obstacle> obstacles(Look look) {
        return look.brand().logos().find(LogoForm.ICON).isPresent()
                ? List.of()
                : List.of(new Obstacle.MissingForm(LogoForm.ICON));
    }

    /** @return by name what is in it @throws IllegalStateException if there is no icon */
    @Override
    public Map<String, byte[]> files(Order order) {
        LogoPicture icon = order.assets()
                .logo(LogoForm.ICON, LogoVersion.LIGHT)
                .orElseThrow(() -> new IllegalStateException("There is no icon"));
        Map<String, byte[]> files = new LinkedHashMap<>();
        for (int side : Icon.SIZES) {
            files.put("icon-" + side + ".png", icon.png(side));
        }
        files.put("icon.svg", icon.svg());
        files.put("favicon.ico", IconFile.write(icon::png));
        files.put("site.webmanifest", text(manifest(order.look())));
        files.put("head.html", text(HEAD));
        return files;
    }

    /** Source: HTML Living Standard, 4.6.6. */
    private static final String HEAD = """
            <link rel="icon" href="/favicon.ico" sizes="32x32">
            <link rel="icon" href="/icon.svg" type="image/svg+xml">
            <link rel="icon" href="/icon-%1$d.png" sizes="%1$dx%1$d" type="image/png">
            <link rel="manifest" href="/site.webmanifest">
            """.formatted(TOUCH);

    private static byte[] text(String content) {
        return content.getBytes(StandardCharsets.UTF_8);
    }

    /** @return as JSON */
    private static String manifest(Look look) {
        ObjectNode manifest = MAPPER.createObjectNode();
        manifest.put("name", look.brand().name());
        look.brand().shortCode().ifPresent(code -> manifest.put("short_name", code));
        ArrayNode icons = manifest.putArray("icons");
        for (int side : IN_MANIFEST) {
            icons.addObject()
                    .put("src", "/icon-" + side + ".png")
                    .put("sizes", side + "x" + side)
                    .put("type", "image/png");
        }
        put(manifest, "theme_color", look, ThemeSlot.DARK_1);
        put(manifest, "background_color", look, ThemeSlot.LIGHT_1);
        return manifest.toPrettyString() + "\n";
    }

    private static void put(ObjectNode manifest, String name, Look look, ThemeSlot slot) {
        Rgb color = look.colors().get(slot);
        if (color != null) {
            manifest.put(name, color.hex());
        }
    }
}
