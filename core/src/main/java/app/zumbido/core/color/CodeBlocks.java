package app.zumbido.core.color;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Several notations of one colour, as manuals and lists give them side by side: one code is meant, and the one that says it
 * most exactly stands for all.
 */
final class CodeBlocks {
    /** How far a code of the notation may lie from what it means, by its rounding; ΔE00. Inks are others' conversions. */
    private static final Map<CodeNotation, Double> ROUNDED = new EnumMap<>(Map.of(
            CodeNotation.HEX, 0.0,
            CodeNotation.RGB, 0.0,
            CodeNotation.HSL, 2.0,
            CodeNotation.OKLCH, 2.0,
            CodeNotation.OKLAB, 2.0,
            CodeNotation.LAB, 2.0,
            CodeNotation.LCH, 2.0,
            CodeNotation.CMYK, 20.0));

    private CodeBlocks() {}

    /** @param codes in the order of the text, with their names */
    static List<FoundCode> merged(String text, List<FoundCode> codes) {
        List<FoundCode> merged = new ArrayList<>();
        List<FoundCode> block = new ArrayList<>();
        for (FoundCode code : codes) {
            if (!block.isEmpty() && !belongs(text, block, code)) {
                merged.add(best(block));
                block.clear();
            }
            block.add(code);
        }
        if (!block.isEmpty()) {
            merged.add(best(block));
        }
        return merged;
    }

    /** No empty line between, another notation than all before it, no name of its own, and the same colour but for rounding. */
    private static boolean belongs(String text, List<FoundCode> block, FoundCode code) {
        FoundCode last = block.get(block.size() - 1);
        String between = text.substring(last.end(), code.offset());
        Optional<String> name = block.get(0).name();
        return !code.ambiguous()
                && ROUNDED.containsKey(code.notation())
                && !CodeNames.hasEmptyLine(between)
                && (code.name().isEmpty() || code.name().equals(name))
                && block.stream().allMatch(other -> isSame(other, code));
    }

    private static boolean isSame(FoundCode one, FoundCode other) {
        double allowed = ROUNDED.getOrDefault(one.notation(), 0.0) + ROUNDED.getOrDefault(other.notation(), 0.0);
        return !one.ambiguous()
                && one.notation() != other.notation()
                && Difference.between(one.color(), other.color()) <= allowed;
    }

    /** Of equals the first; the name is that of the first that has one. */
    private static FoundCode best(List<FoundCode> block) {
        FoundCode best = block.get(0);
        for (FoundCode code : block) {
            best = rounding(code) < rounding(best) ? code : best;
        }
        Optional<String> name =
                block.stream().flatMap(code -> code.name().stream()).findFirst();
        return best.withName(name);
    }

    private static double rounding(FoundCode code) {
        return ROUNDED.getOrDefault(code.notation(), Double.POSITIVE_INFINITY);
    }
}
