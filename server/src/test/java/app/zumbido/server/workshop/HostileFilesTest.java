package app.zumbido.server.workshop;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.server.ServerTest;
import app.zumbido.server.TestPictures;
import app.zumbido.server.trail.BrandKeeper;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.test.context.TestPropertySource;

/** Files that take for ever to draw are refused with what to do, and nobody else waits for them. */
@ServerTest
@TestPropertySource(properties = "zumbido.drawing-budget=2s")
class HostileFilesTest {
    private static final String BOUNDARY = "between-the-parts";

    private final HttpClient client = HttpClient.newHttpClient();

    @Autowired
    private BrandKeeper keeper;

    @LocalServerPort
    private int port;

    private String brand = "";

    @BeforeEach
    void begin() {
        brand = "http://localhost:" + port + "/api/brands/"
                + keeper.begin("Ostrel Ferries", Optional.empty()).brand().id();
    }

    private HttpRequest upload(String where, String name, byte[] file) {
        return HttpRequest.newBuilder(URI.create(brand + where))
                .timeout(Duration.ofSeconds(60))
                .header("Content-Type", "multipart/form-data; boundary=" + BOUNDARY)
                .POST(BodyPublishers.concat(
                        BodyPublishers.ofString("--" + BOUNDARY
                                + "\r\nContent-Disposition: form-data; name=\"file\"; filename=\"" + name
                                + "\"\r\n\r\n"),
                        BodyPublishers.ofByteArray(file),
                        BodyPublishers.ofString("\r\n--" + BOUNDARY + "--\r\n")))
                .build();
    }

    private HttpResponse<String> get(String path) throws Exception {
        return client.send(HttpRequest.newBuilder(URI.create(brand + path)).build(), BodyHandlers.ofString());
    }

    static Stream<Arguments> endless() {
        return Stream.of(
                Arguments.of("/sources", "forms.pdf", HostileFiles.nestedForms()),
                Arguments.of("/sources", "shading.pdf", HostileFiles.programmedShading()),
                Arguments.of("/sources", "filter.svg", HostileFiles.wideFilter()),
                Arguments.of("/files", "filter.svg", HostileFiles.wideFilter()),
                Arguments.of("/sources", "dashes.svg", HostileFiles.fineDashes()));
    }

    @ParameterizedTest
    @MethodSource("endless")
    void isRefusedWithWhatToDoAndNothingIsKept(String where, String name, byte[] file) throws Exception {
        HttpResponse<String> answer = client.send(upload(where, name, file), BodyHandlers.ofString());
        assertThat(answer.statusCode()).isEqualTo(422);
        assertThat(answer.body()).contains("/problems/too-much-work").contains("export it as PNG");
        assertThat(get(where).body()).isEqualTo("[]");
    }

    /** A page whose text takes for ever is seen all the same. */
    @Test
    void lettersThatNobodySeesAreNotReadForEver() throws Exception {
        HttpResponse<String> answer =
                client.send(upload("/sources", "hidden.pdf", HostileFiles.hiddenLetters()), BodyHandlers.ofString());
        assertThat(answer.statusCode()).isEqualTo(201);
        Matcher id = Pattern.compile("\"id\":\"([^\"]+)\"").matcher(answer.body());
        assertThat(id.find()).isTrue();
        HttpResponse<String> proposals = get("/sources/" + id.group(1) + "/proposals");
        assertThat(proposals.statusCode()).isEqualTo(200);
        assertThat(proposals.body()).contains("#FF0000");
    }

    /** Two are drawn at a time: the third is told when to come again, and pixels are decoded meanwhile. */
    @Test
    void holdsNobodyElseUp() throws Exception {
        List<CompletableFuture<HttpResponse<String>>> endless = Stream.generate(HostileFiles::nestedForms)
                .limit(3)
                .map(file -> client.sendAsync(upload("/sources", "forms.pdf", file), BodyHandlers.ofString()))
                .toList();
        while (!endless.stream().allMatch(CompletableFuture::isDone)) {
            HttpResponse<String> pixels =
                    client.send(upload("/sources", "logo.png", TestPictures.logo()), BodyHandlers.ofString());
            assertThat(pixels.statusCode()).isEqualTo(201);
        }
        List<HttpResponse<String>> answers =
                endless.stream().map(CompletableFuture::join).toList();
        assertThat(answers).extracting(HttpResponse::statusCode).containsExactlyInAnyOrder(422, 422, 503);
        assertThat(answers)
                .filteredOn(answer -> answer.statusCode() == 503)
                .allSatisfy(answer ->
                        assertThat(answer.headers().firstValue("Retry-After")).contains("1"));
        byte[] plain = "<svg xmlns='http://www.w3.org/2000/svg' width='9' height='9'><path d='M0 0h9v9z'/></svg>"
                .getBytes(StandardCharsets.UTF_8);
        assertThat(client.send(upload("/sources", "plain.svg", plain), BodyHandlers.ofString())
                        .statusCode())
                .isEqualTo(201);
    }
}
