package app.zumbido.server.type;

import app.zumbido.formats.fonts.UnreadableFontException;
import app.zumbido.server.http.ApiException;
import app.zumbido.server.http.ForeignProblems;
import app.zumbido.server.http.Problem;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/** Font files that formats cannot read. */
@Component
class FontProblems implements ForeignProblems {
    @Override
    public Optional<ApiException> of(Exception exception) {
        return exception instanceof UnreadableFontException unreadable
                ? Optional.of(new ApiException(problem(unreadable.reason()), String.valueOf(unreadable.getMessage())))
                : Optional.empty();
    }

    private static Problem problem(UnreadableFontException.Reason reason) {
        return switch (reason) {
            case NOT_A_FONT -> new Problem(HttpStatus.UNSUPPORTED_MEDIA_TYPE, "not-a-font", "Not a font file");
            case PACKED -> new Problem(HttpStatus.UNSUPPORTED_MEDIA_TYPE, "font-packed", "A font for web pages only");
            case BROKEN -> new Problem(HttpStatus.UNPROCESSABLE_CONTENT, "font-broken", "Damaged font");
            case TOO_MUCH -> new Problem(HttpStatus.UNPROCESSABLE_CONTENT, "font-too-much", "Not a font to be drawn");
        };
    }
}
