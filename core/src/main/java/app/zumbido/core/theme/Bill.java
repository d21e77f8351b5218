package app.zumbido.core.theme;

import java.util.ArrayList;
import java.util.List;

/** Adds up what a choice costs; writes down what for only when somebody wants to read it. */
final class Bill {
    /** Less is not worth a line; points. */
    private static final double WORTH_A_LINE = 1;

    private final boolean itemised;
    private final List<GivenUp> lines = new ArrayList<>();
    private double sum;

    private Bill(boolean itemised) {
        this.itemised = itemised;
    }

    static Bill sum() {
        return new Bill(false);
    }

    static Bill itemised() {
        return new Bill(true);
    }

    void charge(GivenUp.Kind kind, ThemeSlot slot, double points) {
        sum += points;
        if (itemised && points >= WORTH_A_LINE) {
            lines.add(new GivenUp(kind, slot, points));
        }
    }

    /** @return points, 0 or more */
    double total() {
        return sum;
    }

    List<GivenUp> lines() {
        return List.copyOf(lines);
    }
}
