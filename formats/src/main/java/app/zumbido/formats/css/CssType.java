package app.zumbido.formats.css;

import app.zumbido.core.type.Capitals;
import app.zumbido.core.type.FaceMetrics;
import app.zumbido.core.type.FontStack;
import app.zumbido.core.type.Lettering;
import app.zumbido.core.type.Place;
import app.zumbido.core.type.StandIn;
import app.zumbido.formats.delivery.Letters;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * How letters are set, as CSS. Where a font is missing, what stands in for it is scaled so that lines stay as long and as tall
 * as they were (W3C CSS Fonts Module Level 5, size-adjust, and Level 4, ascent-override).
 */
final class CssType {
    private CssType() {}

    /** @return the rule that scales what is seen on sites instead; nothing where its measures are not known in full */
    static Optional<String> standIn(Lettering lettering, Letters letters) {
        return onSite(letters).filter(one -> isMeasured(one.face().metrics())).map(one -> {
            FaceMetrics wanted = letters.face().metrics();
            return "@font-face { font-family: " + CssProperties.string(name(lettering)) + "; src: local("
                    + CssProperties.string(one.face().family()) + "); font-weight: " + lettering.weight()
                    + "; size-adjust: " + percent(one.size()) + "; ascent-override: "
                    + percent(wanted.ascent() / one.size()) + "; descent-override: "
                    + percent(wanted.descent() / one.size()) + "; line-gap-override: "
                    + percent(wanted.lineGap() / one.size()) + "; }";
        });
    }

    /** @return the values of the role's properties, each with the end of its name */
    static List<Property> properties(Lettering lettering, Optional<Letters> letters) {
        FontStack stack = FontStack.of(lettering);
        List<String> families = new ArrayList<>(stack.families());
        letters.flatMap(CssType::onSite).ifPresent(one -> {
            if (isMeasured(one.face().metrics())) {
                families.add(1, name(lettering));
            } else if (!families.contains(one.face().family())) {
                families.add(one.face().family());
            }
        });
        List<Property> properties = new ArrayList<>();
        properties.add(new Property("", new FontStack(families, stack.last()).css()));
        properties.add(new Property("-size", plain(lettering.sizes().site()) + "px"));
        properties.add(new Property("-weight", String.valueOf(lettering.weight())));
        if (lettering.italic()) {
            properties.add(new Property("-style", "italic"));
        }
        if (lettering.capitals() == Capitals.ALL_CAPITALS) {
            properties.add(new Property("-transform", "uppercase"));
        }
        if (lettering.tracking() != 0) {
            properties.add(new Property("-tracking", plain(lettering.tracking() / 1000.0) + "em"));
        }
        return properties;
    }

    /** @param ending of the property's name */
    record Property(String ending, String value) {}

    private static Optional<StandIn> onSite(Letters letters) {
        return letters.standIns().stream()
                .filter(one -> one.place() == Place.SITE)
                .findFirst();
    }

    private static boolean isMeasured(FaceMetrics metrics) {
        return metrics.ascent() > 0;
    }

    private static String name(Lettering lettering) {
        return lettering.family() + " stand-in";
    }

    private static String percent(double fraction) {
        return String.format(Locale.ROOT, "%.2f%%", fraction * 100);
    }

    private static String plain(double number) {
        return java.math.BigDecimal.valueOf(number).stripTrailingZeros().toPlainString();
    }
}
