package app.zumbido.core.recolor;

import app.zumbido.core.color.Rgb;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;

/** Deals the colours of a stock over the areas of a graphic, the best arrangement first, none twice. */
public final class Dealer {
    /** So much of the graphic has another colour in the next arrangement; a share. Less only where nothing else is left. */
    private static final double DIFFERENT = 0.08;

    private static final double LEAST_DIFFERENT = 0.004;

    /** More families than this are dealt one lot after the other, those with most of the graphic first. */
    private static final int TOGETHER = 12;

    private final Graphic graphic;
    private final Stock stock;
    private final Weighing weighing;
    private final Map<Integer, Rgb> kept = new HashMap<>();
    private final List<List<Integer>> families;
    private final Table first;
    private final List<Map<Integer, Rgb>> shown = new ArrayList<>();
    private double different = DIFFERENT;

    /**
     * @param kept by a colour of the graphic what it becomes in any case
     * @throws IllegalArgumentException if something is kept that no area has
     */
    public Dealer(Graphic graphic, Stock stock, Map<Rgb, Rgb> kept, Optional<Mood> mood) {
        this.graphic = graphic;
        this.stock = stock;
        this.weighing = new Weighing(graphic, stock, mood);
        kept.forEach((from, to) -> {
            int area = graphic.indexOf(from);
            if (area < 0) {
                throw new IllegalArgumentException("No area has the colour " + from.hex());
            }
            this.kept.put(area, to);
        });
        this.families = Families.of(graphic.areas());
        this.first = table(families.subList(0, Math.min(TOGETHER, families.size())), this.kept);
    }

    private Table table(List<List<Integer>> dealt, Map<Integer, Rgb> decided) {
        return new Table(
                graphic, dealt, stock, families.size() <= stock.offered().size(), decided, weighing);
    }

    /** @return the cheapest arrangement that differs visibly from all before; nothing if there is none any more */
    public Optional<Deal> next() {
        while (true) {
            Optional<Map<Integer, Rgb>> found =
                    best(first, shown, shown.isEmpty() ? 0 : different).map(this::withTheRest);
            if (found.isPresent()) {
                shown.add(found.get());
                return Optional.of(
                        weighing.deal(IntStream.range(0, graphic.areas().size())
                                .mapToObj(found.get()::get)
                                .toList()));
            }
            if (different <= LEAST_DIFFERENT) {
                return Optional.empty();
            }
            different /= 2;
        }
    }

    private Optional<Map<Integer, Rgb>> best(Table table, List<Map<Integer, Rgb>> before, double apart) {
        return new Search(graphic, table, before, apart).best().map(table::colors);
    }

    /** The families that are too small to be dealt with the others take what suits them then. */
    private Map<Integer, Rgb> withTheRest(Map<Integer, Rgb> dealt) {
        Map<Integer, Rgb> all = new HashMap<>(dealt);
        for (int from = TOGETHER; from < families.size(); from += TOGETHER) {
            Map<Integer, Rgb> decided = new HashMap<>(kept);
            decided.putAll(all);
            int to = Math.min(from + TOGETHER, families.size());
            all.putAll(
                    best(table(families.subList(0, to), decided), List.of(), 0).orElseThrow());
        }
        return all;
    }
}
