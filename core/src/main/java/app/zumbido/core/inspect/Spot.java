package app.zumbido.core.inspect;

/**
 * Where a file writes a colour down. Another colour can be put there, and nothing else in the file changes.
 *
 * @param part the part of the file, as in a zip; empty where the file is one text
 * @param from first character of the text that says the colour, counted from 0
 * @param to the character behind it
 */
public record Spot(String part, int from, int to) {
    public Spot {
        if (from < 0 || to <= from) {
            throw new IllegalArgumentException("A spot covers characters; " + from + " to " + to + " are none");
        }
    }
}
