package app.zumbido.core.type.match;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.function.ToDoubleFunction;
import java.util.stream.Stream;

/** Faces by how far a word lies from the same word in each: all of them at a glance, the nearest ones closely. */
public final class FaceRanking {
    private static final int CLOSELY = 10;

    private FaceRanking() {}

    /** @param distance 0 is the same, 1 nothing in common */
    public record Ranked<T>(T face, double distance) {}

    /** @param text its letters as they are drawn @return the nearest first */
    public static <T> List<Ranked<T>> of(DrawnWord word, String text, Map<T, ? extends WordDrawer> faces) {
        List<Ranked<T>> glanced =
                ranked(faces.keySet().stream(), face -> WordMatch.distance(word, text, faces.get(face)));
        int near = Math.min(CLOSELY, glanced.size());
        List<Ranked<T>> all = new ArrayList<>(ranked(
                glanced.subList(0, near).stream().map(Ranked::face),
                face -> WordMatch.closest(word, text, faces.get(face))));
        all.addAll(glanced.subList(near, glanced.size()));
        return all;
    }

    private static <T> List<Ranked<T>> ranked(Stream<T> faces, ToDoubleFunction<T> distance) {
        return faces.parallel()
                .map(face -> new Ranked<>(face, distance.applyAsDouble(face)))
                .sorted(Comparator.comparingDouble(Ranked::distance))
                .toList();
    }
}
