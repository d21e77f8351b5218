package app.zumbido.formats.office.slides;

import app.zumbido.core.guide.layout.Mark;
import app.zumbido.formats.delivery.Assets;
import app.zumbido.formats.delivery.LogoPicture;
import app.zumbido.formats.guide.Guide;
import app.zumbido.formats.layouts.Box;
import app.zumbido.formats.office.OfficeZip;
import java.nio.ByteBuffer;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;

/** Pictures and logos of a guide on slides; the same one is packed once. */
final class GuideMedia {
    private final OfficeZip zip;
    private final Guide guide;
    private final Assets assets;
    private final SlideMedia logos;
    private final Map<ByteBuffer, String> packed = new HashMap<>();

    GuideMedia(OfficeZip zip, Guide guide, Assets assets) {
        this.zip = zip;
        this.guide = guide;
        this.assets = assets;
        logos = new SlideMedia(zip, "guide");
    }

    /** Ids of a logo as picture and as drawing. */
    record Logo(String painted, String drawn) {}

    Optional<Logo> logo(String slide, Mark.LogoMark mark, Box place) {
        Optional<LogoPicture> picture = assets.logo(mark.form(), mark.version());
        return picture.map(
                logo -> new Logo(logos.link(slide, logos.painted(logo, place)), logos.link(slide, logos.drawn(logo))));
    }

    Optional<String> picture(String slide, Mark.Picture mark) {
        return guide.picture(mark).map(content -> {
            String name = packed.computeIfAbsent(ByteBuffer.wrap(content), key -> {
                String part = "/ppt/media/mood" + (packed.size() + 1) + ".png";
                zip.put(part, content);
                return part;
            });
            return zip.link(slide, "image", name);
        });
    }
}
