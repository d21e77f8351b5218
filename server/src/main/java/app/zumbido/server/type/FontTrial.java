package app.zumbido.server.type;

import app.zumbido.formats.fonts.FontFace;
import app.zumbido.formats.fonts.FontFile;
import app.zumbido.formats.fonts.UnreadableFontException;
import app.zumbido.formats.fonts.UnreadableFontException.Reason;
import app.zumbido.server.workshop.Workshop;
import app.zumbido.server.workshop.WorkshopException;
import java.util.List;
import org.springframework.stereotype.Component;

/**
 * Reads fonts that come from outside. Tables of a font may overlap, so that a small file promises gigabytes or billions of
 * letters: what takes for ever takes it in the workshop, and is not begun here.
 */
@Component
class FontTrial {
    /** Nobody's font holds so much for each of its bytes; those that ship hold a third of it, measured. */
    private static final long MOST_A_BYTE = 16;
    /** Whatever its size; bytes. */
    private static final long ALWAYS = 16L << 20;

    private final Workshop workshop;

    FontTrial(Workshop workshop) {
        this.workshop = workshop;
    }

    /** @throws UnreadableFontException if it cannot be read, or only with too much time or memory */
    List<FontFace> read(byte[] file) {
        TriedFont.Found found = tried(file);
        if (found.reason() != null) {
            throw new UnreadableFontException(found.reason(), found.message());
        }
        if (found.held() > ALWAYS + MOST_A_BYTE * file.length) {
            throw tooMuch();
        }
        return FontFile.read(file);
    }

    private TriedFont.Found tried(byte[] file) {
        try {
            return workshop.run(new TriedFont(file));
        } catch (WorkshopException e) {
            throw e.isOfTheFile() ? tooMuch() : e;
        }
    }

    private static UnreadableFontException tooMuch() {
        return new UnreadableFontException(
                Reason.TOO_MUCH,
                "Reading this font takes too much time or memory; export it anew, with fewer letters, and give that");
    }
}
