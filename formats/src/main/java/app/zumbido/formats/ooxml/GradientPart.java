package app.zumbido.formats.ooxml;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.color.Rounding;
import app.zumbido.core.inspect.Frame;
import java.util.ArrayList;
import java.util.List;

/** The colours of a gradient that lie beneath something, and not those of the rest of it. */
final class GradientPart {
    private GradientPart() {}

    /**
     * @param frame what stands on it
     * @param painted where the fill lies
     * @param aspect width of the page for one unit of its height
     * @return all colours of what is no straight gradient
     */
    static List<Seen> under(Frame frame, Frame painted, Fill fill, double aspect) {
        if (fill instanceof Fill.Painted gradient && gradient.along().isPresent()) {
            Fill.Along along = gradient.along().get();
            double angle = Math.toRadians(along.degrees());
            double right = Math.cos(angle) * aspect;
            double down = Math.sin(angle);
            double[] whole = range(painted, right, down);
            double[] part = range(frame, right, down);
            double length = whole[1] - whole[0];
            if (length > 0) {
                return between(
                        gradient.colors(),
                        along.places(),
                        clamped((part[0] - whole[0]) / length),
                        clamped((part[1] - whole[0]) / length));
            }
        }
        return fill.colors();
    }

    /** @return the least and the most of the corners along the gradient */
    private static double[] range(Frame frame, double right, double down) {
        double from = frame.x() * right + frame.y() * down;
        double across = frame.width() * right;
        double downwards = frame.height() * down;
        return new double[] {
            from + Math.min(0, across) + Math.min(0, downwards), from + Math.max(0, across) + Math.max(0, downwards)
        };
    }

    private static double clamped(double place) {
        return Math.max(0, Math.min(1, place));
    }

    private static List<Seen> between(List<Seen> stops, List<Double> places, double from, double to) {
        List<Seen> part = new ArrayList<>();
        part.add(at(stops, places, from));
        for (int i = 0; i < stops.size(); i++) {
            if (places.get(i) > from && places.get(i) < to) {
                part.add(stops.get(i));
            }
        }
        part.add(at(stops, places, to));
        return part;
    }

    private static Seen at(List<Seen> stops, List<Double> places, double place) {
        int next = 0;
        while (next < stops.size() && places.get(next) < place) {
            next++;
        }
        if (next == 0 || next == stops.size()) {
            return stops.get(Math.min(next, stops.size() - 1));
        }
        double before = places.get(next - 1);
        double share = (place - before) / (places.get(next) - before);
        return mixed(stops.get(next - 1), stops.get(next), share);
    }

    private static Seen mixed(Seen one, Seen other, double share) {
        return new Seen(
                new Rgb(
                        mixed(one.color().red(), other.color().red(), share),
                        mixed(one.color().green(), other.color().green(), share),
                        mixed(one.color().blue(), other.color().blue(), share)),
                share < 0.5 ? one.setting() : other.setting(),
                one.opacity() + share * (other.opacity() - one.opacity()));
    }

    private static int mixed(int one, int other, double share) {
        return Rounding.toByte(one + share * (other - one));
    }
}
