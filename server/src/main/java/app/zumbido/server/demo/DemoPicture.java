package app.zumbido.server.demo;

import app.zumbido.core.image.Pixels;
import app.zumbido.formats.image.PngImage;
import app.zumbido.formats.svg.SvgFile;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Objects;

/** The pictures of the demo, drawn by hand as SVG and made into bitmaps here. */
final class DemoPicture {
    /** In pixels; large enough that the thinnest stroke of a logo is flat. */
    private static final int LONG_SIDE = 960;
    /** Most that grain moves a channel; of 255. */
    private static final int GRAIN = 7;

    private DemoPicture() {}

    static byte[] logo(String resource) {
        return PngImage.scaled(draw(resource), LONG_SIDE);
    }

    /** @return the same with grain, as a camera sees it */
    static byte[] photograph(String resource) {
        Pixels pixels = draw(resource);
        int[] grained = new int[pixels.count()];
        long state = 1;
        for (int i = 0; i < grained.length; i++) {
            // A linear congruential generator, so that the picture is the same at every start.
            state = state * 6364136223846793005L + 1442695040888963407L;
            int noise = (int) (state >>> 33) % (2 * GRAIN + 1) - GRAIN;
            int argb = pixels.at(i);
            grained[i] = 0xFF000000
                    | clip((argb >> 16 & 0xFF) + noise) << 16
                    | clip((argb >> 8 & 0xFF) + noise) << 8
                    | clip((argb & 0xFF) + noise);
        }
        return PngImage.scaled(Pixels.wrap(pixels.width(), pixels.height(), grained), Integer.MAX_VALUE);
    }

    private static int clip(int channel) {
        return Math.max(0, Math.min(255, channel));
    }

    private static Pixels draw(String resource) {
        return SvgFile.read(file(resource)).draw();
    }

    /** @return the drawing as it is */
    static byte[] file(String resource) {
        try (InputStream svg = DemoPicture.class.getResourceAsStream("/demo/" + resource)) {
            return Objects.requireNonNull(svg, resource).readAllBytes();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
