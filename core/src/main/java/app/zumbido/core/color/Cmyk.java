package app.zumbido.core.color;

/**
 * What the press prints: the four process inks.
 *
 * @param cyan 0 to 1
 * @param magenta 0 to 1
 * @param yellow 0 to 1
 * @param black 0 to 1
 */
public record Cmyk(double cyan, double magenta, double yellow, double black) {
    public Cmyk {
        requireShare(cyan);
        requireShare(magenta);
        requireShare(yellow);
        requireShare(black);
    }

    private static void requireShare(double ink) {
        if (!(ink >= 0 && ink <= 1)) {
            throw new IllegalArgumentException("An ink is 0 to 1, not " + ink);
        }
    }

    /** @return all inks together, 0 to 4 */
    public double total() {
        return cyan + magenta + yellow + black;
    }
}
