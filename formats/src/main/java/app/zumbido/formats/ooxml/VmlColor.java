package app.zumbido.formats.ooxml;

import app.zumbido.core.color.ColorCode;
import app.zumbido.core.color.NamedColors;
import app.zumbido.core.inspect.Setting;
import app.zumbido.formats.archive.PartTree.Node;
import java.util.Optional;

/** A colour of a shape in the older form: a code or a name, perhaps with a number behind it. Source: ECMA-376 Part 4, 20.1. */
final class VmlColor {
    private VmlColor() {}

    static Optional<Seen> of(Node shape, String attribute) {
        return shape.attribute(attribute).flatMap(value -> {
            String word = value.strip().split("\\s")[0];
            // Only what is a value alone can be replaced by one.
            boolean alone = word.equals(value);
            return (word.startsWith("#") ? ColorCode.parse(word) : NamedColors.find(word))
                    .map(color -> new Seen(
                            color,
                            new Setting.ByHand(
                                    alone && word.startsWith("#") ? shape.tag().spot(attribute) : Optional.empty())));
        });
    }
}
