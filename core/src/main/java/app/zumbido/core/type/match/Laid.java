package app.zumbido.core.type.match;

/**
 * Where a word of some face has to stand to lie over the drawn one, in pixels of the picture's part.
 *
 * @param em how large an em is
 * @param spacing between letters, in ems
 */
public record Laid(double left, double baseline, double em, double spacing) {
    /** @param text its letters as they are drawn */
    public static Laid over(DrawnWord word, String text, WordDrawer face) {
        double em = (word.bottom() - word.top()) / (face.top(text) + face.bottom(text));
        int gaps = text.codePointCount(0, text.length()) - 1;
        double wider = word.right() - word.left() - face.width(text) * em;
        double spacing = gaps == 0 ? 0 : wider / gaps / em;
        double scale = word.scale();
        return new Laid(
                word.left() / scale, word.originY() + (word.top() + face.top(text) * em) / scale, em / scale, spacing);
    }
}
