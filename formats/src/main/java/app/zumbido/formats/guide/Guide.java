package app.zumbido.formats.guide;

import app.zumbido.core.brand.Look;
import app.zumbido.core.brand.guide.GuideContent;
import app.zumbido.core.guide.Sheet;
import app.zumbido.core.guide.layout.GuideLayout;
import app.zumbido.core.guide.layout.Mark;
import app.zumbido.core.guide.layout.Page;
import app.zumbido.formats.delivery.Assets;
import app.zumbido.formats.image.PngImage;
import java.util.List;
import java.util.Optional;

/**
 * The style guide of a look, laid out and ready to be drawn.
 *
 * @param content what it says
 * @param layout where that stands
 * @param typesetter that it was measured with
 * @param art pictures and logos in it
 */
public record Guide(Look look, GuideContent content, GuideLayout layout, Typesetter typesetter, GuideArt art) {
    /** Pixels to a point of pictures in files that are shown on screens. */
    private static final double FINE = 2;

    /** @return on the sheet that the brand has chosen */
    public static Guide of(Look look, Assets assets) {
        return of(look, assets, look.brand().guide().sheet(), false);
    }

    /** @param onePage only the most important, on one page */
    public static Guide of(Look look, Assets assets, Sheet sheet, boolean onePage) {
        Typesetter typesetter = new Typesetter(look.brand().type(), assets);
        GuideContent content = GuideContent.of(look, new AssetFacts(look, assets, typesetter.faces()));
        GuideLayout layout = onePage
                ? GuideLayout.onOnePage(content.chapters(), sheet, content.inks(), typesetter, content.footer())
                : GuideLayout.of(content.chapters(), sheet, content.inks(), typesetter, content.footer());
        return new Guide(look, content, layout, typesetter, new GuideArt(assets));
    }

    /** @return on slides, in the place that they have beneath a title, in points */
    public static Guide onSlides(Look look, Assets assets, double width, double height) {
        Typesetter typesetter = new Typesetter(look.brand().type(), assets);
        GuideContent content = GuideContent.of(look, new AssetFacts(look, assets, typesetter.faces()));
        GuideLayout layout = GuideLayout.onSlides(content.chapters(), width, height, content.inks(), typesetter);
        return new Guide(look, content, layout, typesetter, new GuideArt(assets));
    }

    /** @return a picture as it is seen at a place, as a file; nothing if it is gone */
    public Optional<byte[]> picture(Mark.Picture picture) {
        return art.seen(picture, FINE)
                .map(pixels -> PngImage.scaled(pixels, Math.max(pixels.width(), pixels.height())));
    }

    /** @return what the document is called */
    public String title() {
        return look.brand().name() + ": " + content.title();
    }

    /** @param only 1 is the first; nothing: all @throws NoSuchPageException if there is no such page */
    List<Page> pages(Optional<Integer> only) {
        List<Page> all = layout.pages();
        return only.map(number -> {
                    if (number < 1 || number > all.size()) {
                        throw new NoSuchPageException(number, all.size());
                    }
                    return List.of(all.get(number - 1));
                })
                .orElse(all);
    }
}
