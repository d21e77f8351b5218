package app.zumbido.formats.ooxml;

import java.util.Optional;

/** Numbers as drawings write them. Source: ECMA-376 Part 1, 22.9.2.9, and Part 4, 14.11.4 (thousandths of a percent). */
final class Percent {
    private Percent() {}

    /** @return as a fraction; nothing if it is no number */
    static Optional<Double> fraction(String text) {
        boolean spelled = text.endsWith("%");
        return number(spelled ? text.substring(0, text.length() - 1) : text)
                .map(value -> value / (spelled ? 100 : 100_000));
    }

    /** @return nothing if it is no number */
    static Optional<Double> number(String text) {
        try {
            double value = Double.parseDouble(text.strip());
            return Double.isFinite(value) ? Optional.of(value) : Optional.empty();
        } catch (NumberFormatException e) {
            return Optional.empty();
        }
    }
}
