package app.zumbido.formats.css;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.inspect.Replacement;
import app.zumbido.core.inspect.Spot;
import app.zumbido.formats.archive.Splices;

/** Writes another colour where one stands in CSS; how much of it shows through stays. */
public final class CssRepaint {
    private CssRepaint() {}

    public static void put(String text, Spot spot, Replacement replacement, Splices splices) {
        String before = text.substring(spot.from(), spot.to());
        splices.put(spot.from(), spot.to(), written(before, replacement.color()));
    }

    /** @param before what stands there @return the other colour, as opaque as that was */
    public static String written(String before, Rgb color) {
        return color.hex() + opacityOf(before);
    }

    /** @return two hexadecimal digits; empty of an opaque colour. Source: W3C CSS Color Module Level 4, 5.2 */
    private static String opacityOf(String value) {
        if (value.startsWith("#")) {
            return switch (value.length()) {
                case 5 -> value.substring(4).repeat(2);
                case 9 -> value.substring(7);
                default -> "";
            };
        }
        int slash = value.indexOf('/');
        String[] arguments = value.split(",");
        String alpha = slash >= 0 ? value.substring(slash + 1) : arguments.length == 4 ? arguments[3] : "";
        String number = alpha.replace(")", "").strip();
        return number.isEmpty() ? "" : digits(number);
    }

    private static String digits(String alpha) {
        boolean percent = alpha.endsWith("%");
        try {
            double value = Double.parseDouble(percent ? alpha.substring(0, alpha.length() - 1) : alpha);
            double fraction = Math.max(0, Math.min(1, percent ? value / 100 : value));
            return String.format("%02X", Math.round(fraction * 255));
        } catch (NumberFormatException e) {
            // The word none, or a property that gives it: nobody knows how much that is.
            return "";
        }
    }
}
