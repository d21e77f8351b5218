package app.zumbido.formats.ooxml;

import app.zumbido.core.brand.Look;
import app.zumbido.core.theme.PageGround;
import app.zumbido.formats.image.PngImage;
import app.zumbido.formats.image.UnreadableImageException;
import app.zumbido.formats.image.UnreadableImageException.Reason;
import java.awt.Color;
import java.awt.Dimension;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import org.apache.poi.sl.draw.Drawable;
import org.apache.poi.xslf.usermodel.XMLSlideShow;
import org.apache.poi.xslf.usermodel.XSLFSheet;
import org.apache.poi.xslf.usermodel.XSLFSlide;
import org.apache.poi.xslf.usermodel.XSLFSlideMaster;

/**
 * Slides of a deck that exists as pictures, as they are or in a theme of the brand. Charts, which the library leaves out, are
 * drawn in a simple form.
 */
public final class SlidePictures {
    /** The longer side of what is drawn; pixels. */
    private static final int LONG_SIDE = 960;

    private SlidePictures() {}

    /** @throws UnreadableImageException if it is no deck that the library can read */
    public static int count(byte[] deck) {
        try (XMLSlideShow show = open(deck)) {
            return show.getSlides().size();
        } catch (IOException e) {
            throw unreadable(e);
        }
    }

    /**
     * @param slide 0 for the first
     * @param dress nothing: as the deck is
     * @return a PNG file; nothing if it has no such slide
     * @throws UnreadableImageException if it is no deck that the library can read and draw
     */
    public static Optional<byte[]> draw(byte[] deck, int slide, Optional<Look> dress) {
        return page(deck, slide, dress).map(DrawnPage::png);
    }

    /** The same, with where its paragraphs stand. */
    public static Optional<DrawnPage> page(byte[] file, int slide, Optional<Look> dress) {
        byte[] deck = readable(file);
        try (XMLSlideShow show = open(deck);
                SlideCharts charts = new SlideCharts(deck)) {
            if (slide < 0 || slide >= show.getSlides().size()) {
                return Optional.empty();
            }
            dress.ifPresent(worn -> show.getSlideMasters().forEach(master -> put(worn, master)));
            return Optional.of(draw(show, show.getSlides().get(slide), charts));
        } catch (UnreadableImageException e) {
            throw e;
        } catch (IOException | RuntimeException e) {
            throw unreadable(e);
        }
    }

    private static byte[] readable(byte[] file) {
        try {
            return StrictForm.transitional(file);
        } catch (UnreadableImageException e) {
            throw unreadable(e);
        }
    }

    private static DrawnPage draw(XMLSlideShow show, XSLFSlide slide, SlideCharts charts) throws IOException {
        Dimension size = show.getPageSize();
        double scale = (double) LONG_SIDE / Math.max(size.width, size.height);
        BufferedImage image = new BufferedImage(
                Math.max(1, (int) Math.round(size.width * scale)),
                Math.max(1, (int) Math.round(size.height * scale)),
                BufferedImage.TYPE_INT_RGB);
        PagePainting painting = new PagePainting(charts, image.getWidth(), image.getHeight());
        Graphics2D graphics = image.createGraphics();
        graphics.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        graphics.setRenderingHint(RenderingHints.KEY_TEXT_ANTIALIASING, RenderingHints.VALUE_TEXT_ANTIALIAS_ON);
        graphics.setRenderingHint(Drawable.DRAW_FACTORY, painting);
        graphics.setColor(Color.WHITE);
        graphics.fillRect(0, 0, image.getWidth(), image.getHeight());
        graphics.scale(scale, scale);
        for (XSLFSheet sheet : List.of(slide, slide.getSlideLayout(), slide.getSlideMaster())) {
            PageFonts.on(sheet.getShapes());
        }
        slide.draw(graphics);
        graphics.dispose();
        return new DrawnPage(
                PngImage.encode(image),
                painting.places().entrySet().stream()
                        .map(place -> new DrawnPage.Placed(
                                place.getKey().shape(), place.getKey().number(), "", place.getValue()))
                        .toList());
    }

    /** Whatever has been kept as a source was unpacked once under limits of our own. */
    private static XMLSlideShow open(byte[] deck) {
        OfficeLimits.set();
        try {
            return new XMLSlideShow(new ByteArrayInputStream(deck));
        } catch (IOException | RuntimeException e) {
            throw unreadable(e);
        }
    }

    private static UnreadableImageException unreadable(Exception cause) {
        return new UnreadableImageException(
                Reason.BROKEN,
                "The slides of this deck cannot be drawn; its colours can be listed all the same",
                cause);
    }

    private static void put(Look dress, XSLFSlideMaster master) {
        ThemePart.dress(
                master.getTheme().getXmlObject(),
                dress.colors(),
                dress.brand().type().pair());
        if (dress.theme().ground() == PageGround.DARK) {
            ThemePart.darken(master.getXmlObject().getClrMap());
        }
    }
}
