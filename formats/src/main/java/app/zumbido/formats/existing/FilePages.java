package app.zumbido.formats.existing;

import app.zumbido.core.inspect.Findings;
import app.zumbido.formats.ooxml.DrawnPage;
import java.util.Optional;

/** What the pages of a file look like that no library draws: a simple form, made from what was found in it. */
public final class FilePages {
    private FilePages() {}

    /** @return how many pages it has; of a document so many as programs have left marks of */
    public static int count(ExistingFile file, Findings findings) {
        return file.slides()
                .map(slides -> slides.count())
                .orElseGet(() -> Math.max(1, findings.pages().size()));
    }

    /**
     * @param kind anything but a deck
     * @param number 1 for the first
     * @return nothing if there is no such page
     */
    public static Optional<DrawnPage> simple(String kind, int number, Findings findings) {
        return kind.equals("xlsx") ? PlainSheet.draw(findings, number) : PlainPage.draw(findings, number);
    }
}
