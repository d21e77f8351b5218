package app.zumbido.formats.delivery;

import app.zumbido.core.brand.Look;

/**
 * What is to be made. It knows no time, so that the same brand makes the same bytes whenever it is asked.
 *
 * @param assets files of the brand that are put in
 * @param size of pictures that come in whatever size is asked for
 * @param pages how pages are made into pictures
 */
public record Order(Look look, Assets assets, PictureSize size, PagePictures pages) {
    public static Order of(Look look, Assets assets) {
        return new Order(look, assets, PictureSize.USUAL, PagePictures.USUAL);
    }

    /** @return the same in another look */
    public Order of(Look other) {
        return new Order(other, assets, size, pages);
    }
}
