package app.zumbido.formats.swatches;

import app.zumbido.core.brand.Look;
import app.zumbido.core.color.Compositing;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.contrast.ComposedGround;
import app.zumbido.core.contrast.Gradient;
import app.zumbido.core.contrast.Overlay;
import app.zumbido.core.contrast.Recipe;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.roles.Role;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.formats.delivery.FolderWriter;
import app.zumbido.formats.delivery.Order;
import app.zumbido.formats.delivery.PictureSize;
import app.zumbido.formats.delivery.PlainWord;
import app.zumbido.formats.image.PngImage;
import java.awt.image.BufferedImage;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * Gradients and what is laid over them, to lie under text: those that the brand has kept, else the usual ones of its main
 * colour. Each as rule, as drawing and as picture in the size asked for.
 */
public final class Backgrounds implements FolderWriter {
    /** To the right. */
    private static final int USUAL_ANGLE = 90;
    /** Places along a gradient that are told apart: more than there are steps of a channel. */
    private static final int FINE = 4096;

    /**
     * @param angle degrees clockwise from upwards
     * @param solid laid over it
     */
    private record Ground(
            String name, Gradient gradient, boolean radial, int angle, Optional<Overlay> solid, Rgb text) {}

    @Override
    public String kind() {
        return "backgrounds";
    }

    @Override
    public String ending() {
        return "-backgrounds.zip";
    }

    @Override
    public Map<String, byte[]> files(Order order) {
        Map<String, byte[]> files = new LinkedHashMap<>();
        StringBuilder css = new StringBuilder();
        StringBuilder text = new StringBuilder("Each picture is " + order.size().width() + " by "
                + order.size().height() + " pixels.\n");
        for (Ground ground : grounds(order.look())) {
            String name = fileName(ground.name(), files);
            files.put(name + ".svg", svg(ground, order.size()).getBytes(StandardCharsets.UTF_8));
            files.put(name + ".png", png(ground, order.size()));
            css.append(css(ground, name));
            text.append(words(ground, name));
        }
        files.put("backgrounds.css", css.toString().getBytes(StandardCharsets.UTF_8));
        files.put("backgrounds.txt", text.toString().getBytes(StandardCharsets.UTF_8));
        return files;
    }

    private static List<Ground> grounds(Look look) {
        List<Ground> grounds = new ArrayList<>();
        for (ComposedGround kept : look.brand().grounds().composed()) {
            if (kept.base() instanceof ComposedGround.Base.OfGradient of) {
                grounds.add(new Ground(
                        kept.name(),
                        of.gradient(look.palette()),
                        of.radial(),
                        of.angle(),
                        kept.overlay(look.palette()),
                        kept.text().resolve(look.palette())));
            }
        }
        return grounds.isEmpty() ? usual(look) : grounds;
    }

    private static List<Ground> usual(Look look) {
        Optional<Swatch> main = look.roles()
                .first(Role.MAIN)
                .map(look.palette()::get)
                .or(() -> look.brand().usable().swatches().stream().findFirst());
        Rgb dark = Optional.ofNullable(look.colors().get(ThemeSlot.DARK_1)).orElse(Rgb.BLACK);
        return main.map(swatch -> Recipe.of(swatch, dark)).orElse(List.of()).stream()
                .map(recipe -> new Ground(
                        recipe.kind().name().toLowerCase(Locale.ROOT).replace('_', ' '),
                        recipe.gradient(),
                        false,
                        USUAL_ANGLE,
                        recipe.overlay(),
                        recipe.text()))
                .toList();
    }

    private static String fileName(String name, Map<String, byte[]> taken) {
        String plain = PlainWord.of(name, "background");
        String result = plain;
        for (int number = 2; taken.containsKey(result + ".svg"); number++) {
            result = plain + "-" + number;
        }
        return result;
    }

    private static String function(Ground ground) {
        String stops = ground.gradient().stops().stream().map(Rgb::hex).collect(Collectors.joining(", "));
        return ground.radial()
                ? "radial-gradient(farthest-corner, " + stops + ")"
                : "linear-gradient(" + ground.angle() + "deg, " + stops + ")";
    }

    /** Source: W3C CSS Images Level 3, 3; CSS Color Level 4, 5.1. */
    private static String css(Ground ground, String name) {
        String over = ground.solid()
                .map(solid -> "linear-gradient(%1$s, %1$s), ".formatted(translucent(solid)))
                .orElse("");
        return ".background-%s {\n  background: %s%s;\n  color: %s;\n}\n"
                .formatted(name, over, function(ground), ground.text().hex());
    }

    private static String translucent(Overlay solid) {
        return "rgb(%d %d %d / %d%%)"
                .formatted(
                        solid.color().red(),
                        solid.color().green(),
                        solid.color().blue(),
                        percent(solid));
    }

    private static long percent(Overlay solid) {
        return Math.round(solid.opacity().value() * 100);
    }

    private static String words(Ground ground, String name) {
        String over = ground.solid()
                .map(solid -> "; over it %s, opacity %d %%, which other programs call transparency %d %%"
                        .formatted(solid.color().hex(), percent(solid), 100 - percent(solid)))
                .orElse("");
        return "\n%s\n  %s%s\n  text on it %s\n"
                .formatted(name, function(ground), over, ground.text().hex());
    }

    /** Source: SVG 2, 13.2; a line of the angle through the middle, as CSS draws it. */
    private static String svg(Ground ground, PictureSize size) {
        double angle = Math.toRadians(ground.angle());
        double length = Math.abs(size.width() * Math.sin(angle)) + Math.abs(size.height() * Math.cos(angle));
        double x = Math.sin(angle) * length / 2;
        double y = -Math.cos(angle) * length / 2;
        double middleX = size.width() / 2.0;
        double middleY = size.height() / 2.0;
        String place = ground.radial()
                ? String.format(
                        Locale.ROOT,
                        "cx=\"%.3f\" cy=\"%.3f\" r=\"%.3f\"",
                        middleX,
                        middleY,
                        Math.hypot(middleX, middleY))
                : String.format(
                        Locale.ROOT,
                        "x1=\"%.3f\" y1=\"%.3f\" x2=\"%.3f\" y2=\"%.3f\"",
                        middleX - x,
                        middleY - y,
                        middleX + x,
                        middleY + y);
        StringBuilder stops = new StringBuilder();
        int last = ground.gradient().stops().size() - 1;
        for (int i = 0; i <= last; i++) {
            stops.append("<stop offset=\"%d%%\" stop-color=\"%s\"/>"
                    .formatted(100 * i / last, ground.gradient().stops().get(i).hex()));
        }
        String kind = ground.radial() ? "radialGradient" : "linearGradient";
        String over = ground.solid()
                .map(solid -> "<rect width=\"100%%\" height=\"100%%\" fill=\"%s\" fill-opacity=\"%s\"/>"
                        .formatted(solid.color().hex(), solid.opacity().value()))
                .orElse("");
        return """
                <svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 %1$d %2$d" width="%1$d" height="%2$d"><defs>\
                <%3$s id="g" gradientUnits="userSpaceOnUse" %4$s>%5$s</%3$s></defs>\
                <rect width="100%%" height="100%%" fill="url(#g)"/>%6$s</svg>
                """.formatted(size.width(), size.height(), kind, place, stops, over);
    }

    private static byte[] png(Ground ground, PictureSize size) {
        BufferedImage image = new BufferedImage(size.width(), size.height(), BufferedImage.TYPE_INT_RGB);
        double angle = Math.toRadians(ground.angle());
        double sin = Math.sin(angle);
        double cos = Math.cos(angle);
        double length = Math.abs(size.width() * sin) + Math.abs(size.height() * cos);
        double radius = Math.hypot(size.width(), size.height()) / 2;
        int[] shades = shades(ground);
        int[] row = new int[size.width()];
        for (int y = 0; y < size.height(); y++) {
            double fromMiddleY = y + 0.5 - size.height() / 2.0;
            for (int x = 0; x < size.width(); x++) {
                double fromMiddleX = x + 0.5 - size.width() / 2.0;
                double place = ground.radial()
                        ? Math.sqrt(fromMiddleX * fromMiddleX + fromMiddleY * fromMiddleY) / radius
                        : 0.5 + (fromMiddleX * sin - fromMiddleY * cos) / length;
                row[x] = shades[(int) Math.round(Math.max(0, Math.min(1, place)) * FINE)];
            }
            image.setRGB(0, y, size.width(), 1, row, 0, size.width());
        }
        return PngImage.encode(image);
    }

    /** @return what is seen at each place along it */
    private static int[] shades(Ground ground) {
        int[] shades = new int[FINE + 1];
        for (int i = 0; i <= FINE; i++) {
            Rgb color = ground.gradient().at((double) i / FINE);
            shades[i] = ground.solid()
                    .map(solid -> Compositing.over(solid.color(), solid.opacity(), color))
                    .orElse(color)
                    .packed();
        }
        return shades;
    }
}
