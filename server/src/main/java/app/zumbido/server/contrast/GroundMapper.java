package app.zumbido.server.contrast;

import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
public interface GroundMapper {
    List<PairRuleRow> rules(@Param("brandId") UUID brandId);

    void insertRule(PairRuleRow row);

    void deleteRules(@Param("brandId") UUID brandId);

    List<ComposedGroundRow> composed(@Param("brandId") UUID brandId);

    void insertComposed(ComposedGroundRow row);

    void deleteComposed(@Param("brandId") UUID brandId);

    /** @return ground by ground, each in its order */
    List<GradientStopRow> stops(@Param("brandId") UUID brandId);

    void insertStop(GradientStopRow row);

    void deleteStops(@Param("brandId") UUID brandId);
}
