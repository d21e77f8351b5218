package app.zumbido.core.color;

/** The ratios that WCAG 2.2 asks for: SC 1.4.3 (AA), SC 1.4.6 (AAA), SC 1.4.11 (graphics, at both levels). */
public enum WcagLevel {
    AA(4.5, 3),
    AAA(7, 4.5);

    /** What graphics need at either level; a ratio. */
    public static final double GRAPHICS = 3;

    private final double text;
    private final double largeText;

    WcagLevel(double text, double largeText) {
        this.text = text;
        this.largeText = largeText;
    }

    /** @return the least ratio for text */
    public double text() {
        return text;
    }

    /** @return the least ratio for text from 18 pt, or 14 pt bold */
    public double largeText() {
        return largeText;
    }
}
