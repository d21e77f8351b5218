package app.zumbido.formats.uses;

import app.zumbido.core.inspect.Replacement;
import app.zumbido.core.inspect.Spot;
import java.io.IOException;
import java.io.OutputStream;
import java.util.Map;

/** A file that can be given back with other colours. */
public interface RepaintableFile extends ColoredFile {
    /**
     * Writes the file with other colours at some of its spots; everything else stays as it is, to the byte.
     *
     * @param replacements by spots that {@link #walk} told
     */
    void write(Map<Spot, Replacement> replacements, OutputStream out) throws IOException;
}
