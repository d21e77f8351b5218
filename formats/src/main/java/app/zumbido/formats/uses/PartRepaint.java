package app.zumbido.formats.uses;

import app.zumbido.core.inspect.Replacement;
import app.zumbido.core.inspect.Spot;
import app.zumbido.formats.archive.PartText;
import app.zumbido.formats.archive.Splices;
import java.util.HashMap;
import java.util.Map;
import java.util.function.Function;

/** Puts other colours at spots of the parts of a file, a part at a time. */
public final class PartRepaint {
    private PartRepaint() {}

    /** Puts one colour into the text of a part, in the words of the kind of file. */
    @FunctionalInterface
    public interface Writer {
        void put(String text, Spot spot, Replacement replacement, Splices splices);
    }

    /**
     * @param part gives what stands in a part, by its name
     * @return the parts that changed, by their names
     */
    public static Map<String, byte[]> repaint(
            Map<Spot, Replacement> replacements, Function<String, byte[]> part, Writer writer) {
        Map<String, Map<Spot, Replacement>> byPart = new HashMap<>();
        replacements.forEach((spot, replacement) ->
                byPart.computeIfAbsent(spot.part(), name -> new HashMap<>()).put(spot, replacement));
        Map<String, byte[]> changed = new HashMap<>();
        byPart.forEach((name, spots) -> {
            PartText text = PartText.of(part.apply(name));
            Splices splices = new Splices();
            spots.forEach((spot, replacement) -> writer.put(text.text(), spot, replacement, splices));
            changed.put(name, text.bytes(splices.apply(text.text())));
        });
        return changed;
    }

    /** For files that know no theme: the value takes the place of the one that stands there. */
    public static void putHex(String text, Spot spot, Replacement replacement, Splices splices) {
        splices.put(spot.from(), spot.to(), replacement.color().hex());
    }
}
