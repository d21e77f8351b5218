package app.zumbido.formats.delivery;

/** Text as it stands in XML. */
public final class Xml {
    public static final String HEAD = "<?xml version=\"1.0\" encoding=\"UTF-8\" standalone=\"yes\"?>\n";

    private Xml() {}

    /**
     * @return fit for content and for attributes in double quotes; what XML 1.0 has no place for is left out
     *     (Extensible Markup Language 1.0, 2.2)
     */
    public static String text(String value) {
        StringBuilder out = new StringBuilder(value.length() + 16);
        value.codePoints().filter(Xml::isAllowed).forEach(c -> {
            switch (c) {
                case '&' -> out.append("&amp;");
                case '<' -> out.append("&lt;");
                case '>' -> out.append("&gt;");
                case '"' -> out.append("&quot;");
                case '\t', '\n', '\r' -> out.append("&#").append(c).append(';');
                default -> out.appendCodePoint(c);
            }
        });
        return out.toString();
    }

    private static boolean isAllowed(int c) {
        return c == '\t'
                || c == '\n'
                || c == '\r'
                || c >= 0x20 && c <= 0xD7FF
                || c >= 0xE000 && c <= 0xFFFD
                || c >= 0x10000;
    }
}
