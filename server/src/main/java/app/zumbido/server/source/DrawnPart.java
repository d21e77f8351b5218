package app.zumbido.server.source;

import app.zumbido.server.workshop.Drawn;
import app.zumbido.server.workshop.Task;

/**
 * Draws a drawing, or a page of a document.
 *
 * @param part 0 first
 */
public record DrawnPart(byte[] file, int part) implements Task<Drawn> {
    @Override
    public Drawn run() {
        if (SourceFile.allOf(file).get(part) instanceof SourceFile.Picture picture) {
            return Drawn.of(picture.decode());
        }
        throw new IllegalArgumentException("Only what shows a picture is drawn");
    }
}
