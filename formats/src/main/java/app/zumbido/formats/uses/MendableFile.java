package app.zumbido.formats.uses;

import app.zumbido.core.inspect.Replacement;
import app.zumbido.core.inspect.Spot;
import app.zumbido.core.inspect.check.Edit;
import java.io.IOException;
import java.io.OutputStream;
import java.util.List;
import java.util.Map;

/** A file that can be given back with other colours, fonts, logos and another theme. */
public interface MendableFile extends RepaintableFile {
    /** Writes the file with the changes; every part that they do not touch stays as it is packed, to the byte. */
    void write(Changes changes, OutputStream out) throws IOException;

    /** @return what is in a part of the file */
    byte[] part(String name);

    @Override
    default void write(Map<Spot, Replacement> replacements, OutputStream out) throws IOException {
        List<Edit> edits = replacements.entrySet().stream()
                .<Edit>map(entry -> new Edit.Paint(entry.getKey(), entry.getValue()))
                .toList();
        write(Changes.of(edits), out);
    }
}
