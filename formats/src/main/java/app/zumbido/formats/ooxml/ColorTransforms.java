package app.zumbido.formats.ooxml;

import app.zumbido.core.color.Degrees;
import app.zumbido.core.color.Hsl;
import app.zumbido.core.color.LinearRgb;
import app.zumbido.core.color.Rgb;
import app.zumbido.formats.archive.PartTree.Node;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;

/**
 * What a drawing makes of a colour before it shows it, in the order of the file. Source: ECMA-376 Part 1, 20.1.2.3. Tint
 * and shade work in linear light, the others on HSL; opacity is not a matter of the colour itself.
 */
final class ColorTransforms {
    private Rgb color;
    /** The same before rounding, as long as one step on HSL follows another. */
    private Optional<Hsl> exact = Optional.empty();

    private ColorTransforms(Rgb color) {
        this.color = color;
    }

    static Rgb apply(Rgb color, List<Node> steps) {
        ColorTransforms transforms = new ColorTransforms(color);
        steps.forEach(transforms::step);
        return transforms.color;
    }

    /** @return 0 where nothing of the colour can be seen, to 1. Source: ECMA-376 Part 1, 20.1.2.3.1 */
    static double opacity(List<Node> steps) {
        double opacity = 1;
        for (Node step : steps) {
            double value = step.attribute("val").flatMap(Percent::fraction).orElse(1.0);
            opacity = switch (step.name()) {
                case "alpha" -> value;
                case "alphaMod" -> opacity * value;
                case "alphaOff" -> opacity + value;
                default -> opacity;
            };
        }
        return opacity;
    }

    private void step(Node step) {
        double by = step.attribute("val").flatMap(Percent::fraction).orElse(0.0);
        switch (step.name()) {
            case "lum" -> hsl(hsl -> hsl.withLightness(within(by)));
            case "lumMod" -> hsl(hsl -> hsl.withLightness(within(hsl.lightness() * by)));
            case "lumOff" -> hsl(hsl -> hsl.withLightness(within(hsl.lightness() + by)));
            case "sat" -> saturation(before -> by);
            case "satMod" -> saturation(before -> before * by);
            case "satOff" -> saturation(before -> before + by);
            case "hue" -> hue(before -> degrees(step));
            case "hueMod" -> hue(before -> before * by);
            case "hueOff" -> hue(before -> before + degrees(step));
            case "comp" -> hue(before -> before + 180);
            case "tint" -> linear(channel -> channel * by + 1 - by);
            case "shade" -> linear(channel -> channel * by);
            case "inv" -> linear(channel -> 1 - channel);
            case "gray" -> gray();
            case "gamma" -> settle(new Rgb(encoded(color.red()), encoded(color.green()), encoded(color.blue())));
            case "invGamma" -> settle(new Rgb(decoded(color.red()), decoded(color.green()), decoded(color.blue())));
            case "red" -> settle(new Rgb(channel(by), color.green(), color.blue()));
            case "green" -> settle(new Rgb(color.red(), channel(by), color.blue()));
            case "blue" -> settle(new Rgb(color.red(), color.green(), channel(by)));
            default -> {
                // Opacity, and what no file was seen to hold.
            }
        }
    }

    private static double within(double value) {
        return Math.max(0, Math.min(1, value));
    }

    /** Angles are written in 60,000ths of a degree. Source: ECMA-376 Part 1, 20.1.10.3. */
    static double degrees(Node step) {
        return step.attribute("val").flatMap(Percent::number).orElse(0.0) / 60_000;
    }

    private interface OnHsl {
        Hsl change(Hsl before);
    }

    private void hsl(OnHsl change) {
        Hsl changed = change.change(exact.orElseGet(() -> Hsl.of(color)));
        settle(changed.toRgb());
        exact = Optional.of(changed);
    }

    private void saturation(DoubleUnaryOperator change) {
        hsl(hsl -> new Hsl(hsl.hue(), within(change.applyAsDouble(hsl.saturation())), hsl.lightness()));
    }

    private void hue(DoubleUnaryOperator change) {
        hsl(hsl -> new Hsl(
                hsl.hue().map(hue -> Degrees.of(change.applyAsDouble(hue.value()))),
                hsl.saturation(),
                hsl.lightness()));
    }

    private void linear(DoubleUnaryOperator change) {
        LinearRgb light = LinearRgb.of(color);
        settle(new LinearRgb(
                        within(change.applyAsDouble(light.red())),
                        within(change.applyAsDouble(light.green())),
                        within(change.applyAsDouble(light.blue())))
                .toRgb());
    }

    private void gray() {
        double luminance = LinearRgb.of(color).luminance();
        settle(new LinearRgb(luminance, luminance, luminance).toRgb());
    }

    private static int channel(double linear) {
        return LinearRgb.toByte(within(linear));
    }

    private static int encoded(int channel) {
        return LinearRgb.toByte(channel / 255.0);
    }

    private static int decoded(int channel) {
        return (int) Math.round(LinearRgb.ofByte(channel) * 255);
    }

    private void settle(Rgb changed) {
        color = changed;
        exact = Optional.empty();
    }
}
