package app.zumbido.server.theme;

import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

@Mapper
public interface ThemeMapper {
    @Nullable
    ThemeRow ofBrand(@Param("brandId") UUID brandId);

    List<SlotRow> slots(@Param("themeId") UUID themeId);

    void insert(ThemeRow row);

    void update(ThemeRow row);

    void insertSlot(SlotRow row);

    void deleteSlots(@Param("themeId") UUID themeId);
}
