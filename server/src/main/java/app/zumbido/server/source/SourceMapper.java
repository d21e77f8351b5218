package app.zumbido.server.source;

import java.time.Instant;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

@Mapper
public interface SourceMapper {
    /** @return oldest first, without those that were removed */
    List<SourceRow> ofBrand(@Param("brandId") UUID brandId);

    @Nullable
    SourceRow find(@Param("brandId") UUID brandId, @Param("id") UUID id);

    /** @return it, even if it was removed */
    @Nullable
    SourceRow findKept(@Param("brandId") UUID brandId, @Param("id") UUID id);

    /** @return those that were removed, oldest first */
    List<SourceRow> removedOf(@Param("brandId") UUID brandId);

    void insert(SourceRow row);

    /**
     * @param removedAt nothing: it is put back
     * @return how many there are: 1, or 0 if it is unknown
     */
    int setRemoved(
            @Param("brandId") UUID brandId, @Param("id") UUID id, @Param("removedAt") @Nullable Instant removedAt);

    /** @return names of the blobs that some source needs, those that were removed too, since they can be put back */
    Set<String> blobs();
}
