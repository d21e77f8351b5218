package app.zumbido.formats.css;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.inspect.Spot;
import java.util.Optional;

/**
 * A colour in the value of a property.
 *
 * @param spot where it is written; of a custom property, where that is defined
 */
public record CssColor(Rgb color, Optional<Spot> spot) {}
