package app.zumbido.formats.archive;

import app.zumbido.core.inspect.Spot;
import java.util.List;
import java.util.Optional;

/**
 * The opening tag of an element, with where it stands in its part.
 *
 * @param part name of the part; empty where the file is one text
 * @param name without its prefix
 * @param namespace empty if it is in none
 * @param attributes without namespace declarations, in the order of the file
 * @param text the part, as characters
 * @param from where the tag begins in it; -1 where it does not stand there at all but comes from an entity
 * @param to behind its last character
 */
public record Tag(
        String part, String name, String namespace, List<Attribute> attributes, String text, int from, int to) {
    /** @param name without its prefix */
    public record Attribute(String name, String qualifiedName, String value) {}

    /** @return the attribute, whatever its prefix; nothing if it is missing or empty */
    public Optional<String> attribute(String wanted) {
        return find(wanted).map(Attribute::value);
    }

    private Optional<Attribute> find(String wanted) {
        for (Attribute attribute : attributes) {
            if (attribute.name().equals(wanted) && !attribute.value().isBlank()) {
                return Optional.of(attribute);
            }
        }
        return Optional.empty();
    }

    /** @return where the value of the attribute is written, without its quotes */
    public Optional<Spot> spot(String wanted) {
        return find(wanted).flatMap(this::spot);
    }

    /** @return where the value of the attribute is written, without its quotes */
    public Optional<Spot> spot(Attribute attribute) {
        return from < 0
                ? Optional.empty()
                : RawTag.at(text, from)
                        .value(attribute.qualifiedName())
                        .map(span -> new Spot(part, span.from(), span.to()));
    }
}
