package app.zumbido.server.http;

import java.util.Arrays;
import java.util.OptionalLong;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * The revisions that a request is willing to change. Source: RFC 9110, 13.1.1.
 *
 * @param any whether every revision will do
 */
public record IfMatch(boolean any, Set<String> tags) {
    /** @param header as sent: {@code *}, or entity tags with commas between */
    public static IfMatch of(String header) {
        Set<String> tags = Arrays.stream(header.split(",")).map(String::strip).collect(Collectors.toUnmodifiableSet());
        return new IfMatch(tags.contains("*"), tags);
    }

    public static IfMatch revision(long revision) {
        return of(ETags.of(revision));
    }

    public static IfMatch anything() {
        return of("*");
    }

    public boolean allows(long revision) {
        // Weak tags never match: what is meant is this very revision.
        return any || tags.contains(ETags.of(revision));
    }

    /** @return the newest revision that is named, if any is */
    public OptionalLong newest() {
        return tags.stream()
                .filter(tag -> tag.matches("\"[0-9]{1,18}\""))
                .mapToLong(tag -> Long.parseLong(tag.substring(1, tag.length() - 1)))
                .max();
    }
}
