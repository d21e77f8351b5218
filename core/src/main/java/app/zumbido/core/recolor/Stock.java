package app.zumbido.core.recolor;

import app.zumbido.core.color.Difference;
import app.zumbido.core.color.Oklch;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.Ladder;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/**
 * The colours that are dealt: nothing else comes into a graphic but these, and steps of their ladders where they may.
 *
 * @param offered each once, in the order of the palette
 * @param steps whether shades of a family, and what there are not enough colours for, take steps of their ladders
 */
public record Stock(List<Offered> offered, boolean steps) {
    /** A step that lies as near to a colour on offer would only look like a mistake; ΔE00, set by eye. */
    private static final double NEARLY = 5;

    /** A colour and what it is to the brand. */
    public record Offered(Rgb color, Importance importance) {}

    /** How much of a graphic a colour should have. */
    public enum Importance {
        /** Large. */
        MAIN,
        ANY,
        /** Small. */
        HIGHLIGHT
    }

    public Stock {
        offered = List.copyOf(offered);
        if (offered.isEmpty()) {
            throw new IllegalArgumentException("Without a colour nothing can be dealt");
        }
        Set<Rgb> colors = new LinkedHashSet<>();
        if (!offered.stream().map(Offered::color).allMatch(colors::add)) {
            throw new IllegalArgumentException("A colour is offered twice");
        }
    }

    public static Stock of(List<Rgb> colors) {
        return new Stock(
                colors.stream().map(color -> new Offered(color, Importance.ANY)).toList(), true);
    }

    List<Rgb> colors() {
        return offered.stream().map(Offered::color).toList();
    }

    /**
     * @return what a colour may become: itself, and if they may be used the steps of its ladder; where one of those is nearly
     *     another colour on offer, that one. The lightest first
     */
    List<Rgb> row(Rgb base) {
        if (!steps) {
            return List.of(base);
        }
        Oklch own = Oklch.of(base);
        List<Rgb> row = new ArrayList<>(colors().stream()
                .filter(color -> color.equals(base) || Families.areKin(Oklch.of(color), own))
                .toList());
        if (!row.contains(base)) {
            row.add(base);
        }
        Ladder.of(base, Ladder.USUAL).steps().stream()
                .filter(step -> row.stream().noneMatch(color -> Difference.between(color, step) < NEARLY))
                .toList()
                .forEach(row::add);
        row.sort(Comparator.comparingDouble(color -> -Oklch.of(color).l()));
        return row;
    }

    /** @return everything that may be seen in the end */
    public Set<Rgb> all() {
        Set<Rgb> all = new LinkedHashSet<>();
        List<Rgb> rows = new ArrayList<>(colors());
        colors().forEach(color -> rows.addAll(row(color)));
        all.addAll(rows);
        return all;
    }

    Importance importance(Rgb color) {
        return offered.stream()
                .filter(one -> one.color().equals(color))
                .map(Offered::importance)
                .findFirst()
                .orElse(Importance.ANY);
    }
}
