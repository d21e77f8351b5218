package app.zumbido.server.trail;

import app.zumbido.core.brand.UnknownAlternativeException;
import app.zumbido.core.logos.UnknownElementException;
import app.zumbido.core.logos.UnknownFormException;
import app.zumbido.core.palette.UnknownSwatchException;
import app.zumbido.core.theme.UnknownThemeException;
import app.zumbido.server.http.ApiException;
import app.zumbido.server.http.ForeignProblems;
import app.zumbido.server.http.Problem;
import app.zumbido.server.trail.form.DamagedSnapshotException;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/** What core refuses when a brand is changed or looked at. */
@Component
class CoreProblems implements ForeignProblems {
    private static final Problem UNKNOWN_SWATCH = new Problem(HttpStatus.NOT_FOUND, "unknown-swatch", "Unknown swatch");
    private static final Problem UNKNOWN_THEME = new Problem(HttpStatus.NOT_FOUND, "unknown-theme", "Unknown theme");
    private static final Problem UNKNOWN_ALTERNATIVE =
            new Problem(HttpStatus.NOT_FOUND, "unknown-alternative", "Unknown palette of the brand");
    private static final Problem UNKNOWN_FORM =
            new Problem(HttpStatus.NOT_FOUND, "unknown-form", "Unknown form of the logo");
    private static final Problem UNKNOWN_ELEMENT =
            new Problem(HttpStatus.NOT_FOUND, "unknown-element", "Unknown brand element");

    private static final Problem DAMAGED =
            new Problem(HttpStatus.INTERNAL_SERVER_ERROR, "database-damaged", "A part of the database is damaged");

    @Override
    public Optional<ApiException> of(Exception exception) {
        if (exception instanceof UnknownSwatchException) {
            return Optional.of(new ApiException(UNKNOWN_SWATCH, String.valueOf(exception.getMessage())));
        }
        if (exception instanceof UnknownThemeException) {
            return Optional.of(new ApiException(UNKNOWN_THEME, String.valueOf(exception.getMessage())));
        }
        if (exception instanceof UnknownAlternativeException) {
            return Optional.of(new ApiException(UNKNOWN_ALTERNATIVE, String.valueOf(exception.getMessage())));
        }
        if (exception instanceof UnknownFormException) {
            return Optional.of(new ApiException(UNKNOWN_FORM, String.valueOf(exception.getMessage())));
        }
        if (exception instanceof UnknownElementException) {
            return Optional.of(new ApiException(UNKNOWN_ELEMENT, String.valueOf(exception.getMessage())));
        }
        if (exception instanceof DamagedSnapshotException) {
            return Optional.of(new ApiException(DAMAGED, String.valueOf(exception.getMessage())));
        }
        return Optional.empty();
    }
}
