package app.zumbido.server.http;

import app.zumbido.core.color.WcagLevel;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.stereotype.Component;
import tools.jackson.databind.EnumNamingStrategy;
import tools.jackson.databind.cfg.MapperConfig;
import tools.jackson.databind.introspect.AnnotatedClass;
import tools.jackson.databind.json.JsonMapper;

/** How one of several is named in JSON, asked and answered: lower case with hyphens. The levels of WCAG keep their own names. */
@Component
public class WireNames implements JsonMapperBuilderCustomizer, EnumNamingStrategy {
    @Override
    public void customize(JsonMapper.Builder builder) {
        builder.enumNamingStrategy(this);
    }

    @Override
    public String convertEnumToExternalName(MapperConfig<?> config, @Nullable AnnotatedClass type, String constant) {
        boolean isLevel = type != null && type.getRawType() == WcagLevel.class;
        return isLevel ? constant : of(constant);
    }

    /** @param constant as Java writes it */
    public static String of(String constant) {
        return constant.toLowerCase(Locale.ROOT).replace('_', '-');
    }

    public static String of(Enum<?> constant) {
        return of(constant.name());
    }
}
