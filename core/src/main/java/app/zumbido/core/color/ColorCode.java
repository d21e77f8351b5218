package app.zumbido.core.color;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * Reads a colour as people type it: hex of three or six digits with or without {@code #}, and {@code rgb()}.
 * Source: W3C CSS Color Module Level 4, sections 5.1 and 5.2; a bare hex without {@code #} is ours.
 */
public final class ColorCode {
    private ColorCode() {}

    /** @return nothing if the text is no code that is known */
    public static Optional<Rgb> parse(String text) {
        String code = text.strip();
        return code.toLowerCase(Locale.ROOT).startsWith("rgb(") ? parseRgb(code) : parseHex(code);
    }

    /**
     * The numbers of a CSS colour function: rgb 0 to 255, hue in degrees, saturation and lightness of hsl and the
     * lightness of lab and lch 0 to 100, that of oklab and oklch 0 to 1.
     *
     * @param notation a space with three numbers; neither hex, cmyk nor name
     * @return brought into the gamut; nothing if a number is beyond its range
     */
    public static Optional<Rgb> ofNumbers(CodeNotation notation, double first, double second, double third) {
        return CodeNumbers.plain(first, second, third).color(notation).map(Shown::color);
    }

    static Optional<Rgb> parseHex(String code) {
        String digits = code.startsWith("#") ? code.substring(1) : code;
        if (!digits.chars().allMatch(c -> c < 128 && Character.digit(c, 16) >= 0)) {
            return Optional.empty();
        }
        return switch (digits.length()) {
            case 3 -> {
                int packed = Integer.parseInt(digits, 16);
                yield Optional.of(new Rgb((packed >> 8 & 0xF) * 17, (packed >> 4 & 0xF) * 17, (packed & 0xF) * 17));
            }
            case 6 -> Optional.of(Rgb.ofPacked(Integer.parseInt(digits, 16)));
            default -> Optional.empty();
        };
    }

    private static Optional<Rgb> parseRgb(String code) {
        if (!code.endsWith(")")) {
            return Optional.empty();
        }
        String inside = code.substring("rgb(".length(), code.length() - 1)
                .replace(',', ' ')
                .strip();
        List<Integer> channels = new ArrayList<>();
        for (String part : inside.split("\\s+")) {
            Optional<Integer> channel = parseChannel(part);
            if (channel.isEmpty()) {
                return Optional.empty();
            }
            channels.add(channel.get());
        }
        return channels.size() == 3
                ? Optional.of(new Rgb(channels.get(0), channels.get(1), channels.get(2)))
                : Optional.empty();
    }

    private static Optional<Integer> parseChannel(String part) {
        boolean percent = part.endsWith("%");
        String number = percent ? part.substring(0, part.length() - 1) : part;
        if (number.isEmpty()
                || number.length() > 12
                || !number.chars().allMatch(c -> c >= '0' && c <= '9' || c == '.')) {
            return Optional.empty();
        }
        try {
            double value = Double.parseDouble(number) * (percent ? 255 : 100) / 100;
            return value <= 255 ? Optional.of(Rounding.halfUp(value)) : Optional.empty();
        } catch (NumberFormatException e) {
            return Optional.empty();
        }
    }

    /** @return {@code rgb(11 42 74)}, CSS Color 4's own serialisation without commas */
    public static String rgbFunction(Rgb rgb) {
        return "rgb(" + rgb.red() + " " + rgb.green() + " " + rgb.blue() + ")";
    }

    /** @return {@code hsl(210.5 74.1% 16.7%)}, rounded half up to tenths, which lead back to the same colour; a grey has hue 0 */
    public static String hslFunction(Rgb rgb) {
        Hsl hsl = Hsl.of(rgb);
        return "hsl(" + hue(hsl.hue()) + " " + decimal(hsl.saturation() * 100, 1) + "% "
                + decimal(hsl.lightness() * 100, 1) + "%)";
    }

    /** @return {@code lab(17.2% -0.9 -23.4)} under D50, rounded half up to tenths; CSS Color 4, 9.3 */
    public static String labFunction(Rgb rgb) {
        Lab lab = Lab.of(rgb);
        return "lab(" + decimal(lab.l(), 1) + "% " + decimal(lab.a(), 1) + " " + decimal(lab.b(), 1) + ")";
    }

    /** @return {@code lch(17.2% 23.4 267.8)} under D50; a grey has hue 0 */
    public static String lchFunction(Rgb rgb) {
        Lab lab = Lab.of(rgb);
        return "lch(" + decimal(lab.l(), 1) + "% " + decimal(lab.chroma(), 1) + " " + hue(lab.hue()) + ")";
    }

    /** @return {@code oklch(28.2% 0.072 253.1)}; a grey has hue 0 */
    public static String oklchFunction(Rgb rgb) {
        Oklch lch = Oklch.of(rgb);
        return "oklch(" + decimal(lch.l() * 100, 1) + "% " + decimal(lch.c(), 3) + " " + hue(lch.hue()) + ")";
    }

    /** @return {@code C 100 M 83 Y 42 K 44}, in whole percents */
    public static String inks(Cmyk inks) {
        return "C " + percent(inks.cyan()) + " M " + percent(inks.magenta()) + " Y " + percent(inks.yellow()) + " K "
                + percent(inks.black());
    }

    private static int percent(double share) {
        return Rounding.halfUp(share * 100);
    }

    private static String hue(Optional<Degrees> hue) {
        return decimal(hue.map(Degrees::value).orElse(0.0), 1);
    }

    private static String decimal(double value, int digits) {
        String text = BigDecimal.valueOf(value)
                .setScale(digits, RoundingMode.HALF_UP)
                .stripTrailingZeros()
                .toPlainString();
        return text.equals("-0") ? "0" : text;
    }
}
