package app.zumbido.formats.svg;

import app.zumbido.core.inspect.Spot;
import app.zumbido.formats.archive.PartXml;
import app.zumbido.formats.archive.RawTag;
import app.zumbido.formats.archive.Tag;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Where a drawing takes a colour from its surroundings without saying one: the word for it, and the first element, on which
 * what is never said can be said. Source: SVG 2, 13.2 and 13.3; CSS Color Module Level 4, 9.2.
 */
final class CurrentColor implements PartXml.Handler {
    private static final String WORD = "currentcolor";
    private static final Pattern DECLARED = Pattern.compile(
            "(fill|stroke|stop-color|flood-color|lighting-color)\\s{0,9}:\\s{0,9}(currentcolor)",
            Pattern.CASE_INSENSITIVE);

    private final String text;
    private final List<Said> said = new ArrayList<>();
    private Optional<Tag> root = Optional.empty();

    /** A place where the word stands. */
    record Said(Spot spot, String property, String thing) {}

    CurrentColor(String text) {
        this.text = text;
    }

    @Override
    public void start(Tag tag) {
        if (root.isEmpty()) {
            root = Optional.of(tag);
        }
        if (tag.from() < 0) {
            return;
        }
        String thing = tag.attribute("id").orElse(tag.name());
        for (Tag.Attribute attribute : tag.attributes()) {
            boolean word = attribute.value().strip().toLowerCase(Locale.ROOT).equals(WORD);
            if (word && SvgColors.PAINTED.contains(attribute.name())) {
                tag.spot(attribute).ifPresent(spot -> said.add(new Said(spot, attribute.name(), thing)));
            } else if (attribute.name().equals("style")) {
                tag.spot(attribute).ifPresent(spot -> declared(spot.from(), spot.to(), thing));
            }
        }
        if (tag.name().equals("style")) {
            int end = text.indexOf("</", tag.to());
            declared(tag.to(), end < 0 ? text.length() : end, thing);
        }
    }

    private void declared(int from, int to, String thing) {
        Matcher matcher = DECLARED.matcher(text).region(from, to);
        while (matcher.find()) {
            said.add(new Said(
                    new Spot("", matcher.start(2), matcher.end(2)),
                    matcher.group(1).toLowerCase(Locale.ROOT),
                    thing));
        }
    }

    List<Said> said() {
        return said;
    }

    /** @return the last letter of the first element's name, behind which an attribute can stand; nothing if it says already what it fills with */
    Optional<Spot> unsaidFill() {
        return root.filter(tag -> tag.from() >= 0 && tag.attribute("fill").isEmpty())
                .filter(tag -> !tag.attribute("style").orElse("").contains("fill"))
                .map(tag -> {
                    int at = tag.from() + 1 + RawTag.at(text, tag.from()).name().length();
                    return new Spot("", at - 1, at);
                });
    }
}
