package app.zumbido.formats.guide;

/**
 * How a line is set, for a page that sets it itself.
 *
 * @param text with its capitals, as it is read
 * @param family of the face that is drawn
 * @param tracking added to every letter, in thousandths of an em
 */
public record WrittenIn(String text, String family, int weight, boolean italic, int tracking) {}
