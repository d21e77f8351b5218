package app.zumbido.core.type;

/**
 * The two fonts that a theme holds, by family name.
 *
 * @param heading 1 to 80 characters
 * @param body 1 to 80 characters
 */
public record FontPair(String heading, String body) {
    /** Found on nearly every office computer, so that a template never falls back to something else without a word. */
    public static final FontPair TO_BEGIN_WITH = new FontPair("Trebuchet MS", "Verdana");

    public static final int LONGEST_NAME = 80;

    public FontPair {
        require(heading);
        require(body);
    }

    private static void require(String family) {
        if (family.isBlank() || family.length() > LONGEST_NAME) {
            throw new IllegalArgumentException("A font's name has 1 to " + LONGEST_NAME + " characters");
        }
    }
}
