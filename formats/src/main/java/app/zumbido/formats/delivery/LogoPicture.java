package app.zumbido.formats.delivery;

/** A version of a logo as a file. */
public interface LogoPicture {
    /** @return width for one unit of height */
    double ratio();

    /** @return a drawing of plain paths */
    byte[] svg();

    /** @param width in pixels; an icon is drawn anew for each @return on a transparent ground */
    byte[] png(int width);
}
