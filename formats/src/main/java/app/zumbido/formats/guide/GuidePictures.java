package app.zumbido.formats.guide;

import app.zumbido.core.guide.layout.Page;
import app.zumbido.formats.delivery.PagePictures;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.List;

/**
 * Pages as a picture, beneath each other.
 *
 * @param scale pixels to a point
 */
record GuidePictures(Guide guide, List<Page> pages, double scale, boolean transparent) {
    /** CSS pixels to a point. */
    private static final double PER_POINT = 4 / 3.0;
    /** Of a piece that is drawn at once. */
    private static final int PIECE = 4_000_000;

    /**
     * @param mostPixels that can be made at once
     * @param mostRows that the format knows
     * @throws NoSuchPageException if a page is wanted that is not there
     * @throws TooManyPixelsException if somebody asked for more than can be made
     */
    static GuidePictures of(Guide guide, PagePictures wanted, long mostPixels, int mostRows) {
        List<Page> pages = guide.pages(wanted.page());
        double wide = pages.stream().mapToDouble(Page::width).max().orElse(1);
        double tall = pages.stream().mapToDouble(Page::height).sum();
        double most = Math.min(Math.sqrt(mostPixels / (wide * tall)), mostRows / tall);
        double scale = PER_POINT * wanted.scale();
        if (scale > most && !wanted.equals(PagePictures.USUAL)) {
            throw new TooManyPixelsException(Math.round(wide * scale * tall * scale), mostPixels);
        }
        // A long guide that nobody asked a scale for comes as large as it can.
        return new GuidePictures(guide, pages, Math.min(scale, most), wanted.transparent());
    }

    int width() {
        return pages.stream()
                .mapToInt(page -> RasterPainter.width(page, scale))
                .max()
                .orElse(1);
    }

    int height() {
        return pages.stream()
                .mapToInt(page -> RasterPainter.height(page, scale))
                .sum();
    }

    /** Takes pieces from above to below. */
    interface Taken {
        void take(BufferedImage piece) throws IOException;
    }

    /** Draws piece by piece, so that no more than one of them is in memory. */
    void pieces(Taken taken) throws IOException {
        int width = width();
        int most = Math.max(1, PIECE / width);
        for (Page page : pages) {
            int height = RasterPainter.height(page, scale);
            for (int from = 0; from < height; from += most) {
                BufferedImage piece = RasterPainter.image(width, Math.min(most, height - from), transparent);
                RasterPainter.draw(guide, page, scale, transparent, piece, -from);
                taken.take(piece);
            }
        }
    }

    /** @return all of it at once */
    BufferedImage whole() {
        BufferedImage image = RasterPainter.image(width(), height(), transparent);
        int top = 0;
        for (Page page : pages) {
            RasterPainter.draw(guide, page, scale, transparent, image, top);
            top += RasterPainter.height(page, scale);
        }
        return image;
    }
}
