package app.zumbido.server.source;

import app.zumbido.formats.pdf.PdfFile;
import app.zumbido.server.workshop.Task;

/** Reads what is written in a document, and in what. It tells whether that comes to an end. */
record ReadManual(byte[] file) implements Task<Integer> {
    /** @return how many pieces of text were found */
    @Override
    public Integer run() {
        PdfFile manual = PdfFile.read(file);
        return manual.text().length() + manual.setIn().size();
    }
}
