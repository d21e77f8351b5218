package app.zumbido.formats.ooxml;

import app.zumbido.core.inspect.Frame;
import java.io.Serializable;
import java.util.List;

/**
 * A page as a picture, perhaps on its way between processes.
 *
 * @param png the file
 * @param places where each paragraph has come to stand
 */
public record DrawnPage(byte[] png, List<Placed> places) implements Serializable {
    /** @param shape its number on the page; 0 where shapes have none @param paragraph 0 first */
    public record Placed(int shape, int paragraph, String thing, Frame frame) implements Serializable {}

    public DrawnPage {
        places = List.copyOf(places);
    }
}
