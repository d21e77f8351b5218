package app.zumbido.server.http;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ProblemDetail;

/** A request that cannot be answered as it stands. Each feature has its own, with its kind of problem and its facts. */
public class ApiException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final transient Problem problem;
    private final transient Map<String, Object> facts = new LinkedHashMap<>();
    private final transient HttpHeaders headers = new HttpHeaders();

    /** @param detail what happened this time, for people */
    public ApiException(Problem problem, String detail) {
        super(detail);
        this.problem = problem;
    }

    /** Adds a member to the problem detail. */
    protected final void fact(String name, Object value) {
        facts.put(name, value);
    }

    /** Says when it is worth asking again. */
    protected final void retryAfter(int seconds) {
        headers.set(HttpHeaders.RETRY_AFTER, Integer.toString(seconds));
    }

    HttpHeaders headers() {
        return headers;
    }

    /** @return the members of the problem detail that only this problem has */
    public final Map<String, Object> facts() {
        return Collections.unmodifiableMap(facts);
    }

    ProblemDetail detail() {
        ProblemDetail detail = problem.detail(String.valueOf(getMessage()));
        facts.forEach(detail::setProperty);
        return detail;
    }
}
