package app.zumbido.formats.ooxml;

import app.zumbido.core.inspect.Replacement;
import app.zumbido.core.inspect.Spot;
import app.zumbido.core.theme.SlotColor;
import app.zumbido.formats.archive.RawTag;
import app.zumbido.formats.archive.RawTag.RawAttribute;
import app.zumbido.formats.archive.RawTag.Span;
import app.zumbido.formats.archive.Splices;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Puts another colour into the tag that says one, in the words of that kind of document. What the tag says besides stays.
 */
final class OfficeRepaint {
    /** What spreadsheets say a colour by, and what makes it lighter. Source: ECMA-376 Part 1, 18.8.3. */
    private static final Set<String> OF_SHEETS = Set.of("rgb", "theme", "indexed", "auto", "tint");

    private final String text;
    private final Splices splices;

    private OfficeRepaint(String text, Splices splices) {
        this.text = text;
        this.splices = splices;
    }

    static void put(String text, Spot spot, Replacement replacement, Splices splices) {
        new OfficeRepaint(text, splices).put(spot, replacement);
    }

    private void put(Spot spot, Replacement replacement) {
        RawTag tag = RawTag.around(text, spot.from());
        RawAttribute said = tag.attributes().stream()
                .filter(attribute -> attribute.value().from() == spot.from())
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("No colour is said at " + spot));
        if (DrawingColors.isColor(tag.localName())) {
            putIntoDrawing(tag, replacement);
        } else if (OF_SHEETS.contains(said.name())) {
            putIntoSheet(tag, replacement);
        } else {
            putIntoText(tag, said, replacement);
        }
    }

    private void putIntoDrawing(RawTag tag, Replacement replacement) {
        String name = replacement.slot().isPresent() ? "schemeClr" : "srgbClr";
        String value = replacement
                .slot()
                .map(color -> color.slot().code())
                .orElse(replacement.color().digits());
        Span closing = tag.empty() ? new Span(tag.to(), tag.to()) : tag.closing(text);
        String inside = step(tag, replacement) + opacity(tag.to(), closing.from());
        String opening = "<" + tag.prefix() + name + " val=\"" + value + "\"";
        splices.put(
                tag.from(),
                closing.to(),
                inside.isEmpty() ? opening + "/>" : opening + ">" + inside + "</" + tag.prefix() + name + ">");
    }

    /** Source: ECMA-376 Part 1, 20.1.2.3.20 (lumMod) and 20.1.2.3.21 (lumOff). */
    private static String step(RawTag tag, Replacement replacement) {
        return replacement
                .slot()
                .flatMap(SlotColor::step)
                .map(step -> percent(tag, "lumMod", step.lumMod())
                        + (step.lumOff() == 0 ? "" : percent(tag, "lumOff", step.lumOff())))
                .orElse("");
    }

    private static String percent(RawTag tag, String name, int percent) {
        return "<" + tag.prefix() + name + " val=\"" + percent * 1000 + "\"/>";
    }

    /** What made the old colour lighter or darker does not belong to the new one, but how much shows through stays. */
    private String opacity(int from, int to) {
        StringBuilder kept = new StringBuilder();
        int at = text.indexOf('<', from);
        while (at >= 0 && at < to) {
            boolean opens = Character.isLetter(text.charAt(at + 1));
            int end = opens ? RawTag.at(text, at).to() : text.indexOf('>', at) + 1;
            if (opens && RawTag.at(text, at).localName().startsWith("alpha")) {
                String tag = text.substring(at, end);
                kept.append(tag.endsWith("/>") ? tag : tag.substring(0, tag.length() - 1) + "/>");
            }
            at = text.indexOf('<', end);
        }
        return kept.toString();
    }

    private void putIntoSheet(RawTag tag, Replacement replacement) {
        Map<String, String> said = new LinkedHashMap<>();
        replacement
                .slot()
                .ifPresentOrElse(
                        color -> {
                            said.put("theme", Integer.toString(BookStyles.numberOf(color.slot())));
                            color.step().ifPresent(step -> said.put("tint", Double.toString(step.workbookTint())));
                        },
                        () -> said.put("rgb", "FF" + replacement.color().digits()));
        rewrite(tag, OF_SHEETS, said);
    }

    private void putIntoText(RawTag tag, RawAttribute said, Replacement replacement) {
        String local = said.localName();
        // Where only the slot was said, the value beside it is missing.
        String value = local.equals("themeFill") ? "fill" : local.equals("themeColor") ? valueOf(tag) : local;
        String prefix = said.prefix();
        Map<String, String> saying = new LinkedHashMap<>();
        saying.put(prefix + value, replacement.color().digits());
        replacement.slot().ifPresent(color -> {
            saying.put(prefix + WordColor.themeAttribute(value), SlotNames.inText(color.slot()));
            color.step()
                    .ifPresent(step -> saying.put(
                            prefix + WordColor.stepAttributes(value)[step.isLighter() ? 0 : 1],
                            String.format("%02X", step.documentValue())));
        });
        Set<String> dropped = Stream.concat(
                        Stream.of(value, WordColor.themeAttribute(value)), Stream.of(WordColor.stepAttributes(value)))
                .map(prefix::concat)
                .collect(Collectors.toSet());
        rewrite(tag, dropped, saying);
    }

    /** The colour of text is called a value, that of a border a colour. Source: ECMA-376 Part 1, 17.3.2.6 and 17.3.4. */
    private static String valueOf(RawTag tag) {
        return tag.localName().equals("color") ? "val" : "color";
    }

    private void rewrite(RawTag tag, Set<String> dropped, Map<String, String> saying) {
        String kept = tag.attributes().stream()
                .filter(attribute -> !dropped.contains(attribute.name()))
                .map(attribute -> " "
                        + text.substring(
                                attribute.whole().from(), attribute.whole().to()))
                .collect(Collectors.joining());
        String said = saying.entrySet().stream()
                .map(entry -> " " + entry.getKey() + "=\"" + entry.getValue() + "\"")
                .collect(Collectors.joining());
        splices.put(tag.from(), tag.to(), "<" + tag.name() + kept + said + (tag.empty() ? "/>" : ">"));
    }
}
