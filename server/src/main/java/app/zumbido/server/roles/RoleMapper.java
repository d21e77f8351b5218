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
}
