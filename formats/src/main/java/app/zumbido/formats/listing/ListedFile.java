package app.zumbido.formats.listing;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.inspect.Inventory;
import app.zumbido.core.inspect.Use;
import app.zumbido.core.inspect.Uses;
import app.zumbido.formats.image.UnreadableImageException;
import app.zumbido.formats.image.UnreadableImageException.Reason;
import app.zumbido.formats.uses.ColoredFile;
import app.zumbido.formats.uses.WalkTime;
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
            colored.walk(new Limited(tally));
            Inventory inventory = tally.inventory(colored.theme(), colored.tellsUses());
            if (inventory.isEmpty()) {
                throw new UnreadableImageException(Reason.NO_COLOR, "There is no colour in this file");
            }
            return Optional.of(new ListedFile(colored.kind(), inventory));
        }
    }

    /** Small files can unpack to millions of coloured places, which take a minute and more memory than there is. */
    private static final class Limited implements Uses {
        private static final int MOST = 400_000;

        private final Uses tally;
        private final WalkTime time = new WalkTime();
        private int told;

        Limited(Uses tally) {
            this.tally = tally;
        }

        private void count() {
            time.check();
            if (++told > MOST) {
                throw new UnreadableImageException(
                        Reason.TOO_LARGE, "The file names or uses colours at more than " + MOST + " places");
            }
        }

        @Override
        public void use(Use use) {
            count();
            tally.use(use);
        }

        @Override
        public void named(Rgb color, String name) {
            count();
            tally.named(color, name);
        }
    }
}
