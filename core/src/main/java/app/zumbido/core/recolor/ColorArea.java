package app.zumbido.core.recolor;

import app.zumbido.core.color.Oklch;
import app.zumbido.core.color.Rgb;
import java.util.ArrayList;
import java.util.List;

/**
 * All of a graphic that has one colour.
 *
 * @param colors the colours that count as this one, that of the largest part first
 * @param share of what is painted, 0 to 1; 0 of what is in the file and not seen
 * @param x where it is seen best, as a share of the width
 * @param y as a share of the height
 * @param still whether it takes no part and keeps its colour
 */
public record ColorArea(List<Rgb> colors, double share, double x, double y, boolean still) {
    public ColorArea {
        colors = List.copyOf(colors);
        if (colors.isEmpty() || !(share >= 0 && share <= 1 + 1e-9)) {
            throw new IllegalArgumentException("An area has a colour and a share of 0 to 1");
        }
    }

    public static ColorArea of(Rgb color, double share) {
        return new ColorArea(List.of(color), share, 0.5, 0.5, false);
    }

    /** @return the colour that stands for all of them */
    public Rgb color() {
        return colors.get(0);
    }

    Oklch oklch() {
        return Oklch.of(color());
    }

    /** @return both as one, where the larger is seen best */
    ColorArea and(ColorArea other) {
        ColorArea larger = share >= other.share ? this : other;
        List<Rgb> all = new ArrayList<>(larger.colors);
        (larger == this ? other : this)
                .colors.stream().filter(color -> !all.contains(color)).forEach(all::add);
        return new ColorArea(all, Math.min(1, share + other.share), larger.x, larger.y, still);
    }
}
