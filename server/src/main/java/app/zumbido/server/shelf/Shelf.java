package app.zumbido.server.shelf;

import app.zumbido.server.shelf.ShelfController.ShelfResponse;
import app.zumbido.server.shelf.ShelfMapper.ColorOfBrand;
import app.zumbido.server.shelf.ShelfMapper.ShelfRow;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** All brands. */
@Service
class Shelf {
    /** More colours of one brand are not shown side by side. */
    private static final int MOST_COLORS = 24;
    /** SQLite takes 32,766 values in a statement. */
    private static final int MOST_HEXES = 10_000;

    private final ShelfMapper mapper;

    Shelf(ShelfMapper mapper) {
        this.mapper = mapper;
    }

    /**
     * @param deleted whether to list the ones that were taken off and can be put back
     * @param text what is looked for; empty: all of them
     * @param from how many to pass over
     * @param most how many
     * @return those with the words first, changed last first, then those that have a like colour, the nearest first
     */
    @Transactional(readOnly = true)
    public List<ShelfResponse> list(boolean deleted, String text, int from, int most) {
        ShelfSearch search = ShelfSearch.of(text);
        List<ShelfRow> rows = search.color().isEmpty()
                ? mapper.withWords(deleted, search.words(), from, most)
                : page(withColorToo(deleted, search), from, most);
        Map<UUID, List<String>> colors = rows.isEmpty()
                ? Map.of()
                : mapper.colors(rows.stream().map(ShelfRow::id).toList(), MOST_COLORS).stream()
                        .collect(Collectors.groupingBy(
                                ColorOfBrand::brandId, Collectors.mapping(ColorOfBrand::hex, Collectors.toList())));
        return rows.stream()
                .map(row -> answer(row, colors.getOrDefault(row.id(), List.of())))
                .toList();
    }

    /** @return how many brands stand there, or were taken off */
    @Transactional(readOnly = true)
    public long count(boolean deleted) {
        return mapper.count(deleted);
    }

    private static List<ShelfRow> page(List<ShelfRow> rows, int from, int most) {
        return rows.stream().skip(from).limit(most).toList();
    }

    /** A code may be a word too: brands are called by numbers. */
    private List<ShelfRow> withColorToo(boolean deleted, ShelfSearch search) {
        List<ShelfRow> found = new ArrayList<>(mapper.withWords(deleted, search.words(), 0, Integer.MAX_VALUE));
        Map<String, Double> near = search.near(mapper.hexes(deleted));
        Map<UUID, String> nearest = nearest(deleted, near);
        found.forEach(row -> nearest.remove(row.id()));
        if (!nearest.isEmpty()) {
            mapper.withIds(deleted, nearest.keySet()).stream()
                    .map(row -> withFound(row, nearest.get(row.id())))
                    .sorted(Comparator.comparingDouble(row -> near.get(row.found())))
                    .forEach(found::add);
        }
        return found;
    }

    private Map<UUID, String> nearest(boolean deleted, Map<String, Double> near) {
        Map<UUID, String> nearest = new HashMap<>();
        if (!near.isEmpty()) {
            List<String> hexes = near.keySet().stream().limit(MOST_HEXES).toList();
            for (ColorOfBrand color : mapper.withHexes(deleted, hexes)) {
                nearest.merge(
                        color.brandId(), color.hex(), (one, other) -> near.get(one) <= near.get(other) ? one : other);
            }
        }
        return nearest;
    }

    private static ShelfRow withFound(ShelfRow row, @Nullable String found) {
        return new ShelfRow(
                row.id(), row.name(), row.shortCode(), row.revision(), row.changedAt(), row.deletedAt(), found);
    }

    private static ShelfResponse answer(ShelfRow row, List<String> colors) {
        return new ShelfResponse(
                row.id(),
                row.name(),
                row.shortCode(),
                row.revision(),
                colors,
                row.found(),
                row.changedAt(),
                row.deletedAt());
    }
}
