package app.zumbido.formats.svg;

import com.github.weisj.jsvg.renderer.output.Output;
import com.github.weisj.jsvg.renderer.output.impl.GraphicsUtil;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.Paint;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Area;
import java.lang.reflect.InvocationHandler;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.Method;
import java.lang.reflect.Proxy;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/** Listens to what a drawing paints: its shapes where they stand, with clips cut off, in the order of the painting. */
public final class PaintListener implements InvocationHandler {
    private final Output output;
    private final Sink sink;
    private Paint paint;
    private @Nullable Area clip;

    private PaintListener(Output output, Sink sink, Paint paint, @Nullable Area clip) {
        this.output = output;
        this.sink = sink;
        this.paint = paint;
        this.clip = clip;
    }

    /** Gets what is painted. */
    public interface Sink {
        /**
         * @param placed in the units of the picture, with clips cut off
         * @param paint a colour, a gradient or a texture, in the units of the place
         * @param opacity without that of the paint itself, 0 to 1
         */
        void shape(Shape placed, Paint paint, float opacity, AffineTransform place);

        /** A picture inside. */
        void picture();
    }

    public static Output into(Sink sink, Graphics2D graphics) {
        return proxy(new PaintListener(Output.createForGraphics(graphics), sink, Color.BLACK, null));
    }

    private static Output proxy(PaintListener handler) {
        return (Output) Proxy.newProxyInstance(Output.class.getClassLoader(), new Class<?>[] {Output.class}, handler);
    }

    @Override
    public @Nullable Object invoke(Object self, Method method, Object @Nullable [] arguments) throws Throwable {
        Object first = arguments == null || arguments.length == 0 ? null : arguments[0];
        switch (method.getName()) {
            case "fillShape" -> {
                add((Shape) first);
                return null;
            }
            case "drawShape" -> {
                add(output.stroke().createStrokedShape((Shape) first));
                return null;
            }
            case "setPaint" -> paint = first instanceof Supplier<?> later ? (Paint) later.get() : (Paint) first;
            case "applyClip", "setClip" -> clip((Shape) first);
            case "drawImage" -> sink.picture();
            case "createChild" -> {
                return proxy(new PaintListener(output.createChild(), sink, paint, clip));
            }
            default -> {
                // Everything else is the drawing's own business.
            }
        }
        try {
            return method.invoke(output, arguments);
        } catch (InvocationTargetException e) {
            throw e.getCause();
        }
    }

    private void clip(@Nullable Shape shape) {
        if (shape == null) {
            return;
        }
        Area cut = new Area(output.transform().createTransformedShape(shape));
        if (clip != null) {
            cut.intersect(clip);
        }
        clip = cut;
    }

    private void add(Shape shape) {
        AffineTransform place = output.transform();
        Shape placed = place.createTransformedShape(shape);
        if (clip != null) {
            Area inside = new Area(placed);
            inside.intersect(clip);
            placed = inside;
        }
        if (!placed.getBounds2D().isEmpty()) {
            sink.shape(placed, inner(paint), output.currentOpacity(), place);
        }
    }

    private static Paint inner(Paint paint) {
        return paint instanceof GraphicsUtil.WrappingPaint wrapping ? wrapping.innerPaint() : paint;
    }
}
