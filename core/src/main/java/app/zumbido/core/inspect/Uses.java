package app.zumbido.core.inspect;

import app.zumbido.core.color.Rgb;

/** Takes what is found while a file is walked through, one after the other. */
@FunctionalInterface
public interface Uses {
    void use(Use use);

    /** The file calls a colour by a name, whether anything uses it or not. */
    default void named(Rgb color, String name) {}

    /** A page begins. */
    default void page(FoundPage page) {}

    default void picture(FoundPicture picture) {}

    /** Its series have been told as uses, too. */
    default void chart(FoundChart chart) {}
}
