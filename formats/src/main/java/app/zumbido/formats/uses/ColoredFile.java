package app.zumbido.formats.uses;

import app.zumbido.core.inspect.FoundTheme;
import app.zumbido.core.inspect.Uses;
import java.util.Optional;

/** A file that came in and has colours. Whatever wants to know about them gets them by the one walk through it. */
public interface ColoredFile extends AutoCloseable {
    /** @return as in {@code pptx}, of templates too */
    String kind();

    /** @return nothing if the kind of file has none */
    default Optional<FoundTheme> theme() {
        return Optional.empty();
    }

    /** @return whether it tells what its colours are used for; if not, only the theme and names are known */
    default boolean tellsUses() {
        return true;
    }

    /**
     * Goes through the file from its beginning to its end.
     *
     * @throws app.zumbido.formats.image.UnreadableImageException if a part of it is damaged
     */
    void walk(Uses uses);

    @Override
    default void close() {}
}
