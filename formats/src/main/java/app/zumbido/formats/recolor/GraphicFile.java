package app.zumbido.formats.recolor;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.image.Pixels;
import app.zumbido.core.inspect.Frame;
import app.zumbido.core.recolor.Graphic;
import app.zumbido.formats.image.UnreadableImageException;
import app.zumbido.formats.svg.SvgFile;
import java.util.List;
import java.util.Map;

/** A graphic that came in and can have other colours: a drawing, or a picture of flat areas. */
public interface GraphicFile {
    /**
     * Tells the kind by what is in the file.
     *
     * @throws UnreadableImageException if it is no drawing and no picture, or damaged
     */
    static GraphicFile open(byte[] file) {
        return SvgFile.isSvg(file) ? DrawingFile.of(file) : PictureFile.of(file);
    }

    /** @return as in {@code svg} */
    String kind();

    /** Whether it is a photograph or as rich as one, so that no colour can be put in the place of another. */
    default boolean isPhotograph() {
        return false;
    }

    /** Whether there are pictures inside it that keep their colours. */
    default boolean hasPictures() {
        return false;
    }

    /** @return colours that are seen and stand nowhere as they are, so that they stay */
    default List<Rgb> unwritten() {
        return List.of();
    }

    /** @param marked where what takes part lies; nowhere: everything does */
    Graphic graphic(List<Frame> marked);

    /**
     * @param mapping by colours of the file what they become
     * @param marked where what takes part lies; nowhere: everything does
     * @param names of custom properties, by the colours that are written by them in drawings; none: all as they are
     * @return the file with those colours, everything else as it was
     */
    byte[] recolored(Map<Rgb, Rgb> mapping, List<Frame> marked, Map<Rgb, String> names);

    /** @return what that would look like @param longSide in pixels */
    Pixels drawn(Map<Rgb, Rgb> mapping, List<Frame> marked, int longSide);

    /** Whether a point lies where something takes part; shares of width and height. */
    static boolean takesPart(List<Frame> marked, double x, double y) {
        return marked.isEmpty() || marked.stream().anyMatch(frame -> frame.holds(x, y));
    }

    /** @return the graphic in two colours, as a PNG file: its dark becomes the darker one */
    byte[] duotone(Rgb one, Rgb other);

    /** @param longSide in pixels */
    Pixels draw(int longSide);

    /** @return how many pixels wide it is when nobody asks for another size */
    int width();

    int height();
}
