package app.zumbido.formats.ooxml;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;

/** Which parts of a file can be come to: the others are of no use in it. */
final class Reach {
    private Reach() {}

    /** @return the part itself and what hangs on it, the nearest first */
    static Set<String> from(String part, OfficePackage parts) {
        return from(
                part,
                name -> parts.relations(name).stream()
                        .map(OfficePackage.Relation::target)
                        .filter(parts::has)
                        .toList());
    }

    /** @param targets parts that a part refers to */
    static Set<String> from(String part, Function<String, List<String>> targets) {
        Set<String> reached = new LinkedHashSet<>();
        Deque<String> next = new ArrayDeque<>(List.of(part));
        while (!next.isEmpty()) {
            String name = next.poll();
            if (reached.add(name)) {
                next.addAll(targets.apply(name));
            }
        }
        return reached;
    }
}
