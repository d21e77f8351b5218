package app.zumbido.formats.existing;

import app.zumbido.core.inspect.Findings;
import app.zumbido.formats.ooxml.SlidePictures;
import java.util.Optional;

/** What the pages of a file look like. */
public final class FilePages {
    private FilePages() {}

    /** @return how many pages it has; 1 of a document, whose pages are made by programs */
    public static int count(ExistingFile file, Findings findings) {
        return file.slides()
                .map(slides -> slides.count())
                .orElseGet(() -> Math.max(1, findings.pages().size()));
    }

    /**
     * @param number 1 for the first
     * @return a PNG file; nothing if there is no such page
     * @throws app.zumbido.formats.image.UnreadableImageException if it cannot be drawn
     */
    public static Optional<byte[]> draw(byte[] content, String kind, int number) {
        return SlidePictures.draw(content, number - 1, Optional.empty());
    }
}
