package app.zumbido.formats.ooxml;

import app.zumbido.core.inspect.FoundPicture.Length;
import app.zumbido.core.inspect.FoundPicture.Size;
import app.zumbido.core.inspect.Frame;
import app.zumbido.core.inspect.Spot;
import app.zumbido.formats.archive.PartTree.Node;
import app.zumbido.formats.archive.Tag;
import java.util.Optional;

/** Which picture is drawn, and how much of it. Source: ECMA-376 Part 1, 20.1.8.13 (blip) and 20.1.8.55 (srcRect). */
final class PictureReader {
    private PictureReader() {}

    /** @param content part of the file */
    record Found(String content, Spot reference, Frame shown, Optional<Size> size) {}

    /** @param shape that has a picture in it @return nothing if the picture is not in the file */
    static Optional<Found> read(Node shape, OfficePackage parts, String part) {
        Optional<Node> blip = shape.at("blipFill", "blip");
        Optional<String> content = blip.flatMap(node -> OfficePackage.reference(node.tag(), "embed"))
                .map(parts.byId(part)::get)
                .filter(parts::has);
        Optional<Spot> reference = blip.flatMap(node -> node.tag().spot("embed"));
        return content.flatMap(name -> reference.map(spot -> new Found(name, spot, shown(shape), size(shape))));
    }

    private static Frame shown(Node shape) {
        return shape.at("blipFill", "srcRect")
                .map(cut -> {
                    double left = share(cut, "l");
                    double top = share(cut, "t");
                    return new Frame(
                            left, top, Math.max(0, 1 - left - share(cut, "r")), Math.max(0, 1 - top - share(cut, "b")));
                })
                .orElse(Frame.WHOLE);
    }

    private static double share(Node cut, String side) {
        return cut.attribute(side).flatMap(Percent::fraction).orElse(0.0);
    }

    private static Optional<Size> size(Node shape) {
        Optional<Node> transform = SlideFrames.transform(shape);
        Optional<Tag> at = transform.flatMap(node -> node.child("off")).map(Node::tag);
        Optional<Tag> extent = transform.flatMap(node -> node.child("ext")).map(Node::tag);
        return at.flatMap(offset -> extent.flatMap(size -> length(offset, "x")
                .flatMap(x -> length(offset, "y")
                        .flatMap(y -> length(size, "cx")
                                .filter(width -> width.units() > 0)
                                .flatMap(width -> length(size, "cy")
                                        .filter(height -> height.units() > 0)
                                        .map(height -> new Size(x, y, width, height)))))));
    }

    private static Optional<Length> length(Tag tag, String name) {
        return tag.spot(name)
                .flatMap(spot ->
                        tag.attribute(name).flatMap(Percent::number).map(units -> new Length(spot, units.longValue())));
    }
}
