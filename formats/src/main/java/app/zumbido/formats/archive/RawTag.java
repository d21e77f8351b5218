package app.zumbido.formats.archive;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A well-formed opening tag as its characters stand in the file, so that a value in it can be replaced and nothing else.
 * Source: W3C XML 1.0, 3.1.
 *
 * @param name with its prefix
 * @param attributes in the order of the file
 * @param to behind the last character of the tag
 * @param empty whether it closes itself
 */
public record RawTag(String name, List<RawAttribute> attributes, int from, int to, boolean empty) {
    /** From a character to the one behind the last. */
    public record Span(int from, int to) {}

    /**
     * @param name with its prefix
     * @param whole from the first letter of the name to the closing quote
     * @param value between the quotes
     */
    public record RawAttribute(String name, Span whole, Span value) {
        public String localName() {
            return name.substring(name.indexOf(':') + 1);
        }

        /** @return the prefix with its colon; empty if it has none */
        public String prefix() {
            return name.substring(0, name.indexOf(':') + 1);
        }
    }

    /**
     * @param from where the tag begins
     * @throws IllegalArgumentException if no tag begins there
     */
    public static RawTag at(String text, int from) {
        if (text.charAt(from) != '<') {
            throw new IllegalArgumentException("No tag begins at " + from);
        }
        int at = from + 1;
        while (!isEnd(text.charAt(at)) && !isSpace(text.charAt(at))) {
            at++;
        }
        String name = text.substring(from + 1, at);
        List<RawAttribute> attributes = new ArrayList<>();
        at = skipSpace(text, at);
        while (!isEnd(text.charAt(at))) {
            int equals = text.indexOf('=', at);
            String attribute = text.substring(at, equals).strip();
            int quote = skipSpace(text, equals + 1);
            int close = text.indexOf(text.charAt(quote), quote + 1);
            attributes.add(new RawAttribute(attribute, new Span(at, close + 1), new Span(quote + 1, close)));
            at = skipSpace(text, close + 1);
        }
        boolean empty = text.charAt(at) == '/';
        return new RawTag(name, attributes, from, at + (empty ? 2 : 1), empty);
    }

    /** @return the tag that the character lies in */
    public static RawTag around(String text, int character) {
        // A value may hold every character but this one.
        return at(text, text.lastIndexOf('<', character));
    }

    private static boolean isEnd(char c) {
        return c == '>' || c == '/';
    }

    private static boolean isSpace(char c) {
        return c == ' ' || c == '\t' || c == '\n' || c == '\r';
    }

    private static int skipSpace(String text, int from) {
        int at = from;
        while (isSpace(text.charAt(at))) {
            at++;
        }
        return at;
    }

    /** @return the name without its prefix */
    public String localName() {
        return name.substring(name.indexOf(':') + 1);
    }

    /** @return the prefix with its colon; empty if it has none */
    public String prefix() {
        return name.substring(0, name.indexOf(':') + 1);
    }

    /**
     * @param text of well-formed XML that this tag stands in
     * @return the closing tag of an element that is not empty and holds none of the same name
     * @throws IllegalArgumentException if it is not closed
     */
    public Span closing(String text) {
        String closing = "</" + name;
        for (int at = text.indexOf(closing, to); at >= 0; at = text.indexOf(closing, at + 1)) {
            int end = skipSpace(text, at + closing.length());
            if (text.charAt(end) == '>') {
                return new Span(at, end + 1);
            }
        }
        throw new IllegalArgumentException("Nothing closes " + name + " at " + from);
    }

    /** @return this empty tag as an opening one, with something behind it and a tag that closes it */
    public String opened(String text, String inside) {
        return text.substring(from, to - 2).stripTrailing() + ">" + inside + "</" + name + ">";
    }

    /** @param attribute with its prefix */
    Optional<Span> value(String attribute) {
        return attributes.stream()
                .filter(candidate -> candidate.name().equals(attribute))
                .map(RawAttribute::value)
                .filter(span -> span.to() > span.from())
                .findFirst();
    }

    /** @return the attribute, whatever its prefix */
    public Optional<RawAttribute> find(String localName) {
        return attributes.stream()
                .filter(candidate -> candidate.localName().equals(localName))
                .findFirst();
    }
}
