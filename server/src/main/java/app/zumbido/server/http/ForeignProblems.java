package app.zumbido.server.http;

import java.util.Optional;

/** Says what an exception of core or formats, which know nothing of HTTP, means to whoever asked. */
public interface ForeignProblems {
    /** @return nothing if the exception is none of those that it knows */
    Optional<ApiException> of(Exception exception);
}
