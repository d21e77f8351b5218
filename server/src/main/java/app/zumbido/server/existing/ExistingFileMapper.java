package app.zumbido.server.existing;

import java.time.Instant;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

@Mapper
public interface ExistingFileMapper {
    /** What was left on purpose in a file and its later versions. */
    record LeftRow(String fault, String because, Instant leftAt) {}

    /** @return oldest first, without those that were removed */
    List<ExistingFileRow> ofBrand(@Param("brandId") UUID brandId);

    @Nullable
    ExistingFileRow find(@Param("brandId") UUID brandId, @Param("id") UUID id);

    void insert(ExistingFileRow row);

    /**
     * @param removedAt nothing: it is put back
     * @return how many there are: 1, or 0 if it is unknown
     */
    int setRemoved(
            @Param("brandId") UUID brandId, @Param("id") UUID id, @Param("removedAt") @Nullable Instant removedAt);

    List<LeftRow> left(@Param("brandId") UUID brandId, @Param("lineage") UUID lineage);

    /** Puts a reason in the place of one that was given before. */
    void leave(
            @Param("brandId") UUID brandId,
            @Param("lineage") UUID lineage,
            @Param("fault") String fault,
            @Param("because") String because,
            @Param("leftAt") Instant leftAt);

    int takeBack(@Param("brandId") UUID brandId, @Param("lineage") UUID lineage, @Param("fault") String fault);

    /** @return names of the blobs that some file needs, those that were removed too, since they can be put back */
    Set<String> blobs();
}
