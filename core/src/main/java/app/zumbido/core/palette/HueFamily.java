package app.zumbido.core.palette;

import app.zumbido.core.color.Degrees;

/** Hues as people ask for them, each with the middle of its family on the OKLCH circle and a word of ours for names. */
public enum HueFamily {
    RED(25, "rosehip"),
    ORANGE(55, "apricot"),
    YELLOW(95, "lantern"),
    GREEN(145, "fern"),
    TEAL(190, "lagoon"),
    BLUE(255, "harbour"),
    VIOLET(300, "thistle"),
    PINK(355, "foxglove");

    private final Degrees middle;
    private final String word;

    HueFamily(double middle, String word) {
        this.middle = new Degrees(middle);
        this.word = word;
    }

    public Degrees middle() {
        return middle;
    }

    /** @return what palettes of this hue are called after */
    public String word() {
        return word;
    }
}
