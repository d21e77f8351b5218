package app.zumbido.formats.ooxml;

import app.zumbido.core.inspect.Frame;
import java.awt.Graphics2D;
import java.awt.font.TextLayout;
import java.awt.geom.Rectangle2D;
import java.text.AttributedString;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import org.apache.poi.sl.draw.DrawFactory;
import org.apache.poi.sl.draw.DrawGraphicalFrame;
import org.apache.poi.sl.draw.DrawPictureShape;
import org.apache.poi.sl.draw.DrawTextFragment;
import org.apache.poi.sl.draw.DrawTextParagraph;
import org.apache.poi.sl.usermodel.GraphicalFrame;
import org.apache.poi.sl.usermodel.PictureShape;
import org.apache.poi.sl.usermodel.TextParagraph;
import org.apache.poi.xslf.usermodel.XSLFGraphicFrame;
import org.apache.poi.xslf.usermodel.XSLFPictureShape;
import org.apache.poi.xslf.usermodel.XSLFTextParagraph;
import org.openxmlformats.schemas.drawingml.x2006.main.CTBlip;
import org.openxmlformats.schemas.presentationml.x2006.main.CTPicture;

/**
 * How the library is to draw a slide: with charts, which it leaves out, and keeping in mind where it put each paragraph.
 */
final class PagePainting extends DrawFactory {
    private final SlideCharts charts;
    private final double width;
    private final double height;
    private final Map<Paragraph, Rectangle2D> places = new HashMap<>();
    private Optional<Paragraph> current = Optional.empty();

    /** @param shape its number on the slide @param number of the paragraph in it, 0 first */
    record Paragraph(int shape, int number) {}

    /** @param width of the picture in pixels */
    PagePainting(SlideCharts charts, double width, double height) {
        this.charts = charts;
        this.width = width;
        this.height = height;
    }

    /** @return in shares of the page */
    Map<Paragraph, Frame> places() {
        Map<Paragraph, Frame> frames = new HashMap<>();
        places.forEach((paragraph, box) -> frames.put(
                paragraph,
                new Frame(box.getX() / width, box.getY() / height, box.getWidth() / width, box.getHeight() / height)));
        return frames;
    }

    @Override
    public DrawGraphicalFrame getDrawable(GraphicalFrame<?, ?> frame) {
        return new DrawGraphicalFrame(frame) {
            @Override
            public void draw(Graphics2D graphics) {
                if (!(frame instanceof XSLFGraphicFrame graphic && charts.draw(graphic, graphics))) {
                    super.draw(graphics);
                }
            }
        };
    }

    /** The library has no drawing program for SVG and then leaves the picture out: the bitmap beside it is drawn. */
    @Override
    public DrawPictureShape getDrawable(PictureShape<?, ?> shape) {
        if (shape instanceof XSLFPictureShape picture && picture.getXmlObject() instanceof CTPicture element) {
            CTBlip bitmap = element.getBlipFill().getBlip();
            if (bitmap != null && bitmap.isSetExtLst()) {
                bitmap.unsetExtLst();
            }
        }
        return new DrawPictureShape(shape);
    }

    @Override
    public DrawTextParagraph getDrawable(TextParagraph<?, ?, ?> paragraph) {
        return new DrawTextParagraph(paragraph) {
            @Override
            public void draw(Graphics2D graphics) {
                current = key(paragraph);
                super.draw(graphics);
                current = Optional.empty();
            }
        };
    }

    private static Optional<Paragraph> key(TextParagraph<?, ?, ?> paragraph) {
        if (!(paragraph instanceof XSLFTextParagraph own)) {
            return Optional.empty();
        }
        int number = own.getParentShape().getTextParagraphs().indexOf(own);
        return Optional.of(new Paragraph(own.getParentShape().getShapeId(), number));
    }

    @Override
    public DrawTextFragment getTextFragment(TextLayout layout, AttributedString text) {
        return new DrawTextFragment(layout, text) {
            private double left;
            private double top;

            @Override
            public void setPosition(double x, double y) {
                super.setPosition(x, y);
                left = x;
                top = y;
            }

            @Override
            public void draw(Graphics2D graphics) {
                super.draw(graphics);
                current.ifPresent(paragraph -> {
                    Rectangle2D box = graphics.getTransform()
                            .createTransformedShape(new Rectangle2D.Double(left, top, getWidth(), getHeight()))
                            .getBounds2D();
                    places.merge(paragraph, box, Rectangle2D::createUnion);
                });
            }
        };
    }
}
