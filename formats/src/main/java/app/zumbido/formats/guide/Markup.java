package app.zumbido.formats.guide;

import app.zumbido.formats.delivery.Xml;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Set;

/** Writes elements that are closed in their order, with everything escaped (HTML Living Standard, 13.1; SVG 2). */
final class Markup {
    /** Elements without content are closed at once. */
    private static final Set<String> VOID = Set.of("meta", "rect", "line", "use", "image", "stop");

    private final StringBuilder out = new StringBuilder();
    private final Deque<String> open = new ArrayDeque<>();

    /** @param attributes names and values by turns; an empty value leaves the attribute out */
    Markup open(String element, String... attributes) {
        out.append('<').append(element);
        for (int i = 0; i < attributes.length; i += 2) {
            if (!attributes[i + 1].isEmpty()) {
                out.append(' ')
                        .append(attributes[i])
                        .append("=\"")
                        .append(Xml.text(attributes[i + 1]))
                        .append('"');
            }
        }
        if (VOID.contains(element)) {
            out.append(element.equals("meta") ? ">" : "/>");
        } else {
            out.append('>');
            open.push(element);
        }
        return this;
    }

    Markup text(String text) {
        out.append(Xml.text(text));
        return this;
    }

    /** @param written by us, as it stands */
    Markup raw(String written) {
        out.append(written);
        return this;
    }

    Markup close() {
        out.append("</").append(open.pop()).append('>');
        return this;
    }

    Markup line() {
        out.append('\n');
        return this;
    }

    /** @return a number without needless digits */
    static String number(double value) {
        double rounded = Math.rint(value * 100) / 100;
        return rounded == Math.rint(rounded) ? String.valueOf((long) rounded) : String.valueOf(rounded);
    }

    @Override
    public String toString() {
        return out.toString();
    }
}
