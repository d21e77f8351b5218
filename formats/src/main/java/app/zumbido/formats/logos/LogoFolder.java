package app.zumbido.formats.logos;

import app.zumbido.core.brand.Look;
import app.zumbido.core.logos.LogoForm;
import app.zumbido.core.logos.LogoVersion;
import app.zumbido.formats.delivery.FolderWriter;
import app.zumbido.formats.delivery.LogoPicture;
import app.zumbido.formats.delivery.Obstacle;
import app.zumbido.formats.delivery.Order;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** The logo in every form and version, as drawing and as pictures in several sizes, and the icon set. */
public final class LogoFolder implements FolderWriter {
    /** Widths in pixels: for screens, and for documents that are printed on an office printer. */
    private static final List<Integer> WIDTHS = List.of(300, 800, 2000);

    private static final Map<LogoVersion, String> GROUNDS = Map.of(
            LogoVersion.LIGHT, "for-light",
            LogoVersion.DARK, "for-dark",
            LogoVersion.ONE_DARK, "one-dark-colour",
            LogoVersion.ONE_LIGHT, "one-light-colour");

    @Override
    public String kind() {
        return "logos";
    }

    @Override
    public String ending() {
        return "-logos.zip";
    }

    @Override
    public List<Obstacle> obstacles(Look look) {
        return look.brand().logos().forms().isEmpty() ? List.of(new Obstacle.MissingForm(LogoForm.PRIMARY)) : List.of();
    }

    @Override
    public Map<String, byte[]> files(Order order) {
        Map<String, byte[]> files = new LinkedHashMap<>();
        for (LogoForm form : order.look().brand().logos().forms().keySet()) {
            for (LogoVersion version : LogoVersion.values()) {
                order.assets().logo(form, version).ifPresent(logo -> put(files, form, version, logo));
            }
        }
        Optional<LogoPicture> icon = order.assets().logo(LogoForm.ICON, LogoVersion.LIGHT);
        if (icon.isPresent()) {
            new IconSet().files(order).forEach((name, content) -> files.put("site/" + name, content));
        }
        return files;
    }

    private static void put(Map<String, byte[]> files, LogoForm form, LogoVersion version, LogoPicture logo) {
        String name = form.name().toLowerCase(Locale.ROOT);
        String path = name + "/" + name + "-" + GROUNDS.get(version);
        files.put(path + ".svg", logo.svg());
        for (int width : form == LogoForm.ICON ? List.of(512) : WIDTHS) {
            files.put(path + "-" + width + ".png", logo.png(width));
        }
    }
}
