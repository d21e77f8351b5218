package app.zumbido.core.inspect;

import java.util.Optional;

/**
 * A picture in a finished file.
 *
 * @param content part of the file that holds it
 * @param reference where the file says which part that is
 * @param ratio width for one unit of height, as it is drawn
 * @param shown the part of it that is shown, in shares of the picture
 * @param size nothing where it takes it from elsewhere
 */
public record FoundPicture(
        Place place,
        String content,
        Spot reference,
        double ratio,
        Frame shown,
        Optional<Size> size,
        Standing standing) {
    /**
     * Where the file says how large it is and where it lies, in the units of the file.
     *
     * @param x from the left
     * @param y from the top
     */
    public record Size(Length x, Length y, Length width, Length height) {}

    /** A number and where it is written down. */
    public record Length(Spot spot, long units) {}
}
