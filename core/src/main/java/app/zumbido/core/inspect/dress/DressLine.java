package app.zumbido.core.inspect.dress;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.inspect.Purpose;
import app.zumbido.core.theme.SlotColor;
import java.util.Map;
import java.util.OptionalInt;

/**
 * A colour of a file, and what it becomes.
 *
 * @param text whether it is what is written; the same colour may be painted elsewhere
 * @param count how often
 * @param byHand how many of them are set by hand
 * @param purposes how often for what
 * @param becomes the slot of the brand's theme
 * @param perhaps whether that needs judgement
 * @param page where it occurs most; nothing where the file has no pages
 */
public record DressLine(
        Rgb color,
        boolean text,
        int count,
        int byHand,
        Map<Purpose, Integer> purposes,
        SlotColor becomes,
        DressReason reason,
        boolean perhaps,
        OptionalInt page) {
    public DressLine {
        purposes = Map.copyOf(purposes);
    }

    /** @return what it is used for most */
    public Purpose purpose() {
        return purposes.entrySet().stream()
                .max(Map.Entry.<Purpose, Integer>comparingByValue()
                        .thenComparing(entry -> -entry.getKey().ordinal()))
                .orElseThrow()
                .getKey();
    }
}
