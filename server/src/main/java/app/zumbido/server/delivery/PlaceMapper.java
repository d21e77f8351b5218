package app.zumbido.server.delivery;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

@Mapper
interface PlaceMapper {
    void insert(PlaceRow row);

    /** @return in the order of their making */
    List<PlaceRow> ofBrand(UUID brandId);

    @Nullable
    PlaceRow find(@Param("brandId") UUID brandId, @Param("id") UUID id);

    void update(
            @Param("id") UUID id, @Param("name") String name, @Param("kind") String kind, @Param("given") String given);

    /** @param removedAt nothing: it is there again */
    int setRemoved(
            @Param("brandId") UUID brandId, @Param("id") UUID id, @Param("removedAt") @Nullable Instant removedAt);
}
