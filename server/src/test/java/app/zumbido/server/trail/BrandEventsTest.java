package app.zumbido.server.trail;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.brand.BrandChange;
import app.zumbido.server.ServerTest;
import app.zumbido.server.http.IfMatch;
import java.io.BufferedReader;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;

@ServerTest
class BrandEventsTest {
    @Autowired
    private BrandKeeper keeper;

    @LocalServerPort
    private int port;

    @Test
    @Timeout(value = 30, unit = TimeUnit.SECONDS)
    void tellsAnOpenWindowOfEveryNewRevision() throws Exception {
        UUID id = keeper.begin("Ostrel Ferries", Optional.empty()).brand().id();
        HttpRequest request = HttpRequest.newBuilder(
                        URI.create("http://localhost:" + port + "/api/brands/" + id + "/events"))
                .build();
        HttpResponse<InputStream> response = HttpClient.newHttpClient().send(request, BodyHandlers.ofInputStream());
        assertThat(response.headers().firstValue("Content-Type").orElse("")).startsWith("text/event-stream");
        try (BufferedReader lines =
                new BufferedReader(new InputStreamReader(response.body(), StandardCharsets.UTF_8))) {
            keeper.change(id, IfMatch.anything(), brand -> new BrandChange.RenameBrand("A"));
            assertThat(nextData(lines)).isEqualTo("data:2");
            keeper.undo(id, IfMatch.anything());
            assertThat(nextData(lines)).isEqualTo("data:3");
        }
    }

    /** One window listens for all. */
    @Test
    @Timeout(value = 30, unit = TimeUnit.SECONDS)
    void tellsWhoListensForAllOfEveryBrand() throws Exception {
        UUID one = keeper.begin("Ostrel Ferries", Optional.empty()).brand().id();
        UUID other =
                keeper.begin("Kestrin Observatory", Optional.empty()).brand().id();
        HttpRequest request = HttpRequest.newBuilder(URI.create("http://localhost:" + port + "/api/events"))
                .build();
        HttpResponse<InputStream> response = HttpClient.newHttpClient().send(request, BodyHandlers.ofInputStream());
        try (BufferedReader lines =
                new BufferedReader(new InputStreamReader(response.body(), StandardCharsets.UTF_8))) {
            keeper.change(one, IfMatch.anything(), brand -> new BrandChange.RenameBrand("A"));
            keeper.change(other, IfMatch.anything(), brand -> new BrandChange.RenameBrand("B"));
            assertThat(nextData(lines)).isEqualTo("data:{\"brand\":\"" + one + "\",\"revision\":2}");
            assertThat(nextData(lines)).isEqualTo("data:{\"brand\":\"" + other + "\",\"revision\":2}");
        }
    }

    private static String nextData(BufferedReader lines) throws Exception {
        String line = lines.readLine();
        while (!line.startsWith("data:")) {
            line = lines.readLine();
        }
        return line;
    }
}
