package app.zumbido.server.http;

/** Entity tags of brands: the revision in quotes. Source: RFC 9110, 8.8.3. */
public final class ETags {
    private ETags() {}

    public static String of(long revision) {
        return "\"" + revision + "\"";
    }
}
