package app.zumbido.formats.delivery;

import java.util.Optional;

/**
 * How pages are made into pictures.
 *
 * @param scale 1 to 4; 1 is as large as CSS has it, 96 pixels to an inch
 * @param transparent whether the paper is left out
 * @param page the only one that is wanted, 1 first; nothing: all of them, beneath each other
 */
public record PagePictures(int scale, boolean transparent, Optional<Integer> page) {
    public static final int MOST_SCALE = 4;
    public static final PagePictures USUAL = new PagePictures(2, false, Optional.empty());

    public PagePictures {
        if (scale < 1 || scale > MOST_SCALE) {
            throw new IllegalArgumentException("Pages are drawn at 1 to " + MOST_SCALE + " times their size");
        }
    }
}
