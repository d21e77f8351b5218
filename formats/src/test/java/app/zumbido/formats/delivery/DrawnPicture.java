package app.zumbido.formats.delivery;

import app.zumbido.formats.logos.LogoDrawing;

/** A drawing as a picture of a logo, as it is. */
public record DrawnPicture(LogoDrawing drawn) implements LogoPicture {
    @Override
    public double ratio() {
        return drawn.width() / drawn.height();
    }

    @Override
    public byte[] svg() {
        return drawn.svg();
    }

    @Override
    public byte[] png(int width) {
        return drawn.png(width);
    }
}
