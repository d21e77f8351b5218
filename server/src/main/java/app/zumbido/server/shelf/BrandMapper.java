package app.zumbido.server.shelf;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

@Mapper
public interface BrandMapper {
    @Nullable
    BrandRow find(@Param("id") UUID id);

    /** @return the ones changed last first */
    List<BrandRow> list(@Param("deleted") boolean deleted);

    /** @return the swatches of every brand on the shelf, in order */
    List<ShelfColorRow> colors(@Param("deleted") boolean deleted);

    void insert(BrandRow row);

    void update(BrandRow row);

    void markDeleted(@Param("id") UUID id, @Param("at") @Nullable Instant at);

    /** A color of a brand, and what its swatch is called. */
    record ShelfColorRow(UUID brandId, String hex, String name) {}
}
