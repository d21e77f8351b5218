package app.zumbido.core.inspect.check;

import java.math.BigDecimal;

/** How kinds of file write down sizes. Source: ECMA-376 Part 1, 20.1.10.68 and 17.3.2.38. */
final class SizeWords {
    private SizeWords() {}

    /** @return the size as the file counts it */
    static String size(String kind, double points) {
        return switch (kind) {
            case "pptx" -> Long.toString(Math.round(points * 100));
            case "docx" -> Long.toString(Math.round(points * 2));
            default -> points(points);
        };
    }

    static String points(double points) {
        return BigDecimal.valueOf(points).stripTrailingZeros().toPlainString();
    }
}
