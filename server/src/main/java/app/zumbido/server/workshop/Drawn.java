package app.zumbido.server.workshop;

import app.zumbido.core.image.Pixels;
import java.io.Serializable;

/** A picture on its way between processes. */
public record Drawn(int width, int height, int[] argb) implements Serializable {
    public static Drawn of(Pixels pixels) {
        int[] argb = new int[pixels.count()];
        for (int i = 0; i < argb.length; i++) {
            argb[i] = pixels.at(i);
        }
        return new Drawn(pixels.width(), pixels.height(), argb);
    }

    public Pixels pixels() {
        return Pixels.wrap(width, height, argb);
    }
}
