package app.zumbido.formats.office.slides;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.logos.LogoForm;
import app.zumbido.formats.delivery.Assets;
import app.zumbido.formats.delivery.LogoPicture;
import app.zumbido.formats.office.OfficeZip;
import java.nio.ByteBuffer;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Puts the brand's logo on slides in the version that reads on the ground there. The same picture is packed once. */
final class SlideLogos {
    private static final List<LogoForm> SMALL =
            List.of(LogoForm.SUBMARK, LogoForm.ICON, LogoForm.SHORT, LogoForm.PRIMARY);
    private static final List<LogoForm> WHOLE = List.of(LogoForm.PRIMARY, LogoForm.SHORT, LogoForm.SUBMARK);
    /** Pixels of the picture for one of a screen; 9,525 units make one. */
    private static final int FINE = 3;

    private static final int UNITS = 9_525;
    private static final int MOST_PIXELS = 1_600;

    private final OfficeZip zip;
    private final Assets assets;
    private final Map<ByteBuffer, String> packed = new HashMap<>();

    SlideLogos(OfficeZip zip, Assets assets) {
        this.zip = zip;
        this.assets = assets;
    }

    /** The symbol in the corner. */
    void small(String part, Shapes shapes, Grid grid, Rgb ground) {
        find(SMALL, ground).ifPresent(logo -> put(part, shapes, logo, grid.logo(logo.ratio())));
    }

    /** All of it, in the upper left of a field. */
    void whole(String part, Shapes shapes, Box field, Rgb ground) {
        find(WHOLE, ground).ifPresent(logo -> put(part, shapes, logo, field.fitting(logo.ratio(), false)));
    }

    private Optional<LogoPicture> find(List<LogoForm> forms, Rgb ground) {
        return forms.stream()
                .flatMap(form -> assets.logoOn(form, ground).stream())
                .findFirst();
    }

    private void put(String part, Shapes shapes, LogoPicture logo, Box box) {
        int width = (int) Math.min(MOST_PIXELS, Math.max(1, FINE * box.width() / UNITS));
        String painted = pack(logo.png(width), "png");
        String drawn = pack(logo.svg(), "svg");
        shapes.logo(box, zip.link(part, "image", painted), zip.link(part, "image", drawn));
    }

    private String pack(byte[] content, String ending) {
        return packed.computeIfAbsent(ByteBuffer.wrap(content), key -> {
            String name = "/ppt/media/logo" + (packed.size() + 1) + "." + ending;
            zip.put(name, content);
            return name;
        });
    }
}
