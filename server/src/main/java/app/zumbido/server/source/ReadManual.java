package app.zumbido.server.source;

import app.zumbido.core.type.NamedFonts;
import app.zumbido.formats.fonts.KnownFamilies;
import app.zumbido.formats.pdf.PdfFile;
import app.zumbido.server.workshop.Task;
import java.io.Serializable;
import org.jspecify.annotations.Nullable;

/** Reads what is written in a document, and in what, for the fonts that it means. */
record ReadManual(byte[] file) implements Task<ReadManual.Meant> {
    /** Names of families; both or none. */
    record Meant(@Nullable String heading, @Nullable String body) implements Serializable {}

    @Override
    public Meant run() {
        PdfFile manual = PdfFile.read(file);
        return NamedFonts.of(manual.text().lines().toList(), manual.setIn(), KnownFamilies.names())
                .map(pair -> new Meant(pair.heading(), pair.body()))
                .orElse(new Meant(null, null));
    }
}
