package app.zumbido.formats.guide;

import app.zumbido.core.color.Compositing;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.guide.layout.Mark;
import app.zumbido.core.image.Pixels;
import app.zumbido.core.logos.LogoForm;
import app.zumbido.core.logos.LogoVersion;
import app.zumbido.formats.delivery.Assets;
import app.zumbido.formats.logos.LogoDrawing;
import app.zumbido.formats.svg.SvgFile;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;

/** Logos as shapes and pictures as pixels, each fetched once for a guide. */
public final class GuideArt {
    private final Assets assets;
    private final Map<Map.Entry<LogoForm, LogoVersion>, Optional<LogoDrawing>> logos = new HashMap<>();
    private final Map<Map.Entry<UUID, Integer>, Optional<Pixels>> pictures = new HashMap<>();

    GuideArt(Assets assets) {
        this.assets = assets;
    }

    Optional<LogoDrawing> logo(LogoForm form, LogoVersion version) {
        return logos.computeIfAbsent(
                Map.entry(form, version),
                key -> assets.logo(form, version).map(picture -> LogoDrawing.exactly(SvgFile.read(picture.svg()))));
    }

    /**
     * @param finest pixels to a point, at most
     * @return what is seen of a picture, with what is laid over it; nothing if it is gone
     */
    Optional<Pixels> seen(Mark.Picture picture, double finest) {
        double wide = picture.box().width() * finest / picture.crop().width();
        double tall = picture.box().height() * finest / picture.crop().height();
        int side = (int) Math.max(1, Math.ceil(Math.max(wide, tall)));
        return pictures.computeIfAbsent(Map.entry(picture.source(), side), key -> assets.picture(key.getKey(), side))
                .map(pixels -> cropped(pixels, picture))
                .map(pixels -> laidOver(pixels, picture));
    }

    private static Pixels cropped(Pixels pixels, Mark.Picture picture) {
        int x = (int) Math.round(picture.crop().x() * pixels.width());
        int y = (int) Math.round(picture.crop().y() * pixels.height());
        int width = (int) Math.round(picture.crop().width() * pixels.width());
        int height = (int) Math.round(picture.crop().height() * pixels.height());
        return pixels.crop(
                Math.min(x, pixels.width() - 1),
                Math.min(y, pixels.height() - 1),
                Math.max(1, Math.min(width, pixels.width() - x)),
                Math.max(1, Math.min(height, pixels.height() - y)));
    }

    private static Pixels laidOver(Pixels pixels, Mark.Picture picture) {
        return picture.overlay()
                .map(solid -> {
                    int[] laid = new int[pixels.count()];
                    for (int y = 0; y < pixels.height(); y++) {
                        for (int x = 0; x < pixels.width(); x++) {
                            Rgb beneath = Rgb.ofPacked(pixels.at(x, y) & 0xFFFFFF);
                            laid[y * pixels.width() + x] = 0xFF000000
                                    | Compositing.over(solid.color(), solid.opacity(), beneath)
                                            .packed();
                        }
                    }
                    return Pixels.wrap(pixels.width(), pixels.height(), laid);
                })
                .orElse(pixels);
    }
}
