package app.zumbido.core.extraction;

import app.zumbido.core.color.Oklab;
import app.zumbido.core.color.Rgb;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.List;

/**
 * Replaces the bands of a gradient by its two ends. A gradient of 8-bit values falls into bands that differ by a step
 * or two; a chain of many such bands is one gradient, while a pair of close colours is meant as two.
 */
final class Gradients {
    /** The most that neighbouring bands differ in any channel; of 255. */
    private static final int STEP = 3;
    /** Fewer bands than this are colours in their own right. */
    private static final int LEAST_BANDS = 6;

    private Gradients() {}

    static List<Candidate> toEnds(List<Candidate> candidates) {
        List<Candidate> rest = new ArrayList<>(candidates);
        List<Candidate> result = new ArrayList<>();
        while (!rest.isEmpty()) {
            List<Candidate> chain = takeChain(rest);
            result.addAll(chain.size() < LEAST_BANDS ? chain : ends(chain));
        }
        result.sort(Comparator.comparingLong(Candidate::pixels).reversed());
        return result;
    }

    private static List<Candidate> takeChain(List<Candidate> rest) {
        List<Candidate> chain = new ArrayList<>();
        Deque<Candidate> open = new ArrayDeque<>(List.of(rest.remove(0)));
        while (!open.isEmpty()) {
            Candidate current = open.remove();
            chain.add(current);
            rest.removeIf(other -> {
                boolean next = isStep(current.color(), other.color());
                if (next) {
                    open.add(other);
                }
                return next;
            });
        }
        return chain;
    }

    private static boolean isStep(Rgb one, Rgb other) {
        return Math.abs(one.red() - other.red()) <= STEP
                && Math.abs(one.green() - other.green()) <= STEP
                && Math.abs(one.blue() - other.blue()) <= STEP;
    }

    private static List<Candidate> ends(List<Candidate> chain) {
        Candidate first = farthestFrom(chain.get(0), chain);
        Candidate last = farthestFrom(first, chain);
        long half = chain.stream().mapToLong(Candidate::pixels).sum() / 2;
        return List.of(new Candidate(first.color(), half), new Candidate(last.color(), half));
    }

    private static Candidate farthestFrom(Candidate from, List<Candidate> chain) {
        Oklab lab = Oklab.of(from.color());
        return chain.stream()
                .max(Comparator.comparingDouble(c -> lab.distanceTo(Oklab.of(c.color()))))
                .orElseThrow();
    }
}
