package app.zumbido.core.extraction;

import app.zumbido.core.color.LinearRgb;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.image.Pixels;
import java.util.Optional;

/** One colour taken by hand from one place of a picture. */
public final class Sample {
    private Sample() {}

    /**
     * Averages in linear light, weighted by alpha; the area is clipped at the edges of the picture.
     *
     * @param place inside the picture
     * @return nothing where everything is transparent
     */
    public static Optional<Rgb> take(Pixels pixels, Place place, SampleArea area) {
        int reach = area.across() / 2;
        double red = 0;
        double green = 0;
        double blue = 0;
        long weight = 0;
        for (int y = Math.max(0, place.y() - reach); y <= Math.min(pixels.height() - 1, place.y() + reach); y++) {
            for (int x = Math.max(0, place.x() - reach); x <= Math.min(pixels.width() - 1, place.x() + reach); x++) {
                int argb = pixels.at(x, y);
                int alpha = argb >>> 24;
                red += alpha * LinearRgb.ofByte(argb >> 16 & 0xFF);
                green += alpha * LinearRgb.ofByte(argb >> 8 & 0xFF);
                blue += alpha * LinearRgb.ofByte(argb & 0xFF);
                weight += alpha;
            }
        }
        return weight == 0
                ? Optional.empty()
                : Optional.of(new LinearRgb(red / weight, green / weight, blue / weight).toRgb());
    }
}
