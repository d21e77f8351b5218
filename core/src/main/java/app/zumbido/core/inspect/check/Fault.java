package app.zumbido.core.inspect.check;

import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.inspect.Place;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Something in a file that breaks what the brand says.
 *
 * @param id the same for the same thing in the next version of the file, wherever it stands then
 * @param text what is written there; empty where nothing is
 * @param pages on how many it is seen; at least 1
 * @param color that is off
 * @param ground that it stands on where that matters
 * @param measure of a colour near to one of the brand's ΔE00, of colours on a page their number, of a size points, of a logo
 *     by how much it is too wide
 * @param needed what the ratio or the measure should be
 * @param other a second colour that takes part: the brand's nearest, what it clashes with
 * @param word a family, or the name of a series
 * @param safe whether mending it by the first way changes nothing that anybody sees
 */
public record Fault(
        String id,
        FaultKind kind,
        Place place,
        String text,
        int pages,
        Optional<Rgb> color,
        Optional<Rgb> ground,
        Optional<ContrastRatio> ratio,
        OptionalDouble measure,
        OptionalDouble needed,
        Optional<Rgb> other,
        Optional<String> word,
        boolean safe,
        List<Mending> mendings) {
    public Fault {
        mendings = List.copyOf(mendings);
    }

    public boolean perhaps() {
        return kind.isPerhaps();
    }
}
