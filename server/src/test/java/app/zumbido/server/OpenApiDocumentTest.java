package app.zumbido.server;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.server.trail.IfMatch;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springdoc.core.utils.SpringDocUtils;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.boot.test.context.TestConfiguration;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Import;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/**
 * Holds the committed description of the HTTP interface against the controllers. After a change on purpose, write it
 * anew: {@code mvn -pl server test -Dtest=OpenApiDocumentTest -Dopenapi.write}, then {@code npm run types} in web.
 */
@ServerTest
@Import(OpenApiDocumentTest.Description.class)
class OpenApiDocumentTest {
    private static final Path COMMITTED = Path.of("../web/src/api/openapi.json");

    @LocalServerPort
    private int port;

    @Test
    void theCommittedDocumentIsWhatTheControllersSay() throws Exception {
        HttpRequest request = HttpRequest.newBuilder(URI.create("http://localhost:" + port + "/v3/api-docs"))
                .build();
        String served = HttpClient.newHttpClient()
                .send(request, BodyHandlers.ofString())
                .body();
        JsonMapper mapper = JsonMapper.builder()
                .enable(SerializationFeature.ORDER_MAP_ENTRIES_BY_KEYS)
                .enable(SerializationFeature.INDENT_OUTPUT)
                .build();
        String document =
                mapper.writeValueAsString(mapper.readValue(served, Map.class)).replace("\r\n", "\n") + "\n";
        if (System.getProperty("openapi.write") != null) {
            Files.createDirectories(COMMITTED.getParent());
            Files.writeString(COMMITTED, document);
        }
        assertThat(COMMITTED).content().isEqualTo(document);
    }

    /** What springdoc cannot see by itself. */
    @TestConfiguration
    static class Description {
        static {
            SpringDocUtils.getConfig().replaceWithSchema(IfMatch.class, new StringSchema());
        }

        @Bean
        OpenApiCustomizer description(@Qualifier("requestMappingHandlerMapping") RequestMappingHandlerMapping mapping) {
            Map<String, Class<?>> records = new HashMap<>();
            mapping.getHandlerMethods().values().forEach(method -> collect(method.getBeanType(), records));
            return api -> describe(api, records);
        }

        private static void describe(OpenAPI api, Map<String, Class<?>> records) {
            api.setInfo(new Info().title("Zumbido").version("1"));
            api.setServers(List.of());
            api.getComponents().getSchemas().forEach((name, schema) -> {
                Class<?> type = records.get(name);
                if (type != null) {
                    setRequired(schema, type);
                }
            });
        }

        /** Every component that is not marked nullable is there. */
        private static void setRequired(Schema<?> schema, Class<?> type) {
            List<String> required = new ArrayList<>();
            for (RecordComponent component : type.getRecordComponents()) {
                boolean nullable = component.getAnnotatedType().isAnnotationPresent(Nullable.class);
                if (!nullable && schema.getProperties().containsKey(component.getName())) {
                    required.add(component.getName());
                }
            }
            schema.setRequired(required);
        }

        private static void collect(Class<?> controller, Map<String, Class<?>> records) {
            Arrays.stream(controller.getDeclaredMethods()).forEach(method -> {
                collectType(method.getGenericReturnType(), records);
                Arrays.stream(method.getGenericParameterTypes()).forEach(type -> collectType(type, records));
            });
        }

        private static void collectType(Type type, Map<String, Class<?>> records) {
            if (type instanceof ParameterizedType generic) {
                Arrays.stream(generic.getActualTypeArguments()).forEach(argument -> collectType(argument, records));
            }
            if (type instanceof Class<?> plain
                    && plain.isRecord()
                    && records.put(plain.getSimpleName(), plain) == null) {
                for (RecordComponent component : plain.getRecordComponents()) {
                    collectType(component.getGenericType(), records);
                }
            }
        }
    }
}
