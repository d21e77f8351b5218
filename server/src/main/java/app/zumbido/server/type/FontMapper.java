package app.zumbido.server.type;

import java.time.Instant;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

@Mapper
public interface FontMapper {
    /** @param brandId nothing: only those that every brand has @return those too, in the order of their names */
    List<FontRow> at(@Nullable UUID brandId);

    /** @return only what a brand alone has */
    List<FontRow> ofBrand(UUID brandId);

    @Nullable
    FontRow find(UUID id);

    /** @param brandId nothing: of every brand */
    @Nullable
    FontRow same(@Param("blob") String blob, @Param("face") int face, @Param("brandId") @Nullable UUID brandId);

    void insert(FontRow row);

    void setRemoved(@Param("id") UUID id, @Param("removedAt") Instant removedAt);

    /** Does nothing where the same face has been given again meanwhile. */
    void putBack(UUID id);

    /** @return names of all files that a font is in */
    Set<String> blobs();
}
