package app.zumbido.formats.uses;

import app.zumbido.core.inspect.Spot;
import app.zumbido.formats.archive.PartText;
import app.zumbido.formats.archive.Splices;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;

/** Parts of a file as they change, each read when the first change comes to it. */
public final class PartEdits {
    private final Function<String, byte[]> content;
    private final Map<String, Part> parts = new HashMap<>();
    private final Set<Spot> done = new HashSet<>();

    /** A part and the pieces that are put into it. */
    public record Part(PartText read, Splices splices) {
        public String text() {
            return read.text();
        }
    }

    /** @param content gives what stands in a part, by its name */
    public PartEdits(Function<String, byte[]> content) {
        this.content = content;
    }

    public Part part(String name) {
        return parts.computeIfAbsent(name, key -> new Part(PartText.of(content.apply(key)), new Splices()));
    }

    /** @return whether nobody has changed anything at that spot yet */
    public boolean isFirst(Spot spot) {
        return done.add(spot);
    }

    /** @return the parts that changed, by their names */
    public Map<String, byte[]> changed() {
        Map<String, byte[]> changed = new HashMap<>();
        parts.forEach((name, part) ->
                changed.put(name, part.read().bytes(part.splices().apply(part.text()))));
        return changed;
    }
}
