package app.zumbido.core.type;

import app.zumbido.core.roles.Role;
import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;

/**
 * How one role is set.
 *
 * @param family 1 to 80 characters
 * @param kind of the family, so that a stack can end in something alike wherever the family is missing
 * @param weight 1 to 1000, 400 is regular and 700 bold (CSS Fonts 4)
 * @param tracking added to every letter, in thousandths of an em, -100 to 500
 * @param color the usage role whose colour it has; nothing: that of text
 * @param standIns by place what somebody chose to be seen instead; elsewhere the most alike is
 */
public record Lettering(
        String family,
        FaceKind kind,
        int weight,
        boolean italic,
        Capitals capitals,
        int tracking,
        Optional<Role> color,
        Sizes sizes,
        Map<Place, String> standIns) {
    public static final int REGULAR = 400;
    public static final int BOLD = 700;
    public static final int HEAVIEST = 1000;
    public static final int LEAST_TRACKING = -100;
    public static final int MOST_TRACKING = 500;

    public Lettering {
        FontFamily.requireName(family);
        standIns.values().forEach(FontFamily::requireName);
        if (weight < 1 || weight > HEAVIEST) {
            throw new IllegalArgumentException("A weight is 1 to " + HEAVIEST);
        }
        if (tracking < LEAST_TRACKING || tracking > MOST_TRACKING) {
            throw new IllegalArgumentException("Tracking is " + LEAST_TRACKING + " to " + MOST_TRACKING);
        }
        Map<Place, String> inOrder = new EnumMap<>(Place.class);
        inOrder.putAll(standIns);
        standIns = Collections.unmodifiableMap(inOrder);
    }

    public static Lettering of(String family, FaceKind kind, int weight, Optional<Role> color, Sizes sizes) {
        return new Lettering(family, kind, weight, false, Capitals.AS_WRITTEN, 0, color, sizes, Map.of());
    }

    /** The same in another family; what was seen instead of the old one is forgotten. */
    public Lettering in(FontFamily other) {
        return other.equals(fontFamily())
                ? this
                : new Lettering(other.name(), other.kind(), weight, italic, capitals, tracking, color, sizes, Map.of());
    }

    public FontFamily fontFamily() {
        return new FontFamily(family, kind);
    }

    public Lettering sized(Sizes other) {
        return new Lettering(family, kind, weight, italic, capitals, tracking, color, other, standIns);
    }

    public Lettering instead(Map<Place, String> others) {
        return new Lettering(family, kind, weight, italic, capitals, tracking, color, sizes, others);
    }
}
