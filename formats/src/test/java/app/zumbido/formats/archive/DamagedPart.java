package app.zumbido.formats.archive;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;

/** Damages the parts of a file: a value becomes another one, a tag another tag, a piece is doubled or missing. */
public final class DamagedPart {
    private static final String[] VALUES = {
        "", "-1", "99999999999999999999", "NaN", "#", "\u00E9", "phClr", "lt1", "../x", "50%"
    };

    private DamagedPart() {}

    /** @param count how many parts are damaged, each perhaps several times */
    public static void in(Map<String, String> parts, int count, Random random) {
        List<String> names = new ArrayList<>(parts.keySet());
        for (int i = 0; i < count; i++) {
            parts.computeIfPresent(names.get(random.nextInt(names.size())), (name, part) -> damaged(part, random));
        }
    }

    private static String damaged(String part, Random random) {
        if (part.isEmpty()) {
            return part;
        }
        int at = random.nextInt(part.length());
        int quote = part.indexOf('"', at);
        int close = quote < 0 ? -1 : part.indexOf('"', quote + 1);
        int tag = part.indexOf('<', at);
        int end = tag < 0 ? -1 : part.indexOf('>', tag);
        return switch (random.nextInt(5)) {
            case 0, 1 ->
                close < 0
                        ? part
                        : part.substring(0, quote + 1) + VALUES[random.nextInt(VALUES.length)] + part.substring(close);
            case 2 -> end < 0 ? part : part.substring(0, tag) + part.substring(end + 1);
            case 3 -> end < 0 ? part : part.substring(0, end + 1) + part.substring(tag);
            default ->
                part.substring(0, at) + (char) random.nextInt(256) + part.substring(Math.min(part.length(), at + 1));
        };
    }
}
