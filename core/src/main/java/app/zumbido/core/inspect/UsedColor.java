package app.zumbido.core.inspect;

import app.zumbido.core.color.Rgb;
import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;

/**
 * A colour of a finished file.
 *
 * @param name as the file itself calls it
 * @param uses how often for what; a use that does not occur is absent
 */
public record UsedColor(Rgb color, Optional<String> name, Map<ColorUse, Integer> uses) {
    public UsedColor {
        Map<ColorUse, Integer> ordered = new EnumMap<>(ColorUse.class);
        ordered.putAll(uses);
        uses = Collections.unmodifiableMap(ordered);
    }

    /** @return how often it is used at all; 0 if it is only named */
    public int count() {
        return uses.values().stream().mapToInt(Integer::intValue).sum();
    }
}
