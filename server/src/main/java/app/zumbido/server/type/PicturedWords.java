package app.zumbido.server.type;

import app.zumbido.core.image.Pixels;
import java.util.UUID;

/** Where words are marked; the sheet answers. */
public interface PicturedWords {
    /** @throws RuntimeException if the brand has no such source, it shows no picture, or the part reaches beyond it */
    Pixels part(UUID brand, UUID source, int x, int y, int width, int height);
}
