package app.zumbido.server.roles;

import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
public interface RoleMapper {
    /** @return role by role, each in its order */
    List<RoleRow> ofBrand(@Param("brandId") UUID brandId);

    void insert(RoleRow row);

    void deleteOfBrand(@Param("brandId") UUID brandId);

    List<WordsRow> words(@Param("brandId") UUID brandId);

    void insertWords(@Param("brandId") UUID brandId, @Param("role") String role, @Param("words") String words);

    void deleteWords(@Param("brandId") UUID brandId);

    SharesRow shares(@Param("brandId") UUID brandId);

    void updateShares(
            @Param("brandId") UUID brandId,
            @Param("shareMain") int shareMain,
            @Param("shareSecondary") int shareSecondary,
            @Param("shareHighlight") int shareHighlight);

    /** What a role is for, in the brand's own words. */
    record WordsRow(String role, String words) {}

    /** Percent of a page; together 100. */
    record SharesRow(int shareMain, int shareSecondary, int shareHighlight) {}
}
