package app.zumbido.formats.svg;

import app.zumbido.formats.image.PngImage;
import com.github.weisj.jsvg.SVGDocument;
import com.github.weisj.jsvg.parser.LoaderContext;
import com.github.weisj.jsvg.parser.SVGLoader;
import com.github.weisj.jsvg.parser.resources.ResourcePolicy;
import com.github.weisj.jsvg.view.FloatSize;
import com.github.weisj.jsvg.view.ViewBox;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.InputStream;

/** Draws a trusted SVG of our own as a PNG. */
public final class SvgPicture {
    private SvgPicture() {}

    /**
     * @param svg read to its end; nothing outside it is ever read
     * @param width of the picture in pixels; its height follows from the drawing
     * @return a PNG with a transparent ground
     */
    public static byte[] toPng(InputStream svg, int width) {
        LoaderContext context = LoaderContext.builder()
                .externalResourcePolicy(ResourcePolicy.DENY_EXTERNAL)
                .build();
        SVGDocument document = new SVGLoader().load(svg, null, context);
        if (document == null) {
            throw new IllegalArgumentException("The drawing is no SVG that can be read");
        }
        FloatSize size = document.size();
        int height = Math.round(size.height * width / size.width);
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_4BYTE_ABGR);
        Graphics2D graphics = image.createGraphics();
        graphics.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        graphics.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        document.render(null, graphics, new ViewBox(0, 0, width, height));
        graphics.dispose();
        return PngImage.encode(image);
    }
}
