package app.zumbido.server.delivery;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.handover.OpenPoint;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

@Mapper
interface HandedOverMapper {
    void insert(HandedOverRow row);

    /** @return the last ones first */
    List<HandedOverRow> ofBrand(@Param("brandId") UUID brandId, @Param("most") int most);

    @Nullable
    HandedOverRow find(@Param("brandId") UUID brandId, @Param("id") UUID id);

    /** @return names of all files that were handed over */
    Set<String> blobs();

    /** @return the colours of every other brand on the shelf, each brand's once */
    List<ForeignColor> foreign(UUID brandId);

    /** A colour of another brand. */
    record ForeignColor(UUID brandId, String brandName, String hex) {
        OpenPoint.Foreign color() {
            return new OpenPoint.Foreign(brandId, brandName, Rgb.ofHex(hex));
        }
    }
}
