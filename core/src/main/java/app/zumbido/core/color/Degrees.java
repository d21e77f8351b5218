package app.zumbido.core.color;

/**
 * A hue angle.
 *
 * @param value in [0, 360)
 */
public record Degrees(double value) {
    public Degrees {
        value = ((value % 360) + 360) % 360;
    }

    public static Degrees of(double value) {
        return new Degrees(value);
    }

    static Degrees ofAxes(double a, double b) {
        return of(Math.toDegrees(Math.atan2(b, a)));
    }

    /** @return the smaller angle between the two, in [0, 180] */
    public double distanceTo(Degrees other) {
        double apart = Math.abs(value - other.value);
        return Math.min(apart, 360 - apart);
    }
}
