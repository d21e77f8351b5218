package app.zumbido.server;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.server.http.IfMatch;
import app.zumbido.server.http.WireNames;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.Operation;
import io.swagger.v3.oas.models.headers.Header;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Content;
import io.swagger.v3.oas.models.media.IntegerSchema;
import io.swagger.v3.oas.models.media.MediaType;
import io.swagger.v3.oas.models.media.ObjectSchema;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import io.swagger.v3.oas.models.responses.ApiResponse;
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
import java.util.Objects;
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
            api.getComponents().addSchemas(PROBLEM, problemSchema());
            api.getComponents().getSchemas().values().forEach(Description::nameAsOnTheWire);
            api.getPaths()
                    .values()
                    .forEach(item -> item.readOperations().forEach(operation -> {
                        if (operation.getParameters() != null) {
                            operation.getParameters().forEach(parameter -> nameAsOnTheWire(parameter.getSchema()));
                        }
                    }));
            PROBLEMS.forEach(
                    (status, description) -> api.getComponents().addResponses(PROBLEM + status, problem(description)));
            api.getPaths().forEach((path, item) -> item.readOperations().forEach(Description::describe));
            api.getComponents().getSchemas().forEach((name, schema) -> {
                Class<?> type = records.get(name);
                if (type != null) {
                    setRequired(schema, type);
                }
            });
        }

        /** The library describes names as Java writes them. */
        private static void nameAsOnTheWire(@Nullable Schema<?> schema) {
            if (schema == null) {
                return;
            }
            if (schema.getEnum() != null) {
                @SuppressWarnings("unchecked")
                Schema<Object> named = (Schema<Object>) schema;
                named.setEnum(named.getEnum().stream()
                        .<Object>map(name -> nameOnTheWire(String.valueOf(name)))
                        .toList());
            }
            nameAsOnTheWire(schema.getItems());
            if (schema.getDefault() instanceof String otherwise) {
                schema.setDefault(nameOnTheWire(otherwise));
            }
            if (schema.getProperties() != null) {
                schema.getProperties().values().forEach(Description::nameAsOnTheWire);
            }
        }

        private static String nameOnTheWire(String text) {
            boolean isConstant = text.matches("[A-Z][A-Z0-9_]+") && !LEVELS.contains(text);
            return isConstant ? WireNames.of(text) : text;
        }

        private static final List<String> LEVELS = List.of("AA", "AAA");

        private static final String PROBLEM = "Problem";

        private static final Map<Integer, String> PROBLEMS = Map.of(
                400, "The request cannot be read",
                404, "Something that is named does not exist",
                412, "The brand has moved on since; the problem says what has happened",
                422, "A value cannot be taken, or what is asked cannot be done",
                428, "A change needs If-Match",
                503, "Too much is waiting to be done already");

        private static Schema<?> problemSchema() {
            Schema<?> schema = new ObjectSchema()
                    .description("RFC 9457; some types have members of their own")
                    .addProperty("type", new StringSchema())
                    .addProperty("title", new StringSchema())
                    .addProperty("status", new IntegerSchema())
                    .addProperty("detail", new StringSchema())
                    .addProperty("instance", new StringSchema());
            schema.setRequired(List.of("type", "title", "status", "detail"));
            return schema;
        }

        /** What every operation of a kind can answer, and the revision that goes with a brand. */
        private static void describe(Operation operation) {
            boolean changes = operation.getParameters() != null
                    && operation.getParameters().stream().anyMatch(parameter -> "If-Match".equals(parameter.getName()));
            boolean named = operation.getParameters() != null
                    && operation.getParameters().stream().anyMatch(parameter -> "path".equals(parameter.getIn()));
            boolean said = operation.getRequestBody() != null || operation.getParameters() != null;
            operation.getResponses().values().forEach(response -> {
                Content content = response.getContent();
                if (content != null && content.containsKey("*/*")) {
                    content.addMediaType("application/json", content.remove("*/*"));
                }
                if (isWithRevision(content)) {
                    response.addHeaderObject(
                            "ETag",
                            new Header()
                                    .description("The revision of the brand, in quotes")
                                    .schema(new StringSchema()));
                }
            });
            boolean taken = operation.getResponses().containsKey("202");
            add(operation, 400, said);
            // Long work names in its body what it is done for.
            add(operation, 404, named || taken);
            add(operation, 412, changes);
            add(operation, 422, said);
            add(operation, 428, changes);
            add(operation, 503, taken);
        }

        private static boolean isWithRevision(@Nullable Content content) {
            return content != null
                    && content.values().stream()
                            .map(MediaType::getSchema)
                            .filter(Objects::nonNull)
                            .anyMatch(schema -> "#/components/schemas/BrandResponse".equals(schema.get$ref()));
        }

        private static void add(Operation operation, int status, boolean possible) {
            if (possible) {
                operation
                        .getResponses()
                        .addApiResponse(
                                String.valueOf(status),
                                new ApiResponse().$ref("#/components/responses/" + PROBLEM + status));
            }
        }

        private static ApiResponse problem(String description) {
            Schema<?> schema = new Schema<>().$ref("#/components/schemas/" + PROBLEM);
            return new ApiResponse()
                    .description(description)
                    .content(new Content().addMediaType("application/problem+json", new MediaType().schema(schema)));
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
