package app.zumbido.core.type;

/**
 * What a family is called and how it is made.
 *
 * @param name 1 to 80 characters
 */
public record FontFamily(String name, FaceKind kind) {
    public static final int LONGEST_NAME = 80;

    public FontFamily {
        requireName(name);
    }

    static void requireName(String family) {
        if (family.isBlank() || family.length() > LONGEST_NAME) {
            throw new IllegalArgumentException("A font's name has 1 to " + LONGEST_NAME + " characters");
        }
    }
}
