package app.zumbido.server.http;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.MediaType;
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

/** The one place that turns exceptions into problem details. Features bring their own; here stand the framework's. */
@RestControllerAdvice
class ProblemTable {
    private static final Logger LOG = LoggerFactory.getLogger(ProblemTable.class);

    private static final Problem NOT_FOUND = new Problem(HttpStatus.NOT_FOUND, "not-found", "Nothing here");
    private static final Problem INVALID = new Problem(HttpStatus.UNPROCESSABLE_CONTENT, "invalid", "Invalid value");
    private static final Problem MALFORMED = new Problem(HttpStatus.BAD_REQUEST, "malformed", "Request cannot be read");
    private static final Problem FILE_TOO_LARGE =
            new Problem(HttpStatus.CONTENT_TOO_LARGE, "file-too-large", "File too large");
    private static final Problem INTERNAL =
            new Problem(HttpStatus.INTERNAL_SERVER_ERROR, "internal", "Something went wrong here");

    /** Of the framework, by status; with the headers that it gives, as {@code Allow}. */
    private static final Map<Integer, Problem> OF_FRAMEWORK = Map.of(
            HttpStatus.METHOD_NOT_ALLOWED.value(),
            new Problem(HttpStatus.METHOD_NOT_ALLOWED, "method-not-allowed", "Not done at this address"),
            HttpStatus.NOT_ACCEPTABLE.value(),
            new Problem(HttpStatus.NOT_ACCEPTABLE, "not-acceptable", "Not in that form"),
            HttpStatus.UNSUPPORTED_MEDIA_TYPE.value(),
            new Problem(HttpStatus.UNSUPPORTED_MEDIA_TYPE, "unsupported-media-type", "Not taken in that form"));

    private final List<ForeignProblems> foreign;

    ProblemTable(List<ForeignProblems> foreign) {
        this.foreign = foreign;
    }

    /** Whoever asked has gone; nobody is left to be told. */
    @ExceptionHandler
    void gone(AsyncRequestNotUsableException exception) {
        LOG.debug("The connection was closed before the answer was sent", exception);
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> any(Exception exception) {
        Optional<ApiException> known = known(exception);
        ProblemDetail problem = known.map(ApiException::detail).orElseGet(() -> ofFramework(exception));
        HttpHeaders headers = new HttpHeaders();
        if (exception instanceof ErrorResponse framework) {
            headers.addAll(framework.getHeaders());
        }
        known.map(ApiException::headers).ifPresent(headers::addAll);
        // Said and not negotiated: who accepts only a picture is told in this form what went wrong.
        headers.setContentType(MediaType.APPLICATION_PROBLEM_JSON);
        return new ResponseEntity<>(problem, headers, HttpStatusCode.valueOf(problem.getStatus()));
    }

    private Optional<ApiException> known(Exception exception) {
        return exception instanceof ApiException own
                ? Optional.of(own)
                : foreign.stream()
                        .flatMap(problems -> problems.of(exception).stream())
                        .findFirst();
    }

    private static ProblemDetail ofFramework(Exception exception) {
        if (exception instanceof MethodArgumentNotValidException invalid) {
            ProblemDetail problem = INVALID.detail("A value cannot be taken");
            problem.setProperty("errors", fieldErrors(invalid));
            return problem;
        }
        if (exception instanceof HandlerMethodValidationException) {
            return INVALID.detail(String.valueOf(exception.getMessage()));
        }
        if (exception instanceof MissingRequestHeaderException missing) {
            return missing.getHeaderName().equals(HttpHeaders.IF_MATCH)
                    ? new RevisionMissingException().detail()
                    : MALFORMED.detail(missing.getMessage());
        }
        if (exception instanceof MethodArgumentTypeMismatchException mismatch) {
            // An id that cannot be one names nothing that exists.
            return UUID.class.equals(mismatch.getRequiredType())
                    ? NOT_FOUND.detail("There is nothing at this address")
                    : MALFORMED.detail("The value of " + mismatch.getName() + " is none that is taken here");
        }
        if (exception instanceof NoResourceFoundException) {
            return NOT_FOUND.detail("There is nothing at this address");
        }
        if (exception instanceof MaxUploadSizeExceededException) {
            return FILE_TOO_LARGE.detail("A file may have 50 MB");
        }
        if (exception instanceof HttpMessageNotReadableException) {
            return MALFORMED.detail("The request is not in the form that is expected");
        }
        if (exception instanceof ErrorResponse response
                && response.getStatusCode().is4xxClientError()) {
            return OF_FRAMEWORK
                    .getOrDefault(response.getStatusCode().value(), MALFORMED)
                    .detail(String.valueOf(response.getBody().getDetail()));
        }
        if (!hasGone(exception)) {
            LOG.error("A request failed", exception);
        }
        return INTERNAL.detail("The server's log says more");
    }

    private record FieldError(String field, String message) {}

    private static List<FieldError> fieldErrors(MethodArgumentNotValidException invalid) {
        return invalid.getBindingResult().getFieldErrors().stream()
                .map(error -> new FieldError(error.getField(), String.valueOf(error.getDefaultMessage())))
                .toList();
    }

    /** Whoever asked no longer waits for the answer: pages drop what they need no more, and that is no failure. */
    private static boolean hasGone(@Nullable Throwable exception) {
        return exception != null
                && (exception instanceof AsyncRequestNotUsableException || hasGone(exception.getCause()));
    }
}
