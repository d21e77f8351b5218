package app.zumbido.formats.archive;

import java.util.Map;
import java.util.TreeMap;

/** Pieces that are put into a text instead of what stands there; everything between them stays. */
public final class Splices {
    private final TreeMap<Integer, Piece> pieces = new TreeMap<>();

    private record Piece(int to, String text) {}

    /**
     * @param to the character behind the last that goes
     * @throws IllegalArgumentException if it reaches into another piece
     */
    public void put(int from, int to, String text) {
        Map.Entry<Integer, Piece> before = pieces.lowerEntry(to);
        if (before != null && (before.getKey() >= from || before.getValue().to() > from)) {
            throw new IllegalArgumentException("Two pieces at " + from);
        }
        pieces.put(from, new Piece(to, text));
    }

    public String apply(String text) {
        StringBuilder result = new StringBuilder(text.length());
        int kept = 0;
        for (Map.Entry<Integer, Piece> entry : pieces.entrySet()) {
            result.append(text, kept, entry.getKey()).append(entry.getValue().text());
            kept = entry.getValue().to();
        }
        return result.append(text, kept, text.length()).toString();
    }
}
