package app.zumbido.server.source;

/** The name of an uploaded file, made safe to keep and to show. */
public final class SourceName {
    private static final int LONGEST = 120;

    private SourceName() {}

    /** @return what the whole document is called, given one of its pages */
    static String ofDocument(String pageName) {
        return pageName.replaceFirst(", page [0-9]+$", "");
    }

    /** @return what a file is called that somebody gave, without folders and what cannot be shown */
    public static String of(String fileName) {
        String last = fileName.substring(Math.max(fileName.lastIndexOf('/'), fileName.lastIndexOf('\\')) + 1);
        StringBuilder name = new StringBuilder();
        last.codePoints()
                .filter(c -> !Character.isISOControl(c) && Character.getType(c) != Character.SURROGATE && c < 0xFFFE)
                .limit(LONGEST)
                .forEach(name::appendCodePoint);
        String safe = name.toString().strip();
        return safe.isEmpty() ? "picture" : safe;
    }
}
