package app.zumbido.formats.office.slides;

import app.zumbido.formats.delivery.LogoPicture;
import app.zumbido.formats.layouts.Box;
import app.zumbido.formats.office.OfficeZip;
import java.nio.ByteBuffer;
import java.util.HashMap;
import java.util.Map;

/** The logos of a presentation. The same picture is packed once, however many layouts show it. */
final class SlideMedia {
    /** Pixels of a picture for one of a screen; 9,525 units make one. */
    private static final int FINE = 3;

    private static final int UNITS = 9_525;
    private static final int MOST_PIXELS = 1_600;

    private final OfficeZip zip;
    private final String family;
    private final Map<ByteBuffer, String> packed = new HashMap<>();

    SlideMedia(OfficeZip zip) {
        this(zip, "");
    }

    /** @param family tells its parts from those of others in the same package */
    SlideMedia(OfficeZip zip, String family) {
        this.zip = zip;
        this.family = family;
    }

    /** @return name of the part with the picture, as large as it is needed */
    String painted(LogoPicture logo, Box box) {
        return pack(logo.png((int) Math.min(MOST_PIXELS, Math.max(1, FINE * box.width() / UNITS))), "png");
    }

    /** @return name of the part with the drawing */
    String drawn(LogoPicture logo) {
        return pack(logo.svg(), "svg");
    }

    String link(String part, String media) {
        return zip.link(part, "image", media);
    }

    private String pack(byte[] content, String ending) {
        return packed.computeIfAbsent(ByteBuffer.wrap(content), key -> {
            String name = "/ppt/media/" + family + "logo" + (packed.size() + 1) + "." + ending;
            zip.put(name, content);
            return name;
        });
    }
}
