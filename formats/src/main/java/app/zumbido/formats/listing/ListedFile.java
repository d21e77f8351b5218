package app.zumbido.formats.listing;

import app.zumbido.core.inspect.Inventory;
import app.zumbido.formats.image.UnreadableImageException;
import app.zumbido.formats.image.UnreadableImageException.Reason;
import app.zumbido.formats.uses.ColoredFile;
import java.util.Optional;

/**
 * A file that lists colours and shows none by itself: a presentation, document or workbook, a stylesheet, a saved page,
 * or design tokens.
 *
 * @param kind pptx, docx, xlsx, odp, odt, ods, odg, css, html or json
 */
public record ListedFile(String kind, Inventory inventory) {
    /**
     * Tells the kind by what is in the file.
     *
     * @return nothing if it is none of these kinds
     * @throws UnreadableImageException if it is one and damaged, too large, or without any colour
     */
    public static Optional<ListedFile> read(byte[] file) {
        Optional<ColoredFile> opened = ColoredFiles.open(file);
        if (opened.isEmpty()) {
            return Optional.empty();
        }
        try (ColoredFile colored = opened.get()) {
            Inventory.Tally tally = new Inventory.Tally();
            colored.walk(tally);
            Inventory inventory = tally.inventory(colored.theme(), colored.tellsUses());
            if (inventory.isEmpty()) {
                throw new UnreadableImageException(Reason.NO_COLOR, "There is no colour in this file");
            }
            return Optional.of(new ListedFile(colored.kind(), inventory));
        }
    }
}
