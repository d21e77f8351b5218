package app.zumbido.core.inspect;

import app.zumbido.core.color.Rgb;

/** Takes what is found while a file is walked through, one after the other. */
@FunctionalInterface
public interface Uses {
    void use(Use use);

    /** The file calls a colour by a name, whether anything uses it or not. */
    default void named(Rgb color, String name) {}
}
