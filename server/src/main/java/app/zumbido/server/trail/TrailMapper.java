package app.zumbido.server.trail;

import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

@Mapper
interface TrailMapper {
    /** @return every step, oldest first */
    List<StepRow> ofBrand(@Param("brandId") UUID brandId);

    @Nullable
    StepRow find(@Param("brandId") UUID brandId, @Param("revision") long revision);

    /** @return the step on the way from the tip back to the beginning that was made on the given one */
    @Nullable
    StepRow following(@Param("brandId") UUID brandId, @Param("base") long base, @Param("tip") long tip);

    SnapshotRow snapshot(@Param("brandId") UUID brandId, @Param("revision") long revision);

    void insert(@Param("step") StepRow step, @Param("snapshot") byte @Nullable [] snapshot);

    /** @param snapshot a brand as deflated JSON */
    record SnapshotRow(byte[] snapshot) {}
}
