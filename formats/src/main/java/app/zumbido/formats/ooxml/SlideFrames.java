package app.zumbido.formats.ooxml;

import app.zumbido.core.inspect.Frame;
import app.zumbido.formats.archive.PartTree.Node;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Where shapes lie on a slide: groups have measures of their own. Turned shapes count as if they stood upright. Source:
 * ECMA-376 Part 1, 20.1.7.5 and 20.1.7.6.
 *
 * @param x of the page's left edge in the measures that hold here
 * @param width of the page in them
 */
record SlideFrames(double x, double y, double width, double height) {
    /** @param width of the slide in English Metric Units */
    static SlideFrames of(double width, double height) {
        return new SlideFrames(0, 0, width, height);
    }

    /** @return where the shape says that it lies; nothing if it takes its place from elsewhere */
    Optional<Frame> frame(Node shape) {
        return transform(shape).flatMap(this::frameOf);
    }

    private Optional<Frame> frameOf(Node transform) {
        Optional<double[]> offset = transform.child("off").flatMap(node -> pair(node, "x", "y"));
        Optional<double[]> size = transform.child("ext").flatMap(node -> pair(node, "cx", "cy"));
        return offset.flatMap(at -> size.filter(extent -> extent[0] >= 0 && extent[1] >= 0)
                .map(extent ->
                        new Frame((at[0] - x) / width, (at[1] - y) / height, extent[0] / width, extent[1] / height)));
    }

    /** @return what the shape says about its place */
    static Optional<Node> transform(Node shape) {
        return Stream.of("spPr", "grpSpPr")
                .flatMap(name -> shape.at(name, "xfrm").stream())
                .findFirst()
                .or(() -> shape.child("xfrm"));
    }

    /** @return the measures inside a group */
    SlideFrames inside(Node group) {
        Optional<Node> transform = transform(group);
        Optional<Frame> outer = transform.flatMap(this::frameOf);
        Optional<double[]> from = transform.flatMap(node -> node.child("chOff")).flatMap(node -> pair(node, "x", "y"));
        Optional<double[]> size =
                transform.flatMap(node -> node.child("chExt")).flatMap(node -> pair(node, "cx", "cy"));
        if (outer.isEmpty() || from.isEmpty() || size.isEmpty() || size.get()[0] <= 0 || size.get()[1] <= 0) {
            return this;
        }
        Frame frame = outer.get();
        if (frame.area() == 0) {
            return this;
        }
        double acrossPage = size.get()[0] / frame.width();
        double downPage = size.get()[1] / frame.height();
        return new SlideFrames(
                from.get()[0] - frame.x() * acrossPage, from.get()[1] - frame.y() * downPage, acrossPage, downPage);
    }

    private static Optional<double[]> pair(Node node, String first, String second) {
        Optional<Double> one = node.attribute(first).flatMap(Percent::number);
        Optional<Double> two = node.attribute(second).flatMap(Percent::number);
        return one.flatMap(a -> two.map(b -> new double[] {a, b}));
    }
}
