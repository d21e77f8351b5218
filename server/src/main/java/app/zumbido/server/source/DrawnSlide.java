package app.zumbido.server.source;

import app.zumbido.formats.ooxml.DrawnPage;
import app.zumbido.formats.ooxml.SlidePictures;
import app.zumbido.server.workshop.Task;
import java.util.ArrayList;
import java.util.Optional;

/**
 * Draws a slide as its deck is.
 *
 * @param slide 0 for the first
 */
public record DrawnSlide(byte[] deck, int slide) implements Task<ArrayList<DrawnPage>> {
    /** @return nothing if there is no such slide */
    @Override
    public ArrayList<DrawnPage> run() {
        return new ArrayList<>(
                SlidePictures.page(deck, slide, Optional.empty()).stream().toList());
    }
}
