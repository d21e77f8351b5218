package app.zumbido.core.contrast;

import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.Fraction;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.image.Pixels;
import java.util.Optional;

/** Where a text is hardest to read on a ground that changes: there it is judged. */
public final class WorstPlace {
    /** Positions between two stops; the ratio hardly changes from one to the next. */
    private static final int BETWEEN_STOPS = 128;

    private WorstPlace() {}

    /**
     * On a gradient.
     *
     * @param place 0 at the first stop to 1 at the last
     * @param ground what is seen there, overlay included
     */
    public record OnGradient(double place, Rgb ground, ContrastRatio ratio) {}

    /**
     * On a picture.
     *
     * @param x pixels from the left
     * @param y pixels from the top
     * @param ground what is seen there, overlay included
     */
    public record OnPicture(int x, int y, Rgb ground, ContrastRatio ratio) {}

    public static OnGradient on(Gradient gradient, Optional<Overlay> overlay, Rgb text) {
        return Way.along(gradient, overlay).worst(text);
    }

    /** What is seen along a gradient, so that many texts can be judged on it. */
    static final class Way {
        private final Rgb[] grounds;
        private final double[] luminances;

        private Way(Rgb[] grounds) {
            this.grounds = grounds;
            luminances = new double[grounds.length];
            for (int i = 0; i < grounds.length; i++) {
                luminances[i] = ContrastRatio.relativeLuminance(grounds[i]);
            }
        }

        static Way along(Gradient gradient, Optional<Overlay> overlay) {
            int steps = BETWEEN_STOPS * (gradient.stops().size() - 1);
            Rgb[] grounds = new Rgb[steps + 1];
            for (int i = 0; i <= steps; i++) {
                Rgb under = gradient.at((double) i / steps);
                grounds[i] = overlay.map(laid -> laid.over(under)).orElse(under);
            }
            return new Way(grounds);
        }

        /** @return of places that are equally hard the first */
        OnGradient worst(Rgb text) {
            double written = ContrastRatio.relativeLuminance(text);
            int worst = 0;
            double least = Double.POSITIVE_INFINITY;
            for (int i = 0; i < luminances.length; i++) {
                double ratio =
                        ContrastRatio.ofLuminances(written, luminances[i]).value();
                if (ratio < least) {
                    least = ratio;
                    worst = i;
                }
            }
            double place = (double) worst / (grounds.length - 1);
            return new OnGradient(place, grounds[worst], new ContrastRatio(least));
        }
    }

    /**
     * Only where the text stands.
     *
     * @param frame of the text; what reaches beyond the picture is cut off
     * @throws IllegalArgumentException if nothing of it lies on the picture
     */
    public static OnPicture on(Pixels picture, Frame frame, Optional<Overlay> overlay, Rgb text) {
        Frame seen = frame.within(picture);
        OnPicture worst = on(picture.crop(seen.x(), seen.y(), seen.width(), seen.height()), overlay, text);
        return new OnPicture(worst.x() + seen.x(), worst.y() + seen.y(), worst.ground(), worst.ratio());
    }

    /**
     * A part of a picture, in pixels.
     *
     * @param x of the left edge
     * @param y of the upper edge
     */
    public record Frame(int x, int y, int width, int height) {
        private Frame within(Pixels picture) {
            int left = Math.max(0, x);
            int top = Math.max(0, y);
            return new Frame(
                    left,
                    top,
                    (int) Math.min(picture.width(), (long) x + width) - left,
                    (int) Math.min(picture.height(), (long) y + height) - top);
        }
    }

    /** Of every pixel; what is transparent stands on white. */
    public static OnPicture on(Pixels picture, Optional<Overlay> overlay, Rgb text) {
        int worst = 0;
        Rgb worstGround = ground(picture.at(0), overlay);
        double least = ContrastRatio.between(text, worstGround).value();
        int last = picture.at(0);
        for (int i = 1; i < picture.count(); i++) {
            int pixel = picture.at(i);
            // Neighbours are often the same colour, and then nothing is learned from the second.
            if (pixel != last) {
                last = pixel;
                Rgb ground = ground(pixel, overlay);
                double ratio = ContrastRatio.between(text, ground).value();
                if (ratio < least) {
                    least = ratio;
                    worst = i;
                    worstGround = ground;
                }
            }
        }
        return new OnPicture(worst % picture.width(), worst / picture.width(), worstGround, new ContrastRatio(least));
    }

    private static Rgb ground(int argb, Optional<Overlay> overlay) {
        Rgb opaque = Rgb.ofPacked(argb & 0xFFFFFF);
        int alpha = argb >>> 24;
        Rgb under = alpha == 255 ? opaque : new Overlay(opaque, Fraction.of(alpha / 255.0)).over(Rgb.WHITE);
        return overlay.map(laid -> laid.over(under)).orElse(under);
    }
}
