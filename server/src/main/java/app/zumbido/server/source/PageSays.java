package app.zumbido.server.source;

import app.zumbido.core.color.Rgb;
import java.io.Serializable;
import java.util.List;
import java.util.stream.IntStream;

/**
 * What a page of a manual says of its colours.
 *
 * @param text in reading order
 * @param packed what its paths are painted with, as {@code 0x00RRGGBB}, in the order of painting
 */
record PageSays(String text, int[] packed) implements Serializable {
    static final PageSays NOTHING = new PageSays("", new int[0]);

    List<Rgb> paints() {
        return IntStream.of(packed).mapToObj(Rgb::ofPacked).toList();
    }
}
