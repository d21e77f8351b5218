package app.zumbido.formats.ooxml;

import app.zumbido.core.inspect.Frame;
import java.util.List;

/**
 * A page as a picture.
 *
 * @param png the file
 * @param places where each paragraph has come to stand
 */
public record DrawnPage(byte[] png, List<Placed> places) {
    /** @param shape its number on the page; 0 where shapes have none @param paragraph 0 first */
    public record Placed(int shape, int paragraph, String thing, Frame frame) {}

    public DrawnPage {
        places = List.copyOf(places);
    }
}
