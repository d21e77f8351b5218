package app.zumbido.server.source;

import app.zumbido.formats.pdf.PdfFile;
import app.zumbido.server.workshop.Task;

/**
 * Reads what is written and painted on a page: what is quickly drawn, since none of it can be seen, may be millions of
 * letters.
 *
 * @param page 0 first
 */
record ReadPage(byte[] file, int page) implements Task<PageSays> {
    @Override
    public PageSays run() {
        return of(PdfFile.read(file), page);
    }

    static PageSays of(PdfFile pdf, int page) {
        int[] paints = pdf.paints(page).stream()
                .mapToInt(paint -> paint.red() << 16 | paint.green() << 8 | paint.blue())
                .toArray();
        return new PageSays(pdf.text(page), paints);
    }
}
