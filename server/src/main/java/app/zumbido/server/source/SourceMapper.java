package app.zumbido.server.source;

import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

@Mapper
interface SourceMapper {
    /** @return oldest first */
    List<SourceRow> ofBrand(@Param("brandId") UUID brandId);

    @Nullable
    SourceRow find(@Param("brandId") UUID brandId, @Param("id") UUID id);

    void insert(SourceRow row);

    /** @return names of the blobs that some source needs */
    Set<String> blobs();
}
