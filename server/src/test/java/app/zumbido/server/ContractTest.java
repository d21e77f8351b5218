package app.zumbido.server;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.formats.fonts.ShippedFaces;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublisher;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Stream;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.TestFactory;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.test.annotation.DirtiesContext;
import org.springframework.test.annotation.DirtiesContext.ClassMode;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Replays the written examples in {@code contract/}, in order, against the running server. An answer must have what the
 * example has: numbers to the digits written, {@code <any>} for whatever, {@code <none>} for a header that is not there, and
 * may have more fields.
 */
@ServerTest
// The examples begin on an empty shelf, whatever other tests have put on theirs.
@DirtiesContext(classMode = ClassMode.BEFORE_CLASS)
class ContractTest {
    private static final Path EXAMPLES = Path.of("src/test/resources/contract");
    private static final String BOUNDARY = "example-boundary";
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final Map<String, String> captured = new HashMap<>();
    private final HttpClient client = HttpClient.newHttpClient();

    @LocalServerPort
    private int port;

    @TestFactory
    List<DynamicTest> examples() throws IOException {
        try (Stream<Path> files = Files.list(EXAMPLES)) {
            return files.sorted()
                    .map(file -> DynamicTest.dynamicTest(file.getFileName().toString(), () -> replay(file)))
                    .toList();
        }
    }

    private void replay(Path file) throws IOException, InterruptedException {
        JsonNode example = JSON.readTree(filled(Files.readString(file)));
        HttpResponse<byte[]> response = client.send(request(example.get("request")), BodyHandlers.ofByteArray());
        JsonNode answer = example.get("answer");
        String body = new String(response.body(), StandardCharsets.UTF_8);

        assertThat(response.statusCode())
                .as(body)
                .isEqualTo(answer.get("status").asInt());
        answer.path("headers")
                .properties()
                .forEach(header -> assertHeader(
                        response, header.getKey(), header.getValue().asString()));
        if (answer.has("startsWith")) {
            assertThat(body).startsWith(answer.get("startsWith").asString());
        }
        if (answer.has("body")) {
            assertHas(JSON.readTree(body), answer.get("body"), "$");
        }
        if (response.statusCode() == 201 || response.statusCode() == 202) {
            assertLeadsSomewhere(response.headers().firstValue("Location").orElseThrow());
        }
        if (response.statusCode() >= 400) {
            assertThat(response.headers().firstValue("Content-Type")).contains("application/problem+json");
        }
        example.path("capture")
                .properties()
                .forEach(capture -> captured.put(
                        capture.getKey(),
                        JSON.readTree(body)
                                .at(pointer(capture.getValue().asString()))
                                .asString()));
    }

    /** Where what has been made can be fetched. */
    private void assertLeadsSomewhere(String location) throws IOException, InterruptedException {
        HttpRequest request = HttpRequest.newBuilder(URI.create("http://localhost:" + port + location))
                .build();
        assertThat(client.send(request, BodyHandlers.discarding()).statusCode())
                .as(location)
                .isEqualTo(200);
    }

    private static void assertHeader(HttpResponse<byte[]> response, String name, String value) {
        if (value.equals("<none>")) {
            assertThat(response.headers().firstValue(name)).as(name).isEmpty();
        } else {
            // A list may come in any order.
            assertThat(response.headers().firstValue(name).orElse("").split(", "))
                    .as(name)
                    .containsExactlyInAnyOrder(value.split(", "));
        }
    }

    /** A field by its name, or one further in by its JSON pointer. */
    private static String pointer(String field) {
        return field.startsWith("/") ? field : "/" + field;
    }

    private String filled(String text) {
        String filled = text;
        for (Map.Entry<String, String> entry : captured.entrySet()) {
            filled = filled.replace("${" + entry.getKey() + "}", entry.getValue());
        }
        return filled;
    }

    private HttpRequest request(JsonNode request) {
        HttpRequest.Builder builder = HttpRequest.newBuilder(
                URI.create("http://localhost:" + port + request.get("path").asString()));
        request.path("headers")
                .properties()
                .forEach(header ->
                        builder.header(header.getKey(), header.getValue().asString()));
        BodyPublisher body = BodyPublishers.noBody();
        if (request.has("file")) {
            builder.header("Content-Type", "multipart/form-data; boundary=" + BOUNDARY);
            body = multipart(request.get("file").asString());
        } else if (request.has("body")) {
            if (!request.path("headers").has("Content-Type")) {
                builder.header("Content-Type", "application/json");
            }
            JsonNode json = request.get("body");
            // A body that is a text is sent as it stands, so that an example can be unreadable.
            body = BodyPublishers.ofString(json.isString() ? json.asString() : json.toString());
        }
        return builder.method(request.get("method").asString(), body).build();
    }

    private static BodyPublisher multipart(String name) {
        String head = "--" + BOUNDARY + "\r\nContent-Disposition: form-data; name=\"file\"; filename=\"" + name
                + "\"\r\nContent-Type: image/png\r\n\r\n";
        return BodyPublishers.concat(
                BodyPublishers.ofString(head),
                BodyPublishers.ofByteArray(content(name)),
                BodyPublishers.ofString("\r\n--" + BOUNDARY + "--\r\n"));
    }

    private static byte[] content(String name) {
        byte[] logo = TestPictures.logo();
        return switch (name) {
            case "logo.png" -> logo;
            case "own.ttf" -> ShippedFaces.bytes("lora-700.ttf");
            case "evening-visits.pptx", "hill-by-day.svg" -> resource("/demo/" + name);
            case "broken.png" -> Arrays.copyOf(logo, logo.length / 2);
            default -> "This is no picture.".getBytes(StandardCharsets.UTF_8);
        };
    }

    private static byte[] resource(String name) {
        try (InputStream in = Objects.requireNonNull(ContractTest.class.getResourceAsStream(name))) {
            return in.readAllBytes();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static void assertHas(JsonNode actual, JsonNode expected, String at) {
        if (expected.isString() && expected.asString().equals("<any>")) {
            assertThat(actual.isNull() || actual.isMissingNode()).as(at).isFalse();
        } else if (expected.isObject()) {
            expected.properties()
                    .forEach(field ->
                            assertHas(actual.path(field.getKey()), field.getValue(), at + "." + field.getKey()));
        } else if (expected.isArray()) {
            assertThat(actual.size()).as(at).isEqualTo(expected.size());
            for (int i = 0; i < expected.size(); i++) {
                assertHas(actual.get(i), expected.get(i), at + "[" + i + "]");
            }
        } else if (expected.isDouble()) {
            int digits = expected.asString().replaceFirst(".*\\.", "").length();
            assertThat(actual.asDouble()).as(at).isCloseTo(expected.asDouble(), Offset.offset(Math.pow(10, -digits)));
        } else {
            assertThat(actual).as(at).isEqualTo(expected);
        }
    }
}
