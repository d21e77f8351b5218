package app.zumbido.core.guide.layout;

import app.zumbido.core.color.Rgb;

/** A face in which every letter is as wide as half its size. */
final class EvenLetters implements Measurer {
    static final Inks INKS =
            new Inks(Rgb.WHITE, Rgb.BLACK, Rgb.BLACK, Rgb.BLACK, Rgb.BLACK, Rgb.BLACK, Rgb.ofHex("CCCCCC"));

    @Override
    public double width(Lettered style, String text) {
        return text.length() * style.size() / 2;
    }

    @Override
    public double capHeight(Lettered style) {
        return style.size() * 0.7;
    }
}
