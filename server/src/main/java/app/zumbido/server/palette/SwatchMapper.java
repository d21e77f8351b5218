package app.zumbido.server.palette;

import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
public interface SwatchMapper {
    /** @return in the order of the palette */
    List<SwatchRow> ofBrand(@Param("brandId") UUID brandId);

    void insert(SwatchRow row);

    /** @return swatch by swatch, each in the order in which its places were found */
    List<OriginRow> origins(@Param("brandId") UUID brandId);

    void insertOrigin(OriginRow row);

    void deleteOrigins(@Param("brandId") UUID brandId);

    void deleteOfBrand(@Param("brandId") UUID brandId);

    /** @return names of all groups in their order */
    List<String> groups(@Param("brandId") UUID brandId);

    void insertGroup(@Param("brandId") UUID brandId, @Param("position") int position, @Param("name") String name);

    void deleteGroups(@Param("brandId") UUID brandId);

    /** @return keys of the remarks that were put aside, in that order */
    List<String> asides(@Param("brandId") UUID brandId);

    void insertAside(@Param("brandId") UUID brandId, @Param("position") int position, @Param("remark") String remark);

    void deleteAsides(@Param("brandId") UUID brandId);
}
