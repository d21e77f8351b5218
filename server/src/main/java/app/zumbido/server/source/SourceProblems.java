package app.zumbido.server.source;

import app.zumbido.formats.image.UnreadableImageException;
import app.zumbido.server.http.ApiException;
import app.zumbido.server.http.ForeignProblems;
import app.zumbido.server.http.Problem;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/** Files that formats cannot read. */
@Component
class SourceProblems implements ForeignProblems {
    static final Problem NOTHING_FOUND =
            new Problem(HttpStatus.UNPROCESSABLE_CONTENT, "nothing-found", "No colour found");

    @Override
    public Optional<ApiException> of(Exception exception) {
        return exception instanceof UnreadableImageException unreadable
                ? Optional.of(new ApiException(problem(unreadable.reason()), String.valueOf(unreadable.getMessage())))
                : Optional.empty();
    }

    private static Problem problem(UnreadableImageException.Reason reason) {
        return switch (reason) {
            case UNKNOWN_KIND ->
                new Problem(HttpStatus.UNSUPPORTED_MEDIA_TYPE, "not-a-picture", "Not a file that can be read");
            case BROKEN -> new Problem(HttpStatus.UNPROCESSABLE_CONTENT, "picture-broken", "Damaged file");
            case TOO_LARGE -> new Problem(HttpStatus.CONTENT_TOO_LARGE, "picture-too-large", "Too large");
            case TOO_SLOW -> new Problem(HttpStatus.UNPROCESSABLE_CONTENT, "too-much-work", "Takes too long to read");
            case NO_COLOR -> NOTHING_FOUND;
        };
    }
}
