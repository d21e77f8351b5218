package app.zumbido.formats.ooxml;

import app.zumbido.core.inspect.FoundPicture;
import app.zumbido.core.inspect.FoundPicture.Size;
import app.zumbido.core.inspect.Place;
import app.zumbido.core.inspect.Standing;
import app.zumbido.formats.archive.PartTree;
import app.zumbido.formats.archive.PartTree.Node;
import java.util.Optional;

/** Pictures and charts that documents and workbooks draw. */
final class DrawnParts {
    private DrawnParts() {}

    /** @param part that the drawing stands in */
    static Optional<FoundPicture> picture(Node node, OfficePackage parts, String part, Place place, Standing standing) {
        return PictureReader.read(node, parts, part)
                .map(found -> new FoundPicture(
                        place,
                        found.content(),
                        found.reference(),
                        found.size().map(DrawnParts::ratio).orElse(0.0),
                        found.shown(),
                        found.size(),
                        standing));
    }

    private static double ratio(Size size) {
        return (double) size.width().units() / size.height().units();
    }

    /** @return the root of the chart's part; nothing if the node refers to none */
    static Optional<Node> chart(Node node, OfficePackage parts, String part) {
        return OfficePackage.reference(node.tag(), "id")
                .map(parts.byId(part)::get)
                .filter(name -> parts.has(name) && name.contains("chart"))
                .map(name -> PartTree.read(name, parts.part(name)));
    }
}
