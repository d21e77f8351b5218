package app.zumbido.core.recolor;

import app.zumbido.core.color.Rgb;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * One arrangement of colours over the areas of a graphic.
 *
 * @param mapping by each colour of the graphic that takes part what it becomes, largest area first
 * @param leastContrast the least ratio of touching areas; nothing where none touch
 * @param weaker where touching areas are told apart less than before, the weakest first
 */
public record Deal(Map<Rgb, Rgb> mapping, DealCost cost, Optional<Double> leastContrast, List<Weaker> weaker) {
    /**
     * Two areas that touch and whose contrast has sunk.
     *
     * @param one index of the area
     * @param before contrast ratio, 1 to 21
     */
    public record Weaker(int one, int other, double before, double after) {}

    public Deal {
        mapping = Collections.unmodifiableMap(new LinkedHashMap<>(mapping));
        weaker = List.copyOf(weaker);
    }
}
