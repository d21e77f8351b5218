package app.zumbido.server.shelf;

import app.zumbido.server.shelf.BrandMapper.ShelfColorRow;
import app.zumbido.server.shelf.ShelfController.ShelfResponse;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** All brands. */
@Service
class Shelf {
    private final BrandMapper brands;

    Shelf(BrandMapper brands) {
        this.brands = brands;
    }

    /**
     * @param deleted whether to list the ones that were taken off and can be put back
     * @param text what is looked for; empty: all of them
     * @return the best found first, then the ones changed last
     */
    @Transactional(readOnly = true)
    public List<ShelfResponse> list(boolean deleted, String text) {
        ShelfSearch search = ShelfSearch.of(text);
        Map<UUID, List<ShelfColorRow>> colors =
                brands.colors(deleted).stream().collect(Collectors.groupingBy(ShelfColorRow::brandId));
        record Hit(BrandRow row, List<ShelfColorRow> colors, ShelfSearch.Match match) {}
        return brands.list(deleted).stream()
                .flatMap(row -> {
                    List<ShelfColorRow> own = colors.getOrDefault(row.id(), List.of());
                    return search.match(row, own).map(match -> new Hit(row, own, match)).stream();
                })
                .sorted(Comparator.comparingDouble(hit -> hit.match().distance()))
                .map(hit -> answer(hit.row(), hit.colors(), hit.match()))
                .toList();
    }

    private static ShelfResponse answer(BrandRow row, List<ShelfColorRow> colors, ShelfSearch.Match match) {
        return new ShelfResponse(
                row.id(),
                row.name(),
                row.shortCode(),
                row.revision(),
                colors.stream().map(ShelfColorRow::hex).toList(),
                match.hex(),
                row.changedAt(),
                row.deletedAt());
    }
}
