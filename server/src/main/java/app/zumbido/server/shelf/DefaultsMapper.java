package app.zumbido.server.shelf;

import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

@Mapper
interface DefaultsMapper {
    /** @return nothing until somebody has set them */
    @Nullable
    FontsRow fonts();

    /** @return names of own groups, in order */
    List<String> groups();

    void deleteFonts();

    void deleteGroups();

    void insertFonts(@Param("headingFont") String headingFont, @Param("bodyFont") String bodyFont);

    void insertGroup(@Param("position") int position, @Param("name") String name);

    /** The one row of the table brand_defaults. */
    record FontsRow(String headingFont, String bodyFont) {}
}
