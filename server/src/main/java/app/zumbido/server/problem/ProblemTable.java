package app.zumbido.server.problem;

import app.zumbido.core.palette.UnknownSwatchException;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.core.theme.UnfilledSlotsException;
import app.zumbido.core.theme.UnknownThemeException;
import app.zumbido.formats.image.UnreadableImageException;
import app.zumbido.server.contrast.RuleException;
import app.zumbido.server.contrast.UnknownGroundException;
import app.zumbido.server.delivery.UnknownDeliveryException;
import app.zumbido.server.pack.PackageException;
import app.zumbido.server.palette.GroupException;
import app.zumbido.server.palette.SameSwatchException;
import app.zumbido.server.palette.UnknownPaletteException;
import app.zumbido.server.roles.RoleException;
import app.zumbido.server.shelf.UnknownBrandException;
import app.zumbido.server.source.DraftException;
import app.zumbido.server.source.OutsidePictureException;
import app.zumbido.server.source.UnknownSourceException;
import app.zumbido.server.source.WrongKindOfSourceException;
import app.zumbido.server.theme.ThemeException;
import app.zumbido.server.theme.UnknownSlotException;
import app.zumbido.server.trail.NoteResponse;
import app.zumbido.server.trail.RevisionMissingException;
import app.zumbido.server.trail.StaleRevisionException;
import app.zumbido.server.trail.TrailEndException;
import app.zumbido.server.trail.UnknownStepException;
import java.util.List;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.ErrorResponse;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.MissingRequestHeaderException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.async.AsyncRequestNotUsableException;
import org.springframework.web.method.annotation.HandlerMethodValidationException;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.multipart.MaxUploadSizeExceededException;
import org.springframework.web.servlet.resource.NoResourceFoundException;

/** The one table from exception to problem detail. */
@RestControllerAdvice
class ProblemTable {
    private static final Logger LOG = LoggerFactory.getLogger(ProblemTable.class);

    /** Whoever asked has gone; nobody is left to be told. */
    @ExceptionHandler
    void gone(AsyncRequestNotUsableException exception) {
        LOG.debug("The connection was closed before the answer was sent", exception);
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> any(Exception exception) {
        ProblemDetail problem = problem(exception);
        return ResponseEntity.status(problem.getStatus()).body(problem);
    }

    private static ProblemDetail problem(Exception exception) {
        if (exception instanceof StaleRevisionException stale) {
            ProblemDetail problem = ProblemType.REVISION_STALE.detail(stale.getMessage());
            problem.setProperty("revision", stale.revision());
            problem.setProperty(
                    "since", stale.since().stream().map(NoteResponse::of).toList());
            return problem;
        }
        if (exception instanceof UnfilledSlotsException unfilled) {
            ProblemDetail problem = ProblemType.SLOT_UNFILLED.detail(unfilled.getMessage());
            problem.setProperty(
                    "slots", unfilled.slots().stream().map(ThemeSlot::code).toList());
            return problem;
        }
        if (exception instanceof NotAColorException notAColor) {
            ProblemDetail problem = ProblemType.NOT_A_COLOR.detail(notAColor.getMessage());
            problem.setProperty("given", notAColor.given());
            return problem;
        }
        if (exception instanceof MethodArgumentNotValidException invalid) {
            ProblemDetail problem = ProblemType.INVALID.detail("A value cannot be taken");
            problem.setProperty("errors", fieldErrors(invalid));
            return problem;
        }
        return type(exception).detail(detail(exception));
    }

    private static ProblemType type(Exception exception) {
        if (exception instanceof UnreadableImageException unreadable) {
            return switch (unreadable.reason()) {
                case UNKNOWN_KIND -> ProblemType.NOT_A_PICTURE;
                case BROKEN -> ProblemType.PICTURE_BROKEN;
                case TOO_LARGE -> ProblemType.PICTURE_TOO_LARGE;
                case NO_COLOR -> ProblemType.NOTHING_FOUND;
            };
        }
        if (exception instanceof DraftException draft) {
            return switch (draft.reason()) {
                case BRAND_NOT_EMPTY -> ProblemType.BRAND_NOT_EMPTY;
                case NOTHING_FOUND -> ProblemType.NOTHING_FOUND;
            };
        }
        if (exception instanceof MissingRequestHeaderException missing) {
            return missing.getHeaderName().equals("If-Match") ? ProblemType.REVISION_MISSING : ProblemType.MALFORMED;
        }
        if (exception instanceof MethodArgumentTypeMismatchException mismatch
                && UUID.class.equals(mismatch.getRequiredType())) {
            // An id that cannot be one names nothing that exists.
            return ProblemType.NOT_FOUND;
        }
        return ROWS.stream()
                .filter(row -> row.exception().isInstance(exception))
                .map(Row::type)
                .findFirst()
                .orElseGet(() -> ofFramework(exception));
    }

    private record Row(Class<? extends Exception> exception, ProblemType type) {}

    private static final List<Row> ROWS = List.of(
            new Row(UnknownBrandException.class, ProblemType.UNKNOWN_BRAND),
            new Row(UnknownSourceException.class, ProblemType.UNKNOWN_SOURCE),
            new Row(UnknownGroundException.class, ProblemType.UNKNOWN_GROUND),
            new Row(RuleException.class, ProblemType.RULE_REFUSED),
            new Row(UnknownThemeException.class, ProblemType.UNKNOWN_THEME),
            new Row(ThemeException.class, ProblemType.THEME_REFUSED),
            new Row(UnknownSwatchException.class, ProblemType.UNKNOWN_SWATCH),
            new Row(UnknownPaletteException.class, ProblemType.UNKNOWN_PALETTE),
            new Row(PackageException.class, ProblemType.PACKAGE_REFUSED),
            new Row(RoleException.class, ProblemType.ROLE_REFUSED),
            new Row(GroupException.class, ProblemType.GROUP_REFUSED),
            new Row(SameSwatchException.class, ProblemType.SAME_SWATCH),
            new Row(UnknownSlotException.class, ProblemType.UNKNOWN_SLOT),
            new Row(UnknownDeliveryException.class, ProblemType.UNKNOWN_DELIVERY),
            new Row(RevisionMissingException.class, ProblemType.REVISION_MISSING),
            new Row(OutsidePictureException.class, ProblemType.OUTSIDE_PICTURE),
            new Row(WrongKindOfSourceException.class, ProblemType.WRONG_KIND_OF_SOURCE),
            new Row(UnknownStepException.class, ProblemType.UNKNOWN_STEP),
            new Row(TrailEndException.class, ProblemType.TRAIL_END),
            new Row(MaxUploadSizeExceededException.class, ProblemType.FILE_TOO_LARGE),
            new Row(HandlerMethodValidationException.class, ProblemType.INVALID),
            new Row(MethodArgumentTypeMismatchException.class, ProblemType.MALFORMED),
            new Row(HttpMessageNotReadableException.class, ProblemType.MALFORMED),
            new Row(NoResourceFoundException.class, ProblemType.NOT_FOUND));

    private static ProblemType ofFramework(Exception exception) {
        return exception instanceof ErrorResponse response
                        && response.getStatusCode().is4xxClientError()
                ? ProblemType.MALFORMED
                : ProblemType.INTERNAL;
    }

    private static String detail(Exception exception) {
        ProblemType type = type(exception);
        return switch (type) {
            case INTERNAL -> {
                LOG.error("A request failed", exception);
                yield "The server's log says more";
            }
            case FILE_TOO_LARGE -> "A file may have 50 MB";
            case MALFORMED ->
                exception instanceof MissingRequestHeaderException
                                || exception instanceof MethodArgumentTypeMismatchException
                        ? String.valueOf(exception.getMessage())
                        : "The request is not in the form that is expected";
            case REVISION_MISSING -> "A change needs the header If-Match";
            case NOT_FOUND -> "There is nothing at this address";
            default -> String.valueOf(exception.getMessage());
        };
    }

    private record FieldError(String field, String message) {}

    private static List<FieldError> fieldErrors(MethodArgumentNotValidException invalid) {
        return invalid.getBindingResult().getFieldErrors().stream()
                .map(error -> new FieldError(error.getField(), String.valueOf(error.getDefaultMessage())))
                .toList();
    }
}
