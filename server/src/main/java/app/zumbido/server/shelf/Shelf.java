package app.zumbido.server.shelf;

import app.zumbido.server.shelf.BrandMapper.ShelfColorRow;
import app.zumbido.server.shelf.ShelfController.ShelfResponse;
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

    /** @param deleted whether to list the ones that were taken off and can be put back */
    @Transactional(readOnly = true)
    public List<ShelfResponse> list(boolean deleted) {
        Map<UUID, List<String>> colors = brands.colors(deleted).stream()
                .collect(Collectors.groupingBy(
                        ShelfColorRow::brandId, Collectors.mapping(ShelfColorRow::hex, Collectors.toList())));
        return brands.list(deleted).stream()
                .map(row -> new ShelfResponse(
                        row.id(),
                        row.name(),
                        row.shortCode(),
                        row.revision(),
                        colors.getOrDefault(row.id(), List.of()),
                        row.changedAt(),
                        row.deletedAt()))
                .toList();
    }
}
