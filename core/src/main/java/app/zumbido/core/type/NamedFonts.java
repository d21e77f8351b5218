package app.zumbido.core.type;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Which fonts a manual means: those that it names in words, else those that it is set in itself. Which is for headings
 * and which for text say the words beside, or the sizes.
 */
public final class NamedFonts {
    private static final Pattern FOR_HEADINGS =
            Pattern.compile("head(ing|line)|title|display", Pattern.CASE_INSENSITIVE);
    private static final Pattern FOR_TEXT =
            Pattern.compile("body|running|copy|text|paragraph", Pattern.CASE_INSENSITIVE);
    /** Fewer are a stray label. */
    private static final int LEAST_LETTERS = 8;

    private NamedFonts() {}

    /**
     * Letters of one family and size.
     *
     * @param size in points
     */
    public record SetText(String family, double size, int letters) {}

    /**
     * @param lines of the text, in reading order
     * @param set what the text is set in, without what every reader has of itself
     * @param families that may be named, besides those that it is set in
     * @return names of the heading's and of the body's family; nothing if it means none
     */
    public static Optional<Pair> of(List<String> lines, List<SetText> set, Set<String> families) {
        Map<String, Double> weights = new LinkedHashMap<>();
        Map<String, Double> sizes = new LinkedHashMap<>();
        for (SetText text : set) {
            weights.merge(text.family(), (double) text.letters(), Double::sum);
            if (text.letters() >= LEAST_LETTERS) {
                sizes.merge(text.family(), text.size(), Math::max);
            }
        }
        List<String> known = new ArrayList<>(families);
        weights.keySet().stream().filter(family -> !known.contains(family)).forEach(known::add);
        return named(lines, known).or(() -> bySize(weights, sizes));
    }

    /** @param heading family of headings @param body family of text */
    public record Pair(String heading, String body) {}

    private static Optional<Pair> named(List<String> lines, List<String> known) {
        // Longer names first, so that a name within another one is not found in its stead.
        List<String> longest = known.stream()
                .sorted(Comparator.comparingInt(String::length).reversed())
                .toList();
        List<String> inOrder = new ArrayList<>();
        String heading = null;
        String body = null;
        String before = "";
        for (String line : lines) {
            for (Named named : in(line, longest)) {
                String family = named.family();
                String around = before + " " + clause(line, named.start(), named.end());
                if (!inOrder.contains(family)) {
                    inOrder.add(family);
                }
                if (heading == null && FOR_HEADINGS.matcher(around).find()) {
                    heading = family;
                } else if (body == null && FOR_TEXT.matcher(around).find()) {
                    body = family;
                }
            }
            before = line.strip().split("\\s+").length <= 3 ? line : "";
        }
        if (inOrder.isEmpty()) {
            return Optional.empty();
        }
        String first = heading != null ? heading : other(inOrder, body);
        return Optional.of(new Pair(first, body != null ? body : other(inOrder, first)));
    }

    private record Named(String family, int start, int end) {}

    /** @param longest families, the longest name first @return in the order of the line, none within another */
    private static List<Named> in(String line, List<String> longest) {
        List<Named> named = new ArrayList<>();
        String rest = line;
        for (String family : longest) {
            Matcher found = Pattern.compile(
                            "(?<![\\p{L}\\d])" + Pattern.quote(family) + "(?![\\p{L}\\d])", Pattern.CASE_INSENSITIVE)
                    .matcher(rest);
            if (found.find()) {
                named.add(new Named(family, found.start(), found.end()));
                rest = found.replaceAll(match -> " ".repeat(match.group().length()));
            }
        }
        named.sort(Comparator.comparingInt(Named::start));
        return named;
    }

    /** What stands around a name up to the next comma or full stop. */
    private static String clause(String line, int start, int end) {
        int from = Math.max(
                line.lastIndexOf(',', start), Math.max(line.lastIndexOf('.', start), line.lastIndexOf(';', start)));
        int to = end;
        while (to < line.length() && ",.;".indexOf(line.charAt(to)) < 0) {
            to++;
        }
        return line.substring(from + 1, to).toLowerCase(Locale.ROOT);
    }

    private static String other(List<String> inOrder, String taken) {
        return inOrder.stream()
                .filter(family -> !family.equals(taken))
                .findFirst()
                .orElse(inOrder.get(0));
    }

    private static Optional<Pair> bySize(Map<String, Double> weights, Map<String, Double> sizes) {
        return weights.entrySet().stream()
                .max(Map.Entry.comparingByValue())
                .map(Map.Entry::getKey)
                .map(body -> new Pair(
                        sizes.entrySet().stream()
                                .max(Map.Entry.comparingByValue())
                                .map(Map.Entry::getKey)
                                .orElse(body),
                        body));
    }
}
