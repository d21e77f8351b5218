package app.zumbido.server.problem;

import java.net.URI;
import java.util.Locale;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;

/** Every problem that this server reports; its type never changes. Source of the form: RFC 9457. */
enum ProblemType {
    UNKNOWN_BRAND(HttpStatus.NOT_FOUND, "Unknown brand"),
    UNKNOWN_SOURCE(HttpStatus.NOT_FOUND, "Unknown source"),
    UNKNOWN_SWATCH(HttpStatus.NOT_FOUND, "Unknown swatch"),
    UNKNOWN_PALETTE(HttpStatus.NOT_FOUND, "Unknown ready palette"),
    UNKNOWN_THEME(HttpStatus.NOT_FOUND, "Unknown theme"),
    UNKNOWN_SLOT(HttpStatus.NOT_FOUND, "Unknown theme slot"),
    UNKNOWN_DELIVERY(HttpStatus.NOT_FOUND, "Unknown delivery"),
    UNKNOWN_STEP(HttpStatus.NOT_FOUND, "Unknown step"),
    NOT_FOUND(HttpStatus.NOT_FOUND, "Nothing here"),
    REVISION_MISSING(HttpStatus.PRECONDITION_REQUIRED, "Revision missing"),
    REVISION_STALE(HttpStatus.PRECONDITION_FAILED, "Changed elsewhere"),
    NOT_A_PICTURE(HttpStatus.UNSUPPORTED_MEDIA_TYPE, "Not a file that can be read"),
    PICTURE_BROKEN(HttpStatus.UNPROCESSABLE_CONTENT, "Damaged file"),
    PICTURE_TOO_LARGE(HttpStatus.CONTENT_TOO_LARGE, "Too large"),
    FILE_TOO_LARGE(HttpStatus.CONTENT_TOO_LARGE, "File too large"),
    OUTSIDE_PICTURE(HttpStatus.UNPROCESSABLE_CONTENT, "Nothing to take there"),
    WRONG_KIND_OF_SOURCE(HttpStatus.UNPROCESSABLE_CONTENT, "Not that kind of source"),
    NOTHING_FOUND(HttpStatus.UNPROCESSABLE_CONTENT, "No colour found"),
    BRAND_NOT_EMPTY(HttpStatus.CONFLICT, "Brand has colours already"),
    PACKAGE_REFUSED(HttpStatus.UNPROCESSABLE_CONTENT, "Not a package that can be taken in"),
    ROLE_REFUSED(HttpStatus.UNPROCESSABLE_CONTENT, "Not with this role"),
    UNKNOWN_GROUND(HttpStatus.NOT_FOUND, "Unknown ground"),
    RULE_REFUSED(HttpStatus.UNPROCESSABLE_CONTENT, "Not with this rule"),
    THEME_REFUSED(HttpStatus.CONFLICT, "Not with the themes"),
    GROUP_REFUSED(HttpStatus.CONFLICT, "Not with this group"),
    SAME_SWATCH(HttpStatus.UNPROCESSABLE_CONTENT, "The same swatch"),
    TRAIL_END(HttpStatus.CONFLICT, "End of the trail"),
    SLOT_UNFILLED(HttpStatus.UNPROCESSABLE_CONTENT, "Empty theme slots"),
    NOT_A_COLOR(HttpStatus.UNPROCESSABLE_CONTENT, "Not a colour code"),
    INVALID(HttpStatus.UNPROCESSABLE_CONTENT, "Invalid value"),
    MALFORMED(HttpStatus.BAD_REQUEST, "Request cannot be read"),
    INTERNAL(HttpStatus.INTERNAL_SERVER_ERROR, "Something went wrong here");

    private final HttpStatus status;
    private final String title;

    ProblemType(HttpStatus status, String title) {
        this.status = status;
        this.title = title;
    }

    URI uri() {
        return URI.create("/problems/" + name().toLowerCase(Locale.ROOT).replace('_', '-'));
    }

    ProblemDetail detail(String detail) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, detail);
        problem.setType(uri());
        problem.setTitle(title);
        return problem;
    }
}
