package app.zumbido.core.palette;

import java.util.List;

/**
 * A part of the palette.
 *
 * @param name 1 to 40 characters; no two groups of a palette have the same
 */
public record Group(String name) {
    public static final int LONGEST_NAME = 40;

    /** What the brand is known by; the only one that is counted when colours are too many. */
    public static final Group CORE = new Group("Core");

    public static final Group EXTENDED = new Group("Extended");
    public static final Group CHARTS = new Group("Charts");

    /** What every palette has; they can be moved, but neither renamed nor taken away. */
    public static final List<Group> USUAL = List.of(CORE, EXTENDED, CHARTS);

    public Group {
        if (name.isBlank() || name.length() > LONGEST_NAME) {
            throw new IllegalArgumentException("A group's name has 1 to " + LONGEST_NAME + " characters");
        }
    }

    /** Whether the brand made it itself. */
    public boolean isOwn() {
        return !USUAL.contains(this);
    }
}
