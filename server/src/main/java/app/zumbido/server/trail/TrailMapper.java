package app.zumbido.server.trail;

import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

@Mapper
interface TrailMapper {
    @Nullable
    StepRow find(@Param("brandId") UUID brandId, @Param("revision") long revision);

    /** @return the step that was made on the given one, on the way from the tip back to the beginning */
    @Nullable
    StepRow following(@Param("brandId") UUID brandId, @Param("base") long base, @Param("tip") long tip);

    /** @return a step and those that lead back from it to the beginning, the newest first, up to a number */
    List<StepRow> way(@Param("brandId") UUID brandId, @Param("from") long from, @Param("most") int most);

    /** @return every step after a revision, undo and redo too, oldest first, up to a number */
    List<StepRow> since(@Param("brandId") UUID brandId, @Param("revision") long revision, @Param("most") int most);

    /** @return nothing for a step of undo or redo */
    @Nullable
    SnapshotRow snapshot(@Param("brandId") UUID brandId, @Param("revision") long revision);

    long count(@Param("brandId") UUID brandId);

    void insert(@Param("step") StepRow step, @Param("snapshot") byte @Nullable [] snapshot);

    /** @param snapshot a brand as deflated JSON */
    record SnapshotRow(byte[] snapshot) {}
}
