package app.zumbido.formats.logos;

import app.zumbido.core.color.Rgb;
import com.github.weisj.jsvg.renderer.output.Output;
import com.github.weisj.jsvg.renderer.output.impl.GraphicsUtil;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.MultipleGradientPaint;
import java.awt.Paint;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Area;
import java.lang.reflect.InvocationHandler;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.Method;
import java.lang.reflect.Proxy;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/** Listens to what a drawing paints: its shapes where they stand, with clips cut off, in the order of the painting. */
final class ShapesOfSvg implements InvocationHandler {
    private final Output output;
    private final Painted painted;
    private Paint paint;
    private @Nullable Area clip;

    private ShapesOfSvg(Output output, Painted painted, Paint paint, @Nullable Area clip) {
        this.output = output;
        this.painted = painted;
        this.paint = paint;
        this.clip = clip;
    }

    /** What has been painted. */
    static final class Painted {
        final List<PaintedShape> shapes = new ArrayList<>();
        /** Whether there are pictures besides the shapes. */
        boolean pictured;
    }

    /** @param painted gets what is painted */
    static Output into(Painted painted, Graphics2D graphics) {
        return proxy(new ShapesOfSvg(Output.createForGraphics(graphics), painted, Color.BLACK, null));
    }

    private static Output proxy(ShapesOfSvg handler) {
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
            case "drawImage" -> painted.pictured = true;
            case "createChild" -> {
                return proxy(new ShapesOfSvg(output.createChild(), painted, paint, clip));
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
        float opacity = output.currentOpacity() * alpha(paint);
        if (opacity > 0 && !placed.getBounds2D().isEmpty()) {
            painted.shapes.add(new PaintedShape(placed, color(paint), opacity, gradient(opacity, place)));
        }
    }

    /** One that is half seen through is told by its middle. */
    private Optional<MultipleGradientPaint> gradient(float opacity, AffineTransform place) {
        return opacity == 1 && inner(paint) instanceof MultipleGradientPaint gradient
                ? Optional.of(Gradients.moved(gradient, place))
                : Optional.empty();
    }

    private static Paint inner(Paint paint) {
        return paint instanceof GraphicsUtil.WrappingPaint wrapping ? wrapping.innerPaint() : paint;
    }

    private static float alpha(Paint paint) {
        return inner(paint) instanceof Color color ? color.getAlpha() / 255f : 1;
    }

    /** Of a gradient its middle: halfway along it, channel by channel. */
    private static Rgb color(Paint paint) {
        Paint inner = inner(paint);
        if (inner instanceof Color color) {
            return new Rgb(color.getRed(), color.getGreen(), color.getBlue());
        }
        if (inner instanceof MultipleGradientPaint gradient) {
            Color[] colors = gradient.getColors();
            Color from = colors[0];
            Color to = colors[colors.length - 1];
            return colors.length % 2 == 1
                    ? color(colors[colors.length / 2])
                    : new Rgb(
                            (from.getRed() + to.getRed()) / 2,
                            (from.getGreen() + to.getGreen()) / 2,
                            (from.getBlue() + to.getBlue()) / 2);
        }
        return Rgb.BLACK;
    }
}
