package app.zumbido.server.job;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.brand.Brand;
import app.zumbido.server.ServerTest;
import app.zumbido.server.trail.BrandKeeper;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.OutputStream;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

@ServerTest
@Timeout(value = 30, unit = TimeUnit.SECONDS)
class JobsTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final HttpClient client = HttpClient.newHttpClient();

    @Autowired
    private BrandKeeper keeper;

    @Autowired
    private Jobs jobs;

    @LocalServerPort
    private int port;

    private HttpResponse<String> send(String method, String path, String body) throws Exception {
        HttpRequest request = HttpRequest.newBuilder(URI.create("http://localhost:" + port + path))
                .header("Content-Type", "application/json")
                .method(method, body.isEmpty() ? BodyPublishers.noBody() : BodyPublishers.ofString(body))
                .build();
        return client.send(request, BodyHandlers.ofString());
    }

    private List<String> events(String path) throws Exception {
        HttpRequest request = HttpRequest.newBuilder(URI.create("http://localhost:" + port + path + "/events"))
                .build();
        HttpResponse<InputStream> response = client.send(request, BodyHandlers.ofInputStream());
        List<String> names = new ArrayList<>();
        try (BufferedReader lines =
                new BufferedReader(new InputStreamReader(response.body(), StandardCharsets.UTF_8))) {
            for (String line = lines.readLine(); line != null; line = lines.readLine()) {
                if (line.startsWith("event:")) {
                    names.add(line.substring("event:".length()));
                }
            }
        }
        return names;
    }

    private String order(Brand brand, String what) {
        return "{\"kind\":\"delivery\",\"brandId\":\"" + brand.id() + "\",\"what\":\"" + what + "\"}";
    }

    @Test
    void makesTheSameFileAsTheAddressOfTheDelivery() throws Exception {
        Brand brand = keeper.begin("Ostrel Ferries", Optional.empty()).brand();
        HttpResponse<String> taken = send("POST", "/api/jobs", order(brand, "css"));
        assertThat(taken.statusCode()).isEqualTo(202);
        String path = taken.headers().firstValue("Location").orElseThrow();

        assertThat(events(path)).last().isEqualTo("done");
        JsonNode job = JSON.readTree(send("GET", path, "").body());
        assertThat(job.get("state").asString()).isEqualTo("done");
        String file = send("GET", path + "/file", "").body();
        assertThat(file)
                .isEqualTo(send("GET", "/api/brands/" + brand.id() + "/deliveries/css", "")
                        .body());
        assertThat(job.get("bytes").asInt()).isEqualTo(file.getBytes(StandardCharsets.UTF_8).length);

        assertThat(send("DELETE", path, "").statusCode()).isEqualTo(204);
        assertThat(send("GET", path, "").statusCode()).isEqualTo(404);
    }

    @Test
    void refusesAtOnceWhatCannotBeDone() throws Exception {
        Brand brand = keeper.begin("Ostrel Ferries", Optional.empty()).brand();
        assertThat(send("POST", "/api/jobs", order(brand, "presentation-wide")).body())
                .contains("/problems/slot-unfilled");
        assertThat(send("POST", "/api/jobs", order(brand, "nothing")).body()).contains("/problems/unknown-delivery");
        assertThat(send("POST", "/api/jobs", order(brand, "css").replace("delivery", "dream"))
                        .body())
                .contains("/problems/unknown-kind-of-job");
        assertThat(send("POST", "/api/jobs", "{}").statusCode()).isEqualTo(422);
    }

    /** Writes until it is stopped. */
    private static final class Endless implements JobWork {
        private final CountDownLatch begun = new CountDownLatch(1);

        @Override
        public String fileName() {
            return "endless.txt";
        }

        @Override
        public String mediaType() {
            return "text/plain";
        }

        @Override
        public void write(OutputStream out, Runnable step) throws IOException {
            while (true) {
                out.write(new byte[1 << 10]);
                begun.countDown();
            }
        }
    }

    @Test
    void isStoppedByDeletingItAndTellsWhoeverListens() throws Exception {
        Endless endless = new Endless();
        String path = "/api/jobs/" + jobs.start(endless).id();
        Job waiting = jobs.start(new Endless());
        endless.begun.await();
        assertThat(send("GET", path + "/file", "").body())
                .contains("/problems/job-has-no-file")
                .contains("running");
        assertThat(waiting.state()).isEqualTo(JobState.WAITING);
        assertThat(send("DELETE", "/api/jobs/" + waiting.id(), "").statusCode()).isEqualTo(204);
        assertThat(send("DELETE", path, "").statusCode()).isEqualTo(204);
        assertThat(events(path)).last().isEqualTo("stopped");
        assertThat(events("/api/jobs/" + waiting.id())).containsExactly("stopped");
    }
}
