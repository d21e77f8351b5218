package app.zumbido.server.trail;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

/** The row of each brand, and its colours as the shelf looks for them. */
@Mapper
interface BrandMapper {
    @Nullable
    BrandRow find(@Param("id") UUID id);

    /** @return how many there are, on the shelf and off it */
    long count();

    void insert(BrandRow row);

    /** @param seen the revision that the change was made on @return 0 if the brand has moved on or left the shelf since */
    int update(@Param("row") BrandRow row, @Param("seen") long seen);

    /** @return 0 if the brand has moved on since */
    int markDeleted(@Param("id") UUID id, @Param("at") Instant at, @Param("seen") long seen);

    void putBack(@Param("id") UUID id);

    void deleteColors(@Param("brandId") UUID brandId);

    void insertColors(@Param("colors") List<ShelfColorRow> colors);

    /** A colour of a brand in the order of its palette, and what its swatch is called. */
    record ShelfColorRow(UUID brandId, int position, String hex, String name) {}
}
