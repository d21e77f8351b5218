package app.zumbido.core.color;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Numbers of one code, made a colour. Source of the functions: W3C CSS Color Module Level 4, sections 5 to 9; labelled
 * numbers are common practice, no published source.
 */
record CodeNumbers(List<CodeNumbers.Number> numbers) {
    /**
     * @param value the number as it is written
     * @param percent whether a percent sign follows
     */
    record Number(double value, boolean percent) {
        /** @param whole what 100 % means */
        double of(double whole) {
            return percent ? value / 100 * whole : value;
        }
    }

    CodeNumbers {
        numbers = List.copyOf(numbers);
    }

    /**
     * Reads numbers that are divided by spaces, commas or slashes, each with a unit or a letter before it at most.
     *
     * @return nothing if anything else is among them
     */
    static Optional<CodeNumbers> parse(String text) {
        List<Number> numbers = new ArrayList<>();
        int at = 0;
        while (at < text.length()) {
            char c = text.charAt(at);
            if (isDigit(c) || (c == '-' || c == '+' || c == '.') && at + 1 < text.length() && isNumeric(text, at + 1)) {
                int end = at + 1;
                while (end < text.length() && (isDigit(text.charAt(end)) || text.charAt(end) == '.')) {
                    end++;
                }
                Optional<Double> value = number(text.substring(at, end));
                if (value.isEmpty()) {
                    return Optional.empty();
                }
                boolean percent = text.startsWith("%", end) || text.startsWith(" %", end);
                numbers.add(new Number(value.get(), percent));
                at = percent ? text.indexOf('%', end) + 1 : end;
                at += text.startsWith("deg", at) ? "deg".length() : text.startsWith("°", at) ? 1 : 0;
            } else if (c == ',' || c == '/' || Character.isWhitespace(c)) {
                at++;
            } else {
                return Optional.empty();
            }
        }
        return Optional.of(new CodeNumbers(numbers));
    }

    private static boolean isDigit(char c) {
        return c >= '0' && c <= '9';
    }

    private static boolean isNumeric(String text, int at) {
        return isDigit(text.charAt(at)) || text.charAt(at) == '.';
    }

    private static Optional<Double> number(String text) {
        if (text.length() > 12) {
            return Optional.empty();
        }
        try {
            return Optional.of(Double.parseDouble(text));
        } catch (NumberFormatException e) {
            return Optional.empty();
        }
    }

    static CodeNumbers plain(double first, double second, double third) {
        return new CodeNumbers(List.of(new Number(first, false), new Number(second, false), new Number(third, false)));
    }

    /** @return nothing if there are too few or too many numbers, or one is beyond its range */
    Optional<Shown> color(CodeNotation notation, PressProfile press) {
        if (notation != CodeNotation.CMYK) {
            return color(notation);
        }
        return numbers.size() == 4 ? cmyk(press) : Optional.empty();
    }

    /** @return nothing too for inks, which only a press profile makes a colour */
    Optional<Shown> color(CodeNotation notation) {
        // A last number after the three is the opacity, which a brand colour has none of.
        if (numbers.size() != 3 && numbers.size() != 4) {
            return Optional.empty();
        }
        return switch (notation) {
            case RGB -> rgb();
            case HSL -> hsl();
            case LAB -> lab(at(0).of(100), at(1).of(125), at(2).of(125));
            case LCH -> lab(at(0).of(100), polar(at(1).of(150), true), polar(at(1).of(150), false));
            case OKLAB -> oklab(at(0).of(1), at(1).of(0.4), at(2).of(0.4));
            case OKLCH -> oklab(at(0).of(1), polar(at(1).of(0.4), true), polar(at(1).of(0.4), false));
            case CMYK, HEX, NAME -> Optional.empty();
        };
    }

    private Number at(int index) {
        return numbers.get(index);
    }

    private double polar(double chroma, boolean first) {
        double radians = Math.toRadians(at(2).value());
        return chroma * (first ? Math.cos(radians) : Math.sin(radians));
    }

    private Optional<Shown> rgb() {
        int[] channels = new int[3];
        for (int i = 0; i < 3; i++) {
            double value = at(i).of(255);
            if (!(value >= 0 && value <= 255)) {
                return Optional.empty();
            }
            channels[i] = Rounding.halfUp(value);
        }
        return Optional.of(Shown.exactly(new Rgb(channels[0], channels[1], channels[2])));
    }

    private Optional<Shown> hsl() {
        double saturation = at(1).value() / 100;
        double lightness = at(2).value() / 100;
        if (!(saturation >= 0 && saturation <= 1 && lightness >= 0 && lightness <= 1)) {
            return Optional.empty();
        }
        double hue = ((at(0).value() % 360) + 360) % 360;
        return Optional.of(Shown.exactly(new Hsl(Optional.of(new Degrees(hue)), saturation, lightness).toRgb()));
    }

    private Optional<Shown> cmyk(PressProfile press) {
        for (Number ink : numbers) {
            if (!(ink.value() >= 0 && ink.value() <= 100)) {
                return Optional.empty();
            }
        }
        return Optional.of(Shown.exactly(press.toRgb(
                new Cmyk(at(0).value() / 100, at(1).value() / 100, at(2).value() / 100, at(3).value() / 100))));
    }

    private static Optional<Shown> lab(double l, double a, double b) {
        if (!(l >= 0 && l <= 100) || Math.abs(a) > 200 || Math.abs(b) > 200) {
            return Optional.empty();
        }
        Oklab oklab = Oklab.of(new Lab(l, a, b).toLinear());
        return Optional.of(Shown.of(Oklch.of(oklab)));
    }

    private static Optional<Shown> oklab(double l, double a, double b) {
        if (!(l >= 0 && l <= 1) || Math.abs(a) > 1 || Math.abs(b) > 1) {
            return Optional.empty();
        }
        return Optional.of(Shown.of(Oklch.of(new Oklab(l, a, b))));
    }
}
