package app.zumbido.core.contrast;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.color.Rounding;
import java.util.List;

/**
 * Two or three colours that run into each other, at even distances. Between them encoded sRGB values are mixed, as browsers
 * and document programs do it. Source: W3C CSS Images Level 4, 3.5.
 */
public record Gradient(List<Rgb> stops) {
    public static final int FEWEST = 2;
    public static final int MOST = 3;

    public Gradient {
        stops = List.copyOf(stops);
        if (stops.size() < FEWEST || stops.size() > MOST) {
            throw new IllegalArgumentException("A gradient has two or three stops");
        }
    }

    /**
     * @param place 0 at the first stop to 1 at the last
     * @return rounded half up
     */
    public Rgb at(double place) {
        double along = Math.max(0, Math.min(1, place)) * (stops.size() - 1);
        int before = Math.min((int) along, stops.size() - 2);
        double share = along - before;
        Rgb from = stops.get(before);
        Rgb to = stops.get(before + 1);
        return new Rgb(
                mix(from.red(), to.red(), share),
                mix(from.green(), to.green(), share),
                mix(from.blue(), to.blue(), share));
    }

    private static int mix(int from, int to, double share) {
        return Rounding.toByte(from + share * (to - from));
    }
}
