package app.zumbido.server.existing;

import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.formats.existing.DressWords;
import app.zumbido.formats.existing.TemplateMaster;
import app.zumbido.server.http.ApiException;
import app.zumbido.server.http.Problem;
import java.util.List;
import org.springframework.http.HttpStatus;

/** What is asked of a file cannot be done. */
class ExistingFileException extends ApiException {
    private static final long serialVersionUID = 1L;

    private ExistingFileException(HttpStatus status, String type, String title, String detail) {
        super(new Problem(status, type, title), detail);
    }

    static ExistingFileException noSuchPage(int number, int pages) {
        return new ExistingFileException(
                HttpStatus.NOT_FOUND,
                "unknown-page",
                "Unknown page",
                "The file has " + pages + " pages; " + number + " is none of them");
    }

    static ExistingFileException noSuchFaults(List<String> faults) {
        ExistingFileException exception = new ExistingFileException(
                HttpStatus.UNPROCESSABLE_CONTENT,
                "unknown-fault",
                "Unknown fault",
                "The file has no fault " + String.join(", ", faults));
        exception.fact("faults", faults);
        return exception;
    }

    static ExistingFileException nothingToMend() {
        return new ExistingFileException(
                HttpStatus.UNPROCESSABLE_CONTENT,
                "nothing-to-mend",
                "Nothing to mend",
                "None of these faults can be mended here; they are told with what to do by hand");
    }

    static ExistingFileException themeUnfilled(List<ThemeSlot> slots) {
        ExistingFileException exception = new ExistingFileException(
                HttpStatus.UNPROCESSABLE_CONTENT,
                "slots-unfilled",
                "Theme slots are empty",
                "A file is dressed in a theme whose twelve slots are filled: suggest the rest at Theme first");
        exception.fact("slots", slots.stream().map(ThemeSlot::code).toList());
        return exception;
    }

    static ExistingFileException pictureTooLarge(String name, int scale, long mostPixels) {
        return new ExistingFileException(
                HttpStatus.UNPROCESSABLE_CONTENT,
                "picture-too-large-to-make",
                "Too large",
                "At " + scale + "x " + name + " has more than " + mostPixels / 1_000_000
                        + " megapixels; take a smaller scale, or the drawing itself");
    }

    static ExistingFileException noGraphic(String name) {
        return new ExistingFileException(
                HttpStatus.UNPROCESSABLE_CONTENT,
                "no-graphic",
                "No graphic",
                name + " is no drawing and no picture: it is dressed or checked, not recoloured");
    }

    static ExistingFileException onlyRecolored(String name) {
        return new ExistingFileException(
                HttpStatus.UNPROCESSABLE_CONTENT,
                "only-recoloured",
                "Only recoloured",
                name + " is a graphic: it is recoloured, not dressed or checked");
    }

    static ExistingFileException photograph(String name) {
        return new ExistingFileException(
                HttpStatus.UNPROCESSABLE_CONTENT,
                "photograph",
                "A photograph cannot follow",
                name
                        + " is a photograph or as rich as one: no colour of it can become another. A duotone of two swatches"
                        + " can be made of it");
    }

    static ExistingFileException noNumber(String text) {
        return new ExistingFileException(
                HttpStatus.BAD_REQUEST, "no-number", "No number", "A frame has four numbers; " + text + " is none");
    }

    static ExistingFileException nothingToDeal() {
        return new ExistingFileException(
                HttpStatus.UNPROCESSABLE_CONTENT,
                "no-colors",
                "No colours",
                "The palette has no colour that may be used: add one, or say which to deal from");
    }

    static ExistingFileException masterCannotBeTaken(TemplateMaster.Obstacle obstacle) {
        return new ExistingFileException(
                HttpStatus.UNPROCESSABLE_CONTENT,
                "master-cannot-be-taken",
                "The template’s master cannot be taken",
                DressWords.noMaster(obstacle));
    }

    static ExistingFileException unknownColor(String hex) {
        return new ExistingFileException(
                HttpStatus.UNPROCESSABLE_CONTENT,
                "unknown-color",
                "Unknown colour",
                "The file has no colour " + hex + " that could become another");
    }

    static ExistingFileException unknownSlot(String slot) {
        return new ExistingFileException(
                HttpStatus.BAD_REQUEST, "unknown-slot", "Unknown slot", "There is no slot called " + slot);
    }
}
