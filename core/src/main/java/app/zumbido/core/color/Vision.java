package app.zumbido.core.color;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/**
 * Whose eyes a colour is seen with. Source of the deficiencies: G. M. Machado, M. M. Oliveira, L. A. F. Fernandes, 'A
 * Physiologically-based Model for Simulation of Color Vision Deficiency', IEEE TVCG 15 (6), 2009; their matrices in steps of
 * a tenth, interpolated between, applied in linear light, clipped afterwards. Grey is the relative luminance of WCAG 2.2.
 */
public enum Vision {
    NORMAL,
    /** Little or no red. */
    PROTAN,
    /** Little or no green. */
    DEUTAN,
    /** Little or no blue. */
    TRITAN,
    /** Print and copies without colour. */
    GREY;

    /** Those that are asked whether colours can be told apart; grey is reported apart from them. */
    public static final List<Vision> EYES = List.of(NORMAL, PROTAN, DEUTAN, TRITAN);

    private static final int TENTHS = 10;
    private static final double[] IDENTITY = {1, 0, 0, 0, 1, 0, 0, 0, 1};
    private static final double[] LUMINANCE = {LinearRgb.OF_RED, LinearRgb.OF_GREEN, LinearRgb.OF_BLUE};
    private static final Map<Vision, List<double[]>> PUBLISHED = read();

    private static Map<Vision, List<double[]>> read() {
        Map<Vision, List<double[]>> matrices = new EnumMap<>(Vision.class);
        InputStream in = Objects.requireNonNull(Vision.class.getResourceAsStream("machado2009.csv"));
        try (BufferedReader lines = new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8))) {
            lines.lines()
                    .filter(line -> !line.startsWith("#") && !line.startsWith("kind"))
                    .map(line -> line.split(","))
                    .forEach(parts -> matrices.computeIfAbsent(valueOf(parts[0]), kind -> new ArrayList<>())
                            .add(numbers(parts)));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return matrices;
    }

    /** The kind and the step stand before the nine numbers. */
    private static double[] numbers(String[] parts) {
        double[] numbers = new double[IDENTITY.length];
        for (int i = 0; i < numbers.length; i++) {
            numbers[i] = Double.parseDouble(parts[i + 2]);
        }
        return numbers;
    }

    /**
     * @param strength 0 for none to 1 for all of the deficiency
     * @return nine numbers, rows first, for linear sRGB; each row sums to 1, so that greys stay
     */
    public double[] matrix(Fraction strength) {
        return switch (this) {
            case NORMAL -> IDENTITY.clone();
            case PROTAN, DEUTAN, TRITAN -> interpolated(PUBLISHED.get(this), strength.value() * TENTHS);
            case GREY -> between(IDENTITY, rows(LUMINANCE), strength.value());
        };
    }

    private static double[] rows(double[] row) {
        double[] matrix = new double[IDENTITY.length];
        for (int i = 0; i < matrix.length; i++) {
            matrix[i] = row[i % row.length];
        }
        return matrix;
    }

    private static double[] interpolated(List<double[]> steps, double place) {
        int lower = Math.min((int) place, TENTHS - 1);
        return between(steps.get(lower), steps.get(lower + 1), place - lower);
    }

    private static double[] between(double[] from, double[] to, double share) {
        double[] matrix = new double[from.length];
        for (int i = 0; i < matrix.length; i++) {
            matrix[i] = from[i] + share * (to[i] - from[i]);
        }
        return matrix;
    }

    /** @return what a colour looks like to them, rounded half up */
    public Rgb see(Rgb color, Fraction strength) {
        double[] m = matrix(strength);
        LinearRgb from = LinearRgb.of(color);
        double[] seen = new Matrix3(m[0], m[1], m[2], m[3], m[4], m[5], m[6], m[7], m[8])
                .times(from.red(), from.green(), from.blue());
        return new LinearRgb(seen[0], seen[1], seen[2]).toRgb();
    }

    /** With all of the deficiency. */
    public Rgb see(Rgb color) {
        return see(color, Fraction.of(1));
    }
}
