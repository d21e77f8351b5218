package app.zumbido.core.extraction;

/**
 * A pixel of a picture.
 *
 * @param x from the left, 0 first
 * @param y from the top, 0 first
 */
public record Place(int x, int y) {}
