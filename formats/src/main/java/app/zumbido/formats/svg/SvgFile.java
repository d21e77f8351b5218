package app.zumbido.formats.svg;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.image.Pixels;
import app.zumbido.formats.image.BitmapFile;
import app.zumbido.formats.image.UnreadableImageException;
import app.zumbido.formats.image.UnreadableImageException.Reason;
import com.github.weisj.jsvg.SVGDocument;
import com.github.weisj.jsvg.parser.DocumentLimits;
import com.github.weisj.jsvg.parser.LoaderContext;
import com.github.weisj.jsvg.parser.SVGLoader;
import com.github.weisj.jsvg.parser.resources.ResourcePolicy;
import com.github.weisj.jsvg.renderer.NullPlatformSupport;
import com.github.weisj.jsvg.renderer.output.Output;
import com.github.weisj.jsvg.view.FloatSize;
import com.github.weisj.jsvg.view.ViewBox;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.io.ByteArrayInputStream;
import java.util.LinkedHashSet;
import java.util.Set;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;

/**
 * A drawing that came in. It is rewritten before it is drawn: no scripts, nothing from outside, every colour in hex.
 *
 * @param fills colours of fills and strokes, in order of appearance
 * @param stops colours of gradient stops, in order of appearance
 * @param width in pixels, as it is drawn
 * @param height in pixels, as it is drawn
 */
public record SvgFile(byte[] rewritten, Set<Rgb> fills, Set<Rgb> stops, int width, int height) {
    /** The longer side of the drawing; pixels. Fine enough that thin strokes show their own colour. */
    private static final int LONG_SIDE = 1200;
    /** Depth of elements and of references to references, and number of paths: a logo needs a fraction of each. */
    private static final DocumentLimits LIMITS = new DocumentLimits(100, 15, 20_000);
    /** A drawing that is thinner than this is none; a ratio of its sides. */
    private static final float THINNEST = 0.002f;

    /** @return whether it is XML whose root is {@code svg} */
    public static boolean isSvg(byte[] file) {
        return SvgXml.isSvg(file);
    }

    /** @throws UnreadableImageException if it is damaged, or larger than the limits */
    public static SvgFile read(byte[] file) {
        byte[] rewritten = new SvgRewriter().rewrite(file);
        FloatSize size = load(rewritten).size();
        float longer = Math.max(size.width, size.height);
        if (!(Math.min(size.width, size.height) > longer * THINNEST) || !Float.isFinite(longer)) {
            throw broken("it has no size", null);
        }
        float scale = LONG_SIDE / longer;
        Set<Rgb> fills = new LinkedHashSet<>();
        Set<Rgb> stops = new LinkedHashSet<>();
        new SvgColors(file).walk((property, color) -> (property.equals(SvgColors.STOP) ? stops : fills).add(color));
        return new SvgFile(
                rewritten,
                fills,
                stops,
                Math.max(1, Math.round(size.width * scale)),
                Math.max(1, Math.round(size.height * scale)));
    }

    private static SVGDocument load(byte[] svg) {
        LoaderContext context = LoaderContext.builder()
                .externalResourcePolicy(ResourcePolicy.DENY_EXTERNAL)
                .documentLimits(LIMITS)
                .build();
        SVGDocument document = new SVGLoader().load(new ByteArrayInputStream(svg), null, context);
        if (document == null) {
            throw broken("it is no drawing", null);
        }
        return document;
    }

    /** @return the drawing on a transparent ground; at most {@link BitmapFile#MOST_PIXELS} */
    public Pixels draw() {
        return draw(Math.max(width, height));
    }

    /** @return how wide it says that it is; pixels of CSS */
    public int ownWidth() {
        return Math.max(1, Math.round(load(rewritten).size().width));
    }

    /** @return how high it says that it is; pixels of CSS */
    public int ownHeight() {
        return Math.max(1, Math.round(load(rewritten).size().height));
    }

    /** @param longSide of the picture; pixels */
    public Pixels draw(int longSide) {
        double scale = (double) longSide / Math.max(this.width, this.height);
        int width = Math.max(1, (int) Math.round(this.width * scale));
        int height = Math.max(1, (int) Math.round(this.height * scale));
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB);
        Graphics2D graphics = image.createGraphics();
        graphics.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        graphics.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        try {
            load(rewritten).render(null, graphics, new ViewBox(0, 0, width, height));
        } catch (RuntimeException e) {
            // Drawing follows numbers that come from outside.
            throw broken("it cannot be drawn", e);
        } finally {
            graphics.dispose();
        }
        return Pixels.wrap(width, height, ((DataBufferInt) image.getRaster().getDataBuffer()).getData());
    }

    /** Draws it, as large as {@link #width} and {@link #height}, into whatever listens. */
    public void drawInto(Output output) {
        try {
            load(rewritten).renderWithPlatform(NullPlatformSupport.INSTANCE, output, new ViewBox(0, 0, width, height));
        } catch (RuntimeException e) {
            // Drawing follows numbers that come from outside.
            throw broken("it cannot be drawn", e);
        }
    }

    /** @return what is written in the drawing, a line for each text element */
    public String text() {
        StringBuilder text = new StringBuilder();
        int depth = 0;
        try {
            XMLStreamReader reader = SvgXml.reader(rewritten);
            while (reader.hasNext()) {
                int event = reader.next();
                if (event == XMLStreamReader.START_ELEMENT
                        && reader.getLocalName().equals("text")) {
                    depth++;
                } else if (event == XMLStreamReader.END_ELEMENT
                        && reader.getLocalName().equals("text")) {
                    depth--;
                    text.append('\n');
                } else if (event == XMLStreamReader.CHARACTERS && depth > 0) {
                    text.append(reader.getText());
                }
            }
        } catch (XMLStreamException e) {
            throw broken("its text is damaged", e);
        }
        return text.toString();
    }

    static UnreadableImageException broken(String why, Exception cause) {
        return new UnreadableImageException(Reason.BROKEN, "The SVG drawing cannot be read: " + why, cause);
    }
}
