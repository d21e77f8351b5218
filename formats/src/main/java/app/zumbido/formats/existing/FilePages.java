package app.zumbido.formats.existing;

import app.zumbido.core.inspect.Findings;
import app.zumbido.formats.ooxml.DrawnPage;
import app.zumbido.formats.ooxml.SlidePictures;
import java.util.Optional;
import java.util.function.Supplier;

/** What the pages of a file look like: slides as the library draws them, everything else in a simple form. */
public final class FilePages {
    private FilePages() {}

    /** @return how many pages it has; of a document so many as programs have left marks of */
    public static int count(ExistingFile file, Findings findings) {
        return file.slides()
                .map(slides -> slides.count())
                .orElseGet(() -> Math.max(1, findings.pages().size()));
    }

    /**
     * @param number 1 for the first
     * @param findings asked for where the file is drawn from them
     * @return nothing if there is no such page
     * @throws app.zumbido.formats.image.UnreadableImageException if it cannot be drawn
     */
    public static Optional<DrawnPage> draw(byte[] content, String kind, int number, Supplier<Findings> findings) {
        return switch (kind) {
            case "pptx" -> SlidePictures.page(content, number - 1, Optional.empty());
            case "xlsx" -> PlainSheet.draw(findings.get(), number);
            default -> PlainPage.draw(findings.get(), number);
        };
    }
}
