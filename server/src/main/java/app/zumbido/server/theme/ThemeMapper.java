package app.zumbido.server.theme;

import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
public interface ThemeMapper {
    /** @return every theme of the brand in its order */
    List<ThemeRow> ofBrand(@Param("brandId") UUID brandId);

    List<SlotRow> slots(@Param("themeId") UUID themeId);

    void insert(ThemeRow row);

    void insertSlot(SlotRow row);

    void deleteSlots(@Param("brandId") UUID brandId);

    void deleteOfBrand(@Param("brandId") UUID brandId);
}
